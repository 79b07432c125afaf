package jugulum.core.specks;

import jugulum.core.check.Check;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * The sieve sizes of counted gold, log-normal by number.
 *
 * <p>With Fₖ(x) = Φ((ln x − μ − kσ²)/σ) the mean of the k-th power of the sizes between a and b is
 * exp(kμ + k²σ²/2) · (Fₖ(b) − Fₖ(a))/(F₀(b) − F₀(a)) (moments of a truncated log-normal, textbook).
 *
 * @param logMedian μ, the logarithm of the median size in mm, from −10 to 5
 * @param sigma σ, from 0.05 to 3
 */
public record SizeLaw(double logMedian, double sigma) {
  private static final NormalDistribution NORMAL = new NormalDistribution();

  /** Checks both values against their ranges. */
  public SizeLaw {
    Check.inRange("logMedian", logMedian, -10, 5);
    Check.inRange("sigma", sigma, 0.05, 3);
  }

  /**
   * The share of the specks, by number, between two sizes: F₀(b) − F₀(a), 0 to 1.
   *
   * @param fromMm a, 0 or more
   * @param toMm b, above a; may be infinite
   */
  public double share(double fromMm, double toMm) {
    return part(0, fromMm, toMm);
  }

  /**
   * The cubes of sizes between two.
   *
   * @param meanMm3 their mean, in mm³, between a³ and b³
   * @param variance how much they differ: variance over the square of the mean, 0 or more
   */
  public record Cubes(double meanMm3, double variance) {}

  /**
   * The cubes of the sizes between two.
   *
   * @param fromMm a, 0 or more
   * @param toMm b, above a; may be infinite
   */
  public Cubes cubes(double fromMm, double toMm) {
    double number = part(0, fromMm, toMm);
    double cube = mean(3, number, fromMm, toMm);
    double sixth = mean(6, number, fromMm, toMm);
    return new Cubes(cube, Math.max(0, sixth / (cube * cube) - 1));
  }

  /**
   * The mean of the cubes of the sizes between two, in mm³, between a³ and b³.
   *
   * @param fromMm a, 0 or more
   * @param toMm b, above a; may be infinite
   */
  public double cubeMm3(double fromMm, double toMm) {
    return mean(3, part(0, fromMm, toMm), fromMm, toMm);
  }

  /**
   * The gold between two sizes, for each speck of all sizes, as the sum of cubes in mm³, 0 or more.
   *
   * @param fromMm a, 0 or more
   * @param toMm b, above a; may be infinite
   */
  public double cubesMm3(double fromMm, double toMm) {
    return StrictMath.exp(3 * logMedian + 4.5 * sigma * sigma) * part(3, fromMm, toMm);
  }

  /** Where the law has no specks left to speak of, those it has lie at the end nearest to it. */
  private double mean(int power, double number, double fromMm, double toMm) {
    double low = StrictMath.pow(fromMm, power);
    double high = StrictMath.pow(toMm, power);
    if (!(number > Double.MIN_NORMAL)) {
      return fromMm > StrictMath.exp(logMedian) ? low : high;
    }
    double all = StrictMath.exp(power * logMedian + power * power * sigma * sigma / 2);
    return Math.clamp(all * part(power, fromMm, toMm) / number, low, high);
  }

  /** Fₖ(b) − Fₖ(a), from the tail it lies in, so that little of it is not lost. */
  private double part(int power, double fromMm, double toMm) {
    double from = scaled(power, fromMm);
    double to = scaled(power, toMm);
    return from > 0 ? below(-from) - below(-to) : below(to) - below(from);
  }

  private double scaled(int power, double mm) {
    return (StrictMath.log(mm) - logMedian - power * sigma * sigma) / sigma;
  }

  private static double below(double x) {
    return NORMAL.cumulativeProbability(x);
  }
}
