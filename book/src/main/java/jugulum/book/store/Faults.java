package jugulum.book.store;

import java.nio.file.Path;
import java.time.DateTimeException;
import jugulum.book.store.BookProblem.Kind;
import jugulum.core.check.OutOfRange;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import tools.jackson.core.JacksonException;

/** Tells what a failure of the database means for the person at the bench. */
final class Faults {
  private Faults() {}

  static BookProblem of(Throwable problem, Path path) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof BookProblem known) {
        return known;
      }
      if (cause instanceof SQLiteException sqlite) {
        return new BookProblem(kind(sqlite.getResultCode()), path, sqlite.getMessage(), problem);
      }
      if (cause instanceof JacksonException unread) {
        return new BookProblem(Kind.NOT_UNDERSTOOD, path, unread.getOriginalMessage(), problem);
      }
      if (cause instanceof OutOfRange || cause instanceof DateTimeException) {
        return new BookProblem(Kind.NOT_UNDERSTOOD, path, String.valueOf(cause.getMessage()), problem);
      }
    }
    return new BookProblem(Kind.DISK_ERROR, path, String.valueOf(problem.getMessage()), problem);
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
