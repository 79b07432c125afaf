package jugulum.core.minerals;

/**
 * A mineral found with placer gold. Densities as in handbooks of mineralogy, from memory; a range where the mineral itself varies.
 * Which mineral a hand magnet takes is common practice.
 */
public enum Mineral {
  GOLD(15.0, 19.0, false),
  LEAD(11.3, 11.4, false),
  GALENA(7.4, 7.6, false),
  CASSITERITE(6.8, 7.1, false),
  HEMATITE(4.9, 5.3, false),
  MAGNETITE(5.1, 5.2, true),
  PYRITE(4.9, 5.1, false),
  MONAZITE(4.8, 5.2, false),
  ILMENITE(4.5, 4.8, false),
  ZIRCON(4.5, 4.7, false),
  GARNET(4.0, 4.3, false),
  MICA(2.7, 3.0, false),
  QUARTZ(2.64, 2.66, false),
  FELDSPAR(2.55, 2.65, false);

  private final double lightestGCm3;
  private final double heaviestGCm3;
  private final boolean takenByMagnet;

  Mineral(double lightestGCm3, double heaviestGCm3, boolean takenByMagnet) {
    this.lightestGCm3 = lightestGCm3;
    this.heaviestGCm3 = heaviestGCm3;
    this.takenByMagnet = takenByMagnet;
  }

  /** The least density it has, in g/cm³. */
  public double lightestGCm3() {
    return lightestGCm3;
  }

  /** The greatest density it has, in g/cm³. */
  public double heaviestGCm3() {
    return heaviestGCm3;
  }

  /** The middle of its densities, in g/cm³. */
  public double usualGCm3() {
    return (lightestGCm3 + heaviestGCm3) / 2;
  }

  /** Whether a hand magnet takes it out. */
  public boolean isTakenByMagnet() {
    return takenByMagnet;
  }
}
