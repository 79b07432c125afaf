package jugulum.core.mass;

/**
 * The dry mass of a lot and what it rests on.
 *
 * @param grams the dry mass, in grams, 0 or more; 0 where it is unknown
 * @param standardUncertaintyG its standard uncertainty, in grams; 0 where it is unknown
 * @param basis what it rests on
 */
public record LotMass(double grams, double standardUncertaintyG, Basis basis) {
  /** No mass known. */
  public static final LotMass UNKNOWN = new LotMass(0, 0, Basis.UNKNOWN);

  /** What a mass rests on. */
  public enum Basis {
    WEIGHED,
    /** What the magnet's passes left on the heap. */
    PASSES,
    /** What is missing to make the step's sand add up; says nothing of losses. */
    DIFFERENCE,
    UNKNOWN
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
