package jugulum.desk.command;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.account.Worked;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Step;
import jugulum.core.mass.StepClosure;
import jugulum.desk.panel.Closures;
import jugulum.desk.words.Figures;
import jugulum.desk.words.PlaceWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The figures of a batch as the window shows them, line by line. */
final class BalanceText {
  private BalanceText() {}

  static List<String> of(Worked now, Figures figures) {
    Words words = figures.words();
    List<String> lines = new ArrayList<>();
    lines.add(now.batch().label().name());
    lines.add(
        line(
            words,
            "header.gold",
            now.gold()
                .won()
                .map(won -> figures.gold(won.milligrams()))
                .orElse(words.of("header.none"))));
    lines.addAll(recoveries(now, words));
    lines.add(
        line(
            words,
            "header.sand",
            now.sand().accountedFor().isPresent()
                ? words.percent(now.sand().accountedFor().getAsDouble())
                : words.of("header.none")));
    lines.add(words.of("account.where") + ":");
    now.gold().places().forEach(place -> lines.addAll(place(place, figures)));
    lines.add(words.of("account.closure") + ":");
    lines.addAll(closures(now, figures));
    return lines;
  }

  private static List<String> recoveries(Worked now, Words words) {
    List<Recovery> all = now.gold().recoveries();
    List<String> lines = new ArrayList<>();
    for (Recovery recovery : all) {
      String share = Sentences.share(words, recovery);
      lines.add(
          line(
              words,
              "recovery.of." + Sentences.kind(recovery),
              words.of("balance.recovery", share, words.range(recovery))));
    }
    all.stream()
        .filter(Recovery::isAtMost)
        .findFirst()
        .map(one -> Sentences.lots(words, now.network(), one.notLookedAt()))
        .ifPresent(lots -> lines.add(words.of("recovery.not-looked-at", lots)));
    all.stream()
        .filter(recovery -> !recovery.together().isEmpty())
        .findFirst()
        .map(one -> Sentences.lots(words, now.network(), one.together()))
        .ifPresent(lots -> lines.add(words.of("recovery.together", lots)));
    return lines;
  }

  private static List<String> place(Place place, Figures figures) {
    Words words = figures.words();
    boolean nothing = place.isUnseen();
    String gold =
        nothing
            ? words.of("account.place.unseen")
            : words.of(
                "balance.recovery",
                figures.gold(place.gold().milligrams()),
                figures.goldRange(place.gold()));
    String line = "  " + words.of("balance.line", PlaceWords.name(words, place), gold);
    boolean isOfOneKind =
        place.kind() == Place.Kind.BY_DIFFERENCE || place.kind() == Place.Kind.VIAL;
    if (nothing || isOfOneKind) {
      return List.of(line);
    }
    return List.of(
        line,
        "    "
            + words.of(
                "balance.kinds",
                PlaceWords.free(place, figures),
                PlaceWords.hidden(place, figures)));
  }

  private static List<String> closures(Worked now, Figures figures) {
    Words words = figures.words();
    List<String> lines = new ArrayList<>();
    for (Step step : now.network().steps()) {
      StepClosure closure = now.sand().closure(step.id());
      if (closure.state() != StepClosure.State.NOTHING_TO_CLOSE) {
        String name = Sentences.step(words, step, now.network());
        lines.add("  " + words.of("balance.line", name, Closures.sentence(closure, now, figures)));
      }
    }
    return lines;
  }

  private static String line(Words words, String key, String value) {
    return words.of("balance.line", words.of(key), value);
  }
}
