package jugulum.book.store;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Supplier;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Key;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Row;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.statement.PreparedBatch;
import org.jdbi.v3.core.transaction.TransactionIsolationLevel;
import org.postgresql.PGConnection;

/**
 * The rows of a book that a server keeps, over one connection. The server numbers, dates and chains
 * them; who is connected as a bench can add rows and read them, nothing else.
 *
 * <p>For one thread at a time. After a {@link BookProblem} it is closed and another is opened.
 */
public final class PostgresRows extends JdbcRows implements Served {
  /** The oldest make that has what the tables need. */
  private static final int OLDEST = 120_000;

  /** So many rows are fetched at a time. Ours. */
  private static final int NEWS = 2_000;

  private static final String INSERT =
      "INSERT INTO journal (kind, stream, version, "
          + Journal.TOLD
          + ") VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)";

  private final String place;
  private final Connection connection;
  private final Handle handle;
  private final Journal journal;
  private OptionalLong heard = OptionalLong.empty();

  /** How many rows it wrote itself since it last looked what others did. */
  private long own;

  private PostgresRows(BookAddress address, Connection connection) {
    String at = address.toString();
    Handle opened = Jdbi.create(connection).open();
    Journal rows = new Journal(opened, at, true);
    super(opened, rows);
    this.place = at;
    this.connection = connection;
    this.handle = opened;
    this.journal = rows;
  }

  /**
   * Connects to a book.
   *
   * @throws BookProblem where no server answers, does not let one in, or has no book
   */
  public static PostgresRows open(BookAddress address) {
    PostgresRows rows = connect(address);
    try {
      rows.checkForm();
      return rows;
    } catch (RuntimeException problem) {
      rows.close();
      throw problem;
    }
  }

  /** Connects to a database that may have no book yet. */
  static PostgresRows connect(BookAddress address) {
    try {
      Connection connection = DriverManager.getConnection(address.url(), address.properties());
      if (connection.getMetaData().getDatabaseMajorVersion() * 10_000 < OLDEST) {
        String version = connection.getMetaData().getDatabaseProductVersion();
        connection.close();
        throw new BookProblem(Kind.OLD_SERVER, address.toString(), version, null);
      }
      return new PostgresRows(address, connection);
    } catch (SQLException problem) {
      throw ServedFaults.of(problem, address.toString());
    }
  }

  private void checkForm() {
    if (!mayLook()) {
      throw new BookProblem(Kind.NO_RIGHT, place, "", null);
    }
    int form = asking(() -> handle.createQuery("SELECT form FROM book").mapTo(Integer.class).one());
    if (form > ServedSchema.FORM) {
      throw new BookProblem(
          Kind.NEWER_VERSION,
          place,
          "version " + form + ", known up to " + ServedSchema.FORM,
          null);
    }
  }

  /** Who has no right to what is there is told that nothing is there. */
  private boolean mayLook() {
    return asking(
        () ->
            handle
                .createQuery(
                    "SELECT has_schema_privilege(oid, 'USAGE') FROM pg_namespace WHERE nspname = ?")
                .bind(0, BookAddress.SCHEMA)
                .mapTo(Boolean.class)
                .findOne()
                .orElse(true));
  }

  @Override
  <T> T asking(Supplier<T> work) {
    try {
      return work.get();
    } catch (RuntimeException problem) {
      throw ServedFaults.of(problem, place);
    } catch (AssertionError brokenOff) {
      // What the driver throws where a connection breaks off between two of its own steps.
      throw new BookProblem(
          Kind.NO_SERVER, place, String.valueOf(brokenOff.getMessage()), brokenOff);
    }
  }

  @Override
  public <T> T transaction(Supplier<T> work) {
    long before = own;
    try {
      return super.transaction(work);
    } catch (RuntimeException problem) {
      own = before;
      throw problem;
    }
  }

  @Override
  public <T> T still(Supplier<T> work) {
    return asking(
        () -> handle.inTransaction(TransactionIsolationLevel.REPEATABLE_READ, _ -> work.get()));
  }

  @Override
  public boolean othersWrote() {
    long now = length();
    boolean isOther = heard.isPresent() && now - heard.getAsLong() > own;
    heard = OptionalLong.of(now);
    own = 0;
    return isOther;
  }

  @Override
  public long add(Key stream, Row row) {
    append(List.of(new Placed(stream, row)));
    return row.version();
  }

  @Override
  public void append(List<Placed> rows) {
    transaction(
        () -> {
          PreparedBatch batch = handle.prepareBatch(INSERT);
          for (Placed placed : rows) {
            Key stream = placed.stream();
            Row row = placed.row();
            batch.add(Journal.saying(row, stream.kind(), stream.id(), row.version()).toArray());
          }
          batch.execute();
          own += rows.size();
          return null;
        });
  }

  @Override
  public List<Arrived> news(long after) {
    for (int most = NEWS; ; most *= 2) {
      List<Arrived> found = after(after, most);
      if (found.size() < most) {
        return found;
      }
      String last = found.getLast().placed().row().from().action();
      int end = found.size();
      while (end > 0 && found.get(end - 1).placed().row().from().action().equals(last)) {
        end--;
      }
      if (end > 0) {
        return found.subList(0, end);
      }
    }
  }

  @Override
  public Optional<String> chain(long seq) {
    return asking(
        () ->
            handle
                .createQuery("SELECT chain FROM journal WHERE seq = ?")
                .bind(0, seq)
                .mapTo(String.class)
                .findOne());
  }

  @Override
  public long length() {
    return asking(
        () ->
            handle
                .createQuery("SELECT coalesce(max(seq), 0) FROM journal")
                .mapTo(Long.class)
                .one());
  }

  @Override
  public void check() {
    still(
        () -> {
          new ServedAudit(handle, place).check();
          for (Key stream : journal.streams()) {
            journal.rows(stream, 0, _ -> {});
          }
          return null;
        });
  }

  @Override
  public void listen() {
    asking(() -> handle.execute("LISTEN jugulum_rows"));
  }

  @Override
  public boolean waitForNews(Duration atMost) {
    return asking(
        () -> {
          try {
            var told =
                connection
                    .unwrap(PGConnection.class)
                    .getNotifications((int) Math.max(1, atMost.toMillis()));
            return told != null && told.length > 0;
          } catch (SQLException problem) {
            throw ServedFaults.of(problem, place);
          }
        });
  }

  @Override
  public List<Here> here(String bench, String name, String at) {
    return asking(
        () -> {
          handle
              .createQuery("SELECT i_am_here(?, ?, ?)")
              .bind(0, bench)
              .bind(1, name)
              .bind(2, at)
              .map((_, _) -> "")
              .list();
          return handle
              .createQuery(
                  "SELECT bench, name, place, seen FROM here WHERE seen > clock_timestamp() -"
                      + " interval '30 seconds' ORDER BY name, bench")
              .map(
                  (row, _) ->
                      new Here(
                          row.getString(1),
                          row.getString(2),
                          row.getString(3),
                          row.getTimestamp(4).toInstant()))
              .list();
        });
  }

  @Override
  public void close() {
    try {
      connection.close();
    } catch (SQLException harmless) {
      // The server ends it by itself.
    }
  }
}
