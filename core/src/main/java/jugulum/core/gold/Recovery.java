package jugulum.core.gold;

import java.util.List;
import jugulum.core.ledger.LotId;

/**
 * The share of the gold that was won.
 *
 * @param of of which gold
 * @param against what it is measured against
 * @param share the recovery, 0 to 1; against the head it can come out above 1 when the head was
 *     taken too low
 * @param low the low end of its 95 % range
 * @param high the high end of its 95 % range
 * @param endSd how far the worse end of that range would scatter if it were drawn anew, as a
 *     standard deviation
 * @param notLookedAt end lots of whose gold of that kind nothing is known: against the gold found,
 *     the share is then "at most"
 * @param together end lots whose free and hidden gold were measured together: the share of the free
 *     gold is then "at least", since some of that is not free
 */
public record Recovery(
    Of of,
    Against against,
    double share,
    double low,
    double high,
    double endSd,
    List<LotId> notLookedAt,
    List<LotId> together) {
  /** The range's own error must stay below that share of its width. */
  public static final double SETTLED = 0.1;

  /** Of which gold a recovery is. */
  public enum Of {
    /** Gold a pan or a machine parts and an eye sees. */
    FREE,
    /** Free and hidden gold. */
    ALL
  }

  /** What a recovery is measured against. */
  public enum Against {
    /** Gold in hand ÷ (gold in hand + gold found in every end lot). */
    FOUND,
    /** Gold in hand ÷ gold in the feed. */
    HEAD,
    /** Gold in hand ÷ the mean of both, each by the inverse of its variance. */
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

  /** Whether it can only be higher: what counts as lost is in part not free gold. */
  public boolean isAtLeast() {
    return against != Against.HEAD && notLookedAt.isEmpty() && !together.isEmpty();
  }
}
