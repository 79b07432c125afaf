package jugulum.desk.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Supplier;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.BatchId;
import jugulum.desk.work.Outcome;

/**
 * Gives up working a batch out when a later edit of it was sent meanwhile: that one tells the
 * outcome of both.
 */
final class Superseding {
  /** The last edit sent. */
  private volatile Ticket last = new Ticket(Optional.empty(), 0);

  /** Whether an edit was written and not worked out yet; only the book's thread touches it. */
  private boolean owed;

  /** Those who wait to be told; only the interface thread touches it. */
  private final List<Runnable> waiting = new ArrayList<>();

  /** The place of an edit in the order they were sent. */
  record Ticket(Optional<BatchId> batch, long number) {
    private boolean isBefore(Ticket other) {
      return number < other.number && batch.equals(other.batch);
    }
  }

  /** For an edit that is sent now. For the interface thread. */
  Ticket ticket(BatchId batch) {
    last = new Ticket(Optional.of(batch), last.number + 1);
    return last;
  }

  /** Whether something was written that nobody has worked out. For the book's thread. */
  boolean isOwed() {
    return owed;
  }

  /**
   * Works something out, or nothing if a later edit of the batch is sent before it is done. For the
   * book's thread.
   */
  <T> Optional<T> unlessLater(Ticket ticket, GoldMemory memory, Supplier<T> work) {
    owed = true;
    if (ticket.isBefore(last)) {
      return Optional.empty();
    }
    try {
      memory.stopWhen(() -> ticket.isBefore(last));
      Optional<T> done = Optional.of(work.get());
      owed = false;
      return done;
    } catch (CancellationException later) {
      return Optional.empty();
    } finally {
      memory.stopWhen(() -> false);
    }
  }

  /** The outcome of an edit, told once the batch is shown with it. For the interface thread. */
  CompletionStage<Outcome> told(Outcome outcome, boolean isShown) {
    boolean nothingNew = !isShown && outcome instanceof Outcome.Refused;
    if (isShown) {
      release();
    }
    if (isShown || nothingNew) {
      return CompletableFuture.completedFuture(outcome);
    }
    CompletableFuture<Outcome> later = new CompletableFuture<>();
    waiting.add(() -> later.complete(outcome));
    return later;
  }

  /**
   * Tells all who wait, because the batch is shown, or because the later edit failed and nobody
   * else will. For the interface thread.
   */
  void release() {
    List<Runnable> ready = List.copyOf(waiting);
    waiting.clear();
    ready.forEach(Runnable::run);
  }
}
