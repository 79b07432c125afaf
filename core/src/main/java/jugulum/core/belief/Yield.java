package jugulum.core.belief;

import jugulum.core.check.Band;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * The share of gold grains of one size a machine keeps, by how much faster they fall than the
 * fastest other grain of their cut.
 *
 * <p>R(r) = high · Φ((ln r + a)/s), r the ratio of speeds, with a and s such that R(1) = usual and
 * R(½) = low: the recovery of common practice is taken as usual where the slowest gold falls just
 * as fast as the fastest sand, as low where that is twice as fast, as high where gold is far
 * faster. The form is ours; docs/science/window.md tells how it compares with grains followed one
 * by one.
 */
final class Yield {
  private static final NormalDistribution STANDARD = new NormalDistribution();

  /** Nearer to none or all the quantiles have no end. */
  private static final double EDGE = 0.005;

  private final double high;
  private final double shift;
  private final double scale;

  private Yield(double high, double shift, double scale) {
    this.high = high;
    this.shift = shift;
    this.scale = scale;
  }

  /**
   * Of a machine.
   *
   * @param expected its recovery of sizes that suit it, 0 to 1
   */
  static Yield of(Band expected) {
    double usual = quantile(expected.usual() / expected.high());
    double low = quantile(expected.low() / expected.high());
    double scale = Math.log(2) / Math.max(0.05, usual - low);
    return new Yield(expected.high(), usual * scale, scale);
  }

  private static double quantile(double share) {
    return STANDARD.inverseCumulativeProbability(Math.clamp(share, EDGE, 1 - EDGE));
  }

  /** R, 0 to 1, for a ratio above 0. */
  double share(double ratio) {
    return high * STANDARD.cumulativeProbability((Math.log(ratio) + shift) / scale);
  }
}
