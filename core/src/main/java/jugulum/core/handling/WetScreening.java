package jugulum.core.handling;

import jugulum.core.check.Check;

/**
 * The water and the time of screening under water or under a hose.
 *
 * @param litres the water run through, in litres; the same water may go round
 * @param minutes how long it runs
 */
public record WetScreening(double litres, double minutes) {
  /**
   * Common practice: six litres a kilogram rinse fine sand through a classifier clean; sticky sand
   * needs more.
   */
  public static final double USUAL_LITRES_PER_KG = 6;

  /**
   * Works both out.
   *
   * @param sandKg dry sand, in kg, 0 to 10,000
   * @param litresPerKg water for a kilogram, in L/kg, from 0.1 to 1,000
   * @param litresPerMinute the flow, in L/min, from 0.01 to 10,000
   */
  public static WetScreening of(double sandKg, double litresPerKg, double litresPerMinute) {
    Check.inRange("sandKg", sandKg, 0, 10_000);
    Check.inRange("litresPerKg", litresPerKg, 0.1, 1000);
    Check.inRange("litresPerMinute", litresPerMinute, 0.01, 10_000);
    double litres = sandKg * litresPerKg;
    return new WetScreening(litres, litres / litresPerMinute);
  }
}
