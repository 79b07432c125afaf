package jugulum.desk.season;

import java.util.List;
import java.util.Optional;
import jugulum.core.season.HabitCost;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SourceRate;
import jugulum.desk.chart.RangeRows;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SeasonWords;
import jugulum.desk.words.Words;

/** The answers of a season in a sentence each. */
public final class SeasonText {
  private SeasonText() {}

  /**
   * Which source to work next: the best by gold an hour, and whether the next best can be told from
   * it.
   */
  public static String nextSource(Words words, List<SourceRate> rates) {
    if (rates.isEmpty()) {
      return words.of("season.source.open");
    }
    String best = SeasonWords.source(words, rates.getFirst().source());
    if (rates.size() == 1) {
      return words.of("season.source.only", best);
    }
    SourceRate second = rates.get(1);
    return words.of(
        rates.getFirst().isSurelyAbove(second) ? "season.source.next" : "season.source.maybe",
        best,
        SeasonWords.source(words, second.source()));
  }

  /**
   * A line of the sources ranked.
   *
   * @param value the rate as it is written
   */
  static RangeRows.Row row(Figures figures, SourceRate rate, String value) {
    Words words = figures.words();
    return new RangeRows.Row(
        SeasonWords.source(words, rate.source()),
        words.of(
            "season.source.under",
            words.counted("season.batches", rate.batches()),
            figures.gold(rate.wonMg())),
        rate.rate(),
        value);
  }

  /** Which habit cost most, with what helps. */
  public static String worstHabit(Figures figures, SeasonAccount account) {
    Words words = figures.words();
    Optional<HabitCost> worst = account.worstHabit();
    return worst
        .map(
            one ->
                words.of(
                    "season.habit.worst",
                    SeasonWords.habit(words, one),
                    SeasonWords.help(words, one.habit())))
        .orElse(words.of(account.habits().isEmpty() ? "season.habit.none" : "season.habit.unseen"));
  }
}
