package jugulum.core.smelt;

import jugulum.core.check.Check;

/** How much sand a crucible takes. */
public final class Crucible {
  /** How full it may be, as a share: it foams. Common practice. */
  public static final double LEAST_FULL = 0.4;

  /** Quiet fluxes allow more. */
  public static final double MOST_FULL = 0.6;

  /** Poured sand, g/mL: common practice 2 to 2.8. */
  public static final double SAND_G_ML = 2.4;

  /** Poured flux, g/mL: common practice 0.8 to 1.2. */
  public static final double FLUX_G_ML = 1.0;

  private Crucible() {}

  /**
   * Dry sand for one crucible, in g: φV/(1/ρ<sub>sand</sub> + r/ρ<sub>flux</sub>).
   *
   * @param volumeMl up to the brim, 1 to 100,000 mL
   * @param fill φ, 0.05 to 1
   * @param sandGPerMl poured, 0.5 to 8
   * @param fluxGPerMl poured, 0.2 to 4
   * @param ratio of all fluxes to the sand, by mass, 0 to 20
   */
  public static double sandG(
      double volumeMl, double fill, double sandGPerMl, double fluxGPerMl, double ratio) {
    Check.inRange("volumeMl", volumeMl, 1, 100_000);
    Check.inRange("fill", fill, 0.05, 1);
    Check.inRange("sandGPerMl", sandGPerMl, 0.5, 8);
    Check.inRange("fluxGPerMl", fluxGPerMl, 0.2, 4);
    Check.inRange("ratio", ratio, 0, 20);
    return fill * volumeMl / (1 / sandGPerMl + ratio / fluxGPerMl);
  }
}
