package jugulum.core.ledger;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * What went into a pool of one lot of another batch, as it was known then.
 *
 * @param batch the batch it came from
 * @param lot which of its lots
 * @param name what is written on that batch's bucket
 * @param source where that batch came from, as written
 * @param material what the lot held
 * @param by the step that made it; empty where none stands
 * @param machine the machine of that step, where it has one
 * @param grams its dry mass, in grams, above 0
 * @param mgPerKg the gold a look found in it, native, in mg/kg, 0 or more; empty where nobody
 *     looked
 */
public record PoolPart(
    BatchId batch,
    LotId lot,
    String name,
    String source,
    Material material,
    Optional<StepId> by,
    Optional<Machine> machine,
    double grams,
    OptionalDouble mgPerKg) {
  /** The least that can be weighed into a pool, in grams. */
  private static final double LEAST_G = 1e-3;

  /** Checks mass and grade. */
  public PoolPart {
    Check.inRange("grams", grams, LEAST_G, 1e9);
    mgPerKg.ifPresent(grade -> Check.inRange("mgPerKg", grade, 0, 1e6));
  }

  /** Whether it is of the same lot as another. */
  public boolean isSameLot(PoolPart other) {
    return batch.equals(other.batch) && lot.equals(other.lot);
  }
}
