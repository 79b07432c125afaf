package jugulum.desk.words;

import java.util.Optional;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;

/** Says how much gold is in a lot, free and hidden apart. */
public final class GoldWords {
  private GoldWords() {}

  /** In one figure: what is known of both kinds together, a bound where none was seen. */
  public static String figure(LotGold gold, Figures figures) {
    if (isBound(gold)) {
      return Words.of("gold.at-most", figures.gold(gold.all().highMg()));
    }
    String about = Words.of("lot.gold", figures.gold(gold.all().milligrams()));
    return gold.isAtLeast() ? Words.of("account.at-least", about) : about;
  }

  /** Whether all that is known is how much free gold there is at most. */
  public static boolean isBound(LotGold gold) {
    return gold.isNothingSeen() && gold.isHiddenOpen();
  }

  /** The free gold, or that nobody told it apart. */
  public static String free(LotGold gold, Figures figures) {
    if (gold.free().isEmpty()) {
      return Words.of("gold.together");
    }
    GoldRange free = gold.free().get();
    if (gold.isNothingSeen()) {
      return Words.of("gold.at-most", figures.gold(free.highMg()));
    }
    return Words.of(
        gold.finerOpen() ? "gold.coarser" : "gold.ranged",
        figures.gold(free.milligrams()),
        figures.goldRange(free));
  }

  /** The hidden gold, or that nobody measured it. */
  public static String hidden(LotGold gold, Figures figures) {
    Optional<GoldRange> hidden = gold.hidden();
    if (hidden.isPresent()) {
      return Words.of(
          "gold.ranged", figures.gold(hidden.get().milligrams()), figures.goldRange(hidden.get()));
    }
    return Words.of(gold.isTogether() ? "gold.together" : "gold.hidden.open");
  }

  /** Both kinds in one sentence. */
  public static String both(LotGold gold, Figures figures) {
    if (gold.isTogether()) {
      return Words.of(
          "gold.both.together",
          Words.of(
              "gold.ranged", figures.gold(gold.all().milligrams()), figures.goldRange(gold.all())));
    }
    return Words.of("gold.both", free(gold, figures), hidden(gold, figures));
  }
}
