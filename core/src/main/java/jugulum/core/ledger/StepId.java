package jugulum.core.ledger;

import jugulum.core.check.Check;

/**
 * One piece of work done, by its number within the batch.
 *
 * @param number 1 or more, in the order of making
 */
public record StepId(int number) implements Comparable<StepId> {
  /** Checks the number. */
  public StepId {
    Check.inRange("number", number, 1, Integer.MAX_VALUE);
  }

  @Override
  public int compareTo(StepId other) {
    return Integer.compare(number, other.number);
  }
}
