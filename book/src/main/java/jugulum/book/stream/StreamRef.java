package jugulum.book.stream;

/**
 * One stream of a book.
 *
 * @param <S> what its edits make
 * @param <E> its edits
 * @param kind its kind
 * @param id which one of that kind
 */
public record StreamRef<S, E>(StreamKind<S, E> kind, String id) {
  /** As the store knows it. */
  public Key key() {
    return new Key(kind.name(), id);
  }
}
