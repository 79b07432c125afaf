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
  public static String title(Advice advice, Account account) {
    String lot = Sentences.lot(account.lot(advice.lot()));
    if (advice.verdict() == Verdict.LEAVE) {
      return Words.of("advice.leave", Sentences.title(account.lot(advice.lot())));
    }
    return Words.of("advice.title", advice.kind(), lot, machine(advice));
  }

  private static String machine(Advice advice) {
    String name = advice.machine().map(Sentences::machine).orElse("");
    return name.isEmpty() ? "" : name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  /** That nothing pays, where that is so; empty where something does, or may. */
  public static Optional<String> nothingPays(Account account) {
    boolean none =
        !account.byMoney().isEmpty()
            && account.byMoney().stream().allMatch(advice -> advice.verdict() == Verdict.LEAVE);
    return none
        ? Optional.of(Words.counted("advice.nothing-pays", account.byMoney().size()))
        : Optional.empty();
  }

  /** The sums: what is in there, what share of it, what that brings and costs. */
  public static String sums(Advice advice, Account account, Figures figures) {
    List<String> sentences = new ArrayList<>();
    if (advice.verdict() == Verdict.LEAVE) {
      sentences.add(
          Words.of("advice.best-way", Words.of("advice.way", advice.kind(), machine(advice))));
    }
    sentences.add(gold(advice, figures));
    Optional<Money> money = advice.money();
    money.ifPresent(sum -> sentences.add(money(advice, sum, account.terms().orElseThrow())));
    if (money.isEmpty() && advice.won().isPresent()) {
      sentences.add(Words.of("advice.time", Figures.time(advice.minutes())));
    }
    return String.join(" ", sentences);
  }

  private static String gold(Advice advice, Figures figures) {
    if (advice.kind() == Kind.GO_ON) {
      return Words.of("advice.go-on");
    }
    if (advice.kind() == Kind.LOOK) {
      return Words.of("advice.look", Figures.time(advice.minutes()));
    }
    String there =
        advice
            .there()
            .map(
                gold ->
                    Words.of(
                        "advice.there." + advice.of(),
                        figures.gold(gold.milligrams()),
                        figures.goldRange(gold)))
            .orElse("");
    if (advice.won().isEmpty()) {
      return there;
    }
    String share = share(advice);
    String won =
        Words.of(
            "advice.won",
            figures.gold(advice.won().get().milligrams()),
            figures.goldRange(advice.won().get()));
    return String.join(" ", there, share, won);
  }

  private static String share(Advice advice) {
    return switch (advice.kind()) {
      case PASS -> Words.of("advice.by-passes");
      case SELL -> Words.of("advice.by-commission", Figures.percent(advice.share().usual()));
      default ->
          Words.of(
              advice.runs() > 0 ? "advice.by-record" : "advice.by-practice",
              Figures.wholeShares(advice.share()),
              Integer.toString(advice.runs()));
    };
  }

  private static String money(Advice advice, Money money, Terms terms) {
    if (advice.kind() == Kind.ASSAY) {
      return Words.of(
          "advice.assay",
          MoneyWords.chance(money.chance()),
          MoneyWords.sum(money.brings(), terms),
          MoneyWords.sum(money.wages() + money.costs(), terms));
    }
    String costs =
        money.costs() > 0 ? Words.of("advice.costs", MoneyWords.sum(money.costs(), terms)) : "";
    String left =
        Words.of(
            "advice.left",
            MoneyWords.sum(money.net(), terms),
            MoneyWords.sum(advice.moneyPerHour().orElseThrow(), terms),
            MoneyWords.chance(money.chance()));
    String later = advice.kind() == Kind.SELL ? waiting(terms) : "";
    return Words.of(
            "advice.brings",
            MoneyWords.sum(money.brings(), terms),
            Figures.time(advice.minutes()),
            MoneyWords.sum(money.wages(), terms))
        + costs
        + left
        + later;
  }

  private static String waiting(Terms terms) {
    int days = terms.charged().sale().map(sale -> (int) Math.round(sale.waitingDays())).orElse(0);
    return days == 0 ? "" : " " + Words.counted("advice.paid-after", days);
  }

  /**
   * On what date's prices the money rests, and what they are; that there are none where nobody told
   * any.
   */
  public static String terms(Account account) {
    return account
        .terms()
        .map(
            terms ->
                Words.of(
                    "advice.terms",
                    MoneyWords.sum(terms.pricePerGram(), terms),
                    Figures.percent(terms.payable()),
                    MoneyWords.sum(terms.charged().refiningPerGram(), terms),
                    Figures.fixed(account.gold().fineness() * 1000, 0),
                    MoneyWords.sum(terms.hourlyRate(), terms),
                    Figures.day(terms.asOf())))
        .orElse(Words.of("advice.no-terms"));
  }
}
