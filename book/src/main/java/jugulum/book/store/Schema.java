package jugulum.book.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Key;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.jdbi.v3.core.statement.PreparedBatch;

/**
 * The versions of the book's tables. Flyway is asked only when something has to change: looking
 * costs a start nothing.
 */
final class Schema {
  /** The number of the last V…__*.sql beside this class. */
  static final int LATEST = 4;

  /** The first whose rows are chained. */
  private static final int CHAINED = 3;

  /** Marks the file as a book, in SQLite's own field for that: "Jugl". */
  private static final int APPLICATION_ID = 0x4a75676c;

  private Schema() {}

  /** Brings a new or older book to the latest version; refuses one that is newer or none. */
  static void bringUp(Connection connection, Path path) throws SQLException {
    int version = check(connection, path);
    if (version < LATEST) {
      migrate(path);
      chain(connection, path);
      try (Statement statement = connection.createStatement()) {
        statement.execute("PRAGMA application_id = " + APPLICATION_ID);
        statement.execute("PRAGMA user_version = " + LATEST);
      }
    }
  }

  /**
   * Gives every row its chain, so far as it has none, and closes the journal again. A row that is
   * not as it was written stays so: its checksum goes into the chain as it stands.
   */
  static void chain(Connection connection, Path path) throws SQLException {
    try (Handle handle = Jdbi.create(connection).open()) {
      handle.useTransaction(
          _ -> {
            Map<Key, String> chains = new HashMap<>();
            PreparedBatch batch = handle.prepareBatch("UPDATE journal SET chain = ? WHERE seq = ?");
            handle
                .createQuery("SELECT * FROM journal ORDER BY seq")
                .map(
                    (row, _) -> {
                      Key stream = Journal.key(row);
                      String chain = row.getString("chain");
                      if (chain.isEmpty()) {
                        chain = Journal.chain(chains.getOrDefault(stream, ""), row);
                        batch.bind(0, chain).bind(1, row.getLong("seq")).add();
                      }
                      chains.put(stream, chain);
                      return chain;
                    })
                .forEach(_ -> {});
            if (batch.size() > 0) {
              batch.execute();
            }
            PreparedBatch heads =
                handle.prepareBatch("UPDATE stream SET chain = ? WHERE kind = ? AND stream = ?");
            chains.forEach(
                (stream, chain) ->
                    heads.bind(0, chain).bind(1, stream.kind()).bind(2, stream.id()).add());
            if (heads.size() > 0) {
              heads.execute();
            }
            Stream.of(Guard.values()).map(Guard::made).forEach(handle::execute);
          });
    } catch (JdbiException problem) {
      throw Faults.of(problem, path);
    }
  }

  /** What keeps the journal from being rewritten, as V1 and V2 made it. */
  enum Guard {
    /** No row is changed. */
    CHANGED("UPDATE"),
    /** No row is taken out. */
    SHORTENED("DELETE");

    /** What each does. */
    static final String DOES = "SELECT RAISE(ABORT, 'the journal is only added to')";

    private final String against;

    Guard(String against) {
      this.against = against;
    }

    /** The name of its trigger. */
    String trigger() {
      return "journal_is_never_" + name().toLowerCase(Locale.ROOT);
    }

    /** Makes it again, where it was taken away for the rows to get their chains. */
    private String made() {
      return "CREATE TRIGGER IF NOT EXISTS "
          + trigger()
          + " BEFORE "
          + against
          + " ON journal BEGIN "
          + DOES
          + "; END";
    }
  }

  /**
   * Lets a book that may not be written be read as if it were of the latest version: an older one
   * by views of this connection only.
   *
   * @return whether its rows are chained
   */
  static boolean readAsLatest(Connection connection, Path path) throws SQLException {
    int version = check(connection, path);
    try (Statement statement = connection.createStatement()) {
      for (String view : views(version)) {
        statement.execute(view);
      }
    }
    return version >= CHAINED;
  }

  private static List<String> views(int version) {
    return switch (version) {
      case 1 -> with(NO_PICTURES, FIRST_AS_LATEST);
      case 2 -> with(NO_PICTURES, SECOND_AS_LATEST);
      case 3 -> with(NO_PICTURES, List.of());
      default -> List.of();
    };
  }

  private static List<String> with(String one, List<String> others) {
    return Stream.concat(Stream.of(one), others.stream()).toList();
  }

  private static final String NO_PICTURES =
      "CREATE TEMP VIEW picture AS SELECT '' AS sha256, x'' AS jpeg, '' AS own WHERE FALSE";

  private static final List<String> FIRST_AS_LATEST =
      List.of(
          """
          CREATE TEMP VIEW journal AS
          SELECT seq, CASE stream WHEN 'shop' THEN 'shop' ELSE 'batch' END AS kind, stream,
                 row_number() OVER (PARTITION BY stream ORDER BY seq) AS version,
                 at, '' AS who, '' AS bench, '' AS action, kind AS act, 1 AS form, body, crc, '' AS chain
          FROM main.journal
          """,
          "CREATE TEMP VIEW stream AS SELECT CASE stream WHEN 'shop' THEN 'shop' ELSE 'batch' END"
              + " AS kind, stream, count(*) AS version, '' AS chain FROM main.journal GROUP BY"
              + " stream",
          """
          CREATE TEMP VIEW kept AS
          SELECT 'batch' AS kind, stream,
                 (SELECT count(*) FROM main.journal j WHERE j.stream = s.stream AND j.seq <= s.seq) AS version,
                 done AS undoable, undone AS redoable, 0 AS rule, 1 AS form, body, crc
          FROM main.snapshot s
          """,
          "CREATE TEMP VIEW projection AS SELECT '' AS name, 0 AS fold WHERE FALSE");

  private static final List<String> SECOND_AS_LATEST =
      List.of(
          "CREATE TEMP VIEW journal AS SELECT *, '' AS bench, '' AS action, '' AS chain FROM"
              + " main.journal",
          "CREATE TEMP VIEW stream AS SELECT *, '' AS chain FROM main.stream",
          "CREATE TEMP VIEW kept AS SELECT *, 0 AS rule FROM main.kept");

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
