package jugulum.book.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import jugulum.book.stream.BookProblem;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;

/**
 * The versions of the book's tables. Flyway is asked only when something has to change: looking
 * costs a start nothing.
 */
final class Schema {
  /** The number of the last V…__*.sql beside this class. */
  static final int LATEST = 2;

  /** Marks the file as a book, in SQLite's own field for that: "Jugl". */
  private static final int APPLICATION_ID = 0x4a75676c;

  private Schema() {}

  /** Brings a new or older book to the latest version; refuses one that is newer or none. */
  static void bringUp(Connection connection, Path path) throws SQLException {
    int version = check(connection, path);
    if (version < LATEST) {
      migrate(path);
      try (Statement statement = connection.createStatement()) {
        statement.execute("PRAGMA application_id = " + APPLICATION_ID);
        statement.execute("PRAGMA user_version = " + LATEST);
      }
    }
  }

  /**
   * Lets a book that may not be written be read as if it were of the latest version: an older one
   * by views of this connection only.
   */
  static void readAsLatest(Connection connection, Path path) throws SQLException {
    if (check(connection, path) == 1) {
      try (Statement statement = connection.createStatement()) {
        for (String view : FIRST_AS_LATEST) {
          statement.execute(view);
        }
      }
    }
  }

  private static final List<String> FIRST_AS_LATEST =
      List.of(
          """
          CREATE TEMP VIEW journal AS
          SELECT seq, CASE stream WHEN 'shop' THEN 'shop' ELSE 'batch' END AS kind, stream,
                 row_number() OVER (PARTITION BY stream ORDER BY seq) AS version,
                 at, '' AS who, kind AS act, 1 AS form, body, crc
          FROM main.journal
          """,
          "CREATE TEMP VIEW stream AS SELECT CASE stream WHEN 'shop' THEN 'shop' ELSE 'batch' END"
              + " AS kind, stream, count(*) AS version FROM main.journal GROUP BY stream",
          """
          CREATE TEMP VIEW kept AS
          SELECT 'batch' AS kind, stream,
                 (SELECT count(*) FROM main.journal j WHERE j.stream = s.stream AND j.seq <= s.seq) AS version,
                 done AS undoable, undone AS redoable, 1 AS form, body, crc
          FROM main.snapshot s
          """,
          "CREATE TEMP VIEW projection AS SELECT '' AS name, 0 AS fold WHERE FALSE");

  /** The version of a book; 0 for an empty file. */
  static int check(Connection connection, Path path) throws SQLException {
    int application = pragma(connection, "application_id");
    int version = pragma(connection, "user_version");
    boolean empty = tables(connection, "%") == 0;
    boolean begun = application == 0 && tables(connection, "flyway_schema_history") > 0;
    if (!empty && !begun && application != APPLICATION_ID) {
      throw new BookProblem(BookProblem.Kind.NOT_A_BOOK, path, "", null);
    }
    if (version > LATEST) {
      throw new BookProblem(
          BookProblem.Kind.NEWER_VERSION,
          path,
          "version " + version + ", known up to " + LATEST,
          null);
    }
    return version;
  }

  private static void migrate(Path path) {
    try {
      Flyway.configure()
          .loggers("slf4j")
          .dataSource("jdbc:sqlite:" + path, "", "")
          .locations("classpath:jugulum/book/store")
          .load()
          .migrate();
    } catch (FlywayException problem) {
      throw Faults.of(problem, path);
    }
  }

  private static int pragma(Connection connection, String name) throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet row = statement.executeQuery("PRAGMA " + name)) {
      return row.getInt(1);
    }
  }

  private static int tables(Connection connection, String like) throws SQLException {
    try (PreparedStatement statement =
        connection.prepareStatement("SELECT count(*) FROM sqlite_master WHERE name LIKE ?")) {
      statement.setString(1, like);
      try (ResultSet row = statement.executeQuery()) {
        return row.getInt(1);
      }
    }
  }
}
