package jugulum.core.settling;

import jugulum.core.check.Check;

/**
 * Whether two minerals can be told apart by weight in a fluid at all. Source: A. F. Taggart's
 * criterion with its size limits, as in B. A. Wills and J. A. Finch, Wills' Mineral Processing
 * Technology, chapter on gravity concentration; from memory.
 *
 * @param value (ρheavy − ρfluid)/(ρlight − ρfluid)
 */
public record ConcentrationCriterion(double value) {
  /** How fine a size the two can be told apart at. */
  public enum Reach {
    /** Above 2.5: easy, down to 200 mesh. */
    TO_200_MESH(2.5, 0.075),
    /** From 1.75: down to 100 mesh. */
    TO_100_MESH(1.75, 0.150),
    /** From 1.5: down to 10 mesh. */
    TO_10_MESH(1.5, 2.0),
    /** From 1.25: gravel of a quarter inch and more. */
    TO_QUARTER_INCH(1.25, 6.35),
    /** Not by weight. */
    NONE(0, Double.POSITIVE_INFINITY);

    private final double from;
    private final double finestMm;

    Reach(double from, double finestMm) {
      this.from = from;
      this.finestMm = finestMm;
    }

    /** The finest size it reaches, in mm; infinite for none. */
    public double finestMm() {
      return finestMm;
    }
  }

  /**
   * The criterion of two minerals.
   *
   * @param heavyGCm3 the heavy one, in g/cm³
   * @param lightGCm3 the light one, in g/cm³, above the fluid's
   * @param fluidGCm3 the fluid, in g/cm³: 1 for water, more for a pulp, which then hinders
   */
  public static ConcentrationCriterion of(double heavyGCm3, double lightGCm3, double fluidGCm3) {
    Check.inRange("fluidGCm3", fluidGCm3, 0.9, 3);
    Check.inRange("lightGCm3", lightGCm3, Math.nextUp(fluidGCm3), 23);
    Check.inRange("heavyGCm3", heavyGCm3, lightGCm3, 23);
    return new ConcentrationCriterion((heavyGCm3 - fluidGCm3) / (lightGCm3 - fluidGCm3));
  }

  /** How fine a size it reaches. */
  public Reach reach() {
    for (Reach reach : Reach.values()) {
      if (value > reach.from || value == reach.from && reach != Reach.TO_200_MESH) {
        return reach;
      }
    }
    return Reach.NONE;
  }

  /**
   * How much larger the light grain may be and still fall no faster than the heavy one: the
   * criterion to a power.
   *
   * @param exponent 0.5 for fine grains (Stokes) to 1 for coarse ones (Newton)
   */
  public double sizeRatio(double exponent) {
    return Math.pow(value, Check.inRange("exponent", exponent, 0.5, 1));
  }
}
