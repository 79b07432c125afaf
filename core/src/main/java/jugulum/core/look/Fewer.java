package jugulum.core.look;

import jugulum.core.check.Check;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.trial.ShareRange;

/**
 * How many specks a kilogram holds beside a look before: the ratio of two Poisson rates by the
 * count of one among both, which is binomial (J. Przyborowski, H. Wilenski, Biometrika 31 (1940)
 * 313, from memory), with the exact limits of Clopper and Pearson. Where specks come in clots both
 * counts scatter more than that; two looks cannot tell.
 *
 * @param ratio specks a kilogram now over those before, 0 or more; infinite where there were none
 * @param low the low end of its 95 % range
 * @param high the high end; infinite where there were none before
 */
public record Fewer(double ratio, double low, double high) {
  private static final double CONFIDENCE = 0.95;

  /**
   * A look and the one before.
   *
   * @param before specks in so many grams before
   * @param now specks in so many grams now; one of both saw some
   */
  public static Fewer of(PannedSample before, PannedSample now) {
    int all = before.specks() + now.specks();
    Check.inRange("specks", all, 1, 1e9);
    ShareRange share = ShareRange.clopperPearson(now.specks(), all, CONFIDENCE);
    double grams = before.sampleG() / now.sampleG();
    return new Fewer(
        ratio(now.specks() / (double) all, grams),
        ratio(share.low(), grams),
        ratio(share.high(), grams));
  }

  private static double ratio(double share, double grams) {
    return share >= 1 ? Double.POSITIVE_INFINITY : share / (1 - share) * grams;
  }

  /** Whether fewer leave than before for sure. */
  public boolean isFewer() {
    return high < 1;
  }

  /** Whether more leave than before for sure. */
  public boolean isMore() {
    return low > 1;
  }
}
