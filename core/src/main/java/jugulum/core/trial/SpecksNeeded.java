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
   * With more specks than these a run tells hardly more: what is left open is how runs differ, and
   * that only more runs tell. At the usual scatter a run of so many tells four fifths of what any
   * could ({@link RunScatter#USUAL_CORRELATION}).
   */
  public static final int ENOUGH = 200;

  /**
   * The fewest specks of each size in a run.
   *
   * @param share the recovery one expects, 0.01 to 0.99
   * @param halfWidth half the width of the 95 % range one wants, 0.005 to 0.4
   * @param runs of each machine, from 1
   * @return at most {@link #ENOUGH}, where it takes more runs
   */
  public static int of(double share, double halfWidth, int runs) {
    Check.inRange("halfWidth", halfWidth, 0.005, 0.4);
    return halfWidth(share, ENOUGH, runs) > halfWidth
        ? ENOUGH
        : Halving.first(0, ENOUGH, specks -> halfWidth(share, specks, runs) <= halfWidth);
  }

  /**
   * Half the width of the range that so many specks in a run give in 9 of 10 trials, or less.
   *
   * @param share the recovery one expects, 0.01 to 0.99
   * @param specks in a run, from 1
   * @param runs of each machine, from 1
   */
  public static double halfWidth(double share, int specks, int runs) {
    Check.inRange("share", share, 0.01, 0.99);
    Check.inRange("specks", specks, 1, MOST);
    RunScatter scatter = RunScatter.expected(specks, runs, 1);
    int all = specks * runs;
    int worth = (int) Math.max(1, Math.round(all / scatter.dispersion()));
    BinomialDistribution found = new BinomialDistribution(worth, Math.max(share, 1 - share));
    // The nearer to half of them are found, the wider the range.
    int unlucky = Math.max(worth / 2, found.inverseCumulativeProbability(1 - PROMISE));
    return ShareRange.of(unlucky, worth, CONFIDENCE).halfWidth();
  }
}
