package jugulum.book.stream;

import java.util.List;
import java.util.Optional;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.stream.History.Dated;

/**
 * Whether what came after an action says the same when the action is taken out of the edits that
 * stand, or put back between them.
 *
 * @param fold what the edits make
 * @param before the edits that stand, in order
 * @param after those that would stand
 */
record SameWithout<S, E>(Fold<S, E> fold, List<Dated<E>> before, List<Dated<E>> after) {
  /** The first edit standing before and after that would say something else; empty for none. */
  Optional<Dated<E>> firstThatDiffers() {
    int same = 0;
    while (same < Math.min(before.size(), after.size())
        && before.get(same).equals(after.get(same))) {
      same++;
    }
    if (same == before.size() || same == after.size()) {
      // It was the last: nothing came after it.
      return Optional.empty();
    }
    Optional<S> one = replay(Optional.empty(), before.subList(0, same));
    Optional<S> other = one;
    int taken = same;
    for (Dated<E> edit : after.subList(same, after.size())) {
      if (!before.subList(same, before.size()).contains(edit)) {
        other = replay(other, List.of(edit));
        continue;
      }
      int place = before.indexOf(edit);
      one = replay(one, before.subList(taken, place));
      taken = place + 1;
      if (!fold.saysTheSame(one, other, List.of(edit.edit()))
          || fold.apply(other, edit.edit(), edit.at()) instanceof Applied.Refused) {
        return Optional.of(edit);
      }
      one = replay(one, List.of(edit));
      other = replay(other, List.of(edit));
    }
    return Optional.empty();
  }

  private Optional<S> replay(Optional<S> from, List<Dated<E>> edits) {
    Optional<S> state = from;
    for (Dated<E> edit : edits) {
      state = Optional.of(fold.replay(state, edit.edit(), edit.at()));
    }
    return state;
  }
}
