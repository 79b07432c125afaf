package jugulum.core.ledger;

import java.time.Instant;
import java.util.Optional;

/**
 * One reading as it was recorded. Readings are never removed: a wrong one is struck, and the one
 * that replaces it points back.
 *
 * @param id its number within the batch
 * @param at when it was recorded
 * @param measure what was read
 * @param struck set when it no longer counts
 * @param replaces the reading it corrects, if it does
 * @param doubted set while somebody doubts it: it stays and does not count
 */
public record Reading(
    ReadingId id,
    Instant at,
    Measure measure,
    Optional<Struck> struck,
    Optional<ReadingId> replaces,
    Optional<Struck> doubted) {
  /** A reading nobody doubts. */
  public Reading(
      ReadingId id,
      Instant at,
      Measure measure,
      Optional<Struck> struck,
      Optional<ReadingId> replaces) {
    this(id, at, measure, struck, replaces, Optional.empty());
  }

  /** Whether it counts. */
  public boolean isLive() {
    return isStanding() && doubted.isEmpty();
  }

  /** Whether it was not struck, doubted or not. */
  public boolean isStanding() {
    return struck.isEmpty();
  }

  /** When it was so: as told, or when it was recorded. */
  public Instant moment() {
    return measure instanceof Measure.Running running ? running.toldAt().orElse(at) : at;
  }

  Reading numbered(ReadingId number, Optional<ReadingId> corrects) {
    return new Reading(number, at, measure, struck, corrects, doubted);
  }

  Reading strike(Struck how) {
    return new Reading(id, at, measure, Optional.of(how), replaces, doubted);
  }

  Reading doubted(Optional<Struck> how) {
    return new Reading(id, at, measure, struck, replaces, how);
  }
}
