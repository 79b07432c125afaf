package jugulum.desk.magnet;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.belief.SeparatorWay;
import jugulum.core.magnet.MagnetStage;
import jugulum.core.magnet.Strength;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What magnets take, in words. */
final class SeparatorWords {
  private SeparatorWords() {}

  /** How long one takes for some sand, and what its own runs say of it. */
  static String says(Figures figures, SeparatorWay way) {
    Words words = figures.words();
    List<String> said = new ArrayList<>();
    said.add(words.of("separator.time", words.time(way.minutes()), words.time(way.handsMinutes())));
    way.magnetite().ifPresent(share -> said.add(words.of("separator.takes", words.percent(share))));
    way.mgPerKg().ifPresent(mg -> said.add(words.of("separator.along", figures.gold(mg))));
    said.add(words.counted("separator.runs", way.runs()));
    return words.row(said);
  }

  /** What one stage took. */
  static String stage(Figures figures, MagnetStage stage, int number) {
    Words words = figures.words();
    List<String> said = new ArrayList<>();
    said.add(
        stage.share().isPresent()
            ? words.of(
                "taken.magnetite.of",
                figures.sand(stage.magnetiteG()),
                words.percent(stage.share().getAsDouble()))
            : words.of("taken.magnetite", figures.sand(stage.magnetiteG())));
    said.add(
        stage
            .gold()
            .map(
                gold ->
                    words.of(
                        "taken.gold", figures.gold(gold.milligrams()), figures.goldRange(gold)))
            .orElseGet(() -> words.of("taken.unseen")));
    stage.mgPerKg().ifPresent(mg -> said.add(words.of("taken.per-kg", figures.gold(mg))));
    return words.of("taken.stage", Integer.toString(number), words.row(said));
  }

  /** How near to work a magnet, by a test at several distances. */
  static String strength(Words words, Strength strength) {
    Strength.Point weakest = strength.weakestEnough();
    Strength.Point last = strength.points().getLast();
    return words.of(
        "strength.says",
        words.plain(weakest.gapMm()),
        words.percent(weakest.lifted()),
        Integer.toString(weakest.specks()),
        Integer.toString(last.specks()),
        words.plain(last.gapMm()));
  }
}
