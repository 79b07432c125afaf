package jugulum.core.stream;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A journal, folded: which edits stand, and which were undone and can come back. A new edit after
 * an undo makes what was undone unreachable; the journal itself keeps it.
 *
 * @param <E> the kind of edit
 * @param done the edits that stand, in order
 * @param undone the edits undone, the next to come back last
 */
public record History<E>(List<Dated<E>> done, List<Dated<E>> undone) {

  /**
   * An edit and when it was made.
   *
   * @param <E> the kind of edit
   * @param at when
   * @param edit what
   */
  public record Dated<E>(Instant at, E edit) {}

  /** Keeps its own copies of the lists. */
  public History {
    done = List.copyOf(done);
    undone = List.copyOf(undone);
  }

  /** Nothing yet. */
  public static <E> History<E> empty() {
    return new History<>(List.of(), List.of());
  }

  /** After one more edit. */
  public History<E> and(Instant at, E edit) {
    return new History<>(with(done, new Dated<>(at, edit)), List.of());
  }

  /** After taking the last edit back; empty when there is none. */
  public Optional<History<E>> undo() {
    return done.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new History<>(done.subList(0, done.size() - 1), with(undone, done.getLast())));
  }

  /** After bringing the last undone edit back; empty when there is none. */
  public Optional<History<E>> redo() {
    return undone.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new History<>(with(done, undone.getLast()), undone.subList(0, undone.size() - 1)));
  }

  private static <E> List<Dated<E>> with(List<Dated<E>> list, Dated<E> item) {
    List<Dated<E>> more = new ArrayList<>(list);
    more.add(item);
    return more;
  }
}
