package jugulum.desk.words;

import java.util.Optional;
import jugulum.core.shop.Terms;

/** Writes sums of money and chances. */
public final class MoneyWords {
  /** Nearer to never or always than that nobody can tell. */
  private static final double EDGE = 0.01;

  private MoneyWords() {}

  /** A sum in the shop's currency. */
  public static String sum(Words words, double amount, Terms terms) {
    String figure = words.fixed(amount, 2);
    return terms.currency().isEmpty() ? figure : words.of("money", figure, terms.currency());
  }

  /** The same; without terms no currency is known. */
  public static String sum(Words words, double amount, Optional<Terms> terms) {
    return terms.map(told -> sum(words, amount, told)).orElseGet(() -> words.fixed(amount, 2));
  }

  /** A chance, in whole percent; never 0 or 100. */
  public static String chance(Words words, double chance) {
    if (chance < EDGE) {
      return words.of("chance.under", words.plain(EDGE * 100));
    }
    return chance > 1 - EDGE
        ? words.of("chance.over", words.plain(100 - EDGE * 100))
        : words.of("chance", words.fixed(100 * chance, 0));
  }
}
