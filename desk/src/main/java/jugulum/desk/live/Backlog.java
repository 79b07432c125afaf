package jugulum.desk.live;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/**
 * What waits for a slower thread: all of it is taken at once, and of too much the newest stays. For
 * any thread.
 *
 * @param <T> what waits
 */
final class Backlog<T> {
  private final int most;
  private final Deque<T> waiting = new ArrayDeque<>();

  /**
   * Nothing waits.
   *
   * @param most how many things wait at most
   */
  Backlog(int most) {
    this.most = most;
  }

  /** One thing more waits; gives whether nothing did, so that somebody has to be called. */
  synchronized boolean add(T thing) {
    boolean isFirst = waiting.isEmpty();
    if (waiting.size() == most) {
      waiting.removeFirst();
    }
    waiting.addLast(thing);
    return isFirst;
  }

  /** Everything that waits, the oldest first; nothing does afterwards. */
  synchronized List<T> takeAll() {
    List<T> all = List.copyOf(waiting);
    waiting.clear();
    return all;
  }
}
