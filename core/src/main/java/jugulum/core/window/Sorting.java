package jugulum.core.window;

import jugulum.core.settling.ConcentrationCriterion;

/** How grains are told apart on a machine. */
public enum Sorting {
  /** Grains fall singly, each at its own speed. */
  FREE,
  /**
   * Grains crowd each other in a bed or film, which then weighs like a fluid itself and widens the
   * difference: hindered settling in a pulp of density 1.5 (A. M. Gaudin, in Wills and Finch; from
   * memory).
   */
  HINDERED;

  private static final double PULP_GCM3 = 1.5;
  private static final double WATER_GCM3 = 1.0;

  /**
   * By what factor the ratio of two speeds is widened, 1 or more; 1 for gold alloyed so much that
   * it is no heavier than the other.
   */
  double factor(double goldGCm3, double otherGCm3) {
    if (this == FREE || goldGCm3 <= otherGCm3) {
      return 1;
    }
    return ConcentrationCriterion.of(goldGCm3, otherGCm3, PULP_GCM3).value()
        / ConcentrationCriterion.of(goldGCm3, otherGCm3, WATER_GCM3).value();
  }
}
