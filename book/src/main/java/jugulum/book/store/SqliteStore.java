package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.function.Supplier;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Kept;
import jugulum.book.stream.Key;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Row;
import jugulum.book.stream.Search;
import jugulum.book.stream.Store;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;

/** One SQLite file. */
public final class SqliteStore extends JdbcRows implements Store {
  /**
   * So often a book moves at most while it is open: a file system that cannot tell its files apart
   * must not fill the disk with copies. Ours.
   */
  private static final int MOST_MOVES = 5;

  /** So long a write waits for another window's. Ours. */
  private static final int BUSY_MS = 5_000;

  private final Path path;
  private final Connection connection;
  private final Handle handle;
  private final Optional<BookLock> lock;
  private final Optional<ReadOnly> readOnly;
  private final boolean isChained;
  private final FileJournal journal;
  private final ProjectionTables tables;
  private final Optional<Path> strange;
  private final Clock clock;

  /** What the database counts up when another connection writes; empty before it was looked at. */
  private OptionalLong dataVersion = OptionalLong.empty();

  /** How often its files were gone since it was first opened. */
  private int moves;

  /** Where its files were when it was opened. */
  private final BookFiles place;

  private SqliteStore(
      Path path,
      Connection connection,
      Optional<BookLock> lock,
      Optional<ReadOnly> readOnly,
      boolean isChained,
      Optional<Path> strange,
      Clock clock) {
    Handle opened = Jdbi.create(connection).open();
    FileJournal rows = new FileJournal(opened, path.toString(), isChained);
    super(opened, rows);
    this.path = path;
    this.connection = connection;
    this.lock = lock;
    this.readOnly = readOnly;
    this.handle = opened;
    this.journal = rows;
    this.isChained = isChained;
    this.strange = strange;
    this.clock = clock;
    this.place = BookFiles.of(path);
    this.tables = new ProjectionTables(opened);
  }

  /**
   * Opens a book's file, or makes it where there is none. Windows of one machine write it together;
   * where another has it alone, on a network disk, or the disk may not be written, it is opened to
   * read only and {@link #readOnly()} says why.
   *
   * @param given the file, or a link to it
   * @param clock tells others since when it is held
   * @throws BookProblem if it cannot be opened
   */
  public static SqliteStore open(Path given, Clock clock) {
    Path path = file(given);
    String me = "process " + ProcessHandle.current().pid() + ", since " + clock.instant();
    return switch (BookLock.ask(path, me, NetworkDisk.holds(path))) {
      case BookLock.Asked.Given(BookLock lock, Optional<String> stamp) ->
          openToWrite(path, lock, stamp, me, clock);
      case BookLock.Asked.Taken(String holder) ->
          openToRead(path, new ReadOnly.OtherWindow(holder), clock);
      case BookLock.Asked.Impossible(IOException why) when !Files.exists(path) ->
          throw new BookProblem(Kind.CANNOT_CREATE, path, String.valueOf(why.getMessage()), why);
      case BookLock.Asked.Impossible _ -> openToRead(path, new ReadOnly.Disk(), clock);
    };
  }

  /** The file itself, in a folder that is there: a link has no lock of its own. */
  private static Path file(Path given) {
    try {
      Private.makeFolderOf(given);
      return Files.isSymbolicLink(given) ? given.toRealPath() : given;
    } catch (IOException why) {
      throw new BookProblem(Kind.CANNOT_CREATE, given, String.valueOf(why.getMessage()), why);
    }
  }

  private static SqliteStore openToWrite(
      Path path, BookLock lock, Optional<String> stamp, String me, Clock clock) {
    try {
      Optional<SqliteStore> opened = writing(path, lock, stamp, me, clock);
      if (opened.isEmpty()) {
        lock.close();
      }
      lock.opened();
      return opened.orElseGet(() -> openToRead(path, new ReadOnly.Disk(), clock));
    } catch (IOException | SQLException | RuntimeException problem) {
      lock.close();
      lock.opened();
      throw Faults.of(problem, path);
    }
  }

  /** Empty where the file may not be written. */
  private static Optional<SqliteStore> writing(
      Path path, BookLock lock, Optional<String> stamp, String me, Clock clock)
      throws IOException, SQLException {
    if (Files.exists(path) && !Files.isWritable(path)) {
      return Optional.empty();
    }
    Private.makeFile(path);
    Optional<Path> strange =
        stamp.isPresent() ? Tail.setAside(path, stamp.get()) : Optional.empty();
    SQLiteConfig config = new SQLiteConfig();
    config.setJournalMode(SQLiteConfig.JournalMode.WAL);
    config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
    config.setBusyTimeout(BUSY_MS);
    // Another window may write between what is read and what is written then.
    config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
    Connection connection =
        DriverManager.getConnection("jdbc:sqlite:" + path, config.toProperties());
    return Optional.of(
        closingOnFailure(
            connection,
            () -> {
              Schema.bringUp(connection, path);
              if (stamp.isPresent()) {
                stamp(connection, lock, me + ", " + path);
              }
              return new SqliteStore(
                  path, connection, Optional.of(lock), Optional.empty(), true, strange, clock);
            }));
  }

  /**
   * Puts the mark of this opening into the book itself, and then beside it: a tail written from now
   * on belongs to a book with that mark.
   */
  private static void stamp(Connection connection, BookLock lock, String me) throws IOException {
    try (Statement statement = connection.createStatement();
        PreparedStatement mark = connection.prepareStatement("UPDATE opening SET stamp = ?")) {
      String before;
      try (ResultSet row = statement.executeQuery("SELECT stamp FROM opening")) {
        before = row.next() ? row.getString(1) : "";
      }
      String stamp = Chain.of(before, List.of(me));
      mark.setString(1, stamp);
      mark.executeUpdate();
      statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
      lock.note(stamp);
    } catch (SQLException cannotBeWritten) {
      // A disk that is full, or a book that is damaged: nothing is known of the next tail then.
      lock.note("");
    }
  }

  /**
   * Opens a copy of a book to look at it; neither it nor the folder it is in changes by that.
   *
   * @throws BookProblem where it is no book, or cannot be read
   */
  public static SqliteStore look(Path copy, Clock clock) {
    if (!Files.isRegularFile(copy)) {
      throw new BookProblem(Kind.NOT_A_BOOK, copy, "it is not there", null);
    }
    return openToRead(copy, new ReadOnly.ACopy(), clock);
  }

  static SqliteStore openToRead(Path path, ReadOnly why, Clock clock) {
    try {
      SQLiteConfig config = new SQLiteConfig();
      config.setReadOnly(true);
      config.setBusyTimeout(BUSY_MS);
      config.setTempStore(SQLiteConfig.TempStore.MEMORY);
      boolean isAlone = !(why instanceof ReadOnly.OtherWindow) && !Tail.isFull(path);
      Connection connection =
          DriverManager.getConnection(
              isAlone ? Tail.alone(path) : "jdbc:sqlite:" + path, config.toProperties());
      return closingOnFailure(
          connection,
          () -> {
            boolean isChained = Schema.readAsLatest(connection, path);
            return new SqliteStore(
                path,
                connection,
                Optional.empty(),
                Optional.of(why),
                isChained,
                Optional.empty(),
                clock);
          });
    } catch (SQLException | IOException | RuntimeException problem) {
      throw Faults.of(problem, path);
    }
  }

  private interface Opening {
    SqliteStore open() throws SQLException, IOException;
  }

  private static SqliteStore closingOnFailure(Connection connection, Opening opening)
      throws SQLException, IOException {
    try {
      return opening.open();
    } catch (SQLException | IOException | RuntimeException problem) {
      connection.close();
      throw problem;
    }
  }

  @Override
  public Path path() {
    return path;
  }

  @Override
  public Optional<ReadOnly> readOnly() {
    return readOnly;
  }

  @Override
  public Optional<Path> strange() {
    return strange;
  }

  @Override
  public Optional<Store> elsewhere() {
    if (readOnly.isPresent() || moves == MOST_MOVES || place.hasBook() && place.hasTail()) {
      return Optional.empty();
    }
    if (place.hasBook()) {
      // Closing merges the tail nobody sees any more into the book that is still there.
      close();
      return Optional.of(movedTo(path));
    }
    Path fresh = Tail.free(path.toAbsolutePath() + ".kept");
    try {
      Private.makeFolderOf(fresh);
      Private.makeFile(fresh);
    } catch (IOException why) {
      throw new BookProblem(Kind.CANNOT_CREATE, fresh, String.valueOf(why.getMessage()), why);
    }
    asking(() -> handle.execute("VACUUM INTO ?", fresh.toString()));
    close();
    return Optional.of(movedTo(fresh));
  }

  private SqliteStore movedTo(Path where) {
    SqliteStore next = open(where, clock);
    next.moves = moves + 1;
    return next;
  }

  @Override
  <T> T asking(Supplier<T> work) {
    try {
      return work.get();
    } catch (RuntimeException problem) {
      throw Faults.ofDatabase(problem, path);
    }
  }

  @Override
  public <T> T still(Supplier<T> work) {
    SQLiteConnection plain = (SQLiteConnection) connection;
    SQLiteConfig.TransactionMode mode = plain.getCurrentTransactionMode();
    plain.setCurrentTransactionMode(SQLiteConfig.TransactionMode.DEFERRED);
    try {
      return transaction(work);
    } finally {
      plain.setCurrentTransactionMode(mode);
    }
  }

  @Override
  public boolean othersWrote() {
    long now = asking(() -> handle.createQuery("PRAGMA data_version").mapTo(Long.class).one());
    boolean isOther = dataVersion.isPresent() && dataVersion.getAsLong() != now;
    dataVersion = OptionalLong.of(now);
    return isOther;
  }

  @Override
  public long add(Key stream, Row row) {
    return asking(
        () -> {
          journal.add(stream, row);
          return row.version();
        });
  }

  /** Adds rows that stand elsewhere already, many at once, each with the chain it has there. */
  void addAll(List<Served.Arrived> rows) {
    doing(() -> journal.addAll(rows));
  }

  @Override
  public long length() {
    return asking(journal::length);
  }

  @Override
  public Optional<Kept> kept(Key stream) {
    return asking(() -> KeptRows.of(handle, stream, isChained));
  }

  @Override
  public void keep(Key stream, Kept kept) {
    doing(() -> KeptRows.keep(handle, stream, kept));
  }

  @Override
  public OptionalInt fold(String table) {
    return asking(() -> tables.fold(table));
  }

  @Override
  public void shape(LineTable table, int fold) {
    doing(() -> tables.shape(table, fold));
  }

  @Override
  public void replace(LineTable table, Key stream, long version, List<List<Object>> lines) {
    doing(() -> tables.replace(table, stream, version, lines));
  }

  @Override
  public List<Cells> lines(LineTable table) {
    return asking(() -> tables.lines(table));
  }

  @Override
  public List<Cells> lines(LineTable table, Key stream) {
    return asking(() -> tables.lines(table, stream));
  }

  @Override
  public long projected(LineTable table, Key stream) {
    return asking(() -> tables.projected(table, stream));
  }

  @Override
  public List<Cells> find(LineTable table, Search search) {
    return asking(() -> tables.find(table, search));
  }

  @Override
  public List<String> words(LineTable table) {
    return asking(() -> tables.words(table));
  }

  @Override
  public List<Key> behind(LineTable table, String kind) {
    return asking(() -> tables.behind(table, kind));
  }

  @Override
  public Optional<String> preference(String name) {
    return asking(
        () ->
            handle
                .createQuery("SELECT value FROM preference WHERE name = ?")
                .bind(0, name)
                .mapTo(String.class)
                .findOne());
  }

  @Override
  public void check() {
    asking(
        () -> {
          Audit audit = new Audit(handle, path);
          audit.checkFile();
          if (isChained) {
            audit.checkTables();
          }
          return null;
        });
  }

  /** Lets the book grow by no page more: to the database the same as a full disk. For tests. */
  void limitPages() {
    int pages = handle.createQuery("PRAGMA page_count").mapTo(Integer.class).one();
    handle.createQuery("PRAGMA max_page_count = " + pages).mapTo(Integer.class).one();
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
}
