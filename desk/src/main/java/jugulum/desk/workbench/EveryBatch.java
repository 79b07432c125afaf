package jugulum.desk.workbench;

import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.value.ObservableValue;
import jugulum.book.store.BatchSummary;
import jugulum.book.store.Book;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Process;
import jugulum.core.magnet.Magnetics;
import jugulum.core.runs.PastRun;

/** Asks something of every batch of the book, one batch at a time, each behind whatever is asked for meanwhile; tells as it goes. */
public final class EveryBatch {
  private final Book book;
  private final ExecutorService bookThread;
  private final Executor interfaceThread;
  private final ObservableValue<List<BatchSummary>> batches;
  private final Function<Throwable, Void> onProblem;

  /** Runs worked out before; only the book's thread touches them. */
  private final Map<BatchId, List<PastRun>> runs = new HashMap<>();

  EveryBatch(Book book, ExecutorService bookThread, Executor interfaceThread, ObservableValue<List<BatchSummary>> batches, Function<Throwable, Void> onProblem) {
    this.book = book;
    this.bookThread = bookThread;
    this.interfaceThread = interfaceThread;
    this.batches = batches;
    this.onProblem = onProblem;
  }

  /**
   * A lot of magnetics with the batch it belongs to.
   *
   * @param batch the batch
   * @param name what is written on its bucket
   * @param magnetics the lot
   */
  public record Held(BatchId batch, String name, Magnetics magnetics) {}

  /**
   * A run over a machine with the batch it belongs to.
   *
   * @param batch the batch
   * @param name what is written on its bucket
   * @param run the run
   */
  public record Ran(BatchId batch, String name, PastRun run) {}

  /** The magnetics of every batch. */
  public void magnetics(Consumer<List<Held>> more) {
    Runnable nothing = () -> {};
    ask(one -> book.state(one.id()).batch().map(Magnetics::of).orElse(List.of()).stream().map(lot -> new Held(one.id(), one.name(), lot)).toList(), more, nothing);
  }

  /** The runs over machines of every batch. */
  public void runs(Consumer<List<Ran>> more) {
    runs(more, () -> {});
  }

  /** The runs over machines of every batch, and something to do when all were told. */
  public void runs(Consumer<List<Ran>> more, Runnable done) {
    ask(one -> runs.computeIfAbsent(one.id(), this::runs).stream().map(run -> new Ran(one.id(), one.name(), run)).toList(), more, done);
  }

  /** A batch changes. For the book's thread. */
  void forget(BatchId id) {
    runs.remove(id);
  }

  /** Most batches of a season have no run that was looked at: only those with one are worked out. */
  private List<PastRun> runs(BatchId id) {
    return book.state(id)
        .batch()
        .filter(batch -> batch.steps().stream().anyMatch(step -> step.process() instanceof Process.GravityRun))
        .map(Worked::of)
        .map(worked -> PastRun.of(worked.network(), worked.sand(), worked.gold()))
        .orElse(List.of());
  }

  private <T> void ask(Function<BatchSummary, List<T>> look, Consumer<List<T>> more, Runnable done) {
    next(batches.getValue().iterator(), look, more, done);
  }

  private <T> void next(Iterator<BatchSummary> left, Function<BatchSummary, List<T>> look, Consumer<List<T>> more, Runnable done) {
    if (bookThread.isShutdown()) {
      return;
    }
    if (!left.hasNext()) {
      done.run();
    } else {
      BatchSummary one = left.next();
      CompletableFuture.supplyAsync(() -> look.apply(one), bookThread)
          .thenAcceptAsync(
              found -> {
                more.accept(found);
                next(left, look, more, done);
              },
              interfaceThread)
          .exceptionallyAsync(onProblem, interfaceThread);
    }
  }
}
