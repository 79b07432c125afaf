package jugulum.desk.entry;

import java.util.Optional;

/**
 * What a field holds.
 *
 * @param <T> the kind of value
 */
public sealed interface Entry<T> {
  /** A value that was understood. */
  record Value<T>(T value) implements Entry<T> {}

  /** A sentence on why it was not. */
  record Bad<T>(String sentence) implements Entry<T> {}

  /** What an entry that may be left empty tells: nothing where it was left, or not understood. */
  static <T> Optional<T> told(Entry<Optional<T>> entry) {
    return entry instanceof Value<Optional<T>>(Optional<T> value) ? value : Optional.empty();
  }
}
