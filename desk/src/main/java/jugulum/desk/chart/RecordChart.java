package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.machine.Proven;
import jugulum.core.screens.Cut;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** What to expect of the next run of a machine, a line a cut and kind: a dot on its range. */
public final class RecordChart {
  private static final double KIND = 84;
  private static final double LEFT = 300;
  private static final double RIGHT = 60;
  private static final double TOP = 24;
  private static final double LINE = 24;
  private static final double DOT = 6;

  private RecordChart() {}

  /**
   * What was shown of a cut by runs of a kind.
   *
   * @param cut the sizes
   * @param kind what kind of runs, in words
   * @param proven what they let expect
   */
  public record Line(Cut cut, String kind, Proven proven) {}

  /** Draws the lines; one at least. */
  public static Drawing of(Words words, List<Line> lines, double width) {
    ShareAxis axis =
        ShareAxis.below(lines.stream().mapToDouble(line -> line.proven().share().low()));
    double room = width - LEFT - RIGHT;
    List<Mark> marks = new ArrayList<>();
    double floor = TOP + LINE * lines.size();
    for (double share : new double[] {axis.from(), (axis.from() + 1) / 2, 1}) {
      double x = LEFT + room * axis.place(share);
      marks.add(new Mark.Stroke(x, TOP - 4, x, floor, "chart-grid"));
      marks.add(
          new Mark.Writing(
              x,
              14,
              words.of("figures.percent", words.fixed(100 * share, 0)),
              Anchor.MIDDLE,
              "chart-muted"));
    }
    double y = TOP + LINE / 2;
    for (Line line : lines) {
      Band share = line.proven().share();
      double low = LEFT + room * axis.place(share.low());
      double high = LEFT + room * axis.place(share.high());
      double usual = LEFT + room * axis.place(share.usual());
      marks.add(
          new Mark.Writing(
              0, y + 5, Sentences.cut(words, line.cut()), Anchor.LEFT, "chart-strong"));
      marks.add(
          new Mark.Writing(
              KIND,
              y + 5,
              words.counted("runs.record.kind", line.proven().all(), line.kind()),
              Anchor.LEFT,
              "chart-muted"));
      marks.add(new Mark.Stroke(low, y, high, y, "chart-tried-0"));
      marks.add(new Mark.Dot(usual, y, DOT, "chart-tried-0-mark"));
      marks.add(
          new Mark.Writing(
              width,
              y + 5,
              words.of("figures.percent", words.fixed(100 * share.usual(), 0)),
              Anchor.RIGHT,
              "chart-text"));
      y += LINE;
    }
    return new Drawing(width, floor, marks);
  }

  /** The same in words. */
  public static String spoken(Words words, List<Line> lines) {
    return words.joined(
        "join.sentences",
        lines.stream()
            .map(
                line ->
                    words.counted(
                        "runs.record",
                        line.proven().all(),
                        Sentences.cut(words, line.cut()),
                        line.kind(),
                        words.percent(line.proven().share().usual()),
                        words.wholeShares(line.proven().share())))
            .toList());
  }
}
