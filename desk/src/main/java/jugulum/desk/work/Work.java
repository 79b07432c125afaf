package jugulum.desk.work;

import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;

/**
 * The one place that runs work off the interface thread. What belongs to the book has a thread of
 * its own, on which one thing follows the other; files are read and written beside it. Results are
 * shown on the interface thread, and whatever fails reaches the person.
 */
public final class Work {
  private final ExecutorService bookThread;
  private final Executor beside;
  private final Executor interfaceThread;
  private final Notices notices;
  private final ReadOnlyObjectWrapper<Optional<Progress>> progress =
      new ReadOnlyObjectWrapper<>(Optional.empty());

  /** How many questions and pieces of long work are open. */
  private final AtomicInteger open = new AtomicInteger();

  /** How many things a person did that are not shown yet. */
  private final AtomicInteger waitedFor = new AtomicInteger();

  /** The last piece of long work that began. */
  private Optional<Steps> lastLong = Optional.empty();

  /**
   * How far a long piece of work is.
   *
   * @param what which
   * @param done so many of its steps are done
   * @param of of so many
   */
  public record Progress(LongWork what, int done, int of) {}

  /**
   * Runs work on these threads.
   *
   * @param bookThread one thing after the other
   * @param beside whatever does not need the book
   */
  public Work(
      ExecutorService bookThread, Executor beside, Executor interfaceThread, Notices notices) {
    this.bookThread = bookThread;
    this.beside = beside;
    this.interfaceThread = interfaceThread;
    this.notices = notices;
  }

  /** How far the long work is; empty while there is none. */
  public ReadOnlyObjectProperty<Optional<Progress>> progress() {
    return progress.getReadOnlyProperty();
  }

  /** Whether no more work is taken. */
  public boolean isOver() {
    return bookThread.isShutdown();
  }

  /**
   * Does something behind what the book has to do; once no more work is taken it fails with a
   * {@link RejectedExecutionException}, so that nobody waits for what never comes.
   */
  public <T> CompletableFuture<T> behind(Supplier<T> work) {
    try {
      return CompletableFuture.supplyAsync(work, bookThread);
    } catch (RejectedExecutionException over) {
      return CompletableFuture.failedFuture(over);
    }
  }

  /** Does something behind what the book has to do, and shows the result. */
  public <T> void run(Supplier<T> work, Consumer<T> show) {
    failing(behind(work).thenAcceptAsync(show, interfaceThread));
  }

  /** Does something that takes a file, while the book goes on, and shows the result. */
  public <T> CompletionStage<Void> aside(Supplier<T> work, Consumer<T> show) {
    return failing(
        CompletableFuture.supplyAsync(work, beside).thenAcceptAsync(show, interfaceThread));
  }

  /** The same where what is shown takes part in what comes of it. */
  public <T, R> CompletionStage<R> asideThen(
      Supplier<T> work, Function<T, CompletionStage<R>> then) {
    CompletableFuture<R> done =
        CompletableFuture.supplyAsync(work, beside).thenComposeAsync(then, interfaceThread);
    failing(done.thenAccept(_ -> {}));
    return done;
  }

  /**
   * Does something behind what the book has to do; its outcome is told once the result is shown.
   */
  public <T> CompletionStage<Outcome> outcome(
      Supplier<T> work, Function<T, CompletionStage<Outcome>> show) {
    return behind(work)
        .thenComposeAsync(show, interfaceThread)
        .exceptionallyComposeAsync(
            thrown -> failed(thrown).thenApply(Outcome.Failed::new), interfaceThread);
  }

  /**
   * The same of something a person has just done and waits for: whatever is worked out only to be
   * looked at gives way to it, and is asked for again behind it.
   */
  public <T> CompletionStage<Outcome> urgent(
      Supplier<T> work, Function<T, CompletionStage<Outcome>> show) {
    waitedFor.incrementAndGet();
    return outcome(work, show).whenComplete((_, _) -> waitedFor.decrementAndGet());
  }

  /** A question is open until that ends. */
  <T> CompletionStage<T> answering(CompletionStage<T> answer) {
    open.incrementAndGet();
    return answer.whenComplete((_, _) -> open.decrementAndGet());
  }

  /**
   * Whether something a person did is still to be shown, a question ({@link Latest}) still to be
   * answered, or long work under way. For every thread.
   */
  public boolean isBusy() {
    return open.get() > 0 || isWaitedFor();
  }

  /** Whether a person waits for something of the book. For every thread. */
  boolean isWaitedFor() {
    return waitedFor.get() > 0;
  }

  /** What is only shown is of no use any more once the program ends: nothing is said of it. */
  private CompletionStage<Void> failing(CompletableFuture<Void> done) {
    return done.exceptionallyComposeAsync(
        thrown ->
            isOver() && thrown.getCause() instanceof RejectedExecutionException
                ? CompletableFuture.completedFuture(null)
                : failed(thrown).thenApply(_ -> null),
        interfaceThread);
  }

  /** A failure is written down off the interface thread and said on it. */
  public CompletionStage<Failure> failed(Throwable thrown) {
    return CompletableFuture.supplyAsync(() -> notices.failure(thrown), beside)
        .thenApplyAsync(
            failure -> {
              notices.say(new Notice.Failed(failure));
              return failure;
            },
            interfaceThread);
  }

  /**
   * What nobody foresaw (an uncaught exception), on any thread, reaches the person as a sentence,
   * and a file beside the book in full.
   */
  public void fault(Throwable thrown) {
    failed(thrown);
  }

  /** A question of which only the last asked is answered. */
  public Latest latest() {
    return new Latest(this);
  }

  /**
   * A long piece of work, step by step, each behind whatever is asked for meanwhile.
   *
   * @param what which
   * @param parts tells what there is to do; not on the interface thread
   * @param step does one part; not on the interface thread
   * @param more shows what came of a part
   * @param done when all are done
   */
  public <A, T> Steps steps(
      LongWork what,
      Supplier<List<A>> parts,
      Function<A, T> step,
      Consumer<T> more,
      Runnable done) {
    Steps steps = new Steps();
    lastLong = Optional.of(steps);
    open.incrementAndGet();
    failing(
        behind(parts)
            .thenAcceptAsync(
                all -> next(steps, what, all, all.iterator(), 0, step, more, done), interfaceThread)
            .whenComplete((_, thrown) -> endedBy(thrown)));
    return steps;
  }

  private <A, T> void next(
      Steps steps,
      LongWork what,
      List<A> all,
      Iterator<A> left,
      int made,
      Function<A, T> step,
      Consumer<T> more,
      Runnable done) {
    if (steps.isCancelled() || isOver() || !left.hasNext()) {
      tell(steps, Optional.empty());
      if (!left.hasNext() && !steps.isCancelled() && !isOver()) {
        done.run();
      }
      open.decrementAndGet();
      return;
    }
    tell(steps, Optional.of(new Progress(what, made, all.size())));
    A part = left.next();
    failing(
        behind(() -> step.apply(part))
            .thenAcceptAsync(
                found -> {
                  more.accept(found);
                  next(steps, what, all, left, made + 1, step, more, done);
                },
                interfaceThread)
            .whenComplete(
                (_, thrown) -> {
                  if (thrown != null) {
                    interfaceThread.execute(() -> tell(steps, Optional.empty()));
                    endedBy(thrown);
                  }
                }));
  }

  /** Long work that a failure ended is open no more. */
  private void endedBy(@Nullable Throwable thrown) {
    if (thrown != null) {
      open.decrementAndGet();
    }
  }

  private void tell(Steps steps, Optional<Progress> now) {
    if (lastLong.filter(last -> last == steps).isPresent()) {
      progress.set(now);
    }
  }

  /** Stops the long work that is under way. */
  public void stopLongWork() {
    lastLong.ifPresent(Steps::cancel);
  }

  /** Ends after what was asked for is done, and this last. */
  public void end(Runnable last) {
    bookThread.execute(last);
    bookThread.shutdown();
    try {
      bookThread.awaitTermination(10, TimeUnit.SECONDS);
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }
}
