package jugulum.core.plan;

import java.util.Optional;
import jugulum.core.check.Check;
import jugulum.core.shop.Terms;
import jugulum.core.sizes.SizeSpread;

/**
 * The free gold expected in a feed, and what it is worth to win it.
 *
 * @param milligrams native gold, in mg, from 0 to 1e9
 * @param sizes how it is spread over sizes, by mass
 * @param fineness its fineness, 0 to 1
 * @param terms what gold and time are worth, if told
 */
public record GoldExpected(
    double milligrams, SizeSpread sizes, double fineness, Optional<Terms> terms) {
  /**
   * Without terms an hour at the bench must win that share of the gold: an assumption of ours.
   *
   * <p>Off by a half: how many screens a plan without prices finds worth their hours.
   */
  public static final double LEAST_SHARE_AN_HOUR = 0.03;

  /** Checks every value against its range. */
  public GoldExpected {
    Check.inRange("milligrams", milligrams, 0, 1e9);
    Check.share("fineness", fineness);
  }

  /** The gold an hour at the bench has to win to be worth its time, native, in mg. */
  public double hourMg() {
    double share = milligrams * LEAST_SHARE_AN_HOUR;
    return terms
        .map(
            told ->
                told.worth(1, fineness) > 0
                    ? told.cost(60) / told.worth(1, fineness)
                    : Double.MAX_VALUE / 1e6)
        .orElse(share);
  }
}
