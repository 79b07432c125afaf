package jugulum.core.smelt;

import jugulum.core.check.Check;
import jugulum.core.shop.Terms;

/**
 * What it takes to smelt a whole lot, not a sample.
 *
 * @param sandG all of it, dry, 0.1 to 1e8 g
 * @param perCrucibleG sand in one crucible, 0.1 to 100,000 g
 * @param atOnce crucibles in one heat, 1 to 100
 * @param hoursPerHeat hands of one heat, charging to weighing, 0.01 to 100 h
 * @param costPerCrucible flux, collector, cupel and fuel for one, in the shop's currency, 0 to
 *     100,000
 */
public record WholeLot(
    double sandG, double perCrucibleG, int atOnce, double hoursPerHeat, double costPerCrucible) {
  /**
   * What a melt gets out of the gold in it, as a share: ours.
   *
   * <p>Off by a half: what a lot that is smelted whole brings.
   */
  public static final double WON = 0.92;

  /** Checks every value against its range. */
  public WholeLot {
    Check.inRange("sandG", sandG, 0.1, 1e8);
    Check.inRange("perCrucibleG", perCrucibleG, 0.1, 100_000);
    Check.inRange("atOnce", atOnce, 1, 100);
    Check.inRange("hoursPerHeat", hoursPerHeat, 0.01, 100);
    Check.inRange("costPerCrucible", costPerCrucible, 0, 100_000);
  }

  /** How many heats: ⌈M/(k·m)⌉. */
  public int heats() {
    return (int) Math.ceil(sandG / (atOnce * perCrucibleG));
  }

  /** Hands of all heats, in hours. */
  public double hours() {
    return heats() * hoursPerHeat;
  }

  /** Hands and what is used up, for all of it, in the shop's currency. */
  public double cost(Terms terms) {
    return terms.cost(60 * hours()) + heats() * atOnce * costPerCrucible;
  }

  /** What all of it brings, in the shop's currency. */
  public double worth(Terms terms, double fineGramsPerTonne) {
    return terms.worth(fineMg(sandG, fineGramsPerTonne), 1);
  }

  /** The bead one crucible gives, fine gold, in mg. */
  public double beadMg(double fineGramsPerTonne) {
    return fineMg(perCrucibleG, fineGramsPerTonne);
  }

  private static double fineMg(double grams, double fineGramsPerTonne) {
    return grams / 1000 * Check.inRange("fineGramsPerTonne", fineGramsPerTonne, 0, 1e6) * WON;
  }

  /**
   * The grade from which a full crucible pays, fine gold, in g/t: (cost + hours · rate/k)/(0.92 ·
   * price · m); without end where gold brings nothing.
   */
  public double paysFrom(Terms terms) {
    double perGramPerTonne = terms.worth(fineMg(perCrucibleG, 1), 1);
    double cost = costPerCrucible + terms.cost(60 * hoursPerHeat) / atOnce;
    return perGramPerTonne > 0 ? cost / perGramPerTonne : Double.POSITIVE_INFINITY;
  }
}
