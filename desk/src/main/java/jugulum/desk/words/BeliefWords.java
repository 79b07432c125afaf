package jugulum.desk.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.belief.FirstLook;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.MachineWay;
import jugulum.core.belief.Thought;
import jugulum.core.belief.Value;
import jugulum.core.belief.Way;
import jugulum.core.ledger.Material;

/** Says what is thought of a container and what to do with it. */
public final class BeliefWords {
  private BeliefWords() {}

  /** What to do with it, in a word or two. */
  public static String title(Words words, LotBelief one) {
    if (one.look().isPresent()) {
      return words.of("belief.first." + one.look().get().kind());
    }
    return one.isLeft()
        ? words.of("belief.leave")
        : way(words, one).orElse(words.of("header.none"));
  }

  /** Its best way, in a word or two; empty where nothing can be said. */
  private static Optional<String> way(Words words, LotBelief one) {
    return one.first()
        .map(
            way ->
                way.machine()
                    .map(over -> machine(words, over))
                    .orElseGet(() -> words.of("belief.way." + way.kind())));
  }

  /** A machine as it is called, else its kind. */
  public static String machine(Words words, MachineWay way) {
    String own = way.gear().name();
    return own.isEmpty() ? words.of("machine.short", way.gear().kind()) : own;
  }

  /** How to look at it first and what that is worth; empty where it is not worth its minutes. */
  public static String look(LotBelief one, Figures figures) {
    Words words = figures.words();
    return one.look()
        .map(
            look ->
                words.of(
                    "belief.look." + look.kind(),
                    figures.sample(look.grams()),
                    amount(figures, one.value(), look.worth())))
        .orElse("");
  }

  /** What its best way brings an hour of hands, and how long those are at it. */
  public static String brings(Words words, LotBelief one, Figures figures) {
    if (one.first().isEmpty()) {
      return nothing(words, one);
    }
    Way way = one.first().get();
    String hour = amount(figures, one.value(), way.netPerHour());
    String hands = words.time(way.handsMinutes());
    String over = way(words, one).orElseThrow();
    if (!one.isLeft() && one.free().filter(Thought::isMostlyNotKnowing).isPresent()) {
      return words.of("belief.brings.wide", hour, hands, over);
    }
    return one.isLeft() || one.look().isPresent()
        ? words.of("belief.brings.over", hour, hands, over)
        : words.of("belief.brings", hour, hands);
  }

  /** Its gold, free and hidden, and on what that rests. */
  public static String gold(LotBelief one, Figures figures) {
    Words words = figures.words();
    List<String> said = new ArrayList<>();
    one.free().ifPresent(gold -> said.add(gold(gold, "belief.free", figures)));
    one.hidden().ifPresent(gold -> said.add(gold(gold, "belief.hidden", figures)));
    return said.isEmpty() ? nothing(words, one) : String.join(" ", said);
  }

  private static String nothing(Words words, LotBelief one) {
    return words.of(one.lot().material() == Material.GOLD ? "belief.won" : "belief.nothing");
  }

  private static String gold(Thought gold, String key, Figures figures) {
    Words words = figures.words();
    return words.of(
        gold.isMostlyNotKnowing() ? key + ".wide" : key,
        figures.gold(gold.medianMg()),
        figures.goldRange(gold.gold()),
        GradeWords.by(words, gold));
  }

  /** What is left of something, in money, else in gold. */
  public static String amount(Figures figures, Value value, double amount) {
    return value
        .terms()
        .map(terms -> MoneyWords.sum(figures.words(), amount, terms))
        .orElseGet(
            () ->
                amount < 0
                    ? figures.words().of("belief.minus", figures.gold(-amount))
                    : figures.gold(amount));
  }

  /** The look that decides most, of all containers. */
  public static String decides(LotBelief one, Figures figures) {
    Words words = figures.words();
    FirstLook look = one.look().orElseThrow();
    return words.of(
        "stock.decides." + look.kind(),
        one.lot().label(),
        StockWords.whole(words, one.lot()),
        figures.sample(look.grams()),
        words.time(look.minutes()),
        amount(figures, one.value(), look.worth()));
  }
}
