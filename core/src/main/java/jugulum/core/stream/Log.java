package jugulum.core.stream;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jugulum.core.stream.History.Dated;

/**
 * A history in the making: a journal is folded into it row by row.
 *
 * @param <E> the kind of edit
 */
public final class Log<E> {
  private final List<Dated<E>> done;
  private final List<Dated<E>> undone;

  /** Nothing yet. */
  public Log() {
    this(History.empty());
  }

  /** Goes on from a history. */
  public Log(History<E> from) {
    done = new ArrayList<>(from.done());
    undone = new ArrayList<>(from.undone());
  }

  /** What stands now, and what can come back. */
  public History<E> history() {
    return new History<>(done, undone);
  }

  /** One more edit. */
  public void edit(Dated<E> edit) {
    done.add(edit);
    undone.clear();
  }

  /**
   * Takes an action back, wherever its edits stand.
   *
   * @param action which; empty for the last edit, as rows say that know of no actions
   * @return whether there was anything to take back
   */
  public boolean undo(String action) {
    if (action.isEmpty()) {
      return !done.isEmpty() && undone.add(done.removeLast());
    }
    List<Dated<E>> its = done.stream().filter(one -> one.isOf(action)).toList();
    done.removeAll(its);
    return undone.addAll(its.reversed());
  }

  /**
   * Brings an action back to where its edits stood.
   *
   * @param action which; empty for the edit undone last
   * @return whether there was anything to bring back
   */
  public boolean redo(String action) {
    if (action.isEmpty()) {
      return !undone.isEmpty() && done.add(undone.removeLast());
    }
    List<Dated<E>> its = undone.stream().filter(one -> one.isOf(action)).toList();
    undone.removeAll(its);
    boolean isAny = done.addAll(its);
    done.sort(Comparator.comparingLong(Dated::version));
    return isAny;
  }
}
