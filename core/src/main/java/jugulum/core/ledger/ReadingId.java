package jugulum.core.ledger;

import jugulum.core.check.Check;

/**
 * One reading, by its number within the batch.
 *
 * @param number 1 or more, in the order of making
 */
public record ReadingId(int number) implements Comparable<ReadingId> {
  /** Checks the number. */
  public ReadingId {
    Check.inRange("number", number, 1, Integer.MAX_VALUE);
  }

  @Override
  public int compareTo(ReadingId other) {
    return Integer.compare(number, other.number);
  }
}
