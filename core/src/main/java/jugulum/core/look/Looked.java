package jugulum.core.look;

import java.time.Instant;
import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.ledger.Lot;

/**
 * What looks at a lot of tailings come to: the one way for panel and bench mode.
 *
 * @param stakes empty where the lot is not of a run over a machine
 * @param leaving empty where nobody looked yet
 */
public record Looked(Optional<Stakes> stakes, Optional<Leaving> leaving) {
  /**
   * Of a lot.
   *
   * @param tailings a lot of the batch
   * @param now while it is looked at
   */
  public static Looked of(Worked worked, Lot tailings, Belief belief, Instant now) {
    Optional<Stakes> stakes = Stakes.of(worked, tailings, belief, now);
    return new Looked(stakes, Leaving.of(worked.network(), tailings, now, stakes));
  }

  /** What the looks say to do, with no look where nobody looked yet. */
  public Optional<LookWeighed> weighed() {
    Seen seen = leaving.map(Leaving::seen).orElse(Seen.NOTHING);
    return stakes.map(at -> LookWeighed.of(at, seen));
  }
}
