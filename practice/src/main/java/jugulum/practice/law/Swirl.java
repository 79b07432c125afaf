package jugulum.practice.law;

/**
 * The swirl of a vortex bowl: the wall takes on a share of the speed in the nozzle, less as load
 * grows, and inside v = v_wall (R/r)^n, with n between 0 and the 1 of a free vortex; close to the
 * bed the stream of a curved flow is turned inward. How much of each is in {@link BowlLaws}. The
 * shear speed at the floor by Blasius: u* = v √(f/8), f = 0.316 Re^−0.25, Re = 4 v depth/ν
 * (textbook, smooth).
 */
public final class Swirl {
  private static final double BLASIUS = 0.316;

  private Swirl() {}

  /**
   * The shear speed at the floor, in m/s.
   *
   * @param speedMps of the water, in m/s
   * @param depthM of the water, in m
   * @param viscosityM2S kinematic, in m²/s
   */
  public static double shearMps(double speedMps, double depthM, double viscosityM2S) {
    if (speedMps <= 0) {
      return 0;
    }
    double reynolds = 4 * speedMps * depthM / viscosityM2S;
    // The fourth root of the fourth root, once more halved: the same last bit everywhere.
    double root = Math.sqrt(Math.sqrt(Math.sqrt(reynolds)));
    return speedMps * Math.sqrt(BLASIUS / 8) / root;
  }
}
