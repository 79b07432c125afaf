package jugulum.desk.words;

import java.util.List;
import jugulum.core.ledger.Measure.PoolOf;
import jugulum.core.ledger.PoolPart;

/** What is known of a pool before anything is won of it, in words. */
public final class PoolWords {
  private PoolWords() {}

  /** How many lots it is of, of how many batches, and what looks found in them. */
  public static String holds(PoolOf pool, Figures figures) {
    List<PoolPart> seen = pool.parts().stream().filter(part -> part.mgPerKg().isPresent()).toList();
    double milligrams =
        seen.stream().mapToDouble(part -> part.grams() / 1000 * part.mgPerKg().orElseThrow()).sum();
    return figures
        .words()
        .of(
            seen.isEmpty() ? "pool.holds.unseen" : "pool.holds",
            Integer.toString(pool.parts().size()),
            Long.toString(pool.parts().stream().map(PoolPart::batch).distinct().count()),
            Integer.toString(seen.size()),
            figures.gold(milligrams));
  }
}
