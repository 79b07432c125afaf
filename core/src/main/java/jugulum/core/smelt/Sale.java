package jugulum.core.smelt;

import jugulum.core.check.Check;
import jugulum.core.shop.Terms;

/**
 * Sand sold to, or worked on toll by, somebody who pays for its gold.
 *
 * @param sandG all of it, dry, 0.1 to 1e8 g
 * @param share of its gold that is paid, 0 to 1: common practice 0.7 to 0.97
 * @param costs charges, freight and assay together, in the shop's currency, 0 to 1e6
 */
public record Sale(double sandG, double share, double costs) {
  /** Checks every value against its range. */
  public Sale {
    Check.inRange("sandG", sandG, 0.1, 1e8);
    Check.share("share", share);
    Check.inRange("costs", costs, 0, 1e6);
  }

  /**
   * What is left of it, in the shop's currency: M·grade·share·price − costs; below 0 where it does
   * not pay.
   *
   * @param fineGramsPerTonne 0 to 1e6
   */
  public double brings(Terms terms, double fineGramsPerTonne) {
    double fineMg =
        sandG / 1000 * Check.inRange("fineGramsPerTonne", fineGramsPerTonne, 0, 1e6) * share;
    return terms.worth(fineMg, 1) - costs;
  }
}
