package jugulum.core.smelt;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.shop.Terms;

/**
 * What is best done with all of a lot: melt it, sell it, or keep it and pool it with others.
 *
 * @param smelting left of melting it, in the shop's currency; below 0 where it costs more
 * @param selling left of selling it; empty where nobody told of a buyer
 * @param hours hands of melting it
 * @param hoursGiven hands there are for it
 */
public record AllOfIt(double smelting, OptionalDouble selling, double hours, double hoursGiven) {
  /**
   * Nobody who did not say so has more hours for one lot: ours.
   *
   * <p>Off by a half: from how much sand melting all of it is no longer advised.
   */
  public static final double HOURS = 8;

  /** What to do. */
  public enum Best {
    SMELT,
    SELL,
    /** Neither pays: keep it, pool it with others like it, and assay the pool. */
    KEEP,
    /** It would pay, and takes more hours than there are. */
    TOO_LONG
  }

  /**
   * Weighs it.
   *
   * @param fineGramsPerTonne what is in it, 0 to 1e6
   * @param sale as a buyer offers; brings nothing where there is none
   * @param hoursGiven 0 to 10,000
   */
  public static AllOfIt of(
      WholeLot lot, Optional<Sale> sale, double fineGramsPerTonne, Terms terms, double hoursGiven) {
    Check.inRange("hoursGiven", hoursGiven, 0, 10_000);
    return new AllOfIt(
        lot.worth(terms, fineGramsPerTonne) - lot.cost(terms),
        sale.map(one -> OptionalDouble.of(one.brings(terms, fineGramsPerTonne)))
            .orElse(OptionalDouble.empty()),
        lot.hours(),
        hoursGiven);
  }

  /** What to do: melting is never first beyond the hours given. */
  public Best best() {
    double sold = selling.orElse(0);
    if (smelting <= 0 && sold <= 0) {
      return Best.KEEP;
    }
    if (smelting <= sold) {
      return Best.SELL;
    }
    if (hours <= hoursGiven) {
      return Best.SMELT;
    }
    return sold > 0 ? Best.SELL : Best.TOO_LONG;
  }
}
