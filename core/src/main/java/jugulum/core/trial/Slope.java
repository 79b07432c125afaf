package jugulum.core.trial;

import java.util.List;
import jugulum.core.check.Check;
import jugulum.core.trial.RandomEffects.Result;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Whether results rise or fall with something that was set, when they lie further apart than their
 * own doubt.
 *
 * <p>Model: result i is a + b x + u + e, u of variance τ², e of the known variance v. τ² by
 * moments: (Q − (k − 2)) over the trace of W − W X (X′W X)⁻¹ X′W with W of 1/v; the range of b with
 * t(k − 2) and the factor of G. Knapp and J. Hartung, Statistics in Medicine 22 (2003) 2693–2710,
 * never less than 1. Source of the moments: S. G. Thompson and S. J. Sharp, Statistics in Medicine
 * 18 (1999) 2693–2708 (from memory).
 *
 * @param a the result at the mean setting
 * @param b how much it rises with one unit of the setting
 * @param half half the 95 % range of b, above 0
 * @param mean the mean setting, weighted
 * @param low the lowest setting there was
 * @param high the highest
 * @param results how many there are, from {@link #LEAST}
 */
public record Slope(
    double a, double b, double half, double mean, double low, double high, int results) {
  /** Fewer results have no slope with a range. */
  public static final int LEAST = 4;

  /** Not seen by any number of runs one could make. */
  public static final int NEVER = -1;

  private static final int MOST = 500;

  /**
   * A result with what was set.
   *
   * @param setting in the unit of the dial
   * @param result what came of it
   */
  public record At(double setting, Result result) {}

  /** Sums of a weighted line. */
  private record Line(double a, double b, double mean, double spread) {
    static Line of(List<At> results, double tau2) {
      double weights = 0;
      double x = 0;
      double y = 0;
      for (At one : results) {
        double w = one.result().weight(tau2);
        weights += w;
        x += w * one.setting();
        y += w * one.result().value();
      }
      double mean = x / weights;
      double spread = 0;
      double both = 0;
      for (At one : results) {
        double w = one.result().weight(tau2);
        spread += w * (one.setting() - mean) * (one.setting() - mean);
        both += w * (one.setting() - mean) * one.result().value();
      }
      return new Line(y / weights, both / spread, mean, spread);
    }

    double apart(List<At> results, double tau2) {
      return results.stream()
          .mapToDouble(
              one -> {
                double off = one.result().value() - a - b * (one.setting() - mean);
                return off * off * one.result().weight(tau2);
              })
          .sum();
    }
  }

  /**
   * The slope of results.
   *
   * @param results {@link #LEAST} or more, not all at one setting
   * @throws jugulum.core.check.OutOfRange if there are fewer, or all are at one setting
   */
  public static Slope of(List<At> results) {
    int k = results.size();
    Check.inRange("results", k, LEAST, 1e6);
    double low = results.stream().mapToDouble(At::setting).min().orElseThrow();
    double high = results.stream().mapToDouble(At::setting).max().orElseThrow();
    Check.inRange("span", high - low, Double.MIN_NORMAL, 1e9);
    double tau2 = tau2(results);
    Line line = Line.of(results, tau2);
    double factor = Math.max(1, line.apart(results, tau2) / (k - 2));
    double half = t(k) * Math.sqrt(factor / line.spread());
    return new Slope(line.a(), line.b(), half, line.mean(), low, high, k);
  }

  private static double tau2(List<At> results) {
    Line line = Line.of(results, 0);
    double weights = 0;
    double squares = 0;
    double leaning = 0;
    for (At one : results) {
      double w = one.result().weight(0);
      double off = one.setting() - line.mean();
      weights += w;
      squares += w * w;
      leaning += w * w * off * off;
    }
    double trace = weights - squares / weights - leaning / line.spread();
    return trace > 0 ? Math.max(0, (line.apart(results, 0) - (results.size() - 2)) / trace) : 0;
  }

  private static double t(int results) {
    return new TDistribution(results - 2.0).inverseCumulativeProbability(0.975);
  }

  /** Whether the range of the slope excludes nothing. */
  public boolean isSeen() {
    return Math.abs(b) > half;
  }

  /** The result to expect at a setting. */
  public double at(double setting) {
    return a + b * (setting - mean);
  }

  /**
   * So many more runs, set as these were, would show it if it is what it seems; 0 where it is seen,
   * {@link #NEVER} where hundreds would not.
   */
  public int more() {
    if (isSeen()) {
      return 0;
    }
    double single = half / t(results) * Math.sqrt(results);
    return isSeenWith(results + MOST, single)
        ? Halving.first(0, MOST, more -> isSeenWith(results + more, single))
        : NEVER;
  }

  private boolean isSeenWith(int runs, double single) {
    return Math.abs(b) > t(runs) * single / Math.sqrt(runs);
  }
}
