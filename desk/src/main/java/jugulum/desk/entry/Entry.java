package jugulum.desk.entry;

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
}
