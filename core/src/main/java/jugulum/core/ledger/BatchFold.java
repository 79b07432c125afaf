package jugulum.core.ledger;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.stream.NewNumbers;

/** Batches as streams of edits: {@link Ledger} and its rules. */
public final class BatchFold implements Fold<Batch, Edit> {
  @Override
  public Applied<Batch> apply(Optional<Batch> before, Edit edit, Instant at) {
    return Ledger.apply(before, edit, at);
  }

  @Override
  public Batch replay(Optional<Batch> before, Edit edit, Instant at) {
    return Ledger.replay(before, edit, at);
  }

  @Override
  public boolean saysTheSame(Optional<Batch> seen, Optional<Batch> now, List<Edit> edits) {
    return edits.stream().allMatch(edit -> saysTheSame(seen, now, NewNumbers.SAME, edit));
  }

  @Override
  public boolean saysTheSame(
      Optional<Batch> seen, Optional<Batch> now, NewNumbers numbers, Edit edit) {
    return seen.isEmpty()
        || now.isEmpty()
        || new SameMeaning(seen.get(), now.get(), numbers).holds(edit);
  }

  @Override
  public Edit renumbered(Edit edit, NewNumbers numbers) {
    return Renumbering.of(edit, numbers);
  }

  @Override
  public NewNumbers numbers(NewNumbers before, Between<Batch> seen, Optional<Between<Batch>> now) {
    return Renumbering.after(before, seen, now);
  }

  @Override
  public Edit whole(Batch batch) {
    return new Edit.Adopt(batch);
  }
}
