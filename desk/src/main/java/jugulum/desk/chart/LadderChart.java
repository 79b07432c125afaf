package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Words;

/**
 * The decline of the catches: a dot for each stage, and an open one for what the next is expected
 * to free.
 */
public final class LadderChart {
  private static final double TOP = 8;
  private static final double BOTTOM = 22;
  private static final double SIDE = 8;
  private static final double DOT = 4;

  private LadderChart() {}

  /**
   * Draws the catches in order.
   *
   * @param next what the next stage is expected to free, where that can be told
   */
  public static Drawing of(
      Words words, List<Double> catches, OptionalDouble next, double width, double height) {
    int stages = catches.size() + (next.isPresent() ? 1 : 0);
    double most =
        Math.max(
            1,
            Math.max(
                next.orElse(0), catches.stream().mapToDouble(Double::doubleValue).max().orElse(1)));
    double step = stages > 1 ? (width - 2 * SIDE) / (stages - 1) : 0;
    double floor = height - BOTTOM;
    List<Mark> marks = new ArrayList<>();
    marks.add(new Mark.Stroke(0, floor, width, floor, "chart-grid"));
    List<Spot> spots = new ArrayList<>();
    for (int i = 0; i < catches.size(); i++) {
      spots.add(new Spot(SIDE + step * i, floor - (floor - TOP) * catches.get(i) / most));
    }
    if (spots.size() > 1) {
      marks.add(new Mark.Path(spots, "chart-gold-line"));
    }
    if (next.isPresent() && !spots.isEmpty()) {
      Spot expected =
          new Spot(SIDE + step * catches.size(), floor - (floor - TOP) * next.getAsDouble() / most);
      marks.add(
          new Mark.Stroke(
              spots.getLast().x(),
              spots.getLast().y(),
              expected.x(),
              expected.y(),
              "chart-expected"));
      marks.add(new Mark.Dot(expected.x(), expected.y(), DOT, "chart-expected-dot"));
      marks.add(
          new Mark.Writing(
              expected.x(), height - 5, words.of("ladder.next"), Anchor.RIGHT, "chart-muted"));
    }
    for (Spot spot : spots) {
      marks.add(new Mark.Dot(spot.x(), spot.y(), DOT, "chart-gold-line-dot"));
    }
    return new Drawing(width, height, marks);
  }

  /** The decline in words. */
  public static String spoken(Words words, List<Double> catches, OptionalDouble next) {
    String each =
        words.row(
            catches.stream().map(one -> words.fixed(one, one == Math.rint(one) ? 0 : 1)).toList());
    return next.isPresent()
        ? words.of("ladder.spoken.next", each, words.fixed(next.getAsDouble(), 1))
        : words.of("ladder.spoken", each);
  }
}
