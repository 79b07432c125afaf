package jugulum.core.belief;

import jugulum.core.check.Check;

/**
 * What a look at a lot, or a person's own word, tells of its grade.
 *
 * @param kin what the lot has in common with others
 * @param log the mean of the logarithm of its grade in mg/kg, from -40 to 40
 * @param variance the variance of that logarithm, 0 to 100
 */
public record SeenGrade(Kin kin, double log, double variance) {
  /**
   * How far a person's own word may be off, as a logarithm: ours.
   *
   * <p>Off by a half: how much "I expect 150" counts beside lots that were looked at.
   */
  public static final double OWN_WORD_SD = 0.7;

  /** Checks both against their ranges. */
  public SeenGrade {
    Check.inRange("log", log, -40, 40);
    Check.inRange("variance", variance, 0, 100);
  }

  /**
   * What a person expects of a lot.
   *
   * @param mgPerKg above 0, to 1e6
   */
  public static SeenGrade word(Kin kin, double mgPerKg) {
    Check.inRange("mgPerKg", mgPerKg, Double.MIN_NORMAL, 1e6);
    return new SeenGrade(kin, Math.log(mgPerKg), OWN_WORD_SD * OWN_WORD_SD);
  }
}
