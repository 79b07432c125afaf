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
    List<String> lines = new ArrayList<>();
    lines.add(now.batch().label().name());
    lines.add(
        line(
            "header.gold",
            now.gold()
                .won()
                .map(won -> figures.gold(won.milligrams()))
                .orElse(Words.of("header.none"))));
    for (Recovery recovery : now.gold().recoveries()) {
      String share = Sentences.share(recovery);
      lines.add(
          line(
              "recovery.of." + Sentences.kind(recovery),
              Words.of("balance.recovery", share, Figures.range(recovery))));
    }
    now.gold().recoveries().stream()
        .filter(Recovery::isAtMost)
        .findFirst()
        .ifPresent(
            one ->
                lines.add(
                    Words.of(
                        "recovery.not-looked-at",
                        Sentences.lots(now.network(), one.notLookedAt()))));
    now.gold().recoveries().stream()
        .filter(recovery -> !recovery.together().isEmpty())
        .findFirst()
        .ifPresent(
            one ->
                lines.add(
                    Words.of("recovery.together", Sentences.lots(now.network(), one.together()))));
    lines.add(
        line(
            "header.sand",
            now.sand().accountedFor().isPresent()
                ? Figures.percent(now.sand().accountedFor().getAsDouble())
                : Words.of("header.none")));
    lines.add(Words.of("account.where") + ":");
    for (Place place : now.gold().places()) {
      boolean nothing = place.isUnseen();
      String gold =
          nothing
              ? Words.of("account.place.unseen")
              : Words.of(
                  "balance.recovery",
                  figures.gold(place.gold().milligrams()),
                  figures.goldRange(place.gold()));
      lines.add("  " + Words.of("balance.line", PlaceWords.name(place), gold));
      if (!nothing && place.kind() != Place.Kind.BY_DIFFERENCE && place.kind() != Place.Kind.VIAL) {
        lines.add(
            "    "
                + Words.of(
                    "balance.kinds",
                    PlaceWords.free(place, figures),
                    PlaceWords.hidden(place, figures)));
      }
    }
    lines.add(Words.of("account.closure") + ":");
    for (Step step : now.network().steps()) {
      StepClosure closure = now.sand().closure(step.id());
      if (closure.state() != StepClosure.State.NOTHING_TO_CLOSE) {
        String name = Sentences.step(step, now.network());
        lines.add("  " + Words.of("balance.line", name, Closures.sentence(closure, now, figures)));
      }
    }
    return lines;
  }

  private static String line(String key, String value) {
    return Words.of("balance.line", Words.of(key), value);
  }
}
