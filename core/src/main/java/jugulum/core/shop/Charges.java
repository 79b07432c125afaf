package jugulum.core.shop;

import jugulum.core.check.Check;

/**
 * What others take for their work on the gold, and what the shop takes from a customer, in the shop's currency.
 *
 * @param refiningPerGram what the refiner takes for each gram of fine gold, from 0 to 100,000
 * @param smeltCost what one smelt costs in flux, collector, fuel and cupel, from 0 to 100,000
 * @param smeltG what one smelt takes, in grams, from 1 to 100,000
 * @param smeltMinutes the bench time of one smelt, in minutes, from 1 to 10,000
 * @param assayCost what the laboratory takes for one assay, from 0 to 100,000
 * @param feePerKg what a customer pays for each kilogram of concentrate, dry, from 0 to 100,000
 * @param ownersShare the customer's share of the gold, 0 to 1
 */
public record Charges(double refiningPerGram, double smeltCost, double smeltG, double smeltMinutes, double assayCost, double feePerKg, double ownersShare) {
  /** Nobody takes anything; a smelt of 200 g takes an hour and a half: common practice for a small furnace. */
  public static final Charges NONE = new Charges(0, 0, 200, 90, 0, 0, 1);

  /** Checks every value against its range. */
  public Charges {
    Check.inRange("refiningPerGram", refiningPerGram, 0, 100_000);
    Check.inRange("smeltCost", smeltCost, 0, 100_000);
    Check.inRange("smeltG", smeltG, 1, 100_000);
    Check.inRange("smeltMinutes", smeltMinutes, 1, 10_000);
    Check.inRange("assayCost", assayCost, 0, 100_000);
    Check.inRange("feePerKg", feePerKg, 0, 100_000);
    Check.share("ownersShare", ownersShare);
  }
}
