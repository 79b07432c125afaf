package jugulum.desk.follow;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.Order;
import jugulum.book.stream.StreamRef;
import jugulum.book.stream.Walked;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Notices;
import jugulum.desk.work.Outcome;
import jugulum.desk.work.Work;

/**
 * Streams of one kind as the window follows them: edits are sent, taken back and brought back by
 * somebody who saw a version, and what rests on them is read again and shown. With the version, no
 * edit is laid over one its sender did not see (optimistic locking).
 *
 * @param <S> what the edits make
 * @param <E> the edits
 */
public final class Following<S, E> {
  private final Book book;
  private final Work work;
  private final Notices notices;
  private final BiFunction<Boolean, Optional<E>, Notice> gone;

  /**
   * Follows a kind of stream.
   *
   * @param gone what there is to say of an edit taken back or, where that is true, brought back;
   *     empty where there was none
   */
  public Following(
      Book book, Work work, Notices notices, BiFunction<Boolean, Optional<E>, Notice> gone) {
    this.book = book;
    this.work = work;
    this.notices = notices;
    this.gone = gone;
  }

  /**
   * Sends edits, all or none.
   *
   * @param seen the version their sender saw
   * @param read reads what rests on them, on the book's thread
   * @param show shows it
   */
  public <A> CompletionStage<Outcome> submit(
      StreamRef<S, E> stream, long seen, List<E> edits, Supplier<A> read, Consumer<A> show) {
    return changed(
        () ->
            new Changed(
                Outcome.of(book.submit(Order.on(seen, stream, edits))), Notice.NONE, List.of()),
        _ -> read.get(),
        show);
  }

  /**
   * Takes the last action back, or brings the last one taken back back again.
   *
   * @param read reads what rests on the streams it reached, on the book's thread
   */
  public <A> CompletionStage<Outcome> walk(
      StreamRef<S, E> stream,
      long seen,
      boolean isRedo,
      Function<List<Key>, A> read,
      Consumer<A> show) {
    return changed(
        () -> walked(isRedo ? book.redo(stream, seen) : book.undo(stream, seen), isRedo),
        read,
        show);
  }

  /** Takes one action back, whatever came after it, as long as that says the same without it. */
  public <A> CompletionStage<Outcome> takeBack(
      StreamRef<S, E> stream, String action, Function<List<Key>, A> read, Consumer<A> show) {
    return changed(() -> walked(book.takeBack(stream, action), false), read, show);
  }

  /** How it went, what there is to say of it beside a field, and which other streams it reached. */
  private record Changed(Outcome outcome, Notice notice, List<Key> streams) {}

  private Changed walked(Walked<E> walked, boolean isRedo) {
    return switch (walked) {
      case Walked.Done<E>(E edit, List<Key> streams) ->
          new Changed(new Outcome.Recorded(), gone.apply(isRedo, Optional.of(edit)), streams);
      case Walked.Nothing<E> _ ->
          new Changed(new Outcome.Recorded(), gone.apply(isRedo, Optional.empty()), List.of());
      case Walked.Refused<E>(var refusal) ->
          new Changed(new Outcome.Refused(refusal), new Notice.NotDone(refusal), List.of());
    };
  }

  private <A> CompletionStage<Outcome> changed(
      Supplier<Changed> how, Function<List<Key>, A> read, Consumer<A> show) {
    record After<A>(Changed changed, A read) {}
    return work.urgent(
        () -> {
          Changed changed = how.get();
          return new After<>(changed, read.apply(changed.streams()));
        },
        after -> {
          show.accept(after.read());
          notices.say(after.changed().notice());
          return CompletableFuture.completedFuture(after.changed().outcome());
        });
  }
}
