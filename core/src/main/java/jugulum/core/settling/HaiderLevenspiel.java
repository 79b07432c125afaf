package jugulum.core.settling;

import jugulum.core.check.Check;
import jugulum.core.water.Water;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Settling of spheres. Source: A. Haider and O. Levenspiel 1989, Drag coefficient and terminal
 * velocity of spherical and nonspherical particles, Powder Technology 58, 63 to 70, the drag
 * coefficient of spheres. Used to check the law of natural grains against.
 */
public final class HaiderLevenspiel {
  private static final double SLOWEST_MPS = 1e-9;
  private static final double FASTEST_MPS = 20;
  private static final int MOST_STEPS = 200;

  private HaiderLevenspiel() {}

  /**
   * The terminal speed of a sphere, in m/s.
   *
   * @param diameterMm from 0.001 to 50 mm
   * @param densityGCm3 from 1.1 to 23 g/cm³
   */
  public static double speedMps(double diameterMm, double densityGCm3, Water water) {
    double diameter = Check.inRange("diameterMm", diameterMm, 0.001, 50) * 1e-3;
    double nu = water.kinematicViscosityM2S();
    double pull =
        4.0
            / 3
            * Gravity.excess(Check.inRange("densityGCm3", densityGCm3, 1.1, 23), water)
            * Gravity.MPS2
            * diameter;
    return new BrentSolver(1e-12)
        .solve(
            MOST_STEPS,
            speed -> drag(speed * diameter / nu) * speed * speed - pull,
            SLOWEST_MPS,
            FASTEST_MPS);
  }

  private static double drag(double reynolds) {
    return 24 / reynolds * (1 + 0.1806 * Math.pow(reynolds, 0.6459))
        + 0.4251 / (1 + 6880.95 / reynolds);
  }
}
