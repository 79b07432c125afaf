package jugulum.core.machine;

import jugulum.core.check.Check;
import jugulum.core.units.Conversion;

/** The small sums of setting up a machine. Exact units: NIST SP 811, appendix B. */
public final class BenchSums {
  /** Litres in a US gallon, exact. */
  public static final double LITRES_PER_GALLON = Conversion.GALLON_L;

  /** What stays in a battery of what a charger gives: common practice. */
  public static final double CHARGED = 0.85;

  /** What a lead battery can give of what is written on it: common practice. */
  public static final double OF_LEAD = 0.5;

  /** What a lithium one can: common practice, 0.8 to 0.9. */
  public static final double OF_LITHIUM = 0.85;

  private BenchSums() {}

  /**
   * The tilt of a deck, in degrees: the arc tangent of rise over run.
   *
   * @param rise 0 or more, in any unit
   * @param run above 0, in the same unit
   */
  public static double tiltDegrees(double rise, double run) {
    Check.inRange("rise", rise, 0, 1e6);
    Check.inRange("run", run, Double.MIN_NORMAL, 1e6);
    return Math.toDegrees(Math.atan2(rise, run));
  }

  /**
   * A flow, in L/min, from a bucket filled against the watch.
   *
   * @param litres 0 or more
   * @param seconds above 0
   */
  public static double litresPerMinute(double litres, double seconds) {
    Check.inRange("litres", litres, 0, 1e6);
    Check.inRange("seconds", seconds, Double.MIN_NORMAL, 1e6);
    return litres / seconds * 60;
  }

  /**
   * A feed rate, in kg/h, from what ran in.
   *
   * @param kilograms 0 or more
   * @param minutes above 0
   */
  public static double kgPerHour(double kilograms, double minutes) {
    Check.inRange("kilograms", kilograms, 0, 1e6);
    Check.inRange("minutes", minutes, Double.MIN_NORMAL, 1e6);
    return kilograms / minutes * 60;
  }

  /**
   * How long a run takes, in hours.
   *
   * @param kilograms of sand, 0 or more
   * @param kgPerHour above 0
   */
  public static double runHours(double kilograms, double kgPerHour) {
    Check.inRange("kilograms", kilograms, 0, 1e6);
    return kilograms / Check.inRange("kgPerHour", kgPerHour, Double.MIN_NORMAL, 1e6);
  }

  /**
   * What can be taken out of a battery, in Wh.
   *
   * @param volts 0 or more
   * @param ampHours as written on it, 0 or more
   * @param share of that which can be used, 0 to 1: {@link #OF_LEAD} or {@link #OF_LITHIUM}
   */
  public static double usableWh(double volts, double ampHours, double share) {
    return Check.inRange("volts", volts, 0, 1000)
        * Check.inRange("ampHours", ampHours, 0, 1e5)
        * Check.share("share", share);
  }

  /**
   * How long a battery lasts, in hours.
   *
   * @param wattHours what can be taken out of it, in Wh, 0 or more: see {@link #usableWh}
   * @param watts what pump and motor take together, in W, above 0
   */
  public static double batteryHours(double wattHours, double watts) {
    return Check.inRange("wattHours", wattHours, 0, 1e6)
        / Check.inRange("watts", watts, Double.MIN_NORMAL, 1e6);
  }

  /**
   * How long a charger takes to give a battery back what was used, in hours.
   *
   * @param wattHours used, in Wh, 0 or more
   * @param chargerWatts what is written on the charger, in W, above 0: of it {@link #CHARGED} stays
   *     in the battery
   */
  public static double rechargeHours(double wattHours, double chargerWatts) {
    return Check.inRange("wattHours", wattHours, 0, 1e6)
        / (CHARGED * Check.inRange("chargerWatts", chargerWatts, Double.MIN_NORMAL, 1e6));
  }

  /**
   * What a battery loses while a charger hangs on it, in W; 0 where the charger gives as much.
   *
   * @param watts what pump and motor take together, in W, 0 or more
   * @param chargerWatts what is written on the charger, in W, 0 or more
   */
  public static double drainWatts(double watts, double chargerWatts) {
    return Math.max(
        0,
        Check.inRange("watts", watts, 0, 1e6)
            - CHARGED * Check.inRange("chargerWatts", chargerWatts, 0, 1e6));
  }

  /**
   * The water a run takes that is let go after one use, in litres.
   *
   * @param litresPerMinute 0 or more
   * @param hours 0 or more
   */
  public static double waterOnce(double litresPerMinute, double hours) {
    return Check.inRange("litresPerMinute", litresPerMinute, 0, 1e6)
        * 60
        * Check.inRange("hours", hours, 0, 1e6);
  }

  /**
   * The water a run takes that goes round, in litres: a sump that holds it long enough for silt to
   * settle, and what leaves with the wet sand.
   *
   * @param litresPerMinute 0 or more
   * @param minutesInSump how long the water stays in the sump, 0 or more
   * @param sandKg dry, 0 or more
   * @param moisture the water's share of the sand as it leaves, 0 to 0.9
   */
  public static double waterGoingRound(
      double litresPerMinute, double minutesInSump, double sandKg, double moisture) {
    Check.inRange("moisture", moisture, 0, 0.9);
    double sump =
        Check.inRange("litresPerMinute", litresPerMinute, 0, 1e6)
            * Check.inRange("minutesInSump", minutesInSump, 0, 1e4);
    return sump + Check.inRange("kilograms", sandKg, 0, 1e6) * moisture / (1 - moisture);
  }

  /**
   * Wetting agent for a sump, in drops.
   *
   * @param litres 0 or more
   * @param dropsPerTenLitres 0 or more
   */
  public static double wettingDrops(double litres, double dropsPerTenLitres) {
    return Check.inRange("litres", litres, 0, 1e6)
        / 10
        * Check.inRange("drops", dropsPerTenLitres, 0, 1e6);
  }

  /** A rest smaller than that share of a load is the rounding of a sum or a unit, not sand. */
  private static final double NO_LOAD = 1e-6;

  /**
   * How many loads a mass makes, whether charges of a bowl, smelts of a furnace or goes of a
   * screen; the last may be smaller. Five times 0.7 lb are five loads of 0.7 lb, though their sum
   * in binary fractions is a hair more.
   *
   * @param grams 0 or more
   * @param loadG what one takes, in grams, from 0.001
   */
  public static int loads(double grams, double loadG) {
    Check.grams("grams", grams);
    return (int)
        Math.ceil(
            grams / Check.inRange("loadG", loadG, 1e-3, Check.HEAVIEST_G) * (1 - NO_LOAD)
                - NO_LOAD);
  }
}
