package jugulum.core.belief;

import java.util.Arrays;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import jugulum.core.check.Check;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * What is thought of the grade of a lot nobody looked at: its logarithm is a mixture of normals,
 * one for each of the spreads shops may have.
 */
public final class GradeBelief {
  private static final NormalDistribution STANDARD = new NormalDistribution();
  private static final int MOST_STEPS = 500;

  /** Of a logarithm. */
  private static final double EXACT = 1e-12;

  /** Ends of a 95 % range. */
  private static final double LOW = 0.025;

  private static final double FAR = 9;

  private final double[] weights;
  private final double[] means;
  private final double[] sds;

  GradeBelief(double[] weights, double[] means, double[] variances) {
    this.weights = weights;
    this.means = means;
    this.sds = Arrays.stream(variances).map(Math::sqrt).toArray();
  }

  /** The mean of the logarithm of the grade, in mg/kg. */
  public double log() {
    return sum(i -> means[i]);
  }

  /** The variance of that logarithm. */
  public double variance() {
    double middle = log();
    return sum(i -> sds[i] * sds[i] + (means[i] - middle) * (means[i] - middle));
  }

  /**
   * The mean grade, in mg/kg: where money is added up. What lies beyond the 95 % range counts as
   * its high end: else the mean of a lot of which little is known would be told by what nobody ever
   * saw.
   */
  public double meanMgPerKg() {
    double end = quantile(1 - LOW);
    double within =
        sum(
            i -> {
              double mean = Math.exp(means[i] + sds[i] * sds[i] / 2);
              return sds[i] > 0
                  ? mean * STANDARD.cumulativeProbability((end - means[i]) / sds[i] - sds[i])
                  : Math.exp(Math.min(means[i], end));
            });
    return within + LOW * Math.exp(end);
  }

  /** The grade it is as likely to be above as below, in mg/kg. */
  public double medianMgPerKg() {
    return Math.exp(quantile(0.5));
  }

  /** The low end of the 95 % range, in mg/kg. */
  public double lowMgPerKg() {
    return Math.exp(quantile(LOW));
  }

  /** The high end of it. */
  public double highMgPerKg() {
    return Math.exp(quantile(1 - LOW));
  }

  /**
   * The logarithm of the grade below which it is with that probability.
   *
   * @param probability above 0 and below 1
   */
  public double quantile(double probability) {
    Check.inRange("probability", probability, 1e-9, 1 - 1e-9);
    double low =
        IntStream.range(0, means.length)
            .mapToDouble(i -> means[i] - FAR * sds[i])
            .min()
            .orElseThrow();
    double high =
        IntStream.range(0, means.length)
            .mapToDouble(i -> means[i] + FAR * sds[i])
            .max()
            .orElseThrow();
    // Bisection took most of the time in which the rooms of a shop are worked out.
    return low == high
        ? low
        : new BracketingNthOrderBrentSolver(0, EXACT, 5)
            .solve(MOST_STEPS, log -> below(log) - probability, low, high);
  }

  private double below(double log) {
    return sum(
        i ->
            sds[i] > 0
                ? STANDARD.cumulativeProbability((log - means[i]) / sds[i])
                : log >= means[i] ? 1 : 0);
  }

  private double sum(IntToDoubleFunction part) {
    double all = 0;
    for (int i = 0; i < weights.length; i++) {
      all += weights[i] * part.applyAsDouble(i);
    }
    return all;
  }
}
