package jugulum.core.settling;

import jugulum.core.check.Check;
import jugulum.core.water.Water;

/**
 * Settling of natural grains. Source: W. E. Dietrich 1982, Settling velocity of natural particles,
 * Water Resources Research 18 (6), 1615 to 1626: equations 6 and 7 for the dimensionless size and
 * speed, 9 for size, 17 for shape, 18 for roundness, 8 below his range.
 */
public final class Dietrich {
  /**
   * The flattest grain the formula is used for. It is not defined at 0.15 and runs to nothing just
   * above.
   */
  public static final double FLATTEST = 0.2;

  /** The finest dimensionless size of the fit; below it Stokes holds. */
  static final double FINEST = 0.05;

  private static final double STOKES = 1.71e-4;
  private static final double SPHERE_ROUNDNESS_EXPONENT = 2.5;

  private Dietrich() {}

  /**
   * The terminal speed, in m/s.
   *
   * @param grain flatness at least {@link #FLATTEST}
   * @throws jugulum.core.check.OutOfRange if the grain is flatter, or floats
   */
  public static double speedMps(Grain grain, Water water) {
    Check.inRange("flatness", grain.flatness(), FLATTEST, 1);
    double size = dimensionlessSize(grain, water);
    double logSize = Math.log10(Math.max(size, FINEST));
    double shape =
        Math.pow(10, shape(grain.flatness(), logSize))
            * roundness(grain.flatness(), grain.roundness(), logSize);
    double sphere = size < FINEST ? STOKES * size * size : Math.pow(10, size(logSize));
    double speed = sphere * shape;
    return Math.cbrt(speed * excess(grain, water) * Gravity.MPS2 * water.kinematicViscosityM2S());
  }

  /** Equation 6: (ρs − ρ) g Dn³ / (ρ ν²). */
  static double dimensionlessSize(Grain grain, Water water) {
    double nu = water.kinematicViscosityM2S();
    return excess(grain, water) * Gravity.MPS2 * Math.pow(grain.nominalDiameterM(), 3) / (nu * nu);
  }

  private static double excess(Grain grain, Water water) {
    return Gravity.excess(grain.densityGCm3(), water);
  }

  /** Equation 9. */
  private static double size(double l) {
    return -3.76715 + 1.92944 * l - 0.09815 * l * l - 0.00575 * l * l * l + 0.00056 * l * l * l * l;
  }

  /** Equation 17. */
  private static double shape(double csf, double l) {
    double flat = 1 - csf;
    return Math.log10(1 - flat / 0.85)
        - Math.pow(flat, 2.3) * Math.tanh(l - 4.6)
        + 0.3 * (0.5 - csf) * flat * flat * (l - 4.6);
  }

  /** Equation 18. */
  private static double roundness(double csf, double powers, double l) {
    double exponent = 1 + (Grain.NATURAL_ROUNDNESS - powers) / SPHERE_ROUNDNESS_EXPONENT;
    return Math.pow(0.65 - csf / 2.83 * Math.tanh(l - 4.6), exponent);
  }
}
