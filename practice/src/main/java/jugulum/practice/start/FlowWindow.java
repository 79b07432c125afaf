package jugulum.practice.start;

import java.util.function.DoublePredicate;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.Rouse;
import jugulum.practice.law.Sliding;
import jugulum.practice.law.Swirl;
import jugulum.practice.law.WallStream;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Sand;

/**
 * The flow a cut wants of a bowl, by the model's laws, without load: above what its coarsest
 * magnetite needs to climb the cone, below where its finest gold is carried or thrown over it. A
 * model to start from, not a forecast.
 *
 * @param sandLMin where its coarsest quartz climbs, in L/min
 * @param magnetiteLMin where its coarsest magnetite climbs, in L/min
 * @param goldLMin where its finest and flattest gold begins to go, in L/min: carried one part in a
 *     hundred of the time, or thrown up the cone by turbulence, whichever comes first
 */
public record FlowWindow(double sandLMin, double magnetiteLMin, double goldLMin) {
  /**
   * Carried so much of the time gold is on its way out: ours.
   *
   * <p>Off by a half: the flow a cut is told not to pass, by a tenth.
   */
  private static final double CARRIED = 0.01;

  /** The window of a cut on a bowl. */
  public static FlowWindow of(Sand sand, BowlShape shape, Water water) {
    double coarse = sand.coarsestMm();
    Foot foot = new Foot(shape, water.kinematicViscosityM2S());
    double gold = settling(sand.finestMm(), sand.flattest(), GrainKind.GOLD, water);
    double height = height(sand.finestMm(), sand.flattest());
    double carried = foot.least(flow -> Rouse.carried(gold, foot.shear(flow)) >= CARRIED);
    double thrown = foot.least(flow -> foot.climbs(flow, height, gold, 1 + WallStream.TURBULENCE));
    return new FlowWindow(
        foot.climbing(coarse, GrainKind.QUARTZ, water),
        foot.climbing(coarse, GrainKind.MAGNETITE, water),
        Math.min(carried, thrown));
  }

  /**
   * The flow at which a grain just climbs the cone, without load and turbulence, in L/min; {@link
   * BowlControls#MOST_L_MIN} times two where it never does.
   *
   * @param sieveMm the screen it just passes, in mm
   * @param flatness 0.15 to 1
   */
  public static double climbing(
      double sieveMm, double flatness, GrainKind kind, BowlShape shape, Water water) {
    Foot foot = new Foot(shape, water.kinematicViscosityM2S());
    double settling = settling(sieveMm, flatness, kind, water);
    return foot.least(flow -> foot.climbs(flow, height(sieveMm, flatness), settling, 1));
  }

  /** Whether there is any flow that takes the magnetite and leaves the gold. */
  public boolean isOpen() {
    return magnetiteLMin < goldLMin;
  }

  private static double settling(double sieveMm, double flatness, GrainKind kind, Water water) {
    return Settling.of(Grain.natural(sieveMm, flatness, kind.densityGCm3()), water)
        .metresPerSecond();
  }

  private static double height(double sieveMm, double flatness) {
    return flatness * sieveMm * 1e-3 / 2;
  }

  /** The stream at the foot of the cone, where climbing begins. */
  private record Foot(BowlShape shape, double viscosity) {
    private static final double MOST = 2 * BowlControls.MOST_L_MIN;

    double shear(double flowLMin) {
      double wall = BowlLaws.OURS.wallMps(flowLMin / 60_000, shape.nozzleM2(), 0);
      double speed = wall * BowlLaws.OURS.growth(shape.wallM(), shape.footM());
      return Swirl.shearMps(speed, shape.depthM(), viscosity);
    }

    boolean climbs(double flowLMin, double heightM, double settlingMps, double gust) {
      double stream = new WallStream(shear(flowLMin), viscosity).speedMps(heightM) * gust;
      double inward = stream * Math.sin(Math.toRadians(BowlLaws.OURS.turnedDegrees()));
      double slope = Math.toRadians(shape.slopeDegrees());
      return Sliding.speedMps(inward, settlingMps, slope) > 0;
    }

    double climbing(double sieveMm, GrainKind kind, Water water) {
      double settling = settling(sieveMm, GrainKind.SAND_FLATNESS, kind, water);
      double height = height(sieveMm, GrainKind.SAND_FLATNESS);
      return least(flow -> climbs(flow, height, settling, 1));
    }

    /** The least flow at which something is so; twice what any valve gives where it never is. */
    double least(DoublePredicate isSo) {
      double low = 0.01;
      double high = MOST;
      for (int i = 0; i < 50; i++) {
        double middle = (low + high) / 2;
        if (isSo.test(middle)) {
          high = middle;
        } else {
          low = middle;
        }
      }
      return high;
    }
  }
}
