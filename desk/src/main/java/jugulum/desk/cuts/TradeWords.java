package jugulum.desk.cuts;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.plan.GoldExpected;
import jugulum.core.plan.Plan;
import jugulum.core.plan.StackTrade;
import jugulum.core.screens.Screen;
import jugulum.core.shop.Terms;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.Words;

/** Says what a stack wins in what time, and what a screen more or less would be worth an hour. */
final class TradeWords {
  private TradeWords() {}

  static List<Node> of(
      Plan plan,
      Optional<StackTrade.Point> point,
      StackTrade trade,
      GoldExpected gold,
      Figures figures) {
    Words words = figures.words();
    List<Node> lines = new ArrayList<>();
    Label stack = Parts.styled(new Label(PlanWords.stack(words, plan)), "panel-title");
    stack.setWrapText(true);
    lines.add(stack);
    Band won = plan.won();
    lines.add(
        Parts.sentence(
            words.counted(
                "trade.cuts",
                plan.cuts().size(),
                words.time(plan.handsMinutes()),
                figures.gold(plan.wonMg()),
                figures.gold(plan.goldMg())),
            "strong"));
    lines.add(
        Parts.sentence(
            words.of(
                "trade.range",
                figures.goldRange(new GoldRange(plan.wonMg(), won.low(), won.high()))),
            "muted"));
    int at = point.map(trade.points()::indexOf).orElse(-1);
    if (at >= 0 && at + 1 < trade.points().size()) {
      lines.add(
          Parts.sentence(step("trade.more", plan, trade.points().get(at + 1), gold, figures)));
    }
    if (at > 0) {
      lines.add(
          Parts.sentence(
              step(
                  "trade.less",
                  trade.points().get(at - 1).plan(),
                  trade.points().get(at),
                  gold,
                  figures)));
    }
    lines.add(Parts.sentence(rule(gold, figures), "muted"));
    return lines;
  }

  /**
   * From one point of the curve to the next: what is won in what time, and what that is an hour.
   */
  private static String step(
      String key, Plan from, StackTrade.Point to, GoldExpected gold, Figures figures) {
    Words words = figures.words();
    String screens = added(words, from, to.plan());
    String mg = figures.gold(Math.abs(to.moreMg()));
    String time = words.time(Math.abs(to.moreMinutes()));
    if (to.moreMg() < 0) {
      return words.of(key + ".worse", screens, mg);
    }
    if (to.moreMinutes() <= 0) {
      return words.of(key + ".sooner", screens, mg, time);
    }
    return words.of(key, screens, mg, time, hour(to.moreMgPerHour().orElseThrow(), gold, figures));
  }

  /** The screens one stack has more, or that it is another stack. */
  private static String added(Words words, Plan from, Plan to) {
    Set<String> more = new HashSet<>(labels(to));
    boolean nested = more.containsAll(labels(from));
    more.removeAll(labels(from));
    return nested
        ? words.row(List.copyOf(more))
        : words.of("trade.other", PlanWords.stack(words, to));
  }

  private static List<String> labels(Plan plan) {
    return plan.stack().stream().map(Screen::label).collect(Collectors.toList());
  }

  private static String hour(double mgPerHour, GoldExpected gold, Figures figures) {
    Words words = figures.words();
    return gold.terms()
        .map(
            terms ->
                words.of(
                    "trade.money",
                    MoneyWords.sum(words, terms.worth(mgPerHour, gold.fineness()), terms)))
        .orElse(words.of("trade.gold", figures.gold(mgPerHour)));
  }

  private static String rule(GoldExpected gold, Figures figures) {
    Words words = figures.words();
    Optional<Terms> terms = gold.terms();
    return terms
        .map(told -> words.of("trade.rule.money", MoneyWords.sum(words, told.hourlyRate(), told)))
        .orElseGet(() -> words.of("trade.rule.gold", figures.gold(gold.value().hourMg())));
  }
}
