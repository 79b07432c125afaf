package jugulum.core.trial;

import jugulum.core.check.Check;
import jugulum.core.check.Normal;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.special.Beta;

/**
 * The range of a share by counting: x of n were found.
 *
 * <p>What is shown is the exact range that counts half of the case seen ({@link #of}): the exact
 * range of Clopper and Pearson never holds less often than it says, and for few specks much more
 * often; with half the case it holds as often as it says on average. Source: C. J. Clopper and E.
 * S. Pearson, Biometrika 26 (1934) 404–413; H. O. Lancaster, J. Am. Stat. Assoc. 56 (1961) 223–234;
 * both as compared by R. G. Newcombe, Statistics in Medicine 17 (1998) 857–872, methods 3, 5 and 6.
 *
 * @param low the low end, 0 to 1
 * @param high the high end, from low to 1
 */
public record ShareRange(double low, double high) {
  private static final double WHOLE_CASE = 1;
  private static final double HALF_CASE = 0.5;
  private static final double CLOSE = 1e-12;
  private static final int ORDER = 5;
  private static final int MOST_STEPS = 200;

  /** Checks that the ends are in order. */
  public ShareRange {
    Check.share("low", low);
    Check.inRange("high", high, low, 1);
  }

  /**
   * The range that counts half of the case seen (mid-P).
   *
   * @param found how many of them were found, 0 to all
   * @param all how many there were, 1 to 1e9
   * @param confidence from 0.5 to 0.9999
   * @throws jugulum.core.check.OutOfRange for a value outside its range
   */
  public static ShareRange of(int found, int all, double confidence) {
    return exact(found, all, confidence, HALF_CASE);
  }

  /** The exact range of Clopper and Pearson; parameters as {@link #of}. */
  public static ShareRange clopperPearson(int found, int all, double confidence) {
    return exact(found, all, confidence, WHOLE_CASE);
  }

  private static ShareRange exact(int found, int all, double confidence, double weight) {
    check(found, all, confidence);
    double tail = (1 - confidence) / 2;
    double low = found == 0 ? 0 : where(p -> atLeast(found, all, p, weight) - tail);
    double high = found == all ? 1 : where(p -> atMost(found, all, p, weight) - tail);
    return new ShareRange(low, Math.max(low, high));
  }

  private static void check(int found, int all, double confidence) {
    Check.inRange("all", all, 1, 1e9);
    Check.inRange("found", found, 0, all);
    Check.inRange("confidence", confidence, 0.5, 0.9999);
  }

  /** The chance of more than were found. */
  private static double above(int found, int all, double share) {
    return found == all ? 0 : Beta.regularizedBeta(share, found + 1.0, (double) all - found);
  }

  /** The chance of fewer than were found. */
  private static double below(int found, int all, double share) {
    return found == 0 ? 0 : 1 - Beta.regularizedBeta(share, found, all - found + 1.0);
  }

  /** The chance of more, and so much of the chance of just as many. */
  private static double atLeast(int found, int all, double share, double weight) {
    return (1 - weight) * above(found, all, share) + weight * (1 - below(found, all, share));
  }

  /** The chance of fewer, and so much of the chance of just as many. */
  private static double atMost(int found, int all, double share, double weight) {
    return (1 - weight) * below(found, all, share) + weight * (1 - above(found, all, share));
  }

  /** Where a chance crosses its tail. */
  private static double where(UnivariateFunction over) {
    return new BracketingNthOrderBrentSolver(CLOSE, CLOSE, ORDER).solve(MOST_STEPS, over, 0, 1);
  }

  /**
   * The range of Wilson, which the difference of two shares is made of; parameters as {@link #of}.
   * Source: E. B. Wilson, J. Am. Stat. Assoc. 22 (1927) 209–212; Newcombe 1998, method 3.
   */
  public static ShareRange wilson(int found, int all, double confidence) {
    check(found, all, confidence);
    return wilson((double) found / all, all, confidence);
  }

  /**
   * The same of a share told by so many specks, or by what is worth so many.
   *
   * @param share 0 to 1
   * @param all above 0
   * @param confidence from 0.5 to 0.99999
   */
  static ShareRange wilson(double share, double all, double confidence) {
    double z = z(confidence);
    double middle = 2 * all * share + z * z;
    double half = z * Math.sqrt(z * z + 4 * all * share * (1 - share));
    double under = 2 * (all + z * z);
    return new ShareRange(
        share == 0 ? 0 : Math.max(0, (middle - half) / under),
        share == 1 ? 1 : Math.min(1, (middle + half) / under));
  }

  private static double z(double confidence) {
    return confidence == 0.95
        ? Normal.Z95
        : new NormalDistribution().inverseCumulativeProbability((1 + confidence) / 2);
  }

  /** Half of its width, 0 to 0.5. */
  public double halfWidth() {
    return (high - low) / 2;
  }
}
