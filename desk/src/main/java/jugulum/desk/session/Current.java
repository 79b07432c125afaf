package jugulum.desk.session;

import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.ledger.BatchId;

/**
 * The batch on the bench: what the bench shows.
 *
 * @param id the batch; empty when none is open
 * @param worked the batch worked out; empty when its start was undone or none is open
 * @param version how many rows its journal has
 * @param undoable how many edits can be taken back
 * @param redoable how many can be brought back
 */
public record Current(
    Optional<BatchId> id, Optional<Worked> worked, long version, int undoable, int redoable) {
  /** No batch open. */
  public static final Current NONE = new Current(Optional.empty(), Optional.empty(), 0, 0, 0);
}
