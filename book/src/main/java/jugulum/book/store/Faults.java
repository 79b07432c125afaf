package jugulum.book.store;

import java.nio.file.Path;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.RowStore;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Tells what a failure of the database means for the person at the bench. */
final class Faults {
  private Faults() {}

  static BookProblem of(Throwable problem, Path path) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof BookProblem known) {
        return known;
      }
      if (cause instanceof SQLiteException sqlite) {
        return new BookProblem(
            kind(sqlite.getResultCode()), path, String.valueOf(sqlite.getMessage()), problem);
      }
    }
    return new BookProblem(Kind.DISK_ERROR, path, String.valueOf(problem.getMessage()), problem);
  }

  /**
   * A failure of the database; what was thrown by work done between its statements stays what it
   * is.
   */
  static RuntimeException ofDatabase(RuntimeException problem, Path path) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLiteException sqlite
          && sqlite.getResultCode() == SQLiteErrorCode.SQLITE_CONSTRAINT_UNIQUE) {
        return new RowStore.VersionTaken(sqlite);
      }
    }
    return problem instanceof JdbiException ? of(problem, path) : problem;
  }

  /** Extended codes share their low byte with the plain one. */
  private static Kind kind(SQLiteErrorCode code) {
    return switch (SQLiteErrorCode.getErrorCode(code.code & 0xff)) {
      case SQLITE_FULL -> Kind.DISK_FULL;
      case SQLITE_READONLY, SQLITE_PERM -> Kind.READ_ONLY_DISK;
      case SQLITE_CORRUPT -> Kind.DAMAGED;
      case SQLITE_NOTADB -> Kind.NOT_A_BOOK;
      case SQLITE_CANTOPEN -> Kind.CANNOT_CREATE;
      default -> Kind.DISK_ERROR;
    };
  }
}
