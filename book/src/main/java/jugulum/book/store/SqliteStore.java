package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Kept;
import jugulum.book.stream.Key;
import jugulum.book.stream.Row;
import jugulum.book.stream.Search;
import jugulum.book.stream.Store;
import jugulum.book.stream.Table;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;

/** One SQLite file. */
public final class SqliteStore implements Store {
  private final Path path;
  private final Connection connection;
  private final Handle handle;
  private final Optional<BookLock> lock;
  private final Optional<ReadOnly> readOnly;
  private final ProjectionTables tables;

  private SqliteStore(
      Path path, Connection connection, Optional<BookLock> lock, Optional<ReadOnly> readOnly) {
    this.path = path;
    this.connection = connection;
    this.lock = lock;
    this.readOnly = readOnly;
    this.handle = Jdbi.create(connection).open();
    this.tables = new ProjectionTables(handle);
  }

  /**
   * Opens a book's file, or makes it where there is none. Where another window has it, or the disk
   * may not be written, it is opened to read only and {@link #readOnly()} says why.
   *
   * @param path the file
   * @param clock tells others since when it is held
   * @throws BookProblem if it cannot be opened
   */
  public static SqliteStore open(Path path, Clock clock) {
    try {
      if (path.toAbsolutePath().getParent() != null) {
        Files.createDirectories(path.toAbsolutePath().getParent());
      }
    } catch (IOException why) {
      throw new BookProblem(Kind.CANNOT_CREATE, path, String.valueOf(why.getMessage()), why);
    }
    String me = "process " + ProcessHandle.current().pid() + ", since " + clock.instant();
    return switch (BookLock.ask(path, me)) {
      case BookLock.Asked.Given(BookLock lock) -> openToWrite(path, lock);
      case BookLock.Asked.Taken(String holder) ->
          openToRead(path, new ReadOnly.OtherWindow(holder));
      case BookLock.Asked.Impossible(IOException why) when !Files.exists(path) ->
          throw new BookProblem(Kind.CANNOT_CREATE, path, String.valueOf(why.getMessage()), why);
      case BookLock.Asked.Impossible _ -> openToRead(path, new ReadOnly.Disk());
    };
  }

  private static SqliteStore openToWrite(Path path, BookLock lock) {
    if (Files.exists(path) && !Files.isWritable(path)) {
      lock.close();
      return openToRead(path, new ReadOnly.Disk());
    }
    try {
      SQLiteConfig config = new SQLiteConfig();
      config.setJournalMode(SQLiteConfig.JournalMode.WAL);
      config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
      config.setBusyTimeout(5_000);
      Connection connection =
          DriverManager.getConnection("jdbc:sqlite:" + path, config.toProperties());
      return closingOnFailure(
          connection,
          () -> {
            Schema.bringUp(connection, path);
            return new SqliteStore(path, connection, Optional.of(lock), Optional.empty());
          });
    } catch (SQLException | RuntimeException problem) {
      lock.close();
      throw Faults.of(problem, path);
    }
  }

  private static SqliteStore openToRead(Path path, ReadOnly why) {
    try {
      SQLiteConfig config = new SQLiteConfig();
      config.setReadOnly(true);
      config.setBusyTimeout(5_000);
      config.setTempStore(SQLiteConfig.TempStore.MEMORY);
      String url =
          "jdbc:sqlite:"
              + (why instanceof ReadOnly.Disk && !hasUnmergedTail(path)
                  ? "file:" + path + "?immutable=1"
                  : path);
      Connection connection = DriverManager.getConnection(url, config.toProperties());
      return closingOnFailure(
          connection,
          () -> {
            Schema.readAsLatest(connection, path);
            return new SqliteStore(path, connection, Optional.empty(), Optional.of(why));
          });
    } catch (SQLException | RuntimeException problem) {
      throw Faults.of(problem, path);
    }
  }

  /**
   * Whether recent edits still stand in the file beside the book; then it must not be read without
   * them.
   */
  private static boolean hasUnmergedTail(Path path) {
    try {
      return Files.size(path.resolveSibling(path.getFileName() + "-wal")) > 0;
    } catch (IOException none) {
      return false;
    }
  }

  private interface Opening {
    SqliteStore open() throws SQLException;
  }

  private static SqliteStore closingOnFailure(Connection connection, Opening opening)
      throws SQLException {
    try {
      return opening.open();
    } catch (SQLException | RuntimeException problem) {
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

  /**
   * What comes out of the work itself is not the database's: only its own failures are told as
   * problems of the book.
   */
  private <T> T asking(Supplier<T> work) {
    try {
      return work.get();
    } catch (RuntimeException problem) {
      throw Faults.ofDatabase(problem, path);
    }
  }

  @Override
  public <T> T transaction(Supplier<T> work) {
    return asking(() -> handle.inTransaction(_ -> work.get()));
  }

  @Override
  public List<Key> streams() {
    return asking(
        () ->
            handle
                .createQuery("SELECT kind, stream FROM stream")
                .map((row, _) -> new Key(row.getString(1), row.getString(2)))
                .list());
  }

  @Override
  public Optional<Key> lastWritten(String kind) {
    return asking(
        () ->
            handle
                .createQuery("SELECT stream FROM journal WHERE kind = ? ORDER BY seq DESC LIMIT 1")
                .bind(0, kind)
                .map((row, _) -> new Key(kind, row.getString(1)))
                .findOne());
  }

  @Override
  public long version(Key stream) {
    return asking(
        () ->
            handle
                .createQuery("SELECT version FROM stream WHERE kind = ? AND stream = ?")
                .bind(0, stream.kind())
                .bind(1, stream.id())
                .mapTo(Long.class)
                .findOne()
                .orElse(0L));
  }

  @Override
  public void add(Key stream, Row row) {
    asking(
        () ->
            handle
                .createUpdate(
                    "INSERT INTO journal (kind, stream, version, at, who, act, form, body, crc)"
                        + " VALUES (:kind, :stream, :version, :at, :who, :act, :form, :body, :crc)")
                .bind("kind", stream.kind())
                .bind("stream", stream.id())
                .bind("version", row.version())
                .bind("at", row.at().toString())
                .bind("who", row.who())
                .bind("act", row.act().name().toLowerCase(Locale.ROOT))
                .bind("form", row.form())
                .bind("body", row.body())
                .bind("crc", Crc.of(row.body()))
                .execute());
    asking(
        () ->
            handle.execute(
                "INSERT INTO stream (kind, stream, version) VALUES (?, ?, ?) ON CONFLICT (kind,"
                    + " stream) DO UPDATE SET version = excluded.version",
                stream.kind(),
                stream.id(),
                row.version()));
  }

  @Override
  public void rows(Key stream, long after, Consumer<Row> each) {
    asking(
        () -> {
          try (var rows =
              handle
                  .createQuery(
                      "SELECT version, at, who, act, form, body, crc FROM journal WHERE kind = ?"
                          + " AND stream = ? AND version > ? ORDER BY version")
                  .bind(0, stream.kind())
                  .bind(1, stream.id())
                  .bind(2, after)
                  .map((row, _) -> row(row))
                  .stream()) {
            for (Iterator<Row> all = rows.iterator(); all.hasNext(); ) {
              each.accept(all.next());
            }
          }
          return null;
        });
  }

  @Override
  public long length() {
    return asking(() -> handle.createQuery("SELECT count(*) FROM journal").mapTo(Long.class).one());
  }

  @Override
  public Optional<Kept> kept(Key stream) {
    return asking(
        () ->
            handle
                .createQuery(
                    "SELECT version, undoable, redoable, form, body, crc FROM kept WHERE kind = ?"
                        + " AND stream = ?")
                .bind(0, stream.kind())
                .bind(1, stream.id())
                .map((row, _) -> kept(row))
                .findOne()
                .flatMap(found -> found));
  }

  /** What was kept, if it is as it was written. */
  static Optional<Kept> kept(ResultSet row) throws SQLException {
    Optional<String> body = Optional.ofNullable(row.getString("body"));
    Kept kept =
        new Kept(
            row.getLong("version"),
            row.getInt("undoable"),
            row.getInt("redoable"),
            row.getInt("form"),
            body);
    return row.getLong("crc") == Crc.of(body.orElse("")) ? Optional.of(kept) : Optional.empty();
  }

  @Override
  public void keep(Key stream, Kept kept) {
    asking(
        () ->
            handle
                .createUpdate(
                    """
                    INSERT INTO kept (kind, stream, version, undoable, redoable, form, body, crc)
                    VALUES (:kind, :stream, :version, :undoable, :redoable, :form, :body, :crc)
                    ON CONFLICT (kind, stream) DO UPDATE SET version = :version, undoable = :undoable,
                      redoable = :redoable, form = :form, body = :body, crc = :crc
                    """)
                .bind("kind", stream.kind())
                .bind("stream", stream.id())
                .bind("version", kept.version())
                .bind("undoable", kept.undoable())
                .bind("redoable", kept.redoable())
                .bind("form", kept.form())
                .bind("body", kept.body().orElse(null))
                .bind("crc", Crc.of(kept.body().orElse("")))
                .execute());
  }

  @Override
  public OptionalInt fold(String table) {
    return asking(() -> tables.fold(table));
  }

  @Override
  public void shape(Table table, int fold) {
    asking(
        () -> {
          tables.shape(table, fold);
          return null;
        });
  }

  @Override
  public void replace(Table table, Key stream, long version, List<List<Object>> lines) {
    asking(
        () -> {
          tables.replace(table, stream, version, lines);
          return null;
        });
  }

  @Override
  public List<Cells> lines(Table table) {
    return asking(() -> tables.lines(table));
  }

  @Override
  public List<Cells> lines(Table table, Key stream) {
    return asking(() -> tables.lines(table, stream));
  }

  @Override
  public long projected(Table table, Key stream) {
    return asking(() -> tables.projected(table, stream));
  }

  @Override
  public List<Cells> find(Table table, Search search) {
    return asking(() -> tables.find(table, search));
  }

  @Override
  public List<String> words(Table table) {
    return asking(() -> tables.words(table));
  }

  @Override
  public List<Key> behind(Table table, String kind) {
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
    String verdict =
        asking(() -> handle.createQuery("PRAGMA quick_check(1)").mapTo(String.class).one());
    if (!verdict.equals("ok")) {
      throw new BookProblem(Kind.DAMAGED, path, verdict, null);
    }
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

  private Row row(ResultSet row) throws SQLException {
    if (!isWhole(row)) {
      throw new BookProblem(Kind.DAMAGED, path, "a journal row is not as it was written", null);
    }
    return said(row);
  }

  /** Whether the body of a row is the one that was written. */
  static boolean isWhole(ResultSet row) throws SQLException {
    return row.getLong("crc") == Crc.of(row.getString("body"));
  }

  /** What a row says. */
  static Row said(ResultSet row) throws SQLException {
    return new Row(
        row.getLong("version"),
        Instant.parse(row.getString("at")),
        row.getString("who"),
        Row.Act.valueOf(row.getString("act").toUpperCase(Locale.ROOT)),
        row.getInt("form"),
        row.getString("body"));
  }
}
