package jugulum.book.batch;

import java.time.LocalDate;
import java.util.OptionalDouble;
import jugulum.core.ledger.BatchId;

/**
 * One line of the list of batches.
 *
 * @param id the batch
 * @param name its name
 * @param source where it came from
 * @param received the day it was received
 * @param state how far it is
 * @param feedG the dry feed, in grams; empty where it was not weighed
 * @param wonG the gold weighed so far, in grams; empty before the first weighing
 */
public record BatchSummary(
    BatchId id,
    String name,
    String source,
    LocalDate received,
    State state,
    OptionalDouble feedG,
    OptionalDouble wonG) {
  /** How far a batch is. */
  public enum State {
    RECEIVED,
    UNDER_WAY,
    CLOSED,
    /** Its start was undone; a redo brings it back. */
    TAKEN_BACK
  }
}
