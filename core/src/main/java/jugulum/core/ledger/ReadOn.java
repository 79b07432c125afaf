package jugulum.core.ledger;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * The scale a weight came from, as it stood then.
 *
 * @param scale its name
 * @param stepG the least difference it shows, in grams, above 0
 * @param zeroG what it showed when it stood empty before; empty where it was not seen so
 * @param check its check weight of that day; empty where there was none
 */
public record ReadOn(String scale, double stepG, OptionalDouble zeroG, Optional<ScaleCheck> check) {
  /** Checks the step and the zero. */
  public ReadOn {
    Check.inRange("stepG", stepG, 1e-6, 1e4);
    zeroG.ifPresent(grams -> Check.inRange("zeroG", grams, -Check.HEAVIEST_G, Check.HEAVIEST_G));
  }

  /** Whether the scale had failed its check weight. */
  public boolean isDoubtful() {
    return check.filter(one -> !one.passed()).isPresent();
  }

  /**
   * What a zero that was not zero leaves open, as a standard uncertainty in grams: anything up to
   * it is as likely. Source: JCGM 100:2008 (GUM), 4.3.7.
   */
  public double zeroSdG() {
    return Math.abs(zeroG.orElse(0)) / Math.sqrt(3);
  }
}
