package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.trial.SpecksNeeded;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Words;

/** How sure an answer so many specks give: half the width of its range over their number. */
public final class SpecksChart {
  private static final double LEFT = 62;
  private static final double RIGHT = 24;
  private static final double TOP = 12;
  private static final double BOTTOM = 44;
  private static final int FEWEST = 10;
  private static final double MOST = 0.25;
  private static final double POINTS = 0.05;
  private static final int PARTS = 28;
  private static final double RING = 9;
  private static final int[] WRITTEN = {10, 20, 50, 100, 200, 500, 1000, 2000, 5000};

  private SpecksChart() {}

  /**
   * Draws the curve.
   *
   * @param share the recovery one expects, 0.01 to 0.99
   * @param specks those chosen for a run, from 1
   * @param runs of each machine, from 1
   */
  public static Drawing of(
      Words words, double share, int specks, int runs, double width, double height) {
    int last = Math.clamp(2L * specks, 200, 10_000);
    double floor = height - BOTTOM;
    List<Mark> marks = new ArrayList<>();
    for (double points = POINTS; points < MOST; points += POINTS) {
      double y = y(points, floor);
      marks.add(new Mark.Stroke(LEFT, y, width - RIGHT, y, "chart-grid"));
      marks.add(
          new Mark.Writing(
              LEFT - 8,
              y + 5,
              words.of("trial.plus-minus", words.fixed(100 * points, 0)),
              Anchor.RIGHT,
              "chart-muted"));
    }
    for (int count : WRITTEN) {
      if (count <= last) {
        double x = x(count, last, width);
        marks.add(new Mark.Stroke(x, TOP, x, floor, "chart-grid"));
        marks.add(
            new Mark.Writing(x, floor + 18, Integer.toString(count), Anchor.MIDDLE, "chart-muted"));
      }
    }
    marks.add(new Mark.Path(curve(share, runs, last, width, floor), "chart-gold-line"));
    double half = SpecksNeeded.halfWidth(share, Math.max(FEWEST, specks), runs);
    marks.add(
        new Mark.Dot(
            x(Math.clamp(specks, FEWEST, last), last, width),
            y(half, floor),
            RING,
            "chart-expected-dot"));
    marks.add(
        new Mark.Writing(
            (LEFT + width - RIGHT) / 2,
            height - 4,
            words.of("trial.curve.axis"),
            Anchor.MIDDLE,
            "chart-muted"));
    return new Drawing(width, height, marks);
  }

  private static List<Spot> curve(double share, int runs, int last, double width, double floor) {
    List<Spot> spots = new ArrayList<>();
    int before = 0;
    for (int i = 0; i <= PARTS; i++) {
      int count = (int) Math.round(FEWEST * Math.pow((double) last / FEWEST, (double) i / PARTS));
      double half = SpecksNeeded.halfWidth(share, count, runs);
      if (count != before && half <= MOST) {
        spots.add(new Spot(x(count, last, width), y(half, floor)));
      }
      before = count;
    }
    return spots;
  }

  private static double x(double count, int last, double width) {
    return LEFT
        + (width - LEFT - RIGHT) * Math.log(count / FEWEST) / Math.log((double) last / FEWEST);
  }

  private static double y(double half, double floor) {
    return floor - (floor - TOP) * Math.min(half, MOST) / MOST;
  }
}
