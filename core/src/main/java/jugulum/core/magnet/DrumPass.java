package jugulum.core.magnet;

import jugulum.core.check.Check;

/**
 * One pass through a drum separator, both products weighed.
 *
 * @param magnetiteInG the magnetite that went in, in grams
 * @param takenG the magnetite in the magnetics, in grams
 */
public record DrumPass(double magnetiteInG, double takenG) {
  /** A first pass usually takes that much of the magnetite, 90 to 95 %: common practice. */
  public static final double USUAL_LOW = 0.90;

  /** The other end of the usual. */
  public static final double USUAL_HIGH = 0.95;

  /** Checks both masses. */
  public DrumPass {
    Check.grams("magnetiteInG", magnetiteInG);
    Check.grams("takenG", takenG);
  }

  /**
   * From the shares a bench test found and the weights of feed and magnetics.
   *
   * @param feedG dry, in grams
   * @param feedShare magnetite in the feed, 0 to 1
   * @param magneticsG dry, in grams
   * @param purity magnetite in the magnetics, 0 to 1; 1 where nobody tested them, which makes the
   *     efficiency an upper bound
   */
  public static DrumPass of(double feedG, double feedShare, double magneticsG, double purity) {
    return new DrumPass(
        feedG * Check.share("feedShare", feedShare), magneticsG * Check.share("purity", purity));
  }

  /**
   * The share of the magnetite taken, 0 or more; above 1 where weights and test contradict each
   * other, NaN-free 0 without magnetite.
   */
  public double efficiency() {
    return magnetiteInG > 0 ? takenG / magnetiteInG : 0;
  }

  /** What is left in the sand, in grams, 0 or more. */
  public double leftG() {
    return Math.max(0, magnetiteInG - takenG);
  }

  /** What a second pass as good as this one would take, in grams. */
  public double secondPassG() {
    return leftG() * Math.min(1, efficiency());
  }
}
