package jugulum.book.store;

import java.util.Optional;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;

/**
 * A batch as the book has it.
 *
 * @param id the batch
 * @param batch what its journal comes to; empty when its start was undone
 * @param undoable how many edits can be taken back
 * @param redoable how many can be brought back
 */
public record BatchState(BatchId id, Optional<Batch> batch, int undoable, int redoable) {}
