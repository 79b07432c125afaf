package jugulum.core.smelt;

import jugulum.core.check.Check;

/** What the weight of a button says of a melt, beside the collector that went in. */
public enum Button {
  /**
   * Collector burnt, or in slag, crucible or spilt, and gold with it: crush the slag, and the
   * result is “at least”.
   */
  LOW,
  RIGHT,
  /** Base metal, matte or slag clings to it: clean it, scorify. */
  HIGH;

  /**
   * A button below that share of what went in lost metal: ours.
   *
   * <p>Off by a half: when a smelt says “at least”.
   */
  private static final double LEAST = 0.9;

  /**
   * A button above that share of what went in has more than metal: ours.
   *
   * <p>Off by a half: when a button is said to be dirty.
   */
  private static final double MOST = 1.05;

  /** Less collector is none, in g: a button of it says nothing. */
  public static final double LEAST_IN_G = 0.1;

  /** No crucible takes more collector, in g. */
  public static final double MOST_IN_G = 1000;

  /** No button of a crucible weighs more, in g. */
  public static final double MOST_OUT_G = 2000;

  /**
   * What it says.
   *
   * @param collectorG that went in, 0.1 to 1,000 g
   * @param goldG expected, 0 to 1,000 g
   * @param buttonG above 0 to 2,000 g
   */
  public static Button of(double collectorG, double goldG, double buttonG) {
    double in =
        Check.inRange("collectorG", collectorG, LEAST_IN_G, MOST_IN_G)
            + Check.inRange("goldG", goldG, 0, 1000);
    double share = Check.inRange("buttonG", buttonG, Double.MIN_NORMAL, MOST_OUT_G) / in;
    return share < LEAST ? LOW : share <= MOST ? RIGHT : HIGH;
  }

  /**
   * The bead that shot out of the slag would have added, in mg with it: bead · (button +
   * shot)/button, where the shot did not go into the cupel.
   *
   * @param beadMg 0 to 1e6
   * @param buttonG above 0 to 2,000 g
   * @param shotG 0 to 2,000 g
   */
  public static double beadWithShot(double beadMg, double buttonG, double shotG) {
    Check.inRange("buttonG", buttonG, Double.MIN_NORMAL, MOST_OUT_G);
    Check.inRange("shotG", shotG, 0, MOST_OUT_G);
    return Check.inRange("beadMg", beadMg, 0, 1e6) * (buttonG + shotG) / buttonG;
  }
}
