package jugulum.core.minerals;

/**
 * A mineral found with placer gold. Densities as in handbooks of mineralogy, from memory; a range
 * where the mineral itself varies. What a magnet does with each is common practice: a hand magnet
 * takes magnetite, a strong one the weakly magnetic too.
 */
public enum Mineral {
  GOLD(15.0, 19.0, Response.NONE),
  LEAD(11.3, 11.4, Response.NONE),
  GALENA(7.4, 7.6, Response.NONE),
  CASSITERITE(6.8, 7.1, Response.NONE),
  HEMATITE(4.9, 5.3, Response.WEAK),
  MAGNETITE(5.1, 5.2, Response.STRONG),
  PYRITE(4.9, 5.1, Response.NONE),
  MONAZITE(4.8, 5.2, Response.WEAK),
  ILMENITE(4.5, 4.8, Response.WEAK),
  CHROMITE(4.5, 4.8, Response.WEAK),
  ZIRCON(4.5, 4.7, Response.NONE),
  GARNET(4.0, 4.3, Response.WEAK),
  MICA(2.7, 3.0, Response.NONE),
  QUARTZ(2.64, 2.66, Response.NONE),
  FELDSPAR(2.55, 2.65, Response.NONE);

  private final double lightestGCm3;
  private final double heaviestGCm3;
  private final Response response;

  Mineral(double lightestGCm3, double heaviestGCm3, Response response) {
    this.lightestGCm3 = lightestGCm3;
    this.heaviestGCm3 = heaviestGCm3;
    this.response = response;
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
    return response == Response.STRONG;
  }

  /** What a magnet does with it. */
  public Response response() {
    return response;
  }

  /** What magnets do with a mineral. */
  public enum Response {
    /** Any magnet takes it. */
    STRONG,
    /** Only a strong magnet, close by, takes it. */
    WEAK,
    NONE
  }
}
