package jugulum.core.shop;

import java.time.LocalDate;
import java.util.Optional;
import jugulum.core.check.Check;

/**
 * What gold and time are worth to this shop, in one currency of its own.
 *
 * @param pricePerGram what a gram of fine gold brings, from 0 to 100,000
 * @param payable the share of it that is paid, 0 to 1
 * @param hourlyRate what an hour at the bench costs, from 0 to 100,000
 * @param minutesPerPass how long a magnet pass usually takes, in minutes, from 0.1 to 1,000, where
 *     no pass of the run was timed
 * @param currency its sign, may be empty
 * @param asOf when this was so
 * @param charges what others take for refining, smelting and assaying, and what the shop takes from
 *     a customer; empty in older books
 */
public record Terms(
    double pricePerGram,
    double payable,
    double hourlyRate,
    double minutesPerPass,
    String currency,
    LocalDate asOf,
    Optional<Fees> charges) {
  /** Checks every value against its range. */
  public Terms {
    Check.inRange("pricePerGram", pricePerGram, 0, 100_000);
    Check.share("payable", payable);
    Check.inRange("hourlyRate", hourlyRate, 0, 100_000);
    Check.inRange("minutesPerPass", minutesPerPass, 0.1, 1000);
    currency = currency.strip();
  }

  /** Without charges. */
  public Terms(
      double pricePerGram,
      double payable,
      double hourlyRate,
      double minutesPerPass,
      String currency,
      LocalDate asOf) {
    this(pricePerGram, payable, hourlyRate, minutesPerPass, currency, asOf, Optional.empty());
  }

  /** The charges, none where nobody told any. */
  public Fees charged() {
    return charges.orElse(Fees.NONE);
  }

  /** What a gram of fine gold brings when the refiner has taken his part; never below 0. */
  public double netPerGram() {
    return Math.max(0, pricePerGram * payable - charged().refiningPerGram());
  }

  /**
   * What native gold brings, the refiner's charge taken off.
   *
   * @param milligrams native gold, in milligrams
   * @param fineness its share of fine gold, 0 to 1
   */
  public double worth(double milligrams, double fineness) {
    return milligrams / 1000 * fineness * netPerGram();
  }

  /** What time at the bench costs. */
  public double cost(double minutes) {
    return minutes / 60 * hourlyRate;
  }
}
