package jugulum.core.belief;

import java.util.Optional;
import jugulum.core.check.Check;
import jugulum.core.shop.Terms;

/**
 * What gold and hours are worth against each other: in the shop's money where it told its terms,
 * else in milligrams of native gold.
 *
 * @param terms what the shop told
 * @param fineness of the gold, 0 to 1
 */
public record Value(Optional<Terms> terms, double fineness) {
  /**
   * Without a price an hour of hands counts as much as so much native gold, in mg: ours.
   *
   * <p>Off by a half: which machine, cut or container comes first where nobody told a price.
   */
  public static final double HOUR_MG = 200;

  /** Checks the fineness. */
  public Value {
    Check.share("fineness", fineness);
  }

  /** Whether it is told in money. */
  public boolean isMoney() {
    return terms.isPresent();
  }

  /** What native gold is worth, its mass in mg. */
  public double of(double milligrams) {
    return terms.map(told -> told.worth(milligrams, fineness)).orElse(milligrams);
  }

  /** What so much time of hands costs, in minutes. */
  public double hands(double minutes) {
    return terms.map(told -> told.cost(minutes)).orElse(minutes / 60 * HOUR_MG);
  }

  /**
   * What is left of gold won when hands and what was used are paid.
   *
   * @param costs what else it takes, in the shop's money: nothing where there are no terms
   */
  public double net(double wonMg, double handsMinutes, double costs) {
    return of(wonMg) - hands(handsMinutes) - (isMoney() ? costs : 0);
  }

  /** The native gold an hour of hands has to win, in mg; without end where gold brings nothing. */
  public double hourMg() {
    double perMg = of(1);
    return perMg > 0 ? hands(60) / perMg : Double.MAX_VALUE / 1e6;
  }
}
