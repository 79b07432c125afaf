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
    ShareRange one = ShareRange.wilson(found1, all1, confidence);
    ShareRange two = ShareRange.wilson(found2, all2, confidence);
    double p1 = (double) found1 / all1;
    double p2 = (double) found2 / all2;
    double d = p1 - p2;
    return new ShareDifference(
        d,
        d - Math.hypot(p1 - one.low(), two.high() - p2),
        d + Math.hypot(one.high() - p1, p2 - two.low()));
  }

  /** Whether nothing at all is outside it. */
  public boolean isApart() {
    return low > 0 || high < 0;
  }
}
