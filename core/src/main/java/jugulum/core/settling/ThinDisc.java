package jugulum.core.settling;

import jugulum.core.water.Water;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * A thin disc falling broadside on. Source: R. Clift, J. R. Grace and M. E. Weber 1978, Bubbles,
 * Drops, and Particles, table 6.1, from memory: drag coefficient on the face, by the Reynolds
 * number of the disc's diameter.
 */
final class ThinDisc {
  private static final double NEWTON = 1.17;
  private static final double NEWTON_FROM = 133;
  private static final double OSEEN_TO = 1.5;
  private static final double SLOWEST_MPS = 1e-9;
  private static final double FASTEST_MPS = 10;
  private static final int MOST_STEPS = 200;

  private ThinDisc() {}

  /**
   * The terminal speed, in m/s, of a disc as wide as the grain's sieve size and as thick as its
   * flatness times that.
   */
  static double speedMps(Grain grain, Water water) {
    double wide = grain.sieveMm() * 1e-3;
    double thick = grain.flatness() * wide;
    double nu = water.kinematicViscosityM2S();
    double pull = 2 * Gravity.excess(grain.densityGCm3(), water) * Gravity.MPS2 * thick;
    return new BrentSolver(1e-12)
        .solve(
            MOST_STEPS,
            speed -> drag(speed * wide / nu) * speed * speed - pull,
            SLOWEST_MPS,
            FASTEST_MPS);
  }

  static double drag(double reynolds) {
    if (reynolds > NEWTON_FROM) {
      return NEWTON;
    }
    double log = Math.log10(reynolds);
    double rise =
        reynolds > OSEEN_TO
            ? 0.138 * Math.pow(reynolds, 0.792)
            : Math.pow(10, -0.883 + 0.906 * log - 0.025 * log * log);
    return 64 / (Math.PI * reynolds) * (1 + rise);
  }
}
