package jugulum.book.stream;

import java.util.Optional;

/**
 * How a stream stands.
 *
 * @param <S> what its edits make
 * @param now what they make; empty before the first edit, and where the first was taken back
 * @param version how many rows its journal has, undo and redo included; more where some wait to be
 *     told to others
 * @param undoable how many edits can be taken back
 * @param redoable how many can be brought back
 */
public record Standing<S>(Optional<S> now, long version, int undoable, int redoable) {
  /** A stream nobody wrote in. */
  public static <S> Standing<S> empty() {
    return new Standing<>(Optional.empty(), 0, 0, 0);
  }

  /** The same by the version the store gave it. */
  Standing<S> at(long given) {
    return new Standing<>(now, given, undoable, redoable);
  }

  /** After one more edit. */
  Standing<S> with(S after) {
    return new Standing<>(Optional.of(after), version + 1, undoable + 1, 0);
  }
}
