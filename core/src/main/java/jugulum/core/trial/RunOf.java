package jugulum.core.trial;

import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.StepId;

/**
 * A run of a batch that is one of a trial as well.
 *
 * @param batch the batch
 * @param step its run
 */
public record RunOf(BatchId batch, StepId step) {}
