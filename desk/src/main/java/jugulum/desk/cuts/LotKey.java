package jugulum.desk.cuts;

import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;

/**
 * A lot of a batch. Lots are numbered within their batch: what a view keeps of one is kept by both.
 *
 * @param batch the batch
 * @param lot the lot's number in it
 */
record LotKey(BatchId batch, LotId lot) {
  /** The lot, while its batch is on the bench. */
  static Optional<LotId> on(Optional<LotKey> shown, Optional<Worked> bench) {
    return shown
        .filter(key -> bench.filter(now -> now.batch().id().equals(key.batch())).isPresent())
        .map(LotKey::lot);
  }
}
