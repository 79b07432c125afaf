package jugulum.desk.session;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.Books;
import jugulum.book.store.BookAddress;
import jugulum.book.store.Move;
import jugulum.book.store.PostgresRows;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Saved;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.Waiting;
import jugulum.book.stream.Writer;
import jugulum.book.together.Exchange;
import jugulum.book.together.Together;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.work.Work;

/**
 * How it stands between this bench and the others that share its book, and the ways there and back.
 */
public final class Sharing {
  /** Under which the bench remembers which book it opens by itself. */
  public static final String BOOK = "book";

  private final Book book;
  private final Optional<Together> together;
  private final BenchMemory memory;
  private final Work work;
  private final ReadOnlyObjectWrapper<Exchange.Status> status =
      new ReadOnlyObjectWrapper<>(Exchange.Status.UNKNOWN);
  private final ReadOnlyObjectWrapper<List<Waiting>> waiting =
      new ReadOnlyObjectWrapper<>(List.of());
  private final ReadOnlyObjectWrapper<List<SetAside>> aside =
      new ReadOnlyObjectWrapper<>(List.of());

  Sharing(
      Book book,
      Optional<Together> together,
      BenchMemory memory,
      Work work,
      Executor interfaceThread) {
    this.book = book;
    this.together = together;
    this.memory = memory;
    this.work = work;
    together.ifPresent(it -> it.start(now -> interfaceThread.execute(() -> show(now))));
  }

  /** The book's address; empty where it is in a file of this bench alone. */
  public Optional<BookAddress> address() {
    return together.map(Together::address);
  }

  /** How it stands. */
  public ReadOnlyObjectProperty<Exchange.Status> status() {
    return status.getReadOnlyProperty();
  }

  /** What was set aside here, the last first. */
  public ReadOnlyObjectProperty<List<SetAside>> aside() {
    return aside.getReadOnlyProperty();
  }

  /** What the server was not told yet, in the order it was done. */
  public ReadOnlyObjectProperty<List<Waiting>> waiting() {
    return waiting.getReadOnlyProperty();
  }

  private void show(Exchange.Status now) {
    if (now.waiting() != status.get().waiting()) {
      together.ifPresent(it -> work.run(it::waiting, waiting::set));
    }
    boolean isOther =
        now.aside() != status.get().aside() || status.get().equals(Exchange.Status.UNKNOWN);
    status.set(now);
    if (isOther) {
      readAside();
    }
  }

  private void readAside() {
    together.ifPresent(it -> work.run(it::setAside, aside::set));
  }

  /** Tries the server again now. */
  public void tryAgain() {
    together.ifPresent(Together::tryAgain);
  }

  /** Says to the others what this bench is at. */
  public void isAt(String what) {
    together.ifPresent(it -> it.isAt(what));
  }

  /** Does something set aside again; what came of it is told. */
  public void again(SetAside one, Consumer<Saved> then) {
    together.ifPresent(
        it ->
            work.run(
                () -> it.again(one),
                saved -> {
                  then.accept(saved);
                  readAside();
                  it.tryAgain();
                }));
  }

  /** Lets something set aside go. */
  public void letGo(SetAside one, String reason) {
    together.ifPresent(
        it ->
            work.run(
                () -> {
                  it.letGo(one, reason);
                  return true;
                },
                _ -> {
                  readAside();
                  it.tryAgain();
                }));
  }

  /** What came of asking a server. */
  public sealed interface Asked {
    /**
     * It has a book, and this bench may use it.
     *
     * @param rows how many rows stand in it
     */
    record Answers(long rows) implements Asked {}

    /** Everything was copied. */
    record Copied(Move what) implements Asked {}

    /** It could not be done. */
    record Not(BookProblem why) implements Asked {}
  }

  /** Tries an address, beside all else. */
  public CompletionStage<Void> ask(String address, Consumer<Asked> then) {
    return asking(
        () -> {
          try (PostgresRows rows = PostgresRows.open(BookAddress.parse(address))) {
            return new Asked.Answers(rows.length());
          }
        },
        then);
  }

  /** Copies this book to a server where nothing stands yet. */
  public CompletionStage<Void> copyThere(String address, Consumer<Asked> then) {
    Path file = book.path();
    return asking(
        () ->
            new Asked.Copied(
                Books.there(file, BookAddress.parse(address), Writer.unnamed(book.clock()))),
        then);
  }

  /** Copies the server's book into a new file. */
  public CompletionStage<Void> copyBack(Path fresh, Consumer<Asked> then) {
    return together
        .map(
            it ->
                asking(() -> new Asked.Copied(Move.back(it.address(), fresh, book.clock())), then))
        .orElseGet(() -> CompletableFuture.completedFuture(null));
  }

  private CompletionStage<Void> asking(Supplier<Asked> work, Consumer<Asked> then) {
    return this.work.aside(
        () -> {
          try {
            return work.get();
          } catch (BookProblem problem) {
            return new Asked.Not(problem);
          }
        },
        then);
  }

  /** From the next start this bench opens that book; its own in a file where none is named. */
  public void openFromNowOn(Optional<String> address) {
    memory.put(BOOK, address.orElse(""));
  }

  /** Which book this bench opens by itself; empty for its own in a file. */
  public Optional<String> openedFromNowOn() {
    return memory.get(BOOK).filter(text -> !text.isEmpty());
  }

  /** Ends what carries; what waits goes on waiting on this disk. */
  void end() {
    together.ifPresent(Together::end);
  }
}
