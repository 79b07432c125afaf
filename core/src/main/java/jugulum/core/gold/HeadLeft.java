package jugulum.core.gold;

import jugulum.core.check.Check;

/**
 * What the head of a batch tells of the gold nobody found yet.
 *
 * @param head the logarithm of all gold that came in, in mg
 * @param foundMg the gold found so far, in hand and in lots that were looked at, in mg, 0 or more
 * @param foundSd its standard deviation, in mg, 0 or more
 */
public record HeadLeft(LogGold head, double foundMg, double foundSd) {
  /** Checks both against their ranges. */
  public HeadLeft {
    Check.inRange("foundMg", foundMg, 0, 1e12);
    Check.inRange("foundSd", foundSd, 0, 1e12);
  }
}
