package jugulum.core.sizes;

import jugulum.core.check.Check;
import org.hipparchus.distribution.continuous.LogNormalDistribution;

/**
 * Sizes nobody has measured yet: log-normal, through the two sizes a practised eye can tell. Sand from sluices is about log-normal
 * (common practice).
 *
 * @param d50Mm half of the sand is finer, in mm, from 0.01 to 100
 * @param p80Mm four fifths of the sand are finer, in mm, above d50Mm, to 200
 */
public record GuessedSizes(double d50Mm, double p80Mm) implements SizeSpread {
  /** The normal quantile of 0.8. */
  private static final double Z80 = 0.8416212335729143;

  /** Checks both sizes. */
  public GuessedSizes {
    Check.inRange("d50Mm", d50Mm, 0.01, 100);
    Check.inRange("p80Mm", p80Mm, Math.nextUp(d50Mm), 200);
  }

  @Override
  public double finer(double sizeMm) {
    double scale = Math.log(p80Mm / d50Mm) / Z80;
    return Double.isInfinite(sizeMm) ? 1 : new LogNormalDistribution(Math.log(d50Mm), scale).cumulativeProbability(sizeMm);
  }
}
