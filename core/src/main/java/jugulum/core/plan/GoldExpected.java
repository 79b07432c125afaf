package jugulum.core.plan;

import java.util.Optional;
import jugulum.core.belief.Value;
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
  /** Checks every value against its range. */
  public GoldExpected {
    Check.inRange("milligrams", milligrams, 0, 1e9);
    Check.share("fineness", fineness);
  }

  /** What gold and hours are worth. */
  public Value value() {
    return new Value(terms, fineness);
  }
}
