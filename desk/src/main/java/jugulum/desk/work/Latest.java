package jugulum.desk.work;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BiFunction;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * A question that takes a while, asked again and again: only what was asked last is worked out to
 * its end and shown.
 */
public final class Latest {
  private final Work work;

  /** The number of the last question; one with a smaller number is of no interest any more. */
  private final AtomicLong asked = new AtomicLong();

  Latest(Work work) {
    this.work = work;
  }

  /**
   * Asks. On the interface thread.
   *
   * @param answer works the answer out; told when nobody wants it any more, or a person waits for
   *     something else, it may end with a {@link CancellationException}
   * @param show shows it
   */
  public <T> void ask(Function<BooleanSupplier, T> answer, Consumer<T> show) {
    work.answering(ask(asked.incrementAndGet(), answer, show));
  }

  private <T> CompletionStage<Outcome> ask(
      long number, Function<BooleanSupplier, T> answer, Consumer<T> show) {
    return work.outcome(
        () -> isOver(number) ? Optional.<T>empty() : answered(answer, number),
        found -> shown(found, number, show, () -> ask(number, answer, show)));
  }

  /**
   * Asks for something of the book of which the answer takes so long that it is worked out beside
   * the book. On the interface thread.
   *
   * @param read reads what it rests on, on the book's thread
   * @param answer works the answer out, on a thread of its own; told when nobody wants it any more
   * @param show shows it
   * @return ends when it is shown, or given up
   */
  public <R, T> CompletionStage<Outcome> askAside(
      Supplier<R> read, BiFunction<R, BooleanSupplier, T> answer, Consumer<T> show) {
    return work.answering(askAside(asked.incrementAndGet(), read, answer, show));
  }

  private <R, T> CompletionStage<Outcome> askAside(
      long number, Supplier<R> read, BiFunction<R, BooleanSupplier, T> answer, Consumer<T> show) {
    return work.outcome(
        () -> isOver(number) ? Optional.<R>empty() : Optional.of(read.get()),
        found ->
            found
                .map(
                    one ->
                        work.asideThen(
                            () -> answered(gone -> answer.apply(one, gone), number),
                            done ->
                                shown(
                                    done,
                                    number,
                                    show,
                                    () -> askAside(number, read, answer, show))))
                .orElseGet(Latest::ended));
  }

  private boolean isOver(long number) {
    return number != asked.get();
  }

  /** Shows an answer; one that gave way to what a person waits for comes behind it. */
  private <T> CompletionStage<Outcome> shown(
      Optional<T> found,
      long number,
      Consumer<T> show,
      Supplier<CompletionStage<Outcome>> askAgain) {
    if (isOver(number)) {
      return ended();
    }
    if (found.isEmpty()) {
      return askAgain.get();
    }
    show.accept(found.get());
    return ended();
  }

  private static CompletionStage<Outcome> ended() {
    return CompletableFuture.completedFuture(new Outcome.Recorded());
  }

  /** The answer; empty where it was given up for a later question, or for what a person did. */
  private <T> Optional<T> answered(Function<BooleanSupplier, T> answer, long number) {
    try {
      return Optional.of(answer.apply(() -> isOver(number) || work.isWaitedFor()));
    } catch (CancellationException given) {
      return Optional.empty();
    }
  }

  /** Nobody wants the answer any more. For every thread. */
  public void drop() {
    asked.incrementAndGet();
  }
}
