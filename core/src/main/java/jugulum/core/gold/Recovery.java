package jugulum.core.gold;

import java.util.List;
import jugulum.core.ledger.LotId;

/**
 * The share of the gold that was won.
 *
 * @param against what it is measured against
 * @param share the recovery, 0 to 1; against the head it can come out above 1 when the head was taken too low
 * @param low the low end of its 95 % range
 * @param high the high end of its 95 % range
 * @param endSd how far the worse end of that range would scatter if it were drawn anew, as a standard deviation
 * @param notLookedAt end lots nobody looked at: against the gold found, the share is then "at most"
 */
public record Recovery(Against against, double share, double low, double high, double endSd, List<LotId> notLookedAt) {
  /** The range's own error must stay below that share of its width. */
  public static final double SETTLED = 0.1;

  /** What a recovery is measured against. */
  public enum Against {
    /** Gold weighed ÷ (gold weighed + gold found in every end lot). */
    FOUND,
    /** Gold weighed ÷ gold in the feed. */
    HEAD,
    /** Gold weighed ÷ the mean of both, each by the inverse of its variance. */
    BOTH
  }

  /** Whether enough was drawn: the range's own error is small beside its width. */
  public boolean isSettled() {
    return endSd <= SETTLED * (high - low);
  }

  /** Whether the true recovery can only be lower: gold may lie where nobody looked. */
  public boolean isAtMost() {
    return against != Against.HEAD && !notLookedAt.isEmpty();
  }
}
