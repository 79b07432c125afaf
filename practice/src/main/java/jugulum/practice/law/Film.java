package jugulum.practice.law;

import jugulum.core.check.Check;

/**
 * A film of water that runs down a tilted deck: Nusselt 1916, h = (3 ν q/(g sin a))^(1/3) and u(z)
 * = g sin a/ν (h z − z²/2).
 *
 * @param thicknessM how thick, in m
 * @param pullMps2 g sin a, in m/s²
 * @param viscosityM2S kinematic, in m²/s
 */
public record Film(double thicknessM, double pullMps2, double viscosityM2S) {
  /** Standard acceleration of free fall, in m/s² (NIST SP 811, Appendix B). */
  public static final double G = 9.80665;

  /** The steepest deck taken, in degrees. */
  public static final double STEEPEST = 15;

  /**
   * The film on a deck.
   *
   * @param flowM2S water by width, in m²/s, from 0
   * @param tiltDegrees from 0 to {@link #STEEPEST}; on a level deck no film runs
   * @param viscosityM2S kinematic, in m²/s
   */
  public static Film of(double flowM2S, double tiltDegrees, double viscosityM2S) {
    Check.inRange("flowM2S", flowM2S, 0, 1);
    Check.inRange("tiltDegrees", tiltDegrees, 0, STEEPEST);
    double pull = G * StrictMath.sin(StrictMath.toRadians(tiltDegrees));
    double thickness = pull > 0 ? StrictMath.cbrt(3 * viscosityM2S * flowM2S / pull) : 0;
    return new Film(thickness, pull, viscosityM2S);
  }

  /** The speed at a height, in m/s; above the film that of its top. */
  public double speedMps(double heightM) {
    double z = Math.min(heightM, thicknessM);
    return pullMps2 / viscosityM2S * (thicknessM * z - z * z / 2);
  }

  /** The speed of its top, in m/s. */
  public double topMps() {
    return speedMps(thicknessM);
  }

  /** The shear speed at the deck, in m/s: √(g h sin a). */
  public double shearMps() {
    return Math.sqrt(pullMps2 * thicknessM);
  }
}
