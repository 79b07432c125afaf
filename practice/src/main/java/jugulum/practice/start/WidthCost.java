package jugulum.practice.start;

import jugulum.core.water.Water;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import jugulum.practice.sand.Sand;

/**
 * What the width of a cut costs on a bowl, by the model: run with as little water as takes nine
 * tenths of its sand out in the time, what share of its gold goes with it.
 *
 * @param flowLMin that flow, in L/min; the most a valve gives where even that does not
 * @param sandGone the share of the sand that is out then, 0 to 1
 * @param goldGone the share of the gold that is gone then, 0 to 1
 */
public record WidthCost(double flowLMin, double sandGone, double goldGone) {
  /** How much of the sand is to be out. */
  public static final double WANTED = 0.9;

  private static final int SAND = 400;
  private static final int GOLD = 500;
  private static final double CHARGE_G = 60;
  private static final double SECONDS = 120;
  private static final long SEED = 20261127;
  private static final int HALVINGS = 6;

  /** The cost of a cut. Takes some tenths of a second. */
  public static WidthCost of(Sand sand, BowlShape shape, Water water) {
    Grains grains = Grains.draw(sand, SAND, GOLD, water, SEED);
    double low = 4;
    double high = BowlControls.MOST_L_MIN;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (run(grains, shape, water, middle).sandGone() >= WANTED) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return run(grains, shape, water, high);
  }

  private static WidthCost run(Grains grains, BowlShape shape, Water water, double flowLMin) {
    Bowl bowl = new Bowl(shape, grains, CHARGE_G, water, SEED);
    bowl.charge(CHARGE_G, true, true);
    BowlControls controls = BowlControls.SHUT.valve(flowLMin);
    for (long steps = Math.round(SECONDS / Bowl.STEP_S); steps > 0; steps--) {
      bowl.step(controls);
    }
    return new WidthCost(flowLMin, bowl.sandGone(), bowl.gone(GrainKind.GOLD));
  }
}
