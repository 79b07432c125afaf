package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.desk.words.Figures;

/** Marks of a scale at round figures: one, two or five times a power of ten apart. */
final class RoundMarks {
  private static final double[] STEPS = {1, 2, 5, 10};

  /** Rounding must not take a mark at the very end away. */
  private static final double HAIR = 1e-9;

  private RoundMarks() {}

  /**
   * The marks between two ends, theirs included where they are round.
   *
   * @param most about so many steps
   */
  static List<Double> between(double low, double high, int most) {
    if (!(high > low)) {
      return List.of();
    }
    double plain = (high - low) / most;
    double power = Math.pow(10, Math.floor(Math.log10(plain)));
    double step = 10 * power;
    for (double one : STEPS) {
      if (one * power >= plain * (1 - HAIR)) {
        step = one * power;
        break;
      }
    }
    List<Double> marks = new ArrayList<>();
    for (long i = (long) Math.ceil(low / step - HAIR); i * step <= high + step * HAIR; i++) {
      marks.add(i * step);
    }
    return marks;
  }

  /** The same of a scale of gold, in mg: what is round in milligrams is not in grains. */
  static List<Double> ofGold(Figures figures, double lowMg, double highMg, int most) {
    double unit = figures.goldMarkMg();
    return between(lowMg / unit, highMg / unit, most).stream().map(mark -> mark * unit).toList();
  }
}
