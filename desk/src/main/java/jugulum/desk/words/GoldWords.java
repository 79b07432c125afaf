package jugulum.desk.words;

import java.util.Optional;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;

/** Says how much gold is in a lot, free and hidden apart. */
public final class GoldWords {
  private GoldWords() {}

  /** In one figure: what is known of both kinds together, a bound where none was seen. */
  public static String figure(LotGold gold, Figures figures) {
    Words words = figures.words();
    if (isBound(gold)) {
      return words.of("gold.at-most", figures.gold(gold.all().highMg()));
    }
    String about = words.of("lot.gold", figures.gold(gold.all().milligrams()));
    return gold.isAtLeast() ? words.of("account.at-least", about) : about;
  }

  /** Whether all that is known is how much free gold there is at most. */
  public static boolean isBound(LotGold gold) {
    return gold.isNothingSeen() && gold.isHiddenOpen();
  }

  /** The free gold, or that nobody told it apart. */
  public static String free(LotGold gold, Figures figures) {
    Words words = figures.words();
    if (gold.free().isEmpty()) {
      return words.of("gold.together");
    }
    GoldRange free = gold.free().get();
    if (gold.isNothingSeen()) {
      return words.of("gold.at-most", figures.gold(free.highMg()));
    }
    return words.of(
        gold.finerOpen() ? "gold.coarser" : "gold.ranged",
        figures.gold(free.milligrams()),
        figures.goldRange(free));
  }

  /** The hidden gold, or that nobody measured it. */
  public static String hidden(LotGold gold, Figures figures) {
    Words words = figures.words();
    Optional<GoldRange> hidden = gold.hidden();
    if (hidden.isPresent()) {
      return words.of(
          "gold.ranged", figures.gold(hidden.get().milligrams()), figures.goldRange(hidden.get()));
    }
    return words.of(gold.isTogether() ? "gold.together" : "gold.hidden.open");
  }

  /** Both kinds in one sentence. */
  public static String both(LotGold gold, Figures figures) {
    Words words = figures.words();
    if (gold.isTogether()) {
      return words.of(
          "gold.both.together",
          words.of(
              "gold.ranged", figures.gold(gold.all().milligrams()), figures.goldRange(gold.all())));
    }
    return words.of("gold.both", free(gold, figures), hidden(gold, figures));
  }
}
