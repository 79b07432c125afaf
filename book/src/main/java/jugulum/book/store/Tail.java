package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.sqlite.SQLiteConfig;

/**
 * The file beside a book in which recent edits stand until they are merged into it (its write-ahead
 * log). After a kill it stays; where another book was put in the place of its own since, it must
 * not be read into that one.
 */
final class Tail {
  private Tail() {}

  static Path of(Path book) {
    return book.resolveSibling(book.getFileName() + "-wal");
  }

  /** Whether there are edits in it; then the book must not be read without them. */
  static boolean isFull(Path book) {
    try {
      return Files.size(of(book)) > 0;
    } catch (IOException none) {
      return false;
    }
  }

  /** How a book is opened alone, without its tail and without a change to anything. */
  static String alone(Path book) {
    return "jdbc:sqlite:"
        + book.toUri().toString().replaceFirst("^file:///", "file:/")
        + "?immutable=1";
  }

  /**
   * Moves a tail out of the way that is not the book's own.
   *
   * @param noted by which opening the tail was written; empty where nobody knows
   * @return where it is now; empty where it is the book's, or there is none
   */
  static Optional<Path> setAside(Path book, String noted) throws IOException {
    if (noted.isEmpty() || !isFull(book) || stamp(book).equals(Optional.of(noted))) {
      return Optional.empty();
    }
    Path aside = free(of(book) + ".not-its-own");
    Files.move(of(book), aside, StandardCopyOption.ATOMIC_MOVE);
    Files.deleteIfExists(book.resolveSibling(book.getFileName() + "-shm"));
    return Optional.of(aside);
  }

  /** A name like that which no file has. */
  static Path free(String name) {
    return Stream.concat(
            Stream.of(name), IntStream.iterate(2, i -> i + 1).mapToObj(i -> name + "-" + i))
        .map(Path::of)
        .filter(path -> !Files.exists(path))
        .findFirst()
        .orElseThrow();
  }

  /** Which opening wrote the book last, by the book alone; empty where it does not say. */
  private static Optional<String> stamp(Path book) {
    SQLiteConfig config = new SQLiteConfig();
    config.setReadOnly(true);
    try (Connection connection = DriverManager.getConnection(alone(book), config.toProperties());
        Statement statement = connection.createStatement();
        ResultSet row = statement.executeQuery("SELECT stamp FROM opening")) {
      return row.next() ? Optional.of(row.getString(1)) : Optional.empty();
    } catch (SQLException unreadable) {
      return Optional.empty();
    }
  }
}
