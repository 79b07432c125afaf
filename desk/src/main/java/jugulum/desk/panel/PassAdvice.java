package jugulum.desk.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import jugulum.core.passes.NextPass;
import jugulum.core.passes.Removal;
import jugulum.core.shop.Shop;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.Terms;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.Words;

/**
 * Says whether to go on, with the magnet or with running the same tailings again, by the shop's own
 * rule, with the arithmetic.
 */
public final class PassAdvice {
  private PassAdvice() {}

  /**
   * What is said.
   *
   * @param box whether to go on, and one sentence
   * @param why the sums behind it, a sentence each
   */
  public record Said(Node box, List<String> why) {
    /** Keeps its own copy. */
    public Said {
      why = List.copyOf(why);
    }
  }

  /** Of a magnet's passes. */
  public static Said of(NextPass next, Shop shop, Figures figures) {
    return of("next-pass", next, shop, figures);
  }

  /** Of runs over the same tailings. */
  public static Said ofRuns(NextPass next, Shop shop, Figures figures) {
    return of("next-run", next, shop, figures);
  }

  private static Said of(String kindOfWork, NextPass next, Shop shop, Figures figures) {
    Words words = figures.words();
    String kind =
        switch (next.verdict()) {
          case GO_ON -> "water";
          case STOP -> "fine";
          case NOT_DECLINING -> "fault";
        };
    List<String> sentences = new ArrayList<>();
    String rule = words.of(kindOfWork, next.why(), Integer.toString(shop.stopRule().specks()));
    sentences.add(rule);
    catchOf(kindOfWork, next, figures).ifPresent(sentences::add);
    next.money()
        .ifPresent(
            money ->
                sentences.add(money(words, kindOfWork, next, money, shop.terms().orElseThrow())));
    if (next.money().isEmpty()
        && shop.terms().isEmpty()
        && next.removal().state() == Removal.State.DECLINING) {
      sentences.add(
          words.of(
              shop.stopRule().kind() == StopRule.Kind.PAYS
                  ? "next-pass.no-terms.rule"
                  : "next-pass.no-terms"));
    }
    String first = first(kindOfWork, next, figures).orElse(rule);
    sentences.remove(first);
    return new Said(Parts.advice(kind, words.of("verdict", next.verdict()), first), sentences);
  }

  /** What one does with it: take care of the magnetics, or free what one more pass frees. */
  private static Optional<String> first(String kindOfWork, NextPass next, Figures figures) {
    return next.verdict() == NextPass.Verdict.STOP
        ? Optional.of(figures.words().of(kindOfWork + ".keep"))
        : catchOf(kindOfWork, next, figures);
  }

  private static Optional<String> catchOf(String kindOfWork, NextPass next, Figures figures) {
    Words words = figures.words();
    OptionalDouble specks = next.nextCatch();
    return specks.isPresent() && next.nextMg().isPresent()
        ? Optional.of(
            words.of(
                kindOfWork + ".catch",
                words.fixed(specks.getAsDouble(), 1),
                figures.gold(next.nextMg().getAsDouble())))
        : Optional.empty();
  }

  private static String money(
      Words words, String kindOfWork, NextPass next, NextPass.Money money, Terms terms) {
    return words.of(
        kindOfWork + ".money",
        MoneyWords.sum(words, money.brings(), terms),
        words.rounded(next.minutes().orElse(0), 1),
        MoneyWords.sum(words, money.costs(), terms),
        MoneyWords.chance(words, money.chance()));
  }
}
