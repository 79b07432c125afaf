package jugulum.core.gold;

import java.util.Optional;

/**
 * The two kinds of gold still in one lot, native, as far as anything is known of them.
 *
 * @param free free gold: what a pan or a machine parts and an eye sees; empty where nobody told it
 *     apart
 * @param finerOpen whether that speaks of the coarser pieces only
 * @param hidden hidden gold: locked in grains or too fine to see; empty where nobody measured it
 * @param all both together, as far as known
 * @param isWhole whether that is all the gold of the lot; where it is not, the kind that was not
 *     told may be there besides
 * @param isNothingSeen whether somebody looked for free gold and saw none, so that what is told of
 *     it is a bound
 * @param isAtLeast whether the sum may be more, because visible gold was judged and not weighed, or
 *     a melt lost metal
 * @param freeLog the logarithm of its free gold, or of all where that was not told apart; empty
 *     where nothing is known of it, or none is there
 * @param hiddenLog that of its hidden gold
 */
public record LotGold(
    Optional<GoldRange> free,
    boolean finerOpen,
    Optional<GoldRange> hidden,
    GoldRange all,
    boolean isWhole,
    boolean isNothingSeen,
    boolean isAtLeast,
    Optional<LogGold> freeLog,
    Optional<LogGold> hiddenLog) {
  /** Whether both kinds were measured together and nobody told them apart. */
  public boolean isTogether() {
    return free.isEmpty() && isWhole;
  }

  /** Whether nobody measured its hidden gold, alone or together with the free. */
  public boolean isHiddenOpen() {
    return !isWhole;
  }
}
