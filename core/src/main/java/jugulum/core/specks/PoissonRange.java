package jugulum.core.specks;

import jugulum.core.check.Check;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * The exact range of a Poisson mean given a count.
 *
 * <p>Low end ½χ²(α/2; 2n), high end ½χ²(1−α/2; 2n+2). Source: F. Garwood, "Fiducial limits for the
 * Poisson distribution", Biometrika 28 (1936) 437–442.
 *
 * @param low the low end, 0 for a count of 0
 * @param high the high end
 */
public record PoissonRange(double low, double high) {
  /**
   * The two-sided range.
   *
   * @param count the specks seen, 0 or more
   * @param confidence from 0.5 to 0.9999999
   * @throws jugulum.core.check.OutOfRange for a value outside its range
   */
  public static PoissonRange of(int count, double confidence) {
    Check.inRange("count", count, 0, 1e9);
    Check.inRange("confidence", confidence, 0.5, 0.999_999_9);
    double tail = (1 - confidence) / 2;
    double low = count == 0 ? 0 : quantile(tail, 2.0 * count);
    return new PoissonRange(low, quantile(1 - tail, 2.0 * count + 2));
  }

  /**
   * The one-sided upper bound when none was seen: ½χ²(confidence; 2).
   *
   * @param confidence from 0.5 to 0.9999
   */
  public static double boundWhenNoneSeen(double confidence) {
    Check.inRange("confidence", confidence, 0.5, 0.9999);
    return quantile(confidence, 2);
  }

  private static double quantile(double probability, double degreesOfFreedom) {
    return new ChiSquaredDistribution(degreesOfFreedom).inverseCumulativeProbability(probability)
        / 2;
  }
}
