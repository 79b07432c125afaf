package jugulum.book.stream;

import java.util.List;
import java.util.OptionalLong;

/**
 * Edits for one stream.
 *
 * @param <S> what its edits make
 * @param <E> its edits
 * @param stream which
 * @param seen the version its sender saw; empty where the edits mean the same whatever stands there
 * @param edits one after the other
 */
public record Order<S, E>(StreamRef<S, E> stream, OptionalLong seen, List<E> edits) {
  /** Keeps its own copy. */
  public Order {
    edits = List.copyOf(edits);
  }

  /** An edit that means the same whatever stands there. */
  public static <S, E> Order<S, E> of(StreamRef<S, E> stream, E edit) {
    return new Order<>(stream, OptionalLong.empty(), List.of(edit));
  }

  /** Edits made by somebody who saw a version. */
  public static <S, E> Order<S, E> on(long seen, StreamRef<S, E> stream, List<E> edits) {
    return new Order<>(stream, OptionalLong.of(seen), edits);
  }
}
