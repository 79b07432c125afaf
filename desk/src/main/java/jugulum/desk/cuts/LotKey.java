package jugulum.desk.cuts;

import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;

/**
 * A lot of a batch. Lots are numbered within their batch: what a view keeps of one is kept by both.
 *
 * @param batch the batch
 * @param lot the lot's number in it
 */
record LotKey(BatchId batch, LotId lot) {}
