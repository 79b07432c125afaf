package jugulum.core.sizes;

import jugulum.core.check.Check;
import jugulum.core.screens.Cut;
import org.hipparchus.distribution.continuous.LogNormalDistribution;

/**
 * Sizes nobody has measured yet: log-normal, through the two sizes a practised eye can tell. Sand
 * from sluices is about log-normal (common practice).
 *
 * @param d50Mm half of the sand is finer, in mm, from 0.01 to 100
 * @param p80Mm four fifths of the sand are finer, in mm, above d50Mm, to 200
 */
public record GuessedSizes(double d50Mm, double p80Mm) implements SizeSpread {
  /** The normal quantile of 0.8. */
  private static final double Z80 = 0.8416212335729143;

  /**
   * What sand from a sluice often is: half finer than 40 mesh, four fifths finer than 25 mesh
   * (common practice).
   */
  public static final GuessedSizes USUAL = new GuessedSizes(0.425, 0.710);

  /** How much finer than its upper screen a cut without a lower one is taken to reach. */
  private static final double OPEN_END = 0.25;

  /**
   * A first guess for sand that passed a screen: evenly spread over the logarithm of the size, down
   * to its lower screen or a quarter of the upper. Sand no screen bounds above is the usual.
   */
  public static GuessedSizes within(Cut cut) {
    if (cut.passing().isEmpty()) {
      return USUAL;
    }
    double span = cut.retained().isPresent() ? cut.lowerMm() / cut.upperMm() : OPEN_END;
    return new GuessedSizes(
        cut.upperMm() * Math.pow(span, 0.5), cut.upperMm() * Math.pow(span, 0.2));
  }

  /** Checks both sizes. */
  public GuessedSizes {
    Check.inRange("d50Mm", d50Mm, 0.01, 100);
    Check.inRange("p80Mm", p80Mm, Math.nextUp(d50Mm), 200);
  }

  @Override
  public double finer(double sizeMm) {
    double scale = Math.log(p80Mm / d50Mm) / Z80;
    return Double.isInfinite(sizeMm)
        ? 1
        : new LogNormalDistribution(Math.log(d50Mm), scale).cumulativeProbability(sizeMm);
  }
}
