package jugulum.core.trial;

import jugulum.core.check.Check;

/**
 * By how much the share of one machine is above that of another, each by counting.
 *
 * <p>Square-and-add of the two Wilson ranges: low d − √((p₁ − l₁)² + (u₂ − p₂)²), high d + √((u₁ −
 * p₁)² + (p₂ − l₂)²). Source: R. G. Newcombe, Statistics in Medicine 17 (1998) 873–890, method 10.
 *
 * @param value first less second, −1 to 1
 * @param low the low end of its range, −1 to the value
 * @param high the high end, the value to 1
 */
public record ShareDifference(double value, double low, double high) {
  /** Checks the order of the three. */
  public ShareDifference {
    Check.inRange("value", value, -1, 1);
    Check.inRange("low", low, -1 - 1e-9, value);
    Check.inRange("high", high, value, 1 + 1e-9);
  }

  private static final double SELDOM = 1e-5;
  private static final int HALVINGS = 30;

  /**
   * First less second.
   *
   * @param found1 found of the first, 0 to all
   * @param all1 the first, from 1
   * @param found2 found of the second, 0 to all
   * @param all2 the second, from 1
   * @param confidence from 0.5 to 0.9999
   */
  public static ShareDifference of(int found1, int all1, int found2, int all2, double confidence) {
    return of(found1, all1, found2, all2, RunScatter.NONE, confidence);
  }

  /**
   * The same where runs differ beyond their specks: so many specks are worth fewer.
   *
   * @param scatter how runs differ
   * @param confidence from 0.5 to 0.99999
   */
  public static ShareDifference of(
      int found1, int all1, int found2, int all2, RunScatter scatter, double confidence) {
    Check.inRange("all1", all1, 1, 1e9);
    Check.inRange("all2", all2, 1, 1e9);
    double p1 = Check.share("first", (double) found1 / all1);
    double p2 = Check.share("second", (double) found2 / all2);
    double times = scatter.times(confidence);
    ShareRange one = ShareRange.wilson(p1, all1 / (times * times), confidence);
    ShareRange two = ShareRange.wilson(p2, all2 / (times * times), confidence);
    double d = p1 - p2;
    return new ShareDifference(
        d,
        d - Math.hypot(p1 - one.low(), two.high() - p2),
        d + Math.hypot(one.high() - p1, p2 - two.low()));
  }

  /**
   * The chance that two that win alike come out as far apart: one less the confidence of the widest
   * range that leaves nothing at all out, from 1e-5 to 0.5; parameters as {@link #of}.
   */
  static double chance(int found1, int all1, int found2, int all2, RunScatter scatter) {
    double least = 0.5;
    double most = 1 - SELDOM;
    for (int i = 0; i < HALVINGS; i++) {
      double confidence = (least + most) / 2;
      if (of(found1, all1, found2, all2, scatter, confidence).isApart()) {
        least = confidence;
      } else {
        most = confidence;
      }
    }
    return 1 - least;
  }

  /** Whether nothing at all is outside it. */
  public boolean isApart() {
    return low > 0 || high < 0;
  }
}
