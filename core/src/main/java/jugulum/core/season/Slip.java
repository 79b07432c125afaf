package jugulum.core.season;

import java.time.LocalDate;
import java.util.List;
import jugulum.core.check.Check;
import jugulum.core.ledger.BatchId;

/**
 * What a refiner or buyer wrote of gold that was sent.
 *
 * @param id its name within the season
 * @param date the day on the slip
 * @param sentG what was sent, native, as weighed at the bench, in grams, from 0.001 to 100,000
 * @param receivedG what they weighed, in grams, from 0.001 to 100,000
 * @param fineness what they found, 0.01 to 1
 * @param paid what they paid, in the shop's currency, from 0 to 1e9
 * @param batches whose gold it was, as far as told
 * @param note what else the slip says, may be empty
 */
public record Slip(
    String id,
    LocalDate date,
    double sentG,
    double receivedG,
    double fineness,
    double paid,
    List<BatchId> batches,
    String note) {
  private static final double LEAST_G = 0.001;
  private static final double MOST_G = 1e5;

  /** Checks every value against its range. */
  public Slip {
    Check.inRange("sentG", sentG, LEAST_G, MOST_G);
    Check.inRange("receivedG", receivedG, LEAST_G, MOST_G);
    Check.inRange("fineness", fineness, 0.01, 1);
    Check.inRange("paid", paid, 0, 1e9);
    batches = List.copyOf(batches);
    note = note.strip();
  }

  /** The fine gold they found, in grams. */
  public double fineG() {
    return receivedG * fineness;
  }
}
