package jugulum.book.store;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.postgresql.ds.PGSimpleDataSource;

/** Makes a book in a database, once, by who may make tables there. */
public final class ServedSchema {
  /** The number of the last V…__*.sql of a served book. */
  static final int FORM = 1;

  /** A role that can log in and has the rights of a bench. */
  private static final Pattern ROLE = Pattern.compile("[a-z_][a-z0-9_]{0,62}");

  private ServedSchema() {}

  /** What was done. */
  public enum Done {
    /** The tables were made, or brought up to today's. */
    TABLES,
    /** The tables were there. */
    TABLES_WERE_THERE,
    /** A role was made that benches log in by; it has no password yet. */
    ROLE,
    /** The role was there. */
    ROLE_WAS_THERE,
    /** The role may read and add, nothing else. */
    RIGHTS
  }

  /**
   * Makes tables and the role of the benches, as far as they are not there.
   *
   * @param administrator the address, as somebody who may make tables and roles
   * @param role the name of the role benches log in by
   * @throws BookProblem where it cannot be done; what was done before stays
   */
  public static List<Done> init(BookAddress administrator, String role) {
    if (!ROLE.matcher(role).matches()) {
      throw new BookProblem(
          Kind.NO_ADDRESS, administrator.toString(), "a role is small letters, digits and _", null);
    }
    List<Done> done = new ArrayList<>();
    try (PostgresRows rows = PostgresRows.connect(administrator)) {
      rows.asking(
          () -> {
            checkEncoding(rows.handle(), administrator);
            int before = form(rows.handle()).orElse(0);
            if (before < FORM) {
              migrate(administrator);
            }
            done.add(before == FORM ? Done.TABLES_WERE_THERE : Done.TABLES);
            done.add(role(rows.handle(), role));
            rights(rows.handle(), role);
            done.add(Done.RIGHTS);
            return null;
          });
    }
    return done;
  }

  private static void checkEncoding(Handle handle, BookAddress address) {
    String encoding = handle.createQuery("SHOW server_encoding").mapTo(String.class).one();
    if (!encoding.equals("UTF8")) {
      throw new BookProblem(
          Kind.NO_BOOK_THERE,
          address.toString(),
          "the database is in " + encoding + ", not in UTF8",
          null);
    }
  }

  /** The version of the tables; empty where there are none. */
  private static Optional<Integer> form(Handle handle) {
    boolean isThere =
        handle
            .createQuery("SELECT to_regclass('jugulum.book') IS NOT NULL")
            .mapTo(Boolean.class)
            .one();
    return isThere
        ? handle.createQuery("SELECT form FROM jugulum.book").mapTo(Integer.class).findOne()
        : Optional.empty();
  }

  private static void migrate(BookAddress administrator) {
    PGSimpleDataSource source = new PGSimpleDataSource();
    source.setURL(administrator.url());
    administrator
        .properties()
        .forEach(
            (name, value) -> {
              try {
                source.setProperty(String.valueOf(name), String.valueOf(value));
              } catch (SQLException unknown) {
                throw ServedFaults.of(unknown, administrator.toString());
              }
            });
    try {
      Flyway.configure()
          .loggers("slf4j")
          .dataSource(source)
          .schemas(BookAddress.SCHEMA)
          .createSchemas(true)
          .locations("classpath:jugulum/book/served")
          .load()
          .migrate();
    } catch (FlywayException problem) {
      throw ServedFaults.of(problem, administrator.toString());
    }
  }

  private static Done role(Handle handle, String role) {
    boolean isThere =
        handle
            .createQuery("SELECT count(*) > 0 FROM pg_roles WHERE rolname = ?")
            .bind(0, role)
            .mapTo(Boolean.class)
            .one();
    if (!isThere) {
      handle.execute("CREATE ROLE " + role + " LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE");
    }
    return isThere ? Done.ROLE_WAS_THERE : Done.ROLE;
  }

  private static void rights(Handle handle, String role) {
    for (String right :
        List.of(
            "USAGE ON SCHEMA jugulum",
            "SELECT ON jugulum.book, jugulum.journal, jugulum.stream, jugulum.picture,"
                + " jugulum.here",
            "INSERT (kind, stream, version, at, who, bench, action, act, form, body) ON"
                + " jugulum.journal",
            "INSERT (sha256, jpeg, own) ON jugulum.picture",
            "EXECUTE ON FUNCTION jugulum.i_am_here(text, text, text)")) {
      handle.execute("GRANT " + right + " TO " + role);
    }
  }
}
