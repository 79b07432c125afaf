package jugulum.desk.words;

import java.util.List;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.look.Act;
import jugulum.core.look.Fewer;
import jugulum.core.look.LookWeighed;
import jugulum.core.look.LookWeighed.Option;
import jugulum.core.look.Seen;
import jugulum.core.look.Stakes;

/** What a look at tailings comes to, as sentences. */
public final class LookWords {
  /** Fewer specks than that in a kilogram are told with a tenth. */
  private static final double FEW = 10;

  private LookWords() {}

  /** What the look says as a whole. */
  public static String said(LookWeighed look, Figures figures) {
    Words words = figures.words();
    return look.first()
        .map(
            first ->
                switch (first.says()) {
                  case ACT -> words.of("look.do", first.act());
                  case LEAVE -> words.of("look.leave");
                  case PAN_ON -> panOn(look, first, figures);
                })
        .orElseGet(() -> words.of(look.seen().specks() > 0 ? "look.nothing-to-do" : "look.go-on"));
  }

  private static String panOn(LookWeighed look, Option first, Figures figures) {
    String more = figures.sand(Math.ceil(first.moreG()));
    return look.seen().specks() > 0
        ? figures.words().of("look.pan-on", first.act(), more)
        : figures.words().of("look.pan-none", more);
  }

  /** How many specks leave beside the look before, with both looks. */
  public static String compared(PannedSample before, PannedSample now, Figures figures) {
    Words words = figures.words();
    return words.beside(
        List.of(
            words.of("look.compared", sample(before, figures), sample(now, figures)),
            fewer(Fewer.of(before, now), figures)));
  }

  /** A look. */
  public static String sample(PannedSample look, Figures figures) {
    return figures.words().counted("look.sample", look.specks(), figures.sand(look.sampleG()));
  }

  /** How many specks leave beside the look before. */
  public static String fewer(Fewer fewer, Figures figures) {
    Words words = figures.words();
    if (fewer.isFewer()) {
      return words.of(
          "look.fewer",
          less(words, fewer.ratio()),
          less(words, fewer.high()),
          less(words, fewer.low()));
    }
    return fewer.isMore()
        ? words.of("look.more", words.rounded(fewer.low(), 2))
        : words.of("look.alike");
  }

  private static String less(Words words, double ratio) {
    return words.percent(1 - ratio);
  }

  /** A line an act: what it wins for which minutes, from how many specks it pays, what is said. */
  public static List<String> options(LookWeighed look, Stakes stakes, Figures figures) {
    return look.options().stream().map(one -> option(one, look.seen(), stakes, figures)).toList();
  }

  private static String option(Option option, Seen seen, Stakes stakes, Figures figures) {
    Words words = figures.words();
    Act act = option.act();
    double wins = stakes.winsMg(act, seen.perKg());
    String gold =
        stakes
            .value()
            .terms()
            .map(
                terms ->
                    words.of(
                        "look.gold.money",
                        figures.gold(wins),
                        MoneyWords.sum(words, stakes.value().of(wins), terms)))
            .orElseGet(() -> figures.gold(wins));
    return words.of(
        "look.option",
        words.of("look.act", act, figures.sand(stakes.kgLetGo() * 1000)),
        gold,
        words.fixed(stakes.handsMinutes(act), 0),
        perKg(words, option.paysFrom()),
        words.of("look.says", option.says(), figures.sand(Math.ceil(option.moreG()))));
  }

  /** How much to pan before the first look can say that nothing pays, where it shows no speck. */
  public static String before(LookWeighed look, Figures figures) {
    return look.options().stream()
        .findFirst()
        .map(
            first -> figures.words().of("look.first-grams", figures.sand(Math.ceil(first.moreG()))))
        .orElse("");
  }

  /** Two figures are all that a count can be held against. */
  private static String perKg(Words words, double specks) {
    double step = Math.pow(10, Math.floor(Math.log10(specks)) - 1);
    return words.fixed(Math.round(specks / step) * step, specks < FEW ? 1 : 0);
  }
}
