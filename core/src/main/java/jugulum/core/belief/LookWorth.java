package jugulum.core.belief;

import jugulum.core.check.Check;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * What a look at a lot is worth before one decides whether to work it: the mean of what one would
 * get deciding with it, less what deciding without it brings. For what is log-normal of mean W and
 * with s the standard deviation of its logarithm, a look of variance v (of the logarithm) and a
 * cost C of working it
 *
 * <p>W Φ(d) − C Φ(d − r) − max(0, W − C), r² = s⁴/(s² + v), d = ln(W/C)/r + r/2
 *
 * <p>Expected value of sample information: H. Raiffa and R. Schlaifer, Applied Statistical Decision
 * Theory, 1961; the integral as in F. Black, The pricing of commodity contracts, Journal of
 * Financial Economics 3, 1976; both from memory. A look that told all (v = 0) would be worth most.
 */
public final class LookWorth {
  private static final NormalDistribution NORMAL = new NormalDistribution();

  private LookWorth() {}

  /**
   * The value of a look.
   *
   * @param mean what the lot brings in the mean, 0 to 1e15
   * @param sd the standard deviation of its logarithm, 0 to 100
   * @param cost what working it costs, in the same money, 0 to 1e15
   * @param lookVariance the variance a look leaves on the logarithm, 0 to 1e6
   * @return in that money, 0 or more
   */
  public static double of(double mean, double sd, double cost, double lookVariance) {
    Check.inRange("mean", mean, 0, 1e15);
    Check.inRange("sd", sd, 0, 100);
    Check.inRange("cost", cost, 0, 1e15);
    Check.inRange("lookVariance", lookVariance, 0, 1e6);
    double without = Math.max(0, mean - cost);
    if (!(sd > 0) || mean == 0 || cost == 0) {
      return 0;
    }
    double r = sd * sd / Math.sqrt(sd * sd + lookVariance);
    double d = Math.log(mean / cost) / r + r / 2;
    double with =
        mean * NORMAL.cumulativeProbability(d) - cost * NORMAL.cumulativeProbability(d - r);
    return Math.max(0, with - without);
  }
}
