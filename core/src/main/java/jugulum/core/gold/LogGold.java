package jugulum.core.gold;

import jugulum.core.check.Check;

/**
 * The logarithm of an amount of gold in milligrams, as its draws tell it.
 *
 * @param mean its mean, from -40 to 40
 * @param variance its variance, 0 to 100
 */
public record LogGold(double mean, double variance) {
  /** Checks both against their ranges. */
  public LogGold {
    Check.inRange("mean", mean, -40, 40);
    Check.inRange("variance", variance, 0, 100);
  }
}
