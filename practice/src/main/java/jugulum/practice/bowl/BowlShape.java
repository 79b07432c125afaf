package jugulum.practice.bowl;

import jugulum.core.check.Check;

/**
 * A vortex bowl: water enters along the wall, swirls in and leaves over a round lip in the middle
 * of a cone.
 *
 * @param wallM radius of the wall, in m, 0.05 to 1
 * @param footM radius of the cone's foot, in m, less than the wall
 * @param lipM radius of the lip, in m, from 0.005, less than the foot
 * @param slopeDegrees slope of the cone, 5 to 60
 * @param nozzleM2 what the water enters by, in m², 1e-6 to 0.01
 * @param depthM depth of the water at the cone's foot, in m, 0.005 to 0.5
 */
public record BowlShape(
    double wallM, double footM, double lipM, double slopeDegrees, double nozzleM2, double depthM) {
  /**
   * A shop's usual bowl: ours.
   *
   * <p>Off by a half: flows told for a bowl nobody measured: the bore of the nozzle nearly squared.
   */
  public static final BowlShape USUAL = new BowlShape(0.170, 0.085, 0.045, 35, 1.0e-4, 0.050);

  /** Checks that it can be built. */
  public BowlShape {
    Check.inRange("wallM", wallM, 0.05, 1);
    Check.inRange("lipM", lipM, 0.005, 0.5);
    Check.inRange("footM", footM, Math.nextUp(lipM), Math.nextDown(wallM));
    Check.inRange("slopeDegrees", slopeDegrees, 5, 60);
    Check.inRange("nozzleM2", nozzleM2, 1e-6, 0.01);
    Check.inRange("depthM", depthM, 0.005, 0.5);
  }

  /** The surface of the water, in m². */
  double surfaceM2() {
    return Math.PI * (wallM * wallM - lipM * lipM);
  }

  /** The slope of the cone, in radians. */
  double slope() {
    return StrictMath.toRadians(slopeDegrees);
  }
}
