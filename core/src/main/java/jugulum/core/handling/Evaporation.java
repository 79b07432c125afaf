package jugulum.core.handling;

import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * How fast water leaves wet sand that is spread in the air.
 *
 * <p>E = (0.089 + 0.0782 v)(p_s − p_a)/Y, in kg/(m² s) with v in m/s, pressures in kPa and Y in
 * kJ/kg: ASHRAE Handbook, Applications, after W. H. Carrier, 1918, from memory. The vapour pressure
 * of water by Magnus with the coefficients of WMO No. 8: 0.6112 exp(17.62 t/(243.12 + t)) kPa. The
 * law is that of an open water surface: sand dries so as long as it looks wet, and slower after, so
 * that it tells a least time.
 *
 * @param celsius of air and sand, in °C, -40 to 60
 * @param humidity relative, 0 to 1
 * @param windMs over the sand, in m/s, 0 to 30
 */
public record Evaporation(double celsius, double humidity, double windMs) {
  /**
   * Under a roof on a mild day: ours.
   *
   * <p>Off by a half: hours of drying where nobody told the air, in proportion.
   */
  public static final Evaporation USUAL = new Evaporation(15, 0.6, 0.3);

  /** Heat of vaporisation of water, kJ/kg. */
  private static final double HEAT = 2257;

  /**
   * A layer of some six millimetres, in dry kg/m²: as thin as a tray is raked, ours.
   *
   * <p>Off by a half: hours of drying, in proportion.
   */
  public static final double SPREAD_KG_M2 = 12;

  /** Checks every value against its range. */
  public Evaporation {
    Check.inRange("celsius", celsius, -40, 60);
    Check.inRange("humidity", humidity, 0, 1);
    Check.inRange("windMs", windMs, 0, 30);
  }

  /** The vapour pressure of water over water, in kPa. */
  public static double saturationKPa(double celsius) {
    Check.inRange("celsius", celsius, -40, 60);
    return 0.6112 * Math.exp(17.62 * celsius / (243.12 + celsius));
  }

  /** Whether water freezes: neither drying nor work with water goes on. */
  public boolean isFrost() {
    return celsius <= 0;
  }

  /** The water that leaves, in kg/(m² h); 0 in frost. */
  public double kgPerM2Hour() {
    if (isFrost()) {
      return 0;
    }
    double saturated = saturationKPa(celsius);
    return 3600 * (0.089 + 0.0782 * windMs) * saturated * (1 - humidity) / HEAT;
  }

  /**
   * The hours until the water is gone; empty where none leaves.
   *
   * @param waterKg in the sand, in kg, 0 to 10,000
   * @param trayM2 it is spread on, in m², from 0.01 to 1,000
   */
  public OptionalDouble hours(double waterKg, double trayM2) {
    Check.inRange("waterKg", waterKg, 0, 10_000);
    Check.inRange("trayM2", trayM2, 0.01, 1000);
    double rate = kgPerM2Hour() * trayM2;
    return rate > 0 ? OptionalDouble.of(waterKg / rate) : OptionalDouble.empty();
  }
}
