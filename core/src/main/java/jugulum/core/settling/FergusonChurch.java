package jugulum.core.settling;

import jugulum.core.check.Check;
import jugulum.core.water.Water;

/**
 * Settling of natural sand by its sieve size. Source: R. I. Ferguson and M. Church 2004, A simple
 * universal equation for grain settling velocity, Journal of Sedimentary Research 74, 933 to 937,
 * equation 4 with C1 = 18 and C2 = 1.0. Used to check Dietrich's law against.
 */
public final class FergusonChurch {
  private static final double C1 = 18;
  private static final double C2 = 1.0;

  private FergusonChurch() {}

  /**
   * The terminal speed, in m/s.
   *
   * @param sieveMm from 0.001 to 50 mm
   * @param densityGCm3 from 1.1 to 23 g/cm³
   */
  public static double speedMps(double sieveMm, double densityGCm3, Water water) {
    double diameter = Check.inRange("sieveMm", sieveMm, 0.001, 50) * 1e-3;
    double pull =
        Gravity.excess(Check.inRange("densityGCm3", densityGCm3, 1.1, 23), water) * Gravity.MPS2;
    return pull
        * diameter
        * diameter
        / (C1 * water.kinematicViscosityM2S()
            + Math.sqrt(0.75 * C2 * pull * Math.pow(diameter, 3)));
  }
}
