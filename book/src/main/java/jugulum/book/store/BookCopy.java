package jugulum.book.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import jugulum.book.stream.BookIndex;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/**
 * A copy of a book's file, made while the book is written on, by the database's own way for that
 * (online backup).
 *
 * @param rows how many rows of all streams stand in it, as {@code Book.length()} counts them
 * @param batches how many batches
 * @param last when the last row was written; empty where there is none
 */
public record BookCopy(long rows, int batches, Optional<Instant> last) {
  /** Under which kind the rows of batches stand. */
  private static final String BATCH = "batch";

  /** Who only looks writes no time. */
  private static final Clock NEVER_ASKED = Clock.fixed(Instant.EPOCH, ZoneOffset.UTC);

  private static final String PART = ".part";

  /**
   * Copies a book as it stands at one moment. Only when the copy is on the disk does it have its
   * name.
   *
   * @param book the book's file, open or not
   * @param copy the file to make; what is there is replaced only then
   * @throws BookProblem where the book cannot be read, or the copy not written
   */
  public static void make(Path book, Path copy) {
    Path part = copy.resolveSibling("." + copy.getFileName() + PART);
    try {
      Private.makeFolderOf(copy);
      Files.deleteIfExists(part);
      Private.makeFile(part);
      copyInto(book, part);
      onDisk(part);
      Files.move(part, copy, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException | SQLException problem) {
      throw problem instanceof IOException gone && !Files.exists(book)
          ? new BookProblem(Kind.NOT_A_BOOK, book, "it is not there", gone)
          : Faults.of(problem, copy);
    } finally {
      remove(part);
    }
  }

  /** Whether a file of that name was to become a copy, and nobody writes it any more. */
  public static boolean isHalfWritten(String name) {
    return name.startsWith(".") && (name.endsWith(PART) || name.endsWith(PART + "-journal"));
  }

  private static void remove(Path part) {
    try {
      Files.deleteIfExists(part);
      Files.deleteIfExists(part.resolveSibling(part.getFileName() + "-journal"));
    } catch (IOException away) {
      // The stick was pulled out: what is half written on it is overwritten the next time.
    }
  }

  private static void copyInto(Path book, Path part) throws SQLException, IOException {
    if (!Files.exists(book)) {
      throw new IOException("it is not there");
    }
    SQLiteConfig reading = new SQLiteConfig();
    reading.setReadOnly(true);
    try (Connection from =
        DriverManager.getConnection("jdbc:sqlite:" + book, reading.toProperties())) {
      int result =
          ((SQLiteConnection) from).getDatabase().backup("main", part.toString(), (_, _) -> {});
      SQLiteErrorCode code = SQLiteErrorCode.getErrorCode(result);
      if (code != SQLiteErrorCode.SQLITE_OK) {
        throw new SQLiteException(code.message, code);
      }
    }
    // A copy that lies alone needs no files beside it.
    try (Connection alone = DriverManager.getConnection("jdbc:sqlite:" + part);
        Statement statement = alone.createStatement()) {
      statement.execute("PRAGMA journal_mode = DELETE");
    }
  }

  private static void onDisk(Path file) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
  }

  /**
   * What a copy holds, read without a change to anything.
   *
   * @throws BookProblem where it is no book, or cannot be read
   */
  public static BookCopy read(Path copy) {
    try (SqliteStore store = SqliteStore.look(copy, NEVER_ASKED)) {
      long all = store.length();
      List<Served.Arrived> end = store.after(all - 1, 1);
      return new BookCopy(
          all - store.length(BookIndex.KEY),
          (int) store.streams().stream().filter(key -> key.kind().equals(BATCH)).count(),
          end.stream().findFirst().map(one -> one.placed().row().at()));
    }
  }

  /**
   * Copies a copy back, to be a book of its own.
   *
   * @param copy the copy; stays as it is
   * @param fresh the file to make; must not be there
   * @throws BookProblem where something is there, the copy cannot be read, or the book not written
   */
  public static void bringBack(Path copy, Path fresh) {
    if (Files.exists(fresh)) {
      throw new BookProblem(Kind.CANNOT_CREATE, fresh, "it is there already", null);
    }
    make(copy, fresh);
  }
}
