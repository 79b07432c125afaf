package jugulum.book.store;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * A real server on this machine, started once for all tests of a run; each asks for a book of its
 * own.
 */
public final class TestServer {
  /** The role benches log in by. */
  public static final String BENCH = "bench";

  private static final AtomicInteger BOOKS = new AtomicInteger();

  private TestServer() {}

  private static final class Server {
    private static final EmbeddedPostgres ONE = start();
  }

  /** Starts a server of one's own, to be closed by who asked. */
  public static EmbeddedPostgres start() {
    try {
      // Durable as a server of a shop is: a test kills it.
      return EmbeddedPostgres.builder()
          .setServerConfig("fsync", "on")
          .setServerConfig("synchronous_commit", "on")
          .start();
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /** A new book on the server all tests share, by the address of its administrator. */
  public static BookAddress empty() {
    return database(Server.ONE, "book_" + BOOKS.incrementAndGet());
  }

  /** A database that is no book yet, by the address of its administrator. */
  public static BookAddress database(EmbeddedPostgres server, String name) {
    sql(server, "postgres", "CREATE DATABASE " + name + " TEMPLATE template0 ENCODING 'UTF8'");
    return BookAddress.parse(
        "postgresql://postgres@localhost:" + server.getPort() + "/" + name + "?sslmode=disable");
  }

  /** A new book, by the address of a bench. */
  public static BookAddress book() {
    BookAddress administrator = empty();
    ServedSchema.init(administrator, BENCH);
    return administrator.as(BENCH);
  }

  /** Does something on the server all tests share, as its administrator. */
  public static void sql(String statement) {
    sql(Server.ONE, "postgres", statement);
  }

  /** Does something on a server as its administrator. */
  public static void sql(EmbeddedPostgres server, String database, String... statements) {
    try (Connection connection = server.getDatabase("postgres", database).getConnection();
        Statement statement = connection.createStatement()) {
      for (String one : statements) {
        statement.execute(one);
      }
    } catch (SQLException problem) {
      throw new IllegalStateException(problem);
    }
  }
}
