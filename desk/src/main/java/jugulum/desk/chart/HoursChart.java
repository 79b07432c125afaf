package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Words;

/** Hours at the magnet and at the machine after it, as one bar. */
public final class HoursChart {
  private static final double HIGH = 24;
  private static final double BAR = 18;
  private static final double PAD = 8;

  /** A figure is written into a part that is at least so long. */
  private static final double ROOM = 84;

  private HoursChart() {}

  /**
   * Draws a bar.
   *
   * @param magnet hours at the magnet
   * @param machine hours at the machine
   * @param longest the hours of the longest bar beside it, above 0
   */
  public static Drawing of(
      Words words, double magnet, double machine, double longest, double width) {
    List<Mark> marks = new ArrayList<>();
    double first = width * magnet / longest;
    double second = width * machine / longest;
    marks.add(new Mark.Bar(0, 3, first, BAR, "chart-steel"));
    marks.add(new Mark.Bar(first, 3, second, BAR, "chart-stone-pale"));
    if (first > ROOM) {
      marks.add(writing(first - PAD, words.time(60 * magnet), "chart-on-steel"));
    }
    if (second > ROOM) {
      marks.add(writing(first + second - PAD, words.time(60 * machine), "chart-text"));
    }
    return new Drawing(width, HIGH, marks);
  }

  private static Mark writing(double x, String text, String style) {
    return new Mark.Writing(x, BAR - 1, text, Anchor.RIGHT, style);
  }
}
