package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.handling.Drying;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Words;

/** The two weighings of drying sand as a falling line, and where it leads at that rate. */
public final class DryingChart {
  private static final double HIGH = 120;
  private static final double TOP = 14;
  private static final double BOTTOM = 26;
  private static final double SIDE = 10;
  private static final double DOT = 4;

  /** Without a known end a third of the width is left open. */
  private static final double OPEN = 1.5;

  private DryingChart() {}

  /**
   * Draws the line.
   *
   * @param hoursLeft until it is dry at the present rate, where that can be told
   */
  public static Drawing of(Words words, Drying drying, OptionalDouble hoursLeft, double width) {
    double end = hoursLeft.isPresent() ? drying.hours() + hoursLeft.getAsDouble() : drying.hours();
    double span = hoursLeft.isPresent() ? end : drying.hours() * OPEN;
    double lowest = drying.laterG() - drying.gramsPerHour() * hoursLeft.orElse(0);
    double fall = Math.max(drying.earlierG() - lowest, drying.earlierG() * Drying.CONSTANT_MASS);
    double floor = HIGH - BOTTOM;
    Spot first = new Spot(SIDE, TOP);
    Spot second =
        new Spot(
            SIDE + (width - 2 * SIDE) * drying.hours() / span,
            TOP + (floor - TOP) * (drying.earlierG() - drying.laterG()) / fall);
    List<Mark> marks = new ArrayList<>();
    marks.add(new Mark.Stroke(0, floor, width, floor, "chart-grid"));
    marks.add(new Mark.Path(List.of(first, second), "chart-feed"));
    marks.add(new Mark.Dot(first.x(), first.y(), DOT, "chart-feed-dot"));
    marks.add(new Mark.Dot(second.x(), second.y(), DOT, "chart-feed-dot"));
    marks.add(
        new Mark.Writing(
            second.x(),
            HIGH - 7,
            words.time(60 * drying.hours()),
            hoursLeft.isPresent() ? Anchor.MIDDLE : Anchor.RIGHT,
            "chart-muted"));
    if (hoursLeft.isPresent()) {
      Spot dry = new Spot(width - SIDE, floor);
      marks.add(new Mark.Stroke(second.x(), second.y(), dry.x(), dry.y(), "chart-line-fine"));
      marks.add(new Mark.Dot(dry.x(), dry.y(), DOT, "chart-expected-dot"));
      marks.add(
          new Mark.Writing(
              dry.x(), HIGH - 7, words.of("drying.dry-from"), Anchor.RIGHT, "chart-fine"));
    }
    return new Drawing(width, HIGH, marks);
  }
}
