package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import jugulum.core.check.Band;
import jugulum.core.marks.MarkLook;
import jugulum.core.marks.OwnMarks;
import jugulum.core.marks.OwnWindow;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Words;

/**
 * Looks at a bowl along its flow, what was seen from below upwards; where sand climbs and where
 * gold goes as lines, the aim between them.
 */
public final class MarksChart {
  private static final double LEFT = 92;
  private static final double RIGHT = 16;
  private static final double TOP = 26;
  private static final double ROW = 30;
  private static final double FOOT = 44;
  private static final double DOT = 5;
  private static final int ROWS = MarkLook.Saw.values().length;

  private final Words words;
  private final double from;
  private final double to;
  private final double width;
  private final List<Mark> marks = new ArrayList<>();

  private MarksChart(Words words, OwnMarks own, double width) {
    this.words = words;
    this.width = width;
    double least = flow(own).min().orElse(0);
    double most = flow(own).max().orElse(1);
    double room = Math.max(0.5, (most - least) * 0.08);
    from = Math.max(0, least - room);
    to = most + room;
  }

  private static DoubleStream flow(OwnMarks own) {
    return own.looks().stream().mapToDouble(MarkLook::litresPerMinute);
  }

  /** Draws them. */
  public static Drawing of(Words words, OwnWindow window, double width) {
    OwnMarks own = window.marks();
    MarksChart chart = new MarksChart(words, own, width);
    chart.rows();
    window.flow().ifPresent(chart::window);
    own.looks().forEach(chart::look);
    return new Drawing(width, TOP + ROWS * ROW + FOOT, chart.marks);
  }

  private double x(double litres) {
    return LEFT + (width - LEFT - RIGHT) * (litres - from) / (to - from);
  }

  private static double y(MarkLook.Saw saw) {
    return TOP + (ROWS - 1 - saw.ordinal()) * ROW + ROW / 2;
  }

  private void rows() {
    for (MarkLook.Saw saw : MarkLook.Saw.values()) {
      marks.add(
          new Mark.Writing(
              0, y(saw) + 5, words.of("marks.saw.short", saw), Anchor.LEFT, "chart-muted"));
      marks.add(new Mark.Stroke(LEFT, y(saw), width - RIGHT, y(saw), "chart-grid"));
    }
    double floor = TOP + ROWS * ROW;
    for (double tick : RoundMarks.between(from, to, 5)) {
      marks.add(
          new Mark.Writing(
              x(tick), floor + 16, words.rounded(tick, 2), Anchor.MIDDLE, "chart-muted"));
    }
    marks.add(
        new Mark.Writing(
            (LEFT + width) / 2, floor + 36, words.of("marks.axis"), Anchor.MIDDLE, "chart-muted"));
  }

  private void window(Band flow) {
    double floor = TOP + ROWS * ROW;
    marks.add(
        new Mark.Bar(
            x(flow.low()), TOP, x(flow.high()) - x(flow.low()), floor - TOP, "chart-stone-pale"));
    marks.add(new Mark.Stroke(x(flow.usual()), TOP, x(flow.usual()), floor, "chart-feed"));
    marks.add(
        new Mark.Writing(
            x(flow.usual()), TOP - 8, words.of("marks.aim.short"), Anchor.MIDDLE, "chart-text"));
  }

  private void look(MarkLook look) {
    String style =
        look.saw() == MarkLook.Saw.SPECK
            ? "chart-gold"
            : look.isUp() ? "chart-feed-dot" : "chart-expected-dot";
    marks.add(new Mark.Dot(x(look.litresPerMinute()), y(look.saw()), DOT, style));
  }
}
