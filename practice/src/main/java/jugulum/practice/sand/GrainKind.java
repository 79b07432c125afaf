package jugulum.practice.sand;

import jugulum.core.minerals.Mineral;

/** The minerals grains are of; the densest first. */
public enum GrainKind {
  GOLD(Mineral.GOLD, 17.4),
  MAGNETITE(Mineral.MAGNETITE, 5.18),
  ILMENITE(Mineral.ILMENITE, 4.7),
  GARNET(Mineral.GARNET, 4.0),
  QUARTZ(Mineral.QUARTZ, 2.65);

  /** The flatness of grains of sand: the usual value of natural sand. */
  public static final double SAND_FLATNESS = 0.7;

  private final Mineral mineral;
  private final double densityGCm3;

  GrainKind(Mineral mineral, double densityGCm3) {
    this.mineral = mineral;
    this.densityGCm3 = densityGCm3;
  }

  /** What the handbook calls it. */
  public Mineral mineral() {
    return mineral;
  }

  /** Its density, in g/cm³: placer gold with its silver, the rest as usual. */
  public double densityGCm3() {
    return densityGCm3;
  }
}
