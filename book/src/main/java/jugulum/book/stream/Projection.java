package jugulum.book.stream;

import java.util.List;
import java.util.Optional;

/**
 * A table that follows from the streams of one kind, kept so that it can be read without folding
 * them. It can be made again at any time, and is when its {@link #fold} rises.
 *
 * @param <S> what the edits of a stream make
 * @param <R> a line of the table
 */
public interface Projection<S, R> {
  /** The table's name and columns. */
  LineTable table();

  /** The number of the rule its lines are made by; raised with every change of what a line says. */
  default int fold() {
    return 1;
  }

  /** Whether it is brought up with every edit; otherwise when it is read. */
  default boolean isEager() {
    return false;
  }

  /**
   * The lines of one stream.
   *
   * @param id which
   * @param now what its edits make; empty where its first was taken back
   * @param last what they made before that; the same as now where there is one
   */
  List<R> lines(String id, Optional<S> now, S last);

  /** What a line says, a value a column: String, Double, Long or null. */
  List<Object> cells(R line);

  /** Reads a line. */
  R line(Cells cells);
}
