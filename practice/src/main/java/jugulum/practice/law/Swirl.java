package jugulum.practice.law;

/**
 * The swirl of a vortex bowl.
 *
 * <p>The wall speed is 0.15 of the speed in the nozzle, less as load grows, and inside v = v_wall
 * (R/r)^0.6, between rigid 1 and free 1 (all ours). The shear speed at the floor by Blasius: u* = v
 * √(f/8), f = 0.316 Re^−0.25, Re = 4 v depth/ν (textbook, smooth). Close to the bed the stream of a
 * curved flow is turned inward, by 25° (the angle is ours).
 */
public final class Swirl {
  /** The share of the nozzle's speed the wall takes on: ours. */
  private static final double TAKEN_ON = 0.15;

  /** The load that halves the swirl, in g: ours. */
  public static final double HALVING_G = 400;

  /** How the speed grows inward: ours. */
  private static final double INWARD = 0.6;

  /** How far the stream near the bed is turned inward, in degrees: ours. */
  public static final double TURNED_DEGREES = 25;

  private static final double BLASIUS = 0.316;

  private Swirl() {}

  /**
   * The speed at the wall once the swirl has followed, in m/s.
   *
   * @param flowM3S in m³/s
   * @param nozzleM2 in m²
   * @param loadG what lies in the bowl, in g
   */
  public static double wallMps(double flowM3S, double nozzleM2, double loadG) {
    return TAKEN_ON * flowM3S / nozzleM2 / (1 + loadG / HALVING_G);
  }

  /**
   * How much faster than at the wall it goes further in.
   *
   * @param wallM radius of the wall, in m
   * @param radiusM where, in m
   */
  public static double growth(double wallM, double radiusM) {
    return StrictMath.pow(wallM / radiusM, INWARD);
  }

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
