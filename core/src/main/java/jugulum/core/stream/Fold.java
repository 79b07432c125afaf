package jugulum.core.stream;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * How the edits of one kind of stream make what they make, and by which rules. Without state of its
 * own.
 *
 * @param <S> what the edits make
 * @param <E> the kind of edit
 */
public interface Fold<S, E> {
  /**
   * Carries out an edit, if the rules allow it.
   *
   * @param before what the edits so far make; empty before the first
   * @param edit what is to change
   * @param at when
   */
  Applied<S> apply(Optional<S> before, E edit, Instant at);

  /**
   * What one more edit makes that stood once. The rules are not asked again: they may have become
   * stricter since, and nothing recorded is lost for that.
   *
   * @param before what the edits before it make; empty before the first
   * @param edit what changed
   * @param at when
   */
  S replay(Optional<S> before, E edit, Instant at);

  /**
   * Whether edits made by somebody who saw one state say the same on another, where others came
   * first. What is allowed there is still for {@link #apply} to say.
   *
   * @param seen what they saw; empty where nothing was there
   * @param now what it has become
   * @param edits what they send, one after the other
   */
  boolean saysTheSame(Optional<S> seen, Optional<S> now, List<E> edits);

  /**
   * The same of one edit that names things by numbers which may have changed since.
   *
   * @param seen what its sender saw, in his numbers
   * @param now what it has become
   * @param numbers what his numbers are now
   * @param edit in his numbers
   */
  default boolean saysTheSame(Optional<S> seen, Optional<S> now, NewNumbers numbers, E edit) {
    return saysTheSame(seen, now, List.of(edit));
  }

  /** An edit in the numbers of now; kinds of stream that number nothing leave it as it is. */
  default E renumbered(E edit, NewNumbers numbers) {
    return edit;
  }

  /**
   * What the numbers are after an edit that was carried out twice: as its sender saw it, and on
   * what it has become.
   *
   * @param before what they were before it
   * @param seen the two states its sender saw, before and after
   * @param now the two states it comes to, before and after; the same twice where it was not
   *     carried out, so that what its sender made is gone
   */
  default NewNumbers numbers(NewNumbers before, Between<S> seen, Optional<Between<S>> now) {
    return before;
  }

  /**
   * Two states with an edit between them.
   *
   * @param <S> what edits make
   * @param before the first; empty before the first edit
   * @param after the second
   */
  record Between<S>(Optional<S> before, S after) {}

  /** The edit that makes something whole as it is, as the first of a new stream. */
  E whole(S state);

  /** What the edits of a history make, not asked again; empty where none stands. */
  default Optional<S> replay(History<E> history) {
    Optional<S> state = Optional.empty();
    for (History.Dated<E> dated : history.done()) {
      state = Optional.of(replay(state, dated.edit(), dated.at()));
    }
    return state;
  }
}
