package jugulum.core.smelt;

import jugulum.core.check.Check;

/** What roasting does to the weight of sand. */
public final class Roast {
  private static final double FE = 55.845;
  private static final double S = 32.06;
  private static final double O = 15.999;
  private static final double HEMATITE = 2 * FE + 3 * O;

  /** FeS₂ becomes ½ Fe₂O₃: −0.334 of it (atomic weights: IUPAC, abridged 2021). */
  public static final double OF_PYRITE = HEMATITE / 2 / (FE + 2 * S) - 1;

  /** Fe₃O₄ becomes 1½ Fe₂O₃, where it does: +0.035 of it. */
  public static final double OF_MAGNETITE = 1.5 * HEMATITE / (3 * FE + 4 * O) - 1;

  private Roast() {}

  /**
   * The change of weight once the roast is through.
   *
   * @param lowG magnetite stays as it is, in g, below 0 for a loss
   * @param highG all magnetite takes oxygen, in g
   */
  public record Change(double lowG, double highG) {
    /** Whether so little was lost that sulfide is left: roast on. */
    public boolean isUnfinished(double changeG) {
      return changeG > highG;
    }
  }

  /**
   * What to expect.
   *
   * @param sandG dry, 0.1 to 100,000 g
   * @param pyrite its share of the sand, 0 to 1
   * @param magnetite the same
   */
  public static Change expected(double sandG, double pyrite, double magnetite) {
    Check.inRange("sandG", sandG, 0.1, 100_000);
    double lost = OF_PYRITE * Check.share("pyrite", pyrite) * sandG;
    return new Change(lost, lost + OF_MAGNETITE * Check.share("magnetite", magnetite) * sandG);
  }
}
