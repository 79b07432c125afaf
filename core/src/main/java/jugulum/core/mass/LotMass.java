package jugulum.core.mass;

/**
 * The dry mass of a lot and what it rests on.
 *
 * @param grams the dry mass, in grams, 0 or more; 0 where it is unknown
 * @param ownSdG the standard uncertainty of what was read of this lot alone, in grams: scatter,
 *     resolution, water; 0 where it is unknown
 * @param sharedSdG that of the scale's calibration, in grams: the same share of every mass weighed
 *     on it, so it adds up and never averages out
 * @param basis what it rests on
 */
public record LotMass(double grams, double ownSdG, double sharedSdG, Basis basis) {
  /** No mass known. */
  public static final LotMass UNKNOWN = new LotMass(0, 0, 0, Basis.UNKNOWN);

  /** What a mass rests on. */
  public enum Basis {
    WEIGHED,
    /** What the magnet's passes left on the heap. */
    PASSES,
    /** What is missing to make the step's sand add up; says nothing of losses. */
    DIFFERENCE,
    UNKNOWN
  }

  /** Its standard uncertainty, in grams; 0 where it is unknown. */
  public double standardUncertaintyG() {
    return Math.hypot(ownSdG, sharedSdG);
  }

  /**
   * Both together, weighed on one scale: what was read apart adds up in quadrature, the calibration
   * as it is (JCGM 100:2008, 5.2.2, note 1, correlation of +1).
   */
  LotMass plus(LotMass other) {
    return new LotMass(
        grams + other.grams, Math.hypot(ownSdG, other.ownSdG), sharedSdG + other.sharedSdG, basis);
  }

  /** Whether there is a mass at all. */
  public boolean isKnown() {
    return basis != Basis.UNKNOWN;
  }

  /** Whether it was measured, not reckoned from the other lots of its step. */
  public boolean isMeasured() {
    return basis == Basis.WEIGHED || basis == Basis.PASSES;
  }
}
