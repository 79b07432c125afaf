package jugulum.core.ledger;

import jugulum.core.check.Check;

/**
 * A container of material, by its number within the batch.
 *
 * @param number 1 or more, in the order of making
 */
public record LotId(int number) implements Comparable<LotId> {
  /** Checks the number. */
  public LotId {
    Check.inRange("number", number, 1, Integer.MAX_VALUE);
  }

  @Override
  public int compareTo(LotId other) {
    return Integer.compare(number, other.number);
  }
}
