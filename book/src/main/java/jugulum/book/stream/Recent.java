package jugulum.book.stream;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How streams stood a moment ago, so that recording one reading after the other reads nothing back,
 * and so that edits sent in quick succession need no folding.
 */
final class Recent {
  private static final int STREAMS = 4;
  private static final int VERSIONS = 12;

  private final Map<StreamRef<?, ?>, Deque<Standing<?>>> known =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<StreamRef<?, ?>, Deque<Standing<?>>> eldest) {
          return size() > STREAMS;
        }
      };

  /** How a stream stood at a version, if that is remembered. */
  <S> Optional<Standing<S>> at(StreamRef<S, ?> stream, long version) {
    return known.getOrDefault(stream, new ArrayDeque<>()).stream()
        .filter(one -> one.version() == version)
        .findFirst()
        .map(Recent::typed);
  }

  /** Only {@link #know} fills the map, and it takes what belongs together. */
  @SuppressWarnings("unchecked")
  private static <S> Standing<S> typed(Standing<?> standing) {
    return (Standing<S>) standing;
  }

  <S> void know(StreamRef<S, ?> stream, Standing<S> standing) {
    Deque<Standing<?>> versions =
        Optional.ofNullable(known.remove(stream)).orElseGet(ArrayDeque::new);
    versions.removeIf(one -> one.version() == standing.version());
    versions.addFirst(standing);
    if (versions.size() > VERSIONS) {
      versions.removeLast();
    }
    known.put(stream, versions);
  }

  /** What was thought to be written was not. */
  void forget() {
    known.clear();
  }
}
