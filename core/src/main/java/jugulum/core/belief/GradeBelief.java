package jugulum.core.belief;

import java.util.Arrays;
import jugulum.core.check.NormalMixture;

/**
 * What is thought of the grade of a lot nobody looked at: its logarithm is a mixture of normals,
 * one for each of the spreads shops may have.
 */
public final class GradeBelief {
  /** Ends of a 95 % range. */
  private static final double LOW = 0.025;

  private final NormalMixture logs;

  /** The high end is asked for the mean as well, and finding it takes longer than all else. */
  private final double highLog;

  GradeBelief(double[] weights, double[] means, double[] variances) {
    this.logs =
        new NormalMixture(weights, means, Arrays.stream(variances).map(Math::sqrt).toArray());
    this.highLog = logs.quantile(1 - LOW);
  }

  /** The mean of the logarithm of the grade, in mg/kg. */
  public double log() {
    return logs.mean();
  }

  /** The variance of that logarithm. */
  public double variance() {
    return logs.variance();
  }

  /**
   * The mean grade, in mg/kg: where money is added up. What lies beyond the 95 % range counts as
   * its high end: else the mean of a lot of which little is known would be told by what nobody ever
   * saw.
   */
  public double meanMgPerKg() {
    return logs.meanExpAtMost(highLog);
  }

  /** The grade it is as likely to be above as below, in mg/kg. */
  public double medianMgPerKg() {
    return Math.exp(logs.quantile(0.5));
  }

  /** The low end of the 95 % range, in mg/kg. */
  public double lowMgPerKg() {
    return Math.exp(logs.quantile(LOW));
  }

  /** The high end of it. */
  public double highMgPerKg() {
    return Math.exp(highLog);
  }
}
