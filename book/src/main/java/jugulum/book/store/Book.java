package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.ZoneId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import jugulum.book.json.Json;
import jugulum.book.store.BookProblem.Kind;
import jugulum.core.check.Check;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.EditResult;
import jugulum.core.ledger.History;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Ledger;
import jugulum.core.shop.Shop;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;

/**
 * A book: one SQLite file with the journal of every batch. Every call that changes something returns after the change is on disk.
 * Calls are for one thread at a time.
 */
public final class Book implements AutoCloseable {
  private static final String SHOP_STREAM = "shop";

  private final Path path;
  private final Clock clock;
  private final Connection connection;
  private final Handle handle;
  private final Optional<BookLock> lock;
  private final Optional<ReadOnly> readOnly;
  private final Journal journal;
  private final Snapshots snapshots;

  /** The state last asked for, so that recording one reading after the other reads nothing back. */
  private Optional<Known> last = Optional.empty();

  private record Known(long seq, BatchState state) {}

  /** Why a window may only read. */
  public sealed interface ReadOnly {
    /**
     * Another window has the book.
     *
     * @param holder what that window said of itself
     */
    record OtherWindow(String holder) implements ReadOnly {}

    /** The disk or the folder may not be written. */
    record Disk() implements ReadOnly {}
  }

  private Book(Path path, Clock clock, Connection connection, Optional<BookLock> lock, Optional<ReadOnly> readOnly) {
    this.path = path;
    this.clock = clock;
    this.connection = connection;
    this.lock = lock;
    this.readOnly = readOnly;
    this.handle = Jdbi.create(connection).open();
    this.journal = new Journal(handle, path);
    this.snapshots = new Snapshots(handle);
  }

  /**
   * Opens a book, or makes it where there is none. Where another window has it, or the disk may not be written, it is opened to read
   * only and {@link #readOnly()} says why.
   *
   * @param path the file
   * @param clock tells when an edit was made
   * @throws BookProblem if it cannot be opened
   */
  public static Book open(Path path, Clock clock) {
    try {
      if (path.toAbsolutePath().getParent() != null) {
        Files.createDirectories(path.toAbsolutePath().getParent());
      }
    } catch (IOException why) {
      throw new BookProblem(Kind.CANNOT_CREATE, path, String.valueOf(why.getMessage()), why);
    }
    String me = "process " + ProcessHandle.current().pid() + ", since " + clock.instant();
    return switch (BookLock.ask(path, me)) {
      case BookLock.Asked.Given(BookLock lock) -> openToWrite(path, clock, lock);
      case BookLock.Asked.Taken(String holder) -> openToRead(path, clock, new ReadOnly.OtherWindow(holder));
      case BookLock.Asked.Impossible(IOException why) when !Files.exists(path) ->
          throw new BookProblem(Kind.CANNOT_CREATE, path, String.valueOf(why.getMessage()), why);
      case BookLock.Asked.Impossible _ -> openToRead(path, clock, new ReadOnly.Disk());
    };
  }

  private static Book openToWrite(Path path, Clock clock, BookLock lock) {
    if (Files.exists(path) && !Files.isWritable(path)) {
      lock.close();
      return openToRead(path, clock, new ReadOnly.Disk());
    }
    try {
      SQLiteConfig config = new SQLiteConfig();
      config.setJournalMode(SQLiteConfig.JournalMode.WAL);
      config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
      config.setBusyTimeout(5_000);
      Connection connection = DriverManager.getConnection("jdbc:sqlite:" + path, config.toProperties());
      return closingOnFailure(
          connection,
          () -> {
            Schema.bringUp(connection, path);
            Book book = new Book(path, clock, connection, Optional.of(lock), Optional.empty());
            book.replaceLostSnapshots();
            return book;
          });
    } catch (SQLException | RuntimeException problem) {
      lock.close();
      throw Faults.of(problem, path);
    }
  }

  private static Book openToRead(Path path, Clock clock, ReadOnly why) {
    try {
      SQLiteConfig config = new SQLiteConfig();
      config.setReadOnly(true);
      config.setBusyTimeout(5_000);
      String url = "jdbc:sqlite:" + (why instanceof ReadOnly.Disk && !hasUnmergedTail(path) ? "file:" + path + "?immutable=1" : path);
      Connection connection = DriverManager.getConnection(url, config.toProperties());
      return closingOnFailure(
          connection,
          () -> {
            Schema.check(connection, path);
            return new Book(path, clock, connection, Optional.empty(), Optional.of(why));
          });
    } catch (SQLException | RuntimeException problem) {
      throw Faults.of(problem, path);
    }
  }

  /** Whether recent edits still stand in the file beside the book; then it must not be read without them. */
  private static boolean hasUnmergedTail(Path path) {
    try {
      return Files.size(path.resolveSibling(path.getFileName() + "-wal")) > 0;
    } catch (IOException none) {
      return false;
    }
  }

  private interface Opening {
    Book open() throws SQLException;
  }

  private static Book closingOnFailure(Connection connection, Opening opening) throws SQLException {
    try {
      return opening.open();
    } catch (SQLException | RuntimeException problem) {
      connection.close();
      throw problem;
    }
  }

  /** The book's file. */
  public Path path() {
    return path;
  }

  /** The clock that dates the edits. */
  public Clock clock() {
    return clock;
  }

  /** Where the clock that dates the edits hangs. */
  public ZoneId zone() {
    return clock.getZone();
  }

  /** Why this window may only read; empty when it may write. */
  public Optional<ReadOnly> readOnly() {
    return readOnly;
  }

  /** All batches, newest first. */
  public List<BatchSummary> list() {
    return reading(snapshots::list);
  }

  /** The line of one batch in the list. */
  public Optional<BatchSummary> summary(BatchId id) {
    return reading(() -> snapshots.one(id));
  }

  /** The state of a batch; with nothing to undo or redo where the book has no such batch. */
  public BatchState state(BatchId id) {
    return reading(() -> current(id));
  }

  /** Carries out an edit and writes it. */
  public Saved submit(BatchId id, Edit edit) {
    return submitAs(clock.instant(), id, edit);
  }

  /** Carries out an edit made at another time than now. */
  Saved submitAs(Instant now, BatchId id, Edit edit) {
    BatchState before = reading(() -> current(id));
    return switch (Ledger.apply(before.batch(), edit, now)) {
      case EditResult.Refused(var refusal) -> new Saved.Refused(refusal);
      case EditResult.Done(Batch after) -> {
        BatchState state = new BatchState(id, Optional.of(after), before.undoable() + 1, 0);
        long seq = writing(() -> write(now, edit, state, after.label()));
        last = Optional.of(new Known(seq, state));
        yield new Saved.Recorded(state);
      }
    };
  }

  /**
   * An edit of one batch.
   *
   * @param batch which
   * @param edit what changes
   */
  public record Order(BatchId batch, Edit edit) {}

  /** Ends a transaction whose edits are not all taken. */
  private static final class NotAll extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Saved.Refused refused;

    NotAll(Saved.Refused refused) {
      super(null, null, false, false);
      this.refused = refused;
    }
  }

  /** Carries out edits of several batches and writes them, all of them or, where one is refused, none; gives the first refusal. */
  public Optional<Saved.Refused> submitAll(List<Order> orders) {
    Instant now = clock.instant();
    try {
      writing(
          () -> {
            for (Order order : orders) {
              BatchState before = current(order.batch());
              switch (Ledger.apply(before.batch(), order.edit(), now)) {
                case EditResult.Refused(var refusal) -> throw new NotAll(new Saved.Refused(refusal));
                case EditResult.Done(Batch after) -> {
                  BatchState state = new BatchState(order.batch(), Optional.of(after), before.undoable() + 1, 0);
                  last = Optional.of(new Known(write(now, order.edit(), state, after.label()), state));
                }
              }
            }
            return null;
          });
      return Optional.empty();
    } catch (NotAll ended) {
      return Optional.of(ended.refused);
    } finally {
      last = Optional.empty();
    }
  }

  /** Writes an edit that stood in another book; the rules are not asked again, they may have become stricter since. */
  void restore(Instant at, BatchId id, Edit edit) {
    BatchState before = reading(() -> current(id));
    BatchState after = reading(() -> new BatchState(id, Optional.of(Ledger.replay(before.batch(), edit, at)), before.undoable() + 1, 0));
    long seq = writing(() -> write(at, edit, after, after.batch().orElseThrow().label()));
    last = Optional.of(new Known(seq, after));
  }

  private long write(Instant now, Edit edit, BatchState state, Label label) {
    long seq = journal.add(stream(state.id()), now, Journal.Kind.EDIT, Json.write(edit));
    snapshots.keep(state, seq, label);
    return seq;
  }

  /** Takes the last edit of a batch back; gives that edit, or nothing where there is none. */
  public Optional<Edit> undo(BatchId id) {
    return step(id, Journal.Kind.UNDO, History::undo);
  }

  /** Brings the last edit taken back of a batch back again; gives that edit, or nothing where there is none. */
  public Optional<Edit> redo(BatchId id) {
    return step(id, Journal.Kind.REDO, History::redo);
  }

  private Optional<Edit> step(BatchId id, Journal.Kind kind, Function<History<Edit>, Optional<History<Edit>>> way) {
    return writing(
        () -> {
          History<Edit> before = history(id);
          Optional<History<Edit>> after = way.apply(before);
          after.ifPresent(
              history -> {
                long seq = journal.add(stream(id), clock.instant(), kind, "");
                snapshots.keep(folded(id, history), seq, label(before, history));
              });
          return after.map(history -> (kind == Journal.Kind.UNDO ? history.undone() : history.done()).getLast().edit());
        });
  }

  /** All edits of a batch, those taken back included. */
  public History<Edit> history(BatchId id) {
    return reading(() -> journal.history(stream(id), Json::edit));
  }

  /** The shop; the usual one before anything was set. */
  public Shop shop() {
    History<Shop> history = reading(() -> journal.history(SHOP_STREAM, Json::shop));
    return history.done().isEmpty() ? Shop.USUAL : history.done().getLast().edit();
  }

  /** Changes the shop. */
  public void submit(Shop shop) {
    writing(() -> journal.add(SHOP_STREAM, clock.instant(), Journal.Kind.EDIT, Json.write(shop)));
  }

  /** Takes the last change of the shop back; gives whether there was one. */
  public boolean undoShop() {
    return stepShop(Journal.Kind.UNDO, History::undo);
  }

  /** Brings the last change of the shop back again; gives whether there was one. */
  public boolean redoShop() {
    return stepShop(Journal.Kind.REDO, History::redo);
  }

  private boolean stepShop(Journal.Kind kind, Function<History<Shop>, Optional<History<Shop>>> way) {
    return writing(
        () -> {
          History<Shop> history = journal.history(SHOP_STREAM, Json::shop);
          boolean possible = way.apply(history).isPresent();
          if (possible) {
            journal.add(SHOP_STREAM, clock.instant(), kind, "");
          }
          return possible;
        });
  }

  /** How this person likes to see things; empty where nothing was said. */
  public Optional<String> preference(String name) {
    return reading(() -> handle.createQuery("SELECT value FROM preference WHERE name = ?").bind(0, name).mapTo(String.class).findOne());
  }

  /** Remembers how this person likes to see things. */
  public void prefer(String name, String value) {
    writing(
        () ->
            handle.execute("INSERT INTO preference (name, value) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value", name, value));
  }

  /**
   * Reads the whole book and compares it with what was written.
   *
   * @throws BookProblem of the kind DAMAGED if something is not as it was
   */
  public void verify() {
    verifyFile();
    streams().forEach(this::verify);
  }

  /**
   * Checks that the file hangs together, without reading what it says.
   *
   * @throws BookProblem of the kind DAMAGED if it does not
   */
  public void verifyFile() {
    String verdict = reading(() -> handle.createQuery("PRAGMA quick_check(1)").mapTo(String.class).one());
    if (!verdict.equals("ok")) {
      throw new BookProblem(Kind.DAMAGED, path, verdict, null);
    }
  }

  /** The streams of the journal: one a batch, and the shop's. */
  public List<String> streams() {
    return reading(() -> handle.createQuery("SELECT DISTINCT stream FROM journal").mapTo(String.class).list());
  }

  /**
   * Reads one stream of the journal and compares it with what was written.
   *
   * @throws BookProblem of the kind DAMAGED if something is not as it was
   */
  public void verify(String stream) {
    reading(() -> stream.equals(SHOP_STREAM) ? journal.history(stream, Json::shop) : Ledger.replay(journal.history(stream, Json::edit)));
  }

  private BatchState current(BatchId id) {
    long end = journal.last(stream(id));
    if (last.filter(known -> known.seq() == end && known.state().id().equals(id)).isEmpty()) {
      BatchState state = snapshots.state(id, end).orElseGet(() -> folded(id, journal.history(stream(id), Json::edit)));
      last = Optional.of(new Known(end, state));
    }
    return last.orElseThrow().state();
  }

  private static BatchState folded(BatchId id, History<Edit> history) {
    return new BatchState(id, Ledger.replay(history), history.done().size(), history.undone().size());
  }

  private static Label label(History<Edit> before, History<Edit> after) {
    return Ledger.replay(after).or(() -> Ledger.replay(before)).map(Batch::label).orElseThrow();
  }

  private static String stream(BatchId id) {
    return id.value().toString();
  }

  private <T> T reading(Supplier<T> work) {
    try {
      return Check.asRecorded(work);
    } catch (RuntimeException problem) {
      throw Faults.of(problem, path);
    }
  }

  private <T> T writing(Supplier<T> work) {
    if (readOnly.isPresent()) {
      throw new BookProblem(Kind.READ_ONLY, path, readOnly.get().toString(), null);
    }
    try {
      return handle.inTransaction(_ -> Check.asRecorded(work));
    } catch (NotAll ended) {
      throw ended;
    } catch (RuntimeException problem) {
      throw Faults.of(problem, path);
    }
  }

  /** Lets the book grow by no page more: to the database the same as a full disk. For tests. */
  void limitPages() {
    int pages = handle.createQuery("PRAGMA page_count").mapTo(Integer.class).one();
    handle.createQuery("PRAGMA max_page_count = " + pages).mapTo(Integer.class).one();
  }

  /** A damaged book opens all the same, so that what is whole can be seen; {@link #verify} says what is wrong with it. */
  private void replaceLostSnapshots() {
    try {
      if (snapshots.someMissing()) {
        rebuildSnapshots();
      }
    } catch (RuntimeException damage) {
      if (Faults.of(damage, path).kind() != Kind.DAMAGED) {
        throw damage;
      }
    }
  }

  private void rebuildSnapshots() {
    writing(
        () -> {
          for (String stream : handle.createQuery("SELECT DISTINCT stream FROM journal WHERE stream <> 'shop'").mapTo(String.class).list()) {
            BatchId id = new BatchId(UUID.fromString(stream));
            History<Edit> history = journal.history(stream, Json::edit);
            Optional<History<Edit>> first = history.redo();
            Label label = label(history, first.filter(_ -> history.done().isEmpty()).orElse(history));
            snapshots.keep(folded(id, history), journal.last(stream), label);
          }
          return null;
        });
  }

  @Override
  public void close() {
    try {
      handle.close();
      connection.close();
    } catch (SQLException problem) {
      throw Faults.of(problem, path);
    } finally {
      lock.ifPresent(BookLock::close);
    }
  }

  /** The number of rows in the journal, undo and redo included. */
  public long journalLength() {
    return reading(() -> handle.createQuery("SELECT count(*) FROM journal").mapTo(Long.class).one());
  }
}
