package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.Thought;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Figures;

/**
 * The gold of containers on one logarithmic scale, a line each: a dot and its range for free gold,
 * hollow and dashed where nobody looked, a diamond for hidden gold below it.
 */
public final class StockChart {
  private static final double HEIGHT = 40;
  private static final double AXIS = 22;
  private static final double FREE = 14;
  private static final double HIDDEN = 29;
  private static final double DOT = 6;
  private static final double SIDE = 26;

  /** From there on down nobody cares, in mg. */
  private static final double LEAST_MG = 0.1;

  private static final double MOST_MG = 1e6;
  private static final double BEYOND = 3;

  /** A written mark needs so much room. */
  private static final double LABEL = 64;

  private StockChart() {}

  /**
   * The scale all lines share.
   *
   * @param fromMg its left end, a power of ten of the unit gold is written in, in mg
   * @param toMg its right end
   */
  public record Scale(double fromMg, double toMg) {
    /**
     * One that holds the gold of all; of ranges that go on and on the ends are cut off.
     *
     * @param unitMg what its marks are powers of ten of, in mg
     */
    public static Scale of(List<LotBelief> lots, double unitMg) {
      double low = MOST_MG;
      double high = LEAST_MG;
      for (Thought one : lots.stream().flatMap(StockChart::shown).toList()) {
        low = Math.min(low, Math.max(LEAST_MG, one.medianMg()));
        high = Math.max(high, BEYOND * one.medianMg());
      }
      double from =
          unitMg * Math.pow(10, Math.floor(Math.log10(Math.min(low, high / 10) / unitMg)));
      double to = unitMg * Math.pow(10, Math.ceil(Math.log10(Math.min(MOST_MG, high) / unitMg)));
      return new Scale(from, Math.max(to, from * 100));
    }

    double x(double mg, double width) {
      double share = Math.log(Math.max(mg, fromMg) / fromMg) / Math.log(toMg / fromMg);
      return SIDE + Math.min(1, share) * (width - 2 * SIDE);
    }
  }

  /** Hidden gold nobody measured is shown of what is kept for it alone. */
  private static Stream<Thought> shown(LotBelief lot) {
    return Stream.concat(lot.free().stream(), hidden(lot).stream());
  }

  private static Optional<Thought> hidden(LotBelief lot) {
    return lot.hidden().filter(one -> !one.isUnseen() || lot.lot().material().isSetAside());
  }

  /** The scale, written. */
  public static Drawing axis(Scale scale, Figures figures, double width) {
    List<Mark> marks = new ArrayList<>();
    double written = Double.NEGATIVE_INFINITY;
    for (double mg = scale.fromMg(); mg <= scale.toMg() * 1.01; mg *= 10) {
      double x = scale.x(mg, width);
      if (x >= written + LABEL) {
        marks.add(
            new Mark.Writing(x, AXIS - 8, figures.goldMark(mg, mg), Anchor.MIDDLE, "chart-small"));
        written = x;
      }
    }
    return new Drawing(width, AXIS, marks);
  }

  /** The gold of one container. */
  public static Drawing of(LotBelief lot, Scale scale, double width) {
    List<Mark> marks = new ArrayList<>();
    for (double mg = scale.fromMg(); mg <= scale.toMg() * 1.01; mg *= 10) {
      double x = scale.x(mg, width);
      marks.add(new Mark.Stroke(x, 0, x, HEIGHT, "chart-grid"));
    }
    Optional<Thought> hidden = hidden(lot);
    double free = hidden.isPresent() ? FREE : HEIGHT / 2;
    lot.free()
        .ifPresent(
            gold -> {
              String style = gold.isUnseen() ? "chart-expected" : "chart-gold-line";
              range(marks, gold, scale, width, free, style);
              marks.add(new Mark.Dot(scale.x(gold.medianMg(), width), free, DOT, style + "-dot"));
            });
    hidden.ifPresent(
        gold -> {
          double y = lot.free().isPresent() ? HIDDEN : HEIGHT / 2;
          String style = gold.isUnseen() ? "chart-hidden-open" : "chart-hidden";
          range(marks, gold, scale, width, y, style);
          double x = scale.x(gold.medianMg(), width);
          marks.add(
              new Mark.Path(
                  List.of(
                      new Spot(x - DOT, y),
                      new Spot(x, y - DOT),
                      new Spot(x + DOT, y),
                      new Spot(x, y + DOT),
                      new Spot(x - DOT, y)),
                  style + "-mark"));
        });
    return new Drawing(width, HEIGHT, marks);
  }

  private static void range(
      List<Mark> marks, Thought gold, Scale scale, double width, double y, String style) {
    double low = scale.x(gold.gold().lowMg(), width);
    double high = scale.x(gold.gold().highMg(), width);
    if (high > low) {
      marks.add(new Mark.Stroke(low, y, high, y, style));
    }
  }
}
