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
   * @param answer works the answer out; told when nobody wants it any more, it may end with a
   *     {@link CancellationException}
   * @param show shows it
   */
  public <T> void ask(Function<BooleanSupplier, T> answer, Consumer<T> show) {
    long number = asked.incrementAndGet();
    BooleanSupplier over = () -> number != asked.get();
    work.run(
        () -> over.getAsBoolean() ? Optional.<T>empty() : answered(answer, over),
        found -> found.filter(_ -> !over.getAsBoolean()).ifPresent(show));
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
    long number = asked.incrementAndGet();
    BooleanSupplier over = () -> number != asked.get();
    return work.outcome(
        () -> over.getAsBoolean() ? Optional.<R>empty() : Optional.of(read.get()),
        found ->
            found
                .map(
                    one ->
                        work.asideThen(
                            () -> answered(gone -> answer.apply(one, gone), over),
                            done -> {
                              done.filter(_ -> !over.getAsBoolean()).ifPresent(show);
                              return Latest.shown();
                            }))
                .orElseGet(Latest::shown));
  }

  private static CompletionStage<Outcome> shown() {
    return CompletableFuture.completedFuture(new Outcome.Recorded());
  }

  private static <T> Optional<T> answered(
      Function<BooleanSupplier, T> answer, BooleanSupplier over) {
    try {
      return Optional.of(answer.apply(over));
    } catch (CancellationException nobodyWantsIt) {
      return Optional.empty();
    }
  }

  /** Nobody wants the answer any more. For every thread. */
  public void drop() {
    asked.incrementAndGet();
  }
}
