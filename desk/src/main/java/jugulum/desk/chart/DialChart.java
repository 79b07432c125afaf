package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.check.Band;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Words;

/**
 * Runs of one machine: the recovery with its range over how a dial was set. A full dot is told in
 * full, an open one is a bound.
 */
public final class DialChart {
  private static final double LEFT = 46;
  private static final double RIGHT = 20;
  private static final double TOP = 12;
  private static final double BOTTOM = 40;
  private static final int TICKS = 6;
  private static final double DOT = 5;

  private DialChart() {}

  /**
   * One run.
   *
   * @param value how the dial was set
   * @param recovery 0 to 1
   * @param told whether every product was looked at
   */
  public record Run(double value, Band recovery, boolean told) {}

  /** Draws runs; the axis names the dial with its unit. */
  public static Drawing of(Words words, List<Run> runs, String axis, double width, double height) {
    List<Mark> marks = new ArrayList<>();
    double floor = height - BOTTOM;
    Scale scale = Scale.of(runs, floor);
    for (int i = 0; i <= scale.steps(); i++) {
      double share = scale.least() + (1 - scale.least()) * i / scale.steps();
      double y = scale.y(share);
      marks.add(new Mark.Stroke(LEFT, y, width - RIGHT, y, "chart-grid"));
      marks.add(
          new Mark.Writing(
              LEFT - 8, y + 5, words.fixed(100 * share, 0), Anchor.RIGHT, "chart-muted"));
    }
    double low = runs.stream().mapToDouble(Run::value).min().orElse(0);
    double high = runs.stream().mapToDouble(Run::value).max().orElse(1);
    double room = Math.max((high - low) * 0.1, Math.max(0.5, 0.1 * high));
    double from = Math.max(0, low - room);
    double to = high + room;
    for (double tick : RoundMarks.between(from, to, TICKS)) {
      marks.add(
          new Mark.Writing(
              x(tick, from, to, width),
              floor + 18,
              words.rounded(tick, 3),
              Anchor.MIDDLE,
              "chart-muted"));
    }
    for (Run run : runs) {
      double x = x(run.value(), from, to, width);
      marks.add(
          new Mark.Stroke(
              x,
              scale.y(run.recovery().low()),
              x,
              scale.y(run.recovery().high()),
              "chart-gold-line"));
      marks.add(
          new Mark.Dot(
              x,
              scale.y(run.recovery().usual()),
              DOT,
              run.told() ? "chart-gold-line-dot" : "chart-expected-dot"));
    }
    marks.add(
        new Mark.Writing(
            (LEFT + width - RIGHT) / 2, height - 4, axis, Anchor.MIDDLE, "chart-text"));
    return new Drawing(width, height, marks);
  }

  private static double x(double value, double from, double to, double width) {
    return LEFT + (width - LEFT - RIGHT) * (value - from) / (to - from);
  }

  /**
   * Shares up to all of it, from as high up as every range allows, so that good runs can be told
   * apart.
   */
  private record Scale(double least, int steps, double floor) {
    static Scale of(List<Run> runs, double floor) {
      double lowest = runs.stream().mapToDouble(run -> run.recovery().low()).min().orElse(0);
      if (lowest >= 0.75) {
        return new Scale(0.75, 5, floor);
      }
      return lowest >= 0.5 ? new Scale(0.5, 5, floor) : new Scale(0, 4, floor);
    }

    double y(double share) {
      return floor - (floor - TOP) * (Math.clamp(share, least, 1) - least) / (1 - least);
    }
  }

  /** The runs in words. */
  public static String spoken(Words words, List<Run> runs, String axis) {
    return words.of(
        "runs.spoken",
        axis,
        words.joined(
            "join.or",
            runs.stream()
                .map(
                    run ->
                        words.of(
                            "runs.spoken.each",
                            words.rounded(run.value(), 2),
                            words.percent(run.recovery().usual())))
                .toList()));
  }
}
