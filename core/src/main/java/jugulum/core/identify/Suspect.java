package jugulum.core.identify;

import jugulum.core.check.Band;

/**
 * What a bright or heavy speck in a pan can be.
 *
 * <p>Densities in g/cm³ and hardness on Mohs's scale as in handbooks of mineralogy (Deer, Howie and
 * Zussman), from memory; amalgam and brass by their make. How often each is met among specks that
 * somebody asks about is ours: a start that the first answers overrule.
 */
public enum Suspect {
  GOLD(30, 15.0, 19.3, 2.5, 3, Hazard.NONE),
  AMALGAM(3, 13.0, 16.0, 1.5, 3, Hazard.MERCURY),
  LEAD(8, 11.3, 11.4, 1.5, 1.5, Hazard.LEAD),
  GALENA(4, 7.4, 7.6, 2.5, 2.5, Hazard.LEAD),
  PYRITE(15, 4.9, 5.1, 6, 6.5, Hazard.NONE),
  CHALCOPYRITE(6, 4.1, 4.3, 3.5, 4, Hazard.NONE),
  MICA(12, 2.7, 3.3, 2, 3, Hazard.NONE),
  GARNET(6, 3.5, 4.3, 6.5, 7.5, Hazard.NONE),
  CASSITERITE(4, 6.8, 7.1, 6, 7, Hazard.NONE),
  CINNABAR(2, 8.0, 8.2, 2, 2.5, Hazard.MERCURY),
  PLATINUM(2, 14.0, 19.0, 4, 4.5, Hazard.NONE),
  BRASS(4, 8.4, 8.7, 3, 4, Hazard.NONE),
  UNKNOWN(4, 2.0, 20.0, 1, 9, Hazard.NONE);

  private final double often;
  private final Band densityGCm3;
  private final Band hardness;
  private final Hazard hazard;

  Suspect(
      double often,
      double lightest,
      double densest,
      double softest,
      double hardest,
      Hazard hazard) {
    this.often = often;
    this.densityGCm3 = new Band(lightest, (lightest + densest) / 2, densest);
    this.hardness = new Band(softest, (softest + hardest) / 2, hardest);
    this.hazard = hazard;
  }

  /** What can hurt someone who handles it. */
  public enum Hazard {
    NONE,
    /** Never heat it: the fumes poison. */
    MERCURY,
    /** Gloves, and hands washed before food. */
    LEAD
  }

  /** How often it is met, as a weight beside the others. */
  double often() {
    return often;
  }

  /** Its density, in g/cm³. */
  public Band densityGCm3() {
    return densityGCm3;
  }

  /** Its hardness on Mohs's scale. */
  public Band hardness() {
    return hardness;
  }

  /** What can hurt someone who handles it. */
  public Hazard hazard() {
    return hazard;
  }
}
