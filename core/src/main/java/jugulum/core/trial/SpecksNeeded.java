package jugulum.core.trial;

import jugulum.core.check.Check;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * How many specks a spike needs for a recovery as sure as one wants it. The range that will come of
 * it hangs on how many are found: it is as narrow as promised in 9 of 10 trials.
 */
public final class SpecksNeeded {
  /** In so many trials the promise is kept. */
  public static final double PROMISE = 0.9;

  /** Nobody counts out more. */
  public static final int MOST = 100_000;

  private static final double CONFIDENCE = 0.95;

  private SpecksNeeded() {}

  /**
   * The fewest specks.
   *
   * @param share the recovery one expects, 0.01 to 0.99
   * @param halfWidth half the width of the 95 % range one wants, 0.005 to 0.4
   * @return at most {@link #MOST}
   */
  public static int of(double share, double halfWidth) {
    Check.inRange("share", share, 0.01, 0.99);
    Check.inRange("halfWidth", halfWidth, 0.005, 0.4);
    int enough = 2;
    while (enough < MOST && halfWidth(share, enough) > halfWidth) {
      enough = Math.min(MOST, 2 * enough);
    }
    return Halving.first(enough / 2, enough, specks -> halfWidth(share, specks) <= halfWidth);
  }

  /**
   * Half the width of the range that so many specks give in 9 of 10 trials, or less.
   *
   * @param share the recovery one expects, 0.01 to 0.99
   * @param specks from 1
   */
  public static double halfWidth(double share, int specks) {
    Check.inRange("share", share, 0.01, 0.99);
    Check.inRange("specks", specks, 1, MOST);
    BinomialDistribution found = new BinomialDistribution(specks, Math.max(share, 1 - share));
    // The nearer to half of them are found, the wider the range.
    int unlucky = Math.max(specks / 2, found.inverseCumulativeProbability(1 - PROMISE));
    return ShareRange.of(unlucky, specks, CONFIDENCE).halfWidth();
  }
}
