package jugulum.core.ledger;

import java.time.Instant;
import java.util.Optional;

/**
 * One reading as it was recorded. Readings are never removed: a wrong one is struck, and the one that replaces it points back.
 *
 * @param id its number within the batch
 * @param at when it was recorded
 * @param measure what was read
 * @param struck set when it no longer counts
 * @param replaces the reading it corrects, if it does
 */
public record Reading(ReadingId id, Instant at, Measure measure, Optional<Struck> struck, Optional<ReadingId> replaces) {
  /** Whether it counts. */
  public boolean isLive() {
    return struck.isEmpty();
  }

  /** When it was so: as told, or when it was recorded. */
  public Instant moment() {
    return measure instanceof Measure.Running running ? running.toldAt().orElse(at) : at;
  }

  Reading strike(Struck how) {
    return new Reading(id, at, measure, Optional.of(how), replaces);
  }
}
