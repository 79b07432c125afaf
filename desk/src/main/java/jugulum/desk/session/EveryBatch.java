package jugulum.desk.session;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.batch.MagneticsLines;
import jugulum.book.batch.RunLines;
import jugulum.book.batch.StockLines;
import jugulum.book.stream.Book;
import jugulum.core.ledger.BatchId;

/**
 * Asks something of every batch of the book, one batch at a time, each behind whatever is asked for
 * meanwhile; tells as it goes.
 */
public final class EveryBatch {
  private final Book book;
  private final Work work;
  private Optional<Steps> magnetics = Optional.empty();

  EveryBatch(Book book, Work work) {
    this.book = book;
    this.work = work;
  }

  /** The magnetics of every batch; asked for again, the question before is given up. */
  public void magnetics(Consumer<List<MagneticsLines.Held>> more) {
    magnetics.ifPresent(Steps::cancel);
    magnetics =
        Optional.of(ask(LongWork.MAGNETICS, id -> MagneticsLines.of(book, id), more, () -> {}));
  }

  /** The runs over machines of every batch. */
  public void runs(Consumer<List<RunLines.Ran>> more) {
    runs(more, () -> {});
  }

  /** The runs over machines of every batch, and something to do when all were told. */
  public void runs(Consumer<List<RunLines.Ran>> more, Runnable done) {
    ask(LongWork.RUNS, id -> RunLines.of(book, id), more, done);
  }

  /** Every lot that stands in the shop. */
  public void stock(Consumer<List<StockLines.Stocked>> show) {
    work.run(() -> book.lines(BatchStream.KIND, StockLines.LINES), show);
  }

  private <T> Steps ask(
      LongWork what, Function<BatchId, List<T>> look, Consumer<List<T>> more, Runnable done) {
    return work.steps(
        what, () -> BatchLines.all(book), (BatchSummary line) -> look.apply(line.id()), more, done);
  }
}
