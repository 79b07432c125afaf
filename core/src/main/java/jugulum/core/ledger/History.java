package jugulum.core.ledger;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The journal of one batch, folded: which edits stand, and which were undone and can come back. A new edit after an undo makes what
 * was undone unreachable; the journal itself keeps it.
 *
 * @param done the edits that stand, in order
 * @param undone the edits undone, the next to come back last
 */
public record History(List<Dated> done, List<Dated> undone) {
  /** Nothing yet. */
  public static final History EMPTY = new History(List.of(), List.of());

  /**
   * An edit and when it was made.
   *
   * @param at when
   * @param edit what
   */
  public record Dated(Instant at, Edit edit) {}

  /** Keeps its own copies of the lists. */
  public History {
    done = List.copyOf(done);
    undone = List.copyOf(undone);
  }

  /** After one more edit. */
  public History and(Instant at, Edit edit) {
    List<Dated> more = new ArrayList<>(done);
    more.add(new Dated(at, edit));
    return new History(more, List.of());
  }

  /** After taking the last edit back; empty when there is none. */
  public Optional<History> undo() {
    return done.isEmpty() ? Optional.empty() : Optional.of(new History(done.subList(0, done.size() - 1), with(undone, done.getLast())));
  }

  /** After bringing the last undone edit back; empty when there is none. */
  public Optional<History> redo() {
    return undone.isEmpty() ? Optional.empty() : Optional.of(new History(with(done, undone.getLast()), undone.subList(0, undone.size() - 1)));
  }

  /** The batch these edits make; empty when its start was undone. */
  public Optional<Batch> batch() {
    Optional<Batch> batch = Optional.empty();
    for (Dated dated : done) {
      batch = Optional.of(Ledger.replay(batch, dated.edit(), dated.at()));
    }
    return batch;
  }

  private static List<Dated> with(List<Dated> list, Dated item) {
    List<Dated> more = new ArrayList<>(list);
    more.add(item);
    return more;
  }
}
