package jugulum.core.settling;

import jugulum.core.water.Water;

/**
 * How fast a single grain falls through still water, by the law that holds for it.
 *
 * <ul>
 *   <li>Dietrich 1982 for natural grains, flatness 0.2 to 1.
 *   <li>Finer than Dietrich's range: Stokes, with Dietrich's shape factors at the edge of his
 *       range.
 *   <li>Flatter than 0.2, where Dietrich's formula runs to nothing: Dietrich at 0.2 times the ratio
 *       of two thin discs falling broadside, one as thick as the grain and one as thick as 0.2
 *       allows. Continuous, and slower the flatter the grain.
 * </ul>
 *
 * @param metresPerSecond the terminal speed, in m/s
 * @param law the law that gave it
 */
public record Settling(double metresPerSecond, Law law) {
  /** Laws of settling. */
  public enum Law {
    DIETRICH,
    /** Finer than Dietrich's range. */
    STOKES,
    /** Flatter than Dietrich's range. */
    THIN_DISC
  }

  /** The speed of a grain. */
  public static Settling of(Grain grain, Water water) {
    if (grain.flatness() < Dietrich.FLATTEST) {
      Grain edge = grain.withFlatness(Dietrich.FLATTEST);
      double ratio = ThinDisc.speedMps(grain, water) / ThinDisc.speedMps(edge, water);
      return new Settling(Dietrich.speedMps(edge, water) * ratio, Law.THIN_DISC);
    }
    Law law =
        Dietrich.dimensionlessSize(grain, water) < Dietrich.FINEST ? Law.STOKES : Law.DIETRICH;
    return new Settling(Dietrich.speedMps(grain, water), law);
  }
}
