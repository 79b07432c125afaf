package jugulum.desk.words;

import jugulum.core.shop.Terms;

/** Writes sums of money and chances. */
public final class MoneyWords {
  /** Nearer to never or always than that nobody can tell. */
  private static final double EDGE = 0.01;

  private MoneyWords() {}

  /** A sum in the shop's currency. */
  public static String sum(double amount, Terms terms) {
    String figure = Figures.fixed(amount, 2);
    return terms.currency().isEmpty() ? figure : Words.of("money", figure, terms.currency());
  }

  /** A chance, in whole percent; never 0 or 100. */
  public static String chance(double chance) {
    if (chance < EDGE) {
      return Words.of("chance.under", Figures.plain(EDGE * 100));
    }
    return chance > 1 - EDGE
        ? Words.of("chance.over", Figures.plain(100 - EDGE * 100))
        : Words.of("chance", Figures.fixed(100 * chance, 0));
  }
}
