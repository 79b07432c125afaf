package jugulum.core.shop;

import java.time.LocalDate;
import jugulum.core.check.Check;

/**
 * What gold and time are worth to this shop, in one currency of its own.
 *
 * @param pricePerGram what a gram of fine gold brings, from 0 to 100,000
 * @param payable the share of it that is paid, 0 to 1
 * @param hourlyRate what an hour at the bench costs, from 0 to 100,000
 * @param minutesPerPass how long a magnet pass usually takes, in minutes, from 0.1 to 1,000, where no pass of the run was timed
 * @param currency its sign, may be empty
 * @param asOf when this was so
 */
public record Terms(double pricePerGram, double payable, double hourlyRate, double minutesPerPass, String currency, LocalDate asOf) {
  /** Checks every value against its range. */
  public Terms {
    Check.inRange("pricePerGram", pricePerGram, 0, 100_000);
    Check.share("payable", payable);
    Check.inRange("hourlyRate", hourlyRate, 0, 100_000);
    Check.inRange("minutesPerPass", minutesPerPass, 0.1, 1000);
    currency = currency.strip();
  }

  /**
   * What native gold brings.
   *
   * @param milligrams native gold, in milligrams
   * @param fineness its share of fine gold, 0 to 1
   */
  public double worth(double milligrams, double fineness) {
    return milligrams / 1000 * fineness * pricePerGram * payable;
  }

  /** What time at the bench costs. */
  public double cost(double minutes) {
    return minutes / 60 * hourlyRate;
  }
}
