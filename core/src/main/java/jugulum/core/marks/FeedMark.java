package jugulum.core.marks;

import jugulum.core.check.Check;

/**
 * What ran out of a feeder at one setting.
 *
 * @param setting its volts, turns, or what else is set, in whatever it is read, 0 to 100,000
 * @param kgPerHour what ran, in kg/h, 0 to 10,000
 */
public record FeedMark(double setting, double kgPerHour) {
  /** Checks both. */
  public FeedMark {
    Check.inRange("setting", setting, 0, 100_000);
    Check.inRange("kgPerHour", kgPerHour, 0, 10_000);
  }
}
