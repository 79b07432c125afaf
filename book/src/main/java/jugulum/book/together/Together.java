package jugulum.book.together;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import jugulum.book.store.BookAddress;
import jugulum.book.store.MirrorStore;
import jugulum.book.store.PostgresRows;
import jugulum.book.store.Served;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Saved;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.Waiting;
import jugulum.book.stream.Writer;

/**
 * A book that several benches share: this bench's copy, which is read and written as any book, and
 * what carries between it and the server.
 */
public final class Together implements AutoCloseable {
  private final BookAddress address;
  private final MirrorStore mirror;
  private final Book book;
  private final Exchange exchange;

  private Together(
      BookAddress address,
      Path file,
      Writer writer,
      List<StreamKind<?, ?>> kinds,
      boolean isPatient) {
    this.address = address;
    this.exchange =
        new Exchange(
            MirrorStore.open(file, writer.clock()),
            () -> PostgresRows.open(address),
            writer.bench(),
            kinds);
    try {
      boolean isNew = exchange.isNew();
      Optional<BookProblem> away = isNew || isPatient ? exchange.tryToCarry() : Optional.empty();
      if (isNew && away.isPresent()) {
        throw away.get();
      }
      this.mirror = MirrorStore.open(file, writer.clock());
      this.book = new Book(mirror, kinds, writer);
      mirror.whenWritten(exchange::nudge);
    } catch (RuntimeException problem) {
      exchange.close();
      throw problem;
    }
  }

  /**
   * Opens the copy of a served book, or makes it, and hears what the server has to say, if it
   * answers.
   *
   * @param address where the server keeps it
   * @param file the bench's copy
   * @throws BookProblem where there is no copy yet and the server cannot be reached
   */
  public static Together open(
      BookAddress address, Path file, Writer writer, List<StreamKind<?, ?>> kinds) {
    return new Together(address, file, writer, kinds, true);
  }

  /**
   * The same for who does not wait for a network: the server is heard once it is started, but where
   * there is no copy yet.
   */
  public static Together openAtOnce(
      BookAddress address, Path file, Writer writer, List<StreamKind<?, ?>> kinds) {
    return new Together(address, file, writer, kinds, false);
  }

  /** Where the server keeps the book. */
  public BookAddress address() {
    return address;
  }

  /** The book, to read and to write. */
  public Book book() {
    return book;
  }

  /** From now on rows are carried as they come, and that is told how it stands. */
  public void start(Consumer<Exchange.Status> listener) {
    exchange.start(listener);
  }

  /** How it stands. */
  public Exchange.Status status() {
    return exchange.status();
  }

  /** Which benches are there, asked now and before {@link #start}; none where no server answers. */
  public List<Served.Here> others() {
    return exchange.others();
  }

  /** Says what the bench is at, for the others. */
  public void isAt(String what) {
    exchange.isAt(what);
  }

  /** Tries the server again now. */
  public void tryAgain() {
    exchange.nudge();
  }

  /** Carries once what there is, before {@link #start}; says why it could not. */
  public Optional<BookProblem> carry() {
    return exchange.tryToCarry();
  }

  /** What the server was not told yet, in the order it was done. For the book's thread. */
  public List<Waiting> waiting() {
    return mirror.allWaiting();
  }

  /** What was set aside at this bench, the last first. For the thread that works on the book. */
  public List<SetAside> setAside() {
    return mirror.setAside();
  }

  /** Does something set aside again on what the book says now, if it may be. */
  public Saved again(SetAside one) {
    Saved saved = book.again(one.what());
    if (saved instanceof Saved.Recorded) {
      mirror.end(one.id(), SetAside.State.DONE_AGAIN, "");
    }
    return saved;
  }

  /** Lets something set aside go; it stays in the list, with the reason. */
  public void letGo(SetAside one, String reason) {
    mirror.end(one.id(), SetAside.State.LET_GO, reason);
  }

  /**
   * Before {@link #start}: carries until nothing waits for the server any more, or so long; says
   * whether nothing does.
   */
  public boolean settle(Duration atMost) {
    return exchange.settle(atMost);
  }

  /** Ends what carries; the book stays open, for who closes it. */
  public void end() {
    exchange.close();
  }

  @Override
  public void close() {
    book.close();
    end();
  }
}
