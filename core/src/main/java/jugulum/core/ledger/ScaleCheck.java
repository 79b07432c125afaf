package jugulum.core.ledger;

import java.time.Instant;
import jugulum.core.check.Check;

/**
 * A check weight put on a scale.
 *
 * @param at when
 * @param nominalG what the weight says, in grams, above 0
 * @param readG what the scale said, in grams
 * @param weightOffG how far the weight itself may be off, in grams
 * @param allowedG how far the scale may be off, in grams
 */
public record ScaleCheck(
    Instant at, double nominalG, double readG, double weightOffG, double allowedG) {
  /** Checks every value against its range. */
  public ScaleCheck {
    Check.inRange("nominalG", nominalG, 1e-3, Check.HEAVIEST_G);
    Check.grams("readG", readG);
    Check.grams("weightOffG", weightOffG);
    Check.grams("allowedG", allowedG);
  }

  /** How far the scale was off, in grams; above 0 where it read too much. */
  public double offG() {
    return readG - nominalG;
  }

  /** Whether the scale was off by no more than allowed. */
  public boolean passed() {
    // The last bit of a difference of two decimal numbers is nobody's fault.
    return Math.abs(offG()) <= allowedG * (1 + 1e-9) + 1e-12;
  }

  /**
   * The standard uncertainty of the scale's calibration as a share of what it weighs: anything
   * within the error found and the tolerance of the weight is as likely, u = (|e| + T)/(√3·m).
   * Source: JCGM 100:2008 (GUM), 4.3.7.
   */
  public double calibration() {
    return Math.min(1, (Math.abs(offG()) + weightOffG) / (Math.sqrt(3) * nominalG));
  }
}
