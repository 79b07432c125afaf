package jugulum.desk.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jugulum.core.account.Account;
import jugulum.core.advice.Advice;
import jugulum.core.advice.Advice.Kind;
import jugulum.core.advice.Advice.Money;
import jugulum.core.advice.Advice.Verdict;
import jugulum.core.shop.Terms;

/** Says what to do next, and the sums behind it. */
public final class AdviceWords {
  private AdviceWords() {}

  /** What to do, in a short sentence. */
  public static String title(Words words, Advice advice, Account account) {
    String lot = Sentences.lot(words, account.lot(advice.lot()));
    if (advice.verdict() == Verdict.LEAVE) {
      return words.of("advice.leave", Sentences.title(words, account.lot(advice.lot())));
    }
    return words.of("advice.title", advice.kind(), lot, machine(words, advice));
  }

  private static String machine(Words words, Advice advice) {
    String name = advice.machine().map(one -> Sentences.machine(words, one)).orElse("");
    return name.isEmpty() ? "" : name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  /** That nothing pays, where that is so; empty where something does, or may. */
  public static Optional<String> nothingPays(Words words, Account account) {
    boolean none =
        !account.byMoney().isEmpty()
            && account.byMoney().stream().allMatch(advice -> advice.verdict() == Verdict.LEAVE);
    return none
        ? Optional.of(words.counted("advice.nothing-pays", account.byMoney().size()))
        : Optional.empty();
  }

  /** The sums: what is in there, what share of it, what that brings and costs. */
  public static String sums(Advice advice, Account account, Figures figures) {
    Words words = figures.words();
    List<String> sentences = new ArrayList<>();
    if (advice.verdict() == Verdict.LEAVE) {
      sentences.add(
          words.of(
              "advice.best-way", words.of("advice.way", advice.kind(), machine(words, advice))));
    }
    sentences.add(gold(advice, figures));
    Optional<Money> money = advice.money();
    money.ifPresent(sum -> sentences.add(money(words, advice, sum, account.terms().orElseThrow())));
    if (money.isEmpty() && advice.won().isPresent()) {
      sentences.add(words.of("advice.time", words.time(advice.minutes())));
    }
    return String.join(" ", sentences);
  }

  private static String gold(Advice advice, Figures figures) {
    Words words = figures.words();
    if (advice.kind() == Kind.GO_ON) {
      return thought(advice, figures)
          .map(text -> text + " " + way(words, advice))
          .orElseGet(() -> words.of("advice.go-on"));
    }
    if (advice.kind() == Kind.LOOK) {
      return thought(advice, figures)
          .map(text -> text + " " + look(advice, figures))
          .orElseGet(() -> words.of("advice.look", words.time(advice.minutes())));
    }
    String there =
        advice
            .there()
            .map(
                gold ->
                    words.of(
                        "advice.there." + advice.of(),
                        figures.gold(gold.milligrams()),
                        figures.goldRange(gold)))
            .orElse("");
    if (advice.won().isEmpty()) {
      return there;
    }
    return String.join(" ", there, won(advice, figures));
  }

  private static Optional<String> thought(Advice advice, Figures figures) {
    Words words = figures.words();
    return advice
        .thought()
        .map(
            one ->
                words.of(
                    one.isMostlyNotKnowing() ? "advice.thought.wide" : "advice.thought",
                    figures.gold(one.medianMg()),
                    figures.goldRange(one.gold()),
                    GradeWords.by(words, one)));
  }

  private static String look(Advice advice, Figures figures) {
    Words words = figures.words();
    return advice
        .look()
        .map(
            look ->
                words.of(
                    "advice.look." + look.kind(),
                    figures.sample(look.grams()),
                    words.time(look.minutes())))
        .orElseGet(() -> words.of("advice.look.small", words.time(advice.minutes())));
  }

  private static String way(Words words, Advice advice) {
    return advice.machine().isEmpty()
        ? ""
        : words.of(
            "advice.thought.way",
            machine(words, advice),
            words.time(advice.minutes()),
            words.time(advice.handsMinutes()));
  }

  private static String won(Advice advice, Figures figures) {
    Words words = figures.words();
    String key =
        switch (advice.kind()) {
          case PASS -> "advice.by-passes";
          case SELL -> "advice.by-commission";
          default -> advice.runs() > 0 ? "advice.by-record" : "advice.by-practice";
        };
    return words.of(
        key,
        advice.kind() == Kind.SELL
            ? words.percent(advice.share().usual())
            : words.wholeShares(advice.share()),
        Integer.toString(advice.runs()),
        figures.gold(advice.won().orElseThrow().milligrams()),
        figures.goldRange(advice.won().orElseThrow()));
  }

  private static String money(Words words, Advice advice, Money money, Terms terms) {
    if (advice.kind() == Kind.LOOK) {
      return words.of(
          "advice.look.worth",
          MoneyWords.sum(words, money.net(), terms),
          MoneyWords.chance(words, money.chance()));
    }
    if (advice.kind() == Kind.ASSAY) {
      return words.of(
          "advice.assay",
          MoneyWords.chance(words, money.chance()),
          MoneyWords.sum(words, money.brings(), terms),
          MoneyWords.sum(words, money.wages() + money.costs(), terms));
    }
    String sums =
        words.of(
            money.costs() > 0 ? "advice.brings.costs" : "advice.brings",
            MoneyWords.sum(words, money.brings(), terms),
            words.time(advice.handsMinutes()),
            MoneyWords.sum(words, money.wages(), terms),
            MoneyWords.sum(words, money.net(), terms),
            MoneyWords.sum(words, advice.moneyPerHour().orElseThrow(), terms),
            MoneyWords.chance(words, money.chance()),
            MoneyWords.sum(words, money.costs(), terms));
    return advice.kind() == Kind.SELL ? sums + waiting(words, terms) : sums;
  }

  private static String waiting(Words words, Terms terms) {
    int days = terms.charged().sale().map(sale -> (int) Math.round(sale.waitingDays())).orElse(0);
    return days == 0 ? "" : " " + words.counted("advice.paid-after", days);
  }

  /**
   * On what date's prices the money rests, and what they are; that there are none where nobody told
   * any.
   */
  public static String terms(Words words, Account account) {
    return account
        .terms()
        .map(
            terms ->
                words.of(
                    "advice.terms",
                    MoneyWords.sum(words, terms.pricePerGram(), terms),
                    words.percent(terms.payable()),
                    MoneyWords.sum(words, terms.charged().refiningPerGram(), terms),
                    words.fixed(account.gold().fineness() * 1000, 0),
                    MoneyWords.sum(words, terms.hourlyRate(), terms),
                    words.day(terms.asOf())))
        .orElse(words.of("advice.no-terms"));
  }
}
