package jugulum.book.stream;

import java.util.List;
import jugulum.core.stream.Fold;

/**
 * A kind of stream: all a book has to know of it.
 *
 * @param <S> what its edits make
 * @param <E> its edits
 * @param name its name in the book, for ever; one word
 * @param fold how edits make what they make, and by which rules
 * @param rule the number of what the edits make by the fold; raised with every change of it
 * @param edits how edits are written
 * @param states how what they make is written
 * @param projections the tables that follow from it
 */
public record StreamKind<S, E>(
    String name,
    Fold<S, E> fold,
    int rule,
    Codec<E> edits,
    Codec<S> states,
    List<Projection<S, ?>> projections) {
  /** Keeps its own copy. */
  public StreamKind {
    projections = List.copyOf(projections);
  }

  /** The edit a row says. */
  public E edit(Row row) {
    return edits.read(row.form(), row.body());
  }

  /** The stream of this kind with that id. */
  public StreamRef<S, E> ref(String id) {
    return new StreamRef<>(this, id);
  }
}
