package jugulum.practice;

import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.Sliding;
import jugulum.practice.law.Swirl;
import jugulum.practice.law.WallStream;
import jugulum.practice.sand.GrainKind;

/**
 * The flow at which one grain climbs the cone of a bowl, put together from the laws that hold now:
 * what an independent computation of them is compared with.
 */
final class ClimbingFlow {
  private static final double MOST = 2 * BowlControls.MOST_L_MIN;
  private static final int HALVINGS = 50;

  private ClimbingFlow() {}

  /**
   * The flow at which a grain just climbs, without load and turbulence, in L/min; {@link
   * BowlControls#MOST_L_MIN} times two where it never does.
   *
   * @param sieveMm the screen it just passes, in mm
   * @param flatness 0.15 to 1
   */
  static double of(double sieveMm, double flatness, GrainKind kind, BowlShape shape, Water water) {
    double settling =
        Settling.of(Grain.natural(sieveMm, flatness, kind.densityGCm3()), water).metresPerSecond();
    double height = flatness * sieveMm * 1e-3 / 2;
    double low = 0.01;
    double high = MOST;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (climbs(middle, height, settling, shape, water.kinematicViscosityM2S())) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }

  private static boolean climbs(
      double flowLMin, double heightM, double settlingMps, BowlShape shape, double viscosity) {
    double wall = BowlLaws.OURS.wallMps(flowLMin / 60_000, shape.nozzleM2(), 0);
    double foot = wall * BowlLaws.OURS.growth(shape.wallM(), shape.footM());
    double shear = Swirl.shearMps(foot, shape.depthM(), viscosity);
    double inward =
        new WallStream(shear, viscosity).speedMps(heightM)
            * Math.sin(Math.toRadians(BowlLaws.OURS.turnedDegrees()));
    return Sliding.speedMps(inward, settlingMps, Math.toRadians(shape.slopeDegrees())) > 0;
  }
}
