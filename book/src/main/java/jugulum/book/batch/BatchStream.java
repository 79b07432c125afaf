package jugulum.book.batch;

import java.util.List;
import java.util.UUID;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.StreamRef;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchFold;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;

/** Batches as streams of a book. */
public final class BatchStream {
  /** The number of what its edits make; raised with every change of it. */
  private static final int RULE = 1;

  /** The kind of stream a batch is. */
  public static final StreamKind<Batch, Edit> KIND =
      new StreamKind<>(
          "batch",
          new BatchFold(),
          RULE,
          new JsonCodec<>(Edit.class, List.of()),
          new JsonCodec<>(Batch.class, List.of()),
          List.of(
              BatchLines.LINES,
              RunLines.LINES,
              MagneticsLines.LINES,
              RecoveryLines.LINES,
              StockLines.LINES,
              SeenLines.LINES,
              ResultLines.LINES,
              PoolLines.LINES,
              PictureLines.LINES,
              FindLines.LINES));

  private BatchStream() {}

  /** The stream of a batch. */
  public static StreamRef<Batch, Edit> of(BatchId id) {
    return KIND.ref(id.value().toString());
  }

  /** The batch a stream belongs to. */
  public static BatchId id(String stream) {
    return new BatchId(UUID.fromString(stream));
  }
}
