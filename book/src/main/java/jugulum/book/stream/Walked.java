package jugulum.book.stream;

import java.util.List;
import jugulum.core.stream.Refusal;

/**
 * What became of an undo or redo.
 *
 * @param <E> the edits of the stream
 */
public sealed interface Walked<E> {
  /**
   * An action was taken back, or brought back.
   *
   * @param edit the last of its edits in the stream asked
   * @param streams every stream it reached
   */
  record Done<E>(E edit, List<Key> streams) implements Walked<E> {
    /** Keeps its own copy. */
    public Done {
      streams = List.copyOf(streams);
    }
  }

  /** There is none. */
  record Nothing<E>() implements Walked<E> {}

  /** Somebody wrote since, what would not say the same any more, or was not seen. */
  record Refused<E>(Refusal refusal) implements Walked<E> {}
}
