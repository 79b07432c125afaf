package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Words;

/** Sand beside the water it takes, and the buckets that are carried. */
public final class WaterChart {
  private static final double BAR = 18;
  private static final double STEP = 26;
  private static final double LABEL = 80;
  private static final double BUCKET = 18;
  private static final double BUCKET_STEP = 24;
  private static final double NARROWER = 3;

  private WaterChart() {}

  /**
   * Two bars by weight.
   *
   * @param kilograms of sand, above 0
   * @param litres of water, each weighing a kilogram
   */
  public static Drawing of(Words words, double kilograms, double litres, double width) {
    double most = Math.max(kilograms, litres);
    double room = width - LABEL;
    List<Mark> marks =
        List.of(
            new Mark.Bar(0, 2, room * kilograms / most, BAR, "chart-stone-pale"),
            new Mark.Writing(width, BAR - 1, words.of("water.sand"), Anchor.RIGHT, "chart-muted"),
            new Mark.Bar(0, 2 + STEP, room * litres / most, BAR, "chart-water"),
            new Mark.Writing(
                width, STEP + BAR - 1, words.of("water.water"), Anchor.RIGHT, "chart-muted"));
    return new Drawing(width, 2 * STEP, marks);
  }

  /** As many buckets as are lifted, in lines. */
  public static Drawing buckets(int count, double width) {
    int inLine = Math.max(1, (int) (width / BUCKET_STEP));
    int lines = (count + inLine - 1) / inLine;
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double x = BUCKET_STEP * (i % inLine);
      int line = i / inLine;
      double y = BUCKET_STEP * line + 2;
      marks.add(
          new Mark.Path(
              List.of(
                  new Spot(x, y),
                  new Spot(x + NARROWER, y + BUCKET),
                  new Spot(x + BUCKET - NARROWER, y + BUCKET),
                  new Spot(x + BUCKET, y),
                  new Spot(x, y)),
              "chart-feed"));
    }
    return new Drawing(width, BUCKET_STEP * lines + 2, marks);
  }
}
