package jugulum.core.shop;

import java.util.Optional;
import jugulum.core.check.Check;

/**
 * What others take for their work on the gold, and what the shop takes from a customer, in the
 * shop's currency.
 *
 * @param refiningPerGram what the refiner takes for each gram of fine gold, from 0 to 100,000
 * @param smeltCost what one smelt costs in flux, collector, fuel and cupel, from 0 to 100,000
 * @param smeltG what one smelt takes, in grams, from 1 to 100,000
 * @param smeltMinutes the bench time of one smelt, in minutes, from 1 to 10,000
 * @param assayCost what the laboratory takes for one assay, from 0 to 100,000
 * @param feePerKg what a customer pays for each kilogram of concentrate, dry, from 0 to 100,000
 * @param ownersShare the customer's share of the gold, 0 to 1
 * @param sale what a buyer of concentrates as they are takes; empty where there is none
 */
public record Fees(
    double refiningPerGram,
    double smeltCost,
    double smeltG,
    double smeltMinutes,
    double assayCost,
    double feePerKg,
    double ownersShare,
    Optional<Sale> sale) {
  /**
   * Nobody takes anything; a smelt of 200 g takes an hour and a half: common practice for a small
   * furnace.
   */
  public static final Fees NONE = new Fees(0, 0, 200, 90, 0, 0, 1, Optional.empty());

  /**
   * Selling sand as it is.
   *
   * @param commission the share of the gold's worth the buyer keeps, 0 to 1
   * @param waitingDays how long the money takes, in days, from 0 to 1,000
   */
  public record Sale(double commission, double waitingDays) {
    /** Checks both values against their ranges. */
    public Sale {
      Check.share("commission", commission);
      Check.inRange("waitingDays", waitingDays, 0, 1000);
    }
  }

  /** Without a buyer of concentrates. */
  public Fees(
      double refiningPerGram,
      double smeltCost,
      double smeltG,
      double smeltMinutes,
      double assayCost,
      double feePerKg,
      double ownersShare) {
    this(
        refiningPerGram,
        smeltCost,
        smeltG,
        smeltMinutes,
        assayCost,
        feePerKg,
        ownersShare,
        Optional.empty());
  }

  /** Checks every value against its range. */
  public Fees {
    Check.inRange("refiningPerGram", refiningPerGram, 0, 100_000);
    Check.inRange("smeltCost", smeltCost, 0, 100_000);
    Check.inRange("smeltG", smeltG, 1, 100_000);
    Check.inRange("smeltMinutes", smeltMinutes, 1, 10_000);
    Check.inRange("assayCost", assayCost, 0, 100_000);
    Check.inRange("feePerKg", feePerKg, 0, 100_000);
    Check.share("ownersShare", ownersShare);
  }
}
