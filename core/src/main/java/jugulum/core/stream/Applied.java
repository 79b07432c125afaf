package jugulum.core.stream;

/**
 * What became of an edit.
 *
 * @param <S> what the edits of a stream make
 */
public sealed interface Applied<S> {
  /**
   * It was carried out.
   *
   * @param <S> what the edits of a stream make
   * @param after what they make with this one
   */
  record Done<S>(S after) implements Applied<S> {}

  /**
   * It was not, and nothing changed.
   *
   * @param <S> what the edits of a stream make
   * @param refusal why
   */
  record Refused<S>(Refusal refusal) implements Applied<S> {}
}
