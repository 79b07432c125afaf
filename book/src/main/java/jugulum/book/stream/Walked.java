package jugulum.book.stream;

import jugulum.core.stream.Refusal;

/**
 * What became of an undo or redo.
 *
 * @param <E> the edits of the stream
 */
public sealed interface Walked<E> {
  /** That edit was taken back, or brought back. */
  record Done<E>(E edit) implements Walked<E> {}

  /** There is none. */
  record Nothing<E>() implements Walked<E> {}

  /** Somebody else wrote since; their edit is not taken back unseen. */
  record Refused<E>(Refusal refusal) implements Walked<E> {}
}
