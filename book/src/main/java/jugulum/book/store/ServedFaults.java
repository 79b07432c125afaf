package jugulum.book.store;

import java.sql.SQLException;
import java.util.Set;
import java.util.regex.Pattern;
import javax.net.ssl.SSLException;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.RowStore;
import org.jdbi.v3.core.JdbiException;

/**
 * Tells what a failure of a server means for the person at the bench, by the five signs every such
 * server gives (SQL:2016, SQLSTATE; PostgreSQL documentation, appendix A).
 */
final class ServedFaults {
  /** Others came between: the work is done again. */
  private static final Set<String> AGAIN = Set.of("23505", "40001", "40P01");

  private static final Set<String> NOT_LET_IN = Set.of("28000", "28P01");
  private static final Set<String> NO_BOOK = Set.of("3D000", "3F000", "42P01");
  private static final Set<String> FULL = Set.of("53100", "53200");

  /** A driver says it in words only. */
  private static final Pattern NOT_TRUSTED =
      Pattern.compile("(?i)\\b(SSL|TLS|certificate|PKIX|hostname .* could not be verified)\\b");

  private ServedFaults() {}

  /** A failure of the database; what work between its statements threw stays what it is. */
  static RuntimeException of(RuntimeException problem, String place) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof BookProblem || cause instanceof RowStore.VersionTaken) {
        return problem;
      }
      if (cause instanceof SQLException sql) {
        return of(sql, place);
      }
    }
    return problem instanceof JdbiException
        ? new BookProblem(Kind.SERVER_ERROR, place, String.valueOf(problem.getMessage()), problem)
        : problem;
  }

  static RuntimeException of(SQLException problem, String place) {
    String state = String.valueOf(problem.getSQLState());
    if (AGAIN.contains(state)) {
      return new RowStore.VersionTaken(problem);
    }
    return new BookProblem(kind(state, problem), place, said(problem), problem);
  }

  private static Kind kind(String state, SQLException problem) {
    if (NOT_LET_IN.contains(state)) {
      return Kind.NOT_LET_IN;
    }
    if (NO_BOOK.contains(state)) {
      return Kind.NO_BOOK_THERE;
    }
    if (FULL.contains(state)) {
      return Kind.SERVER_FULL;
    }
    if (state.equals("42501")) {
      return Kind.NO_RIGHT;
    }
    if (state.startsWith("22") || state.startsWith("23") || state.startsWith("54")) {
      return Kind.NOT_TAKEN;
    }
    if (isOfTrust(problem)) {
      return Kind.NOT_TRUSTED;
    }
    if (state.equals("08004")) {
      return Kind.NOT_LET_IN;
    }
    // 08: no connection; 57P: it is shutting down or was killed; 55P03, 57014, 25P03: nobody
    // answers in time.
    boolean isAway =
        state.startsWith("08")
            || state.startsWith("57P")
            || Set.of("55P03", "57014", "25P03", "53300", "null").contains(state);
    return isAway ? Kind.NO_SERVER : Kind.SERVER_ERROR;
  }

  private static boolean isOfTrust(SQLException problem) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof SSLException
          || NOT_TRUSTED.matcher(String.valueOf(cause.getMessage())).find()) {
        return true;
      }
    }
    return false;
  }

  /** The first line only: the rest is for who tends the server. */
  private static String said(SQLException problem) {
    return String.valueOf(problem.getMessage())
        .lines()
        .findFirst()
        .orElse("")
        .strip()
        .replaceAll("\\.$", "");
  }
}
