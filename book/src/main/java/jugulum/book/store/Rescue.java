package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Kept;
import jugulum.book.stream.Key;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Row;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.Writer;
import jugulum.core.check.Check;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;

/**
 * Copies what can be read of a damaged book into a new one, row by row, with who wrote each when.
 * The damaged file is only read. Where the journal of a stream has a hole, what was kept of it
 * beyond the hole is taken if it is whole, with the edits since, else the journal up to the hole.
 *
 * @param streams the streams that were copied
 * @param rowsLost how many journal rows could not be read or, after one that could not, not be
 *     used; where not even the book tells how many it had, at least so many
 * @param pictures how many copies of pictures were copied
 */
public record Rescue(List<Key> streams, int rowsLost, int pictures) {
  /** Keeps its own copy. */
  public Rescue {
    streams = List.copyOf(streams);
  }

  /** How many streams of a kind were copied. */
  public int count(StreamKind<?, ?> kind) {
    return (int) streams.stream().filter(key -> key.kind().equals(kind.name())).count();
  }

  /**
   * Rescues a book.
   *
   * @param damaged the damaged book's file
   * @param fresh the file to make; must not exist
   * @param kinds the kinds of stream it can hold
   * @param writer who writes the new one
   * @throws BookProblem if nothing can be read, or the new book cannot be made
   */
  public static Rescue copy(Path damaged, Path fresh, List<StreamKind<?, ?>> kinds, Writer writer) {
    if (Files.exists(fresh)) {
      throw new BookProblem(BookProblem.Kind.CANNOT_CREATE, fresh, "there is a file already", null);
    }
    try {
      return read(damaged, fresh, kinds, writer);
    } catch (SQLException | RuntimeException problem) {
      forget(fresh);
      throw Faults.of(problem, damaged);
    }
  }

  private static Rescue read(Path damaged, Path fresh, List<StreamKind<?, ?>> kinds, Writer writer)
      throws SQLException {
    SQLiteConfig config = new SQLiteConfig();
    config.setReadOnly(true);
    try (var connection =
            DriverManager.getConnection("jdbc:sqlite:" + damaged, config.toProperties());
        Handle handle = Jdbi.create(connection).open();
        Book book = new Book(SqliteStore.open(fresh, writer.clock()), kinds, writer)) {
      takeItAsItIs(connection);
      Form form = Form.of(connection, damaged);
      return Check.asRecorded(() -> new Copying(handle, book, kinds, sizeOf(damaged), form).run());
    }
  }

  /** A book into which nothing could be saved is not left for somebody to take for one. */
  private static void forget(Path fresh) {
    for (String part : List.of("", "-wal", "-shm", ".lock")) {
      try {
        Files.deleteIfExists(fresh.resolveSibling(fresh.getFileName() + part));
      } catch (IOException stays) {
        // It is empty; what is told is why nothing could be saved.
      }
    }
  }

  /**
   * A copy that broke off has fewer pages than its first one tells; the database would read none.
   */
  private static void takeItAsItIs(Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA writable_schema = ON");
    }
  }

  private static long sizeOf(Path file) {
    try {
      return Files.size(file);
    } catch (IOException problem) {
      throw new BookProblem(
          BookProblem.Kind.DISK_ERROR, file, String.valueOf(problem.getMessage()), problem);
    }
  }

  /**
   * How the rows of a version of book are asked for as today's.
   *
   * @param row asks for a row by its number
   * @param kept asks for what was kept of a stream
   * @param isNumbered whether the rows of a stream are numbered
   * @param isChained whether each is chained to the one before
   */
  private record Form(String row, String kept, boolean isNumbered, boolean isChained) {
    /** Numbering its rows takes a look at all of them, of which some cannot be read. */
    private static final Form FIRST =
        new Form(
            "SELECT seq, CASE stream WHEN 'shop' THEN 'shop' ELSE 'batch' END AS kind, stream,"
                + " 0 AS version, at, '' AS who, '' AS bench, '' AS action, kind AS act, 1 AS"
                + " form, body, crc, '' AS chain FROM main.journal WHERE seq = ?",
            "SELECT 'batch' AS kind, stream, "
                + Long.MAX_VALUE
                + " AS version, done AS undoable, undone AS redoable, 0 AS rule, 1 AS form,"
                + " body, crc FROM main.snapshot WHERE 'batch' = ? AND stream = ?",
            false,
            false);

    static Form of(Connection damaged, Path path) throws SQLException {
      boolean isChained = Schema.readAsLatest(damaged, path);
      return Schema.check(damaged, path) == 1
          ? FIRST
          : new Form("SELECT * FROM journal WHERE seq = ?", KeptRows.OF_STREAM, true, isChained);
    }
  }

  private static final class Copying {
    /** No row takes fewer bytes: how many there can be at most where the book no longer tells. */
    private static final int LEAST_ROW_BYTES = 24;

    private final Handle handle;
    private final Book book;
    private final List<StreamKind<?, ?>> kinds;
    private final Form form;
    private final Map<Key, Salvage<?, ?>> streams = new LinkedHashMap<>();
    private final Map<Key, String> chains = new HashMap<>();
    private final long bytes;
    private int lost;

    Copying(Handle handle, Book book, List<StreamKind<?, ?>> kinds, long bytes, Form form) {
      this.handle = handle;
      this.book = book;
      this.kinds = kinds;
      this.bytes = bytes;
      this.form = form;
    }

    Rescue run() {
      OptionalLong last = lastRow();
      long end = last.orElse(bytes / LEAST_ROW_BYTES);
      int missing = 0;
      for (long seq = 1; seq <= end; seq++) {
        if (readable(seq)) {
          lost += missing;
          missing = 0;
        } else {
          missing++;
        }
      }
      if (last.isPresent()) {
        lost += missing;
      }
      streams.forEach((key, found) -> lost += found.copy(book, kept(key)));
      return new Rescue(List.copyOf(streams.keySet()), lost, pictures());
    }

    /** Copies the pictures that are whole; one bad page costs its own alone. */
    private int pictures() {
      int copied = 0;
      for (String sha256 : orNone(() -> PictureRows.all(handle))) {
        for (PictureCopy copy : orNone(() -> PictureRows.of(handle, sha256).stream().toList())) {
          copied += book.keep(copy) ? 1 : 0;
        }
      }
      return copied;
    }

    private static <T> List<T> orNone(Supplier<List<T>> read) {
      try {
        return read.get();
      } catch (RuntimeException unreadable) {
        return List.of();
      }
    }

    /**
     * The number of the last row, by whichever of two places can still be read; rows are never
     * removed, so all before it were written.
     */
    private OptionalLong lastRow() {
      return Stream.of(
              "SELECT seq FROM sqlite_sequence WHERE name = 'journal'",
              "SELECT max(seq) FROM journal")
          .map(this::number)
          .flatMapToLong(OptionalLong::stream)
          .max();
    }

    private OptionalLong number(String query) {
      try {
        return handle
            .createQuery(query)
            .mapTo(Long.class)
            .findOne()
            .map(OptionalLong::of)
            .orElse(OptionalLong.empty());
      } catch (RuntimeException unreadable) {
        return OptionalLong.empty();
      }
    }

    /** Reads one row at a time, so that one bad page costs its own rows only. */
    private boolean readable(long seq) {
      try {
        return handle
            .createQuery(form.row())
            .bind(0, seq)
            .map(
                (row, _) -> {
                  found(row);
                  return true;
                })
            .findOne()
            .orElse(false);
      } catch (RuntimeException unreadable) {
        return false;
      }
    }

    private void found(ResultSet row) throws SQLException {
      Key key = Journal.key(row);
      Optional<StreamKind<?, ?>> kind =
          kinds.stream().filter(one -> one.name().equals(key.kind())).findFirst();
      if (kind.isEmpty() && Book.isItsOwn(key)) {
        // What the damaged book says of itself; the new one says it of its own.
        return;
      }
      Row said = Journal.said(row);
      Salvage<?, ?> salvage =
          streams.computeIfAbsent(key, _ -> Salvage.of(kind.orElseThrow(), key.id()));
      String before = chains.getOrDefault(key, "");
      chains.put(key, row.getString("chain"));
      boolean isChained =
          !form.isChained()
              || !salvage.isNext(said)
              || Journal.chain(before, row).equals(row.getString("chain"));
      salvage.found(
          form.isNumbered() ? said : said.numbered(salvage.next()),
          Journal.isWhole(row) && isChained);
    }

    private Optional<Kept> kept(Key key) {
      try {
        return handle
            .createQuery(form.kept())
            .bind(0, key.kind())
            .bind(1, key.id())
            .map((row, _) -> KeptRows.read(row, KeptRows.isOfToday(row)))
            .findOne()
            .flatMap(one -> one);
      } catch (RuntimeException unreadable) {
        return Optional.empty();
      }
    }
  }
}
