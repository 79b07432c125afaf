package jugulum.core.stream;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A journal, folded: which edits stand, and which were undone and can come back. Edits of one
 * action are taken back and brought back together. A new edit after an undo makes what was undone
 * unreachable; the journal itself keeps it.
 *
 * @param <E> the kind of edit
 * @param done the edits that stand, in order
 * @param undone the edits undone, the next to come back last
 */
public record History<E>(List<Dated<E>> done, List<Dated<E>> undone) {

  /**
   * An edit, and where it stands.
   *
   * @param <E> the kind of edit
   * @param version its place in the journal; later edits have greater ones
   * @param at when it was made
   * @param action the action it is a part of; empty where it is one by itself
   * @param edit what
   */
  public record Dated<E>(long version, Instant at, String action, E edit) {
    /** Whether it is a part of an action. */
    public boolean isOf(String other) {
      return !action.isEmpty() && action.equals(other);
    }
  }

  /** Keeps its own copies of the lists. */
  public History {
    done = List.copyOf(done);
    undone = List.copyOf(undone);
  }

  /** Nothing yet. */
  public static <E> History<E> empty() {
    return new History<>(List.of(), List.of());
  }

  /** After one more edit, an action by itself. */
  public History<E> and(Instant at, E edit) {
    Log<E> log = new Log<>(this);
    log.edit(new Dated<>(done.size() + undone.size() + 1L, at, "", edit));
    return log.history();
  }

  /** After taking the last action back; empty when there is none. */
  public Optional<History<E>> undo() {
    return after(log -> !done.isEmpty() && log.undo(done.getLast().action()));
  }

  /** After bringing the action undone last back; empty when there is none. */
  public Optional<History<E>> redo() {
    return after(log -> !undone.isEmpty() && log.redo(undone.getLast().action()));
  }

  private Optional<History<E>> after(Predicate<Log<E>> step) {
    Log<E> log = new Log<>(this);
    return step.test(log) ? Optional.of(log.history()) : Optional.empty();
  }
}
