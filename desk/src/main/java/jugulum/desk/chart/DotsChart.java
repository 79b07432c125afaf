package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Words;

/**
 * One quantity against another as dots with their ranges, from 0 on both, joined in the order given
 * or beside a straight line.
 */
public final class DotsChart {
  private static final double LEFT = 58;
  private static final double RIGHT = 18;
  private static final double TOP = 24;
  private static final double FOOT = 40;
  private static final double HIGH = 150;
  private static final double DOT = 5;
  private static final int STEPS = 4;
  private static final double ROOM = 1.08;

  private final Words words;
  private final double width;
  private final double acrossTo;
  private final double upTo;
  private final List<Mark> marks = new ArrayList<>();

  /**
   * One dot.
   *
   * @param across on the lower axis, 0 or more
   * @param up on the other, 0 or more
   * @param low where its range begins
   * @param high where it ends
   * @param name what stands beside it
   */
  public record Dot(double across, double up, double low, double high, String name) {
    /** Without a range. */
    public Dot(double across, double up, String name) {
      this(across, up, up, up, name);
    }
  }

  /** A straight line from one place to another. */
  public record Line(Dot from, Dot to) {}

  private DotsChart(Words words, List<Dot> dots, double width) {
    this.words = words;
    this.width = width;
    this.acrossTo = most(dots.stream().mapToDouble(Dot::across).max().orElse(1));
    this.upTo =
        most(dots.stream().mapToDouble(dot -> Math.max(dot.up(), dot.high())).max().orElse(1));
  }

  private static double most(double value) {
    return value > 0 ? value * ROOM : 1;
  }

  /**
   * Draws them.
   *
   * @param line where there is one; without it the dots are joined
   * @param across what the lower axis is
   * @param up what the other is
   */
  public static Drawing of(
      Words words, List<Dot> dots, Optional<Line> line, String across, String up, double width) {
    DotsChart chart = new DotsChart(words, dots, width);
    chart.axes(across, up);
    line.ifPresentOrElse(
        one -> chart.line(one.from(), one.to()),
        () -> {
          for (int i = 1; i < dots.size(); i++) {
            chart.line(dots.get(i - 1), dots.get(i));
          }
        });
    dots.forEach(chart::dot);
    return new Drawing(width, TOP + HIGH + FOOT, chart.marks);
  }

  private double x(double value) {
    return LEFT + (width - LEFT - RIGHT) * value / acrossTo;
  }

  private double y(double value) {
    return TOP + HIGH * (1 - Math.min(value, upTo) / upTo);
  }

  private void axes(String across, String up) {
    double floor = TOP + HIGH;
    for (double tick : RoundMarks.between(0, upTo, STEPS)) {
      marks.add(new Mark.Stroke(LEFT, y(tick), width - RIGHT, y(tick), "chart-grid"));
      marks.add(
          new Mark.Writing(
              LEFT - 8, y(tick) + 5, words.rounded(tick, 3), Anchor.RIGHT, "chart-muted"));
    }
    for (double tick : RoundMarks.between(0, acrossTo, STEPS)) {
      marks.add(
          new Mark.Writing(
              x(tick), floor + 17, words.rounded(tick, 3), Anchor.MIDDLE, "chart-muted"));
    }
    marks.add(new Mark.Writing(0, 14, up, Anchor.LEFT, "chart-muted"));
    marks.add(new Mark.Writing(width - RIGHT, floor + 35, across, Anchor.RIGHT, "chart-muted"));
  }

  private void line(Dot from, Dot to) {
    marks.add(
        new Mark.Stroke(x(from.across()), y(from.up()), x(to.across()), y(to.up()), "chart-feed"));
  }

  private void dot(Dot dot) {
    double x = x(dot.across());
    if (dot.high() > dot.low()) {
      marks.add(new Mark.Stroke(x, y(dot.low()), x, y(dot.high()), "chart-gold-line"));
    }
    marks.add(new Mark.Dot(x, y(dot.up()), DOT, "chart-gold-line-dot"));
    boolean isRight = x > width - 70;
    marks.add(
        new Mark.Writing(
            isRight ? x - 9 : x + 9,
            y(dot.up()) - 7,
            dot.name(),
            isRight ? Anchor.RIGHT : Anchor.LEFT,
            "chart-text"));
  }
}
