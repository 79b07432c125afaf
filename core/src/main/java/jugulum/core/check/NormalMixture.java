package jugulum.core.check;

import java.util.function.IntToDoubleFunction;
import org.apache.commons.numbers.gamma.Erfc;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * A mixture of normals: what is thought of a number when it is not sure which of several normals it
 * was drawn from.
 */
public final class NormalMixture {
  private static final NormalDistribution STANDARD = new NormalDistribution();
  private static final double SQRT2 = Math.sqrt(2);
  private static final double SQRT_TAU = Math.sqrt(2 * Math.PI);
  private static final int MOST_STEPS = 200;

  /** Closer than that, in its own unit or as part of itself, two places of a quantile are one. */
  private static final double CLOSE = 1e-12;

  private final double[] weights;
  private final double[] means;
  private final double[] sds;

  /**
   * A mixture.
   *
   * @param weights of its normals, 0 or more, 1 together
   * @param means of them
   * @param sds their standard deviations, 0 or more: without one it is a number
   */
  public NormalMixture(double[] weights, double[] means, double[] sds) {
    this.weights = weights.clone();
    this.means = means.clone();
    this.sds = sds.clone();
  }

  /** Its mean. */
  public double mean() {
    return sum(i -> means[i]);
  }

  /** Its variance. */
  public double variance() {
    double middle = mean();
    return sum(i -> sds[i] * sds[i] + (means[i] - middle) * (means[i] - middle));
  }

  /**
   * The mean of its exponential where all beyond an end counts as that end: of each normal the
   * partial expectation of a log-normal, exp(μ + σ²/2) Φ((end − μ)/σ − σ), and the end as often as
   * it is beyond.
   *
   * @param end of the number itself, not of its exponential
   */
  public double meanExpAtMost(double end) {
    return sum(
        i ->
            sds[i] > 0
                ? Math.exp(means[i] + sds[i] * sds[i] / 2)
                        * share((end - means[i]) / sds[i] - sds[i])
                    + Math.exp(end) * share((means[i] - end) / sds[i])
                : Math.exp(Math.min(means[i], end)));
  }

  /**
   * The number below which it is with that probability: steps of Newton, between the least and the
   * most that one of its normals tells.
   *
   * @param probability 1e-9 to 1 − 1e-9
   */
  public double quantile(double probability) {
    Check.inRange("probability", probability, 1e-9, 1 - 1e-9);
    double z = STANDARD.inverseCumulativeProbability(probability);
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < means.length; i++) {
      low = Math.min(low, means[i] + z * sds[i]);
      high = Math.max(high, means[i] + z * sds[i]);
    }
    double at = sum(i -> means[i] + z * sds[i]);
    for (int step = 0; step < MOST_STEPS && high - low > close(at); step++) {
      double above = below(at) - probability;
      if (above > 0) {
        high = at;
      } else {
        low = at;
      }
      double next = at - above / density(at);
      // Where the curve is flat, or one of the normals is a number, Newton leaps away.
      double to = next > low && next < high ? next : (low + high) / 2;
      if (Math.abs(to - at) <= close(at)) {
        return to;
      }
      at = to;
    }
    return at;
  }

  private static double close(double at) {
    return CLOSE * Math.max(1, Math.abs(at));
  }

  private double below(double at) {
    return sum(i -> sds[i] > 0 ? share((at - means[i]) / sds[i]) : at >= means[i] ? 1 : 0);
  }

  private double density(double at) {
    return sum(
        i ->
            sds[i] > 0 ? Math.exp(-square((at - means[i]) / sds[i]) / 2) / (SQRT_TAU * sds[i]) : 0);
  }

  /** How much of the standard normal lies at or below that. */
  private static double share(double z) {
    return Erfc.value(-z / SQRT2) / 2;
  }

  private static double square(double x) {
    return x * x;
  }

  private double sum(IntToDoubleFunction part) {
    double all = 0;
    for (int i = 0; i < weights.length; i++) {
      all += weights[i] * part.applyAsDouble(i);
    }
    return all;
  }
}
