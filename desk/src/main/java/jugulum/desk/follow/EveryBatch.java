package jugulum.desk.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.batch.MagneticsLines;
import jugulum.book.batch.PictureLines;
import jugulum.book.batch.PoolLines;
import jugulum.book.batch.Pooling;
import jugulum.book.batch.RunLines;
import jugulum.book.belief.Beliefs;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.Order;
import jugulum.book.stream.Projection;
import jugulum.core.belief.Belief;
import jugulum.core.belief.LotBelief;
import jugulum.core.eye.Corrections;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.PoolPart;
import jugulum.core.pool.Later;
import jugulum.core.trial.RunOf;
import jugulum.core.trial.SpikeBack;
import jugulum.core.trial.TriedRun;
import jugulum.desk.work.LongWork;
import jugulum.desk.work.Steps;
import jugulum.desk.work.Work;

/**
 * Asks something of every batch of the book, one batch at a time, each behind whatever is asked for
 * meanwhile; tells as it goes.
 */
public final class EveryBatch {
  private final Book book;
  private final Work work;
  private Optional<Steps> magnetics = Optional.empty();

  public EveryBatch(Book book, Work work) {
    this.book = book;
    this.work = work;
  }

  /** The magnetics of every batch; asked for again, the question before is given up. */
  public void magnetics(Consumer<List<MagneticsLines.Held>> more) {
    magnetics.ifPresent(Steps::cancel);
    magnetics =
        Optional.of(ask(LongWork.MAGNETICS, id -> MagneticsLines.of(book, id), more, () -> {}));
  }

  /** What was only received has run over nothing. */
  private void runs(Consumer<List<RunLines.Ran>> more, Runnable done) {
    work.steps(
        LongWork.RUNS,
        () ->
            BatchLines.all(book).stream()
                .filter(line -> line.state() != BatchSummary.State.RECEIVED)
                .toList(),
        line -> RunLines.of(book, line.id()),
        more,
        done);
  }

  /**
   * A part of what machines have shown.
   *
   * @param runs of a batch, each with what came back of a spike that was in its sand
   * @param tried runs of trials that are of no batch
   */
  public record Known(List<RunLines.Ran> runs, List<TriedRun> tried) {}

  /** What machines have shown: first the trials, then batch by batch; and when all were told. */
  public void known(Consumer<Known> more, Runnable done) {
    work.run(
        () -> Beliefs.tried(book),
        tried -> {
          Map<RunOf, SpikeBack> spiked = Beliefs.spiked(tried);
          more.accept(new Known(List.of(), Beliefs.ofNoBatch(tried)));
          runs(
              ran ->
                  more.accept(
                      new Known(
                          ran.stream().map(one -> Beliefs.withSpike(one, spiked)).toList(),
                          List.of())),
              done);
        });
  }

  /** What is thought of lots and machines, by all that was seen. */
  public void belief(Consumer<Belief> show) {
    broughtUp(Beliefs.RESTS_ON, () -> work.run(() -> Beliefs.of(book), show));
  }

  /** What was won later, out of pools, of what a batch let go. */
  public void later(BatchId batch, Consumer<Later> show) {
    broughtUp(List.of(PoolLines.LINES), () -> work.run(() -> PoolLines.later(book, batch), show));
  }

  /** The edits that put lots into a pool of such a name, received today. */
  public void pooled(
      String name,
      List<Pooling.Of> lots,
      Assumptions assumptions,
      Consumer<List<Order<?, ?>>> then) {
    work.run(
        () -> {
          List<PoolPart> parts = Pooling.parts(book, lots);
          Label label = new Label(name, Pooling.source(parts), LocalDate.now(book.clock()));
          return Pooling.orders(BatchStream.id(book.newId()), label, assumptions, parts);
        },
        then);
  }

  /** What the pictures of every batch taught of what looks like gold. */
  public void corrections(Consumer<Corrections> show) {
    broughtUp(List.of(PictureLines.LINES), () -> work.run(() -> PictureLines.all(book), show));
  }

  /** Every lot that stands in the shop, what is worth working first first. */
  public void stock(Consumer<List<LotBelief>> show) {
    broughtUp(Beliefs.STOCK_RESTS_ON, () -> work.run(() -> Beliefs.stock(book), show));
  }

  /**
   * Does something once what follows from every batch is worked out, each batch behind whatever is
   * asked for meanwhile: at once a book of thousands would let nobody in for minutes. What was
   * worked out is kept when it is stopped on the way. A book that is only read keeps nothing.
   */
  void broughtUp(List<Projection<Batch, ?>> which, Runnable then) {
    work.steps(
        LongWork.FOLLOWS,
        () ->
            book.readOnly().isPresent()
                ? List.<Key>of()
                : which.stream()
                    .flatMap(one -> book.behind(BatchStream.KIND, one).stream())
                    .distinct()
                    .toList(),
        batch -> {
          which.forEach(one -> book.lines(BatchStream.KIND.ref(batch.id()), one));
          return batch;
        },
        _ -> {},
        then);
  }

  private <T> Steps ask(
      LongWork what, Function<BatchId, List<T>> look, Consumer<List<T>> more, Runnable done) {
    return work.steps(
        what, () -> BatchLines.all(book), (BatchSummary line) -> look.apply(line.id()), more, done);
  }
}
