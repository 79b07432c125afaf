package jugulum.measure;

import java.time.Instant;
import java.util.Optional;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Ledger;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.stream.Applied;

/** A batch in which one lot's count grows by a speck at a time. */
final class BatchEdits {
  private final LotId lot;
  private Batch batch;
  private int specks = 5;

  BatchEdits(Batch batch) {
    this.batch = batch;
    this.lot =
        batch.lots().stream()
            .filter(one -> one.latest(SpeckCount.class).isPresent())
            .map(Lot::id)
            .findFirst()
            .orElseThrow();
  }

  Batch next() {
    specks++;
    if (Ledger.apply(
            Optional.of(batch),
            new Edit.RecordOnLot(lot, new SpeckCount(specks, 0.1)),
            Instant.EPOCH)
        instanceof Applied.Done(Batch after)) {
      batch = after;
    }
    return batch;
  }
}
