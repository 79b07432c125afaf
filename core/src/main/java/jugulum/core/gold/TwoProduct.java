package jugulum.core.gold;

import jugulum.core.check.Check;

/**
 * Recovery and ratio of concentration from grades alone.
 *
 * <p>R = c(f − t)/(f(c − t)), K = (c − t)/(f − t). Source: the two-product formula, B. A. Wills and
 * J. A. Finch, Wills' Mineral Processing Technology, 8th ed. (2016), metallurgical accounting (from
 * memory). Uncertainty by JCGM 100:2008, 5.1.2, with the partial derivatives of R.
 *
 * @param recovery R, 0 to 1
 * @param ratio K, feed mass ÷ concentrate mass, 1 or more
 * @param recoverySd the standard uncertainty of R
 */
public record TwoProduct(double recovery, double ratio, double recoverySd) {
  /**
   * A grade with its standard uncertainty, in any one unit.
   *
   * @param value 0 or more
   * @param sd 0 or more
   */
  public record Grade(double value, double sd) {
    /** Checks both values. */
    public Grade {
      Check.inRange("value", value, 0, 1e6);
      Check.inRange("sd", sd, 0, 1e6);
    }
  }

  /**
   * Computes from the three grades.
   *
   * @param feed f, between the other two
   * @param concentrate c, the richest
   * @param tailings t, the poorest
   * @throws IllegalArgumentException if the grades are not in that order; such assays contradict
   *     each other
   */
  public static TwoProduct of(Grade feed, Grade concentrate, Grade tailings) {
    double f = feed.value();
    double c = concentrate.value();
    double t = tailings.value();
    if (!(t < f && f < c)) {
      throw new IllegalArgumentException(
          "grades must rise from tailings " + t + " over feed " + f + " to concentrate " + c);
    }
    double recovery = c * (f - t) / (f * (c - t));
    double byFeed = c * t / (f * f * (c - t));
    double byConcentrate = -t * (f - t) / (f * (c - t) * (c - t));
    double byTailings = -c * (c - f) / (f * (c - t) * (c - t));
    double sd =
        Math.hypot(
            Math.hypot(byFeed * feed.sd(), byConcentrate * concentrate.sd()),
            byTailings * tailings.sd());
    return new TwoProduct(recovery, (c - t) / (f - t), sd);
  }
}
