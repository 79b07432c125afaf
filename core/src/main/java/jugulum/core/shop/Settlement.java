package jugulum.core.shop;

import jugulum.core.check.Check;

/**
 * What a customer gets for his concentrate: his share of the gold at its worth, less the fee for
 * the work, in the shop's currency.
 *
 * @param dryKg the concentrate worked, dry, in kilograms, 0 or more
 * @param nativeMg gold in hand, native, in milligrams, 0 or more
 * @param fineness its share of fine gold, 0 to 1
 * @param fineG fine gold, in grams
 * @param worth what all of it brings after payable share and refining charge
 * @param ownersWorth his share of that
 * @param fee what he pays for the work
 */
public record Settlement(
    double dryKg,
    double nativeMg,
    double fineness,
    double fineG,
    double worth,
    double ownersWorth,
    double fee) {
  /**
   * Settles.
   *
   * @param dryKg the concentrate worked, dry, in kilograms, from 0 to 10,000
   * @param nativeMg gold in hand, native, in milligrams, from 0 to 1e9
   * @param fineness its share of fine gold, 0 to 1
   */
  public static Settlement of(double dryKg, double nativeMg, double fineness, Terms terms) {
    Check.inRange("kilograms", dryKg, 0, 10_000);
    Check.inRange("milligrams", nativeMg, 0, 1e9);
    Check.share("fineness", fineness);
    double worth = terms.worth(nativeMg, fineness);
    Fees charges = terms.charged();
    return new Settlement(
        dryKg,
        nativeMg,
        fineness,
        nativeMg / 1000 * fineness,
        worth,
        worth * charges.ownersShare(),
        dryKg * charges.feePerKg());
  }

  /** What he is paid; below 0 he pays. */
  public double due() {
    return ownersWorth - fee;
  }
}
