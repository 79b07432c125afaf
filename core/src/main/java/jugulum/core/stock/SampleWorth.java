package jugulum.core.stock;

import jugulum.core.check.Check;
import jugulum.core.check.Normal;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * What it would be worth to know beforehand what a container brings, before one decides whether to
 * work it: the mean of what it brings above the cost, less what deciding without knowing brings.
 * For what is log-normal that mean is
 *
 * <p>E[max(0, X − c)] = m Φ(d) − c Φ(d − σ), d = (ln(m/c) + σ²/2)/σ
 *
 * <p>with m the mean and σ the standard deviation of the logarithm. Expected value of perfect
 * information: H. Raiffa and R. Schlaifer, Applied Statistical Decision Theory, 1961; the integral
 * as in F. Black, The pricing of commodity contracts, Journal of Financial Economics 3, 1976; both
 * from memory. A sample tells less than all: an upper bound.
 */
public final class SampleWorth {
  private static final NormalDistribution NORMAL = new NormalDistribution();

  private SampleWorth() {}

  /**
   * The value of knowing.
   *
   * @param mean what it brings in the mean, 0 or more
   * @param sigma the standard deviation of its logarithm, 0 to 10
   * @param cost what working it costs, in the same money, 0 or more
   * @return in that money, 0 or more
   */
  public static double of(double mean, double sigma, double cost) {
    Check.inRange("mean", mean, 0, 1e15);
    Check.inRange("sigma", sigma, 0, 10);
    Check.inRange("cost", cost, 0, 1e15);
    double without = Math.max(0, mean - cost);
    return Math.max(0, above(mean, sigma, cost) - without);
  }

  /** The mean of what is above the cost, less as nothing. */
  static double above(double mean, double sigma, double cost) {
    if (!(sigma > 0) || mean == 0 || cost == 0) {
      return Math.max(0, mean - cost);
    }
    double d = (Math.log(mean / cost) + sigma * sigma / 2) / sigma;
    return mean * NORMAL.cumulativeProbability(d) - cost * NORMAL.cumulativeProbability(d - sigma);
  }

  /**
   * The standard deviation of the logarithm of what has that mean and the high end of its 95 %
   * range there; what lies further out than a log-normal can is given its widest.
   *
   * @param mean above 0
   * @param high the 97.5 % quantile, at least the mean
   */
  public static double sigma(double mean, double high) {
    Check.inRange("mean", mean, Double.MIN_NORMAL, 1e15);
    Check.inRange("high", high, mean, 1e15);
    double inside = Normal.Z95 * Normal.Z95 - 2 * Math.log(high / mean);
    return inside > 0 ? Normal.Z95 - Math.sqrt(inside) : Normal.Z95;
  }
}
