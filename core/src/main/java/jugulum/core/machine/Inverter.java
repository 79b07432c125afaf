package jugulum.core.machine;

import jugulum.core.check.Check;

/**
 * What makes mains out of a battery.
 *
 * @param efficiency of what it takes, what comes out, 0.3 to 1; 0.8 to 0.92 is usual (common
 *     practice)
 * @param idleW what it takes with nothing behind it, in W, 0 to 500; 5 to 15 is usual (common
 *     practice)
 */
public record Inverter(double efficiency, double idleW) {
  /** Where nobody told it: the middle of what is usual. */
  public static final double USUAL = 0.86;

  /** Checks both. */
  public Inverter {
    Check.inRange("efficiency", efficiency, 0.3, 1);
    Check.inRange("idleW", idleW, 0, 500);
  }

  /**
   * What it takes out of the battery, in W.
   *
   * @param watts what hangs behind it takes together, in W, 0 to 1,000,000
   */
  public double draws(double watts) {
    return Check.inRange("watts", watts, 0, 1e6) / efficiency + idleW;
  }
}
