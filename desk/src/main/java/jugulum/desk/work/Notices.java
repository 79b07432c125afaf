package jugulum.desk.work;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.stream.BookProblem;

/**
 * What there is to say that belongs to no field, and what is written down of faults of the program.
 */
public final class Notices {
  private final ReadOnlyObjectWrapper<Notice> notice = new ReadOnlyObjectWrapper<>(Notice.NONE);
  private final FaultLog log;

  public Notices(Path book, Clock clock) {
    this.log = new FaultLog(book, clock);
  }

  /** What there is to say. */
  public ReadOnlyObjectProperty<Notice> notice() {
    return notice.getReadOnlyProperty();
  }

  /** Says something. On the interface thread. */
  public void say(Notice what) {
    notice.set(what);
  }

  /** Whether this can go wrong without a fault of the program. */
  static boolean isForeseen(Throwable cause) {
    return cause instanceof BookProblem;
  }

  /**
   * What was thrown, written down in full where nobody foresaw it. Touches the disk: not on the
   * interface thread.
   */
  Failure failure(Throwable thrown) {
    Throwable cause = thrown.getCause() == null || isForeseen(thrown) ? thrown : thrown.getCause();
    return new Failure(cause, isForeseen(cause) ? Optional.empty() : log.write(thrown));
  }
}
