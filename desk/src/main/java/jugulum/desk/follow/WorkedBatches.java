package jugulum.desk.follow;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Standing;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;

/**
 * Batches worked out, as long as nobody changes them: whoever asks for one, bench or day, it is
 * worked out once a version. For the book's thread alone.
 */
public final class WorkedBatches {
  private final Book book;
  private final Map<BatchId, Version> worked = new HashMap<>();

  private record Version(long number, Worked worked) {}

  /** Of the batches of a book. */
  public WorkedBatches(Book book) {
    this.book = book;
  }

  /** A batch as it stands; empty where it was taken back, or cannot be read. */
  Optional<Worked> of(BatchId id) {
    return book.whole(BatchStream.of(id)).flatMap(standing -> of(id, standing, Worked::of));
  }

  /**
   * The same, of what stands in the book.
   *
   * @param how works it out where nobody did before
   */
  public Optional<Worked> of(BatchId id, Standing<Batch> standing, Function<Batch, Worked> how) {
    return standing
        .now()
        .map(
            batch -> {
              Version known = worked.get(id);
              if (known == null || known.number() != standing.version()) {
                known = new Version(standing.version(), how.apply(batch));
                worked.put(id, known);
              }
              return known.worked();
            });
  }
}
