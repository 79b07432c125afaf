package jugulum.core.settling;

import jugulum.core.check.Check;
import jugulum.core.water.Water;

/** The pull on a grain in water. */
final class Gravity {
  /** Standard acceleration of free fall, in m/s² (NIST SP 811, Appendix B). */
  static final double MPS2 = 9.80665;

  private Gravity() {}

  /**
   * The submerged relative density (ρs − ρ)/ρ.
   *
   * @throws jugulum.core.check.OutOfRange if the grain is no denser than the water
   */
  static double excess(double densityGCm3, Water water) {
    double relative = densityGCm3 * 1000 / water.densityKgM3() - 1;
    return Check.inRange("densityGCm3 above water, relative", relative, 1e-6, 100);
  }
}
