package jugulum.practice.law;

/**
 * The stream close to a smooth wall, by the law of the wall: u = u*² z/ν up to u* z/ν = 11.6, above
 * it u = u* (ln(u* z/ν)/0.41 + 5.5). Textbook constants (von Kármán 0.41).
 *
 * @param shearMps the shear speed u*, in m/s, from 0
 * @param viscosityM2S the kinematic viscosity, in m²/s
 */
public record WallStream(double shearMps, double viscosityM2S) {
  /** Von Kármán's constant. */
  public static final double KARMAN = 0.41;

  /** Where the layer that sticks to the wall ends, in wall units. */
  public static final double STICKING = 11.6;

  /** What the logarithm starts from on a smooth wall. */
  public static final double SMOOTH = 5.5;

  /**
   * How strong turbulence is at the wall, of the mean speed: Alfredsson et al. 1988, from memory.
   *
   * <p>Off by a half: how often a settled grain is lifted: how much fine gold leaves.
   */
  public static final double TURBULENCE = 0.4;

  /**
   * How long turbulence remembers, in wall units of time: ours.
   *
   * <p>Off by a half: how high a lifted grain gets.
   */
  private static final double MEMORY = 20;

  /**
   * The mean speed at a height.
   *
   * @param heightM above the wall, in m, from 0
   * @return in m/s
   */
  public double speedMps(double heightM) {
    double height = heightM * shearMps / viscosityM2S;
    return height < STICKING
        ? shearMps * height
        : shearMps * (StrictMath.log(height) / KARMAN + SMOOTH);
  }

  /** How long turbulence remembers, in s. */
  public double memoryS() {
    return memoryS(shearMps, viscosityM2S);
  }

  /**
   * How long turbulence remembers, in s; without any shear for ever.
   *
   * @param shearMps in m/s
   * @param viscosityM2S in m²/s
   */
  public static double memoryS(double shearMps, double viscosityM2S) {
    return MEMORY * viscosityM2S / (shearMps * shearMps);
  }

  /**
   * The shear speed at which a stream begins to move a grain on a level bed, in m/s.
   *
   * @param heightM of its centre above the bed, in m
   * @param settlingMps its settling speed, in m/s
   */
  public static double shearToMove(double heightM, double settlingMps, double viscosityM2S) {
    double wanted = settlingMps * Sliding.toMove(0);
    double low = 0;
    double high = 1;
    for (int i = 0; i < 60; i++) {
      double middle = (low + high) / 2;
      if (new WallStream(middle, viscosityM2S).speedMps(heightM) < wanted) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return (low + high) / 2;
  }
}
