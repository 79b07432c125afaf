package jugulum.desk.words;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.season.Change;
import jugulum.core.season.ChangeEffect;
import jugulum.core.season.Habit;
import jugulum.core.season.HabitCost;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.SlipCheck;
import jugulum.core.season.SourceRate;

/** Says what a season comes to. */
public final class SeasonWords {
  private SeasonWords() {}

  /** What was told of a season. */
  public static String edit(Words words, SeasonEdit edit) {
    return switch (edit) {
      case SeasonEdit.Whole _ -> words.of("season.edit.whole");
      case SeasonEdit.TellSource(var source) -> words.of("season.edit.source", source.name());
      case SeasonEdit.JoinSources(String from, String into) ->
          words.of("season.edit.join", from, into);
      case SeasonEdit.PartSource(String from) -> words.of("season.edit.part", from);
      case SeasonEdit.TellGravel _ -> words.of("season.edit.gravel");
      case SeasonEdit.AddSlip(var slip) -> words.of("season.edit.slip", words.day(slip.date()));
      case SeasonEdit.DropSlip _ -> words.of("season.edit.no-slip");
      case SeasonEdit.AddChange(Change change) -> words.of("season.edit.change", change.what());
      case SeasonEdit.DropChange _ -> words.of("season.edit.no-change");
      case SeasonEdit.AddTrip(var trip) -> words.of("season.edit.trip", words.day(trip.date()));
      case SeasonEdit.DropTrip _ -> words.of("season.edit.no-trip");
    };
  }

  /** A source's name, or what stands where nobody wrote one. */
  public static String source(Words words, String name) {
    return name.isBlank() ? words.of("season.source.none") : name;
  }

  /** A habit, with the machine it is of. */
  public static String habit(Words words, HabitCost cost) {
    Habit habit = cost.habit();
    return switch (habit.kind()) {
      case DAMP, FEW_DROPS -> words.of("season.habit", habit.kind());
      case WIDE_CUT -> words.of("season.habit", habit.kind(), machine(words, cost.machine()));
      case DIAL_LOW, DIAL_HIGH ->
          words.of(
              "season.habit",
              habit.kind(),
              SheetWords.dial(words, habit.dial()),
              machine(words, cost.machine()),
              usualEnd(words, cost));
    };
  }

  /** The end of the usual it lies beyond, with its unit. */
  private static String usualEnd(Words words, HabitCost cost) {
    return cost.usual()
        .flatMap(
            dial ->
                dial.usual()
                    .map(
                        usual ->
                            words.of(
                                "season.with-unit",
                                words.plain(
                                    cost.habit().kind() == Habit.Kind.DIAL_LOW
                                        ? usual.low()
                                        : usual.high()),
                                SheetWords.unit(words, dial.unit()))))
        .orElse("");
  }

  /** What helps against a habit. */
  public static String help(Words words, Habit habit) {
    return words.of("season.help", habit.kind());
  }

  /** How many steps show a habit, and how many do not. */
  public static String counted(Words words, HabitCost cost) {
    return words.of(
        "season.habit.counted",
        Integer.toString(cost.with()),
        Integer.toString(cost.with() + cost.without()));
  }

  /** What a habit cost. */
  public static String cost(Figures figures, HabitCost cost) {
    Words words = figures.words();
    return cost.costMg()
        .map(
            band ->
                cost.isSeen()
                    ? words.of(
                        band.low() > 0 ? "season.cost" : "season.won",
                        figures.gold(Math.abs(band.usual())),
                        amounts(figures, band.low() > 0 ? band : turned(band)))
                    : words.of("season.cost.open", amounts(figures, clipped(band))))
        .orElse(words.of("season.cost.none"));
  }

  private static Band turned(Band band) {
    return new Band(-band.high(), -band.usual(), -band.low());
  }

  private static Band clipped(Band band) {
    return new Band(Math.max(0, band.low()), Math.max(0, band.usual()), Math.max(0, band.high()));
  }

  /** Two amounts of gold, from and to. */
  public static String amounts(Figures figures, Band mg) {
    return figures.goldRange(new GoldRange(mg.usual(), mg.low(), mg.high()));
  }

  /** A range, or the one figure it is where both ends are the same. */
  public static String amount(Figures figures, Band mg) {
    return mg.high() > mg.low() ? amounts(figures, mg) : figures.gold(mg.usual());
  }

  /** What is gained from something spent. */
  public static String rate(Figures figures, SourceRate.Of of, double mg) {
    return figures.words().of("season.rate", of, figures.gold(mg));
  }

  /** A machine's name; a kind's, where it has none of its own; the magnet where there is none. */
  public static String machine(Words words, String name) {
    return name.isEmpty() ? words.of("season.magnet") : DayWords.machine(words, name);
  }

  /** What a change is about. */
  public static String about(Words words, Change change) {
    return change
        .machine()
        .or(() -> change.work().map(work -> words.of("season.work", work)))
        .orElse(words.of("season.all-work"));
  }

  /** What a change did. */
  public static String did(Words words, ChangeEffect effect) {
    Optional<Band> points = effect.points();
    if (effect.before().isEmpty() || effect.after().isEmpty()) {
      return words.of("season.change.one-side");
    }
    String from =
        words.of(
            "season.change.from",
            words.percent(effect.before().get()),
            Integer.toString(effect.stepsBefore()),
            words.percent(effect.after().get()),
            Integer.toString(effect.stepsAfter()));
    if (points.isEmpty()) {
      return words.of("season.change.open", from);
    }
    Band band = points.get();
    String range = words.of("season.points", points(words, band.low()), points(words, band.high()));
    return effect.isSeen()
        ? words.of(
            band.low() > 0 ? "season.change.more" : "season.change.less",
            from,
            points(words, Math.abs(band.usual())),
            range)
        : words.of("season.change.unseen", from, range);
  }

  private static String points(Words words, double share) {
    return words.fixed(100 * share, Math.abs(share) < 0.01 ? 1 : 0);
  }

  /** How a slip stands beside one's own figures. */
  public static String slip(Words words, SlipCheck check) {
    String key =
        check.isShort()
            ? "season.slip.short"
            : check.isOver() ? "season.slip.over" : "season.slip.fits";
    String weight = words.of(key, words.fixed(100 * check.weightShare(), 1));
    return check.ownFineness().isPresent()
        ? words.joined(
            "join.sentences",
            List.of(
                weight,
                words.of(
                    "season.slip.fineness",
                    words.fixed(1000 * check.slip().fineness(), 0),
                    words.fixed(1000 * check.ownFineness().getAsDouble(), 0))))
        : weight;
  }

  /** Hours at the bench by work, the most first. */
  public static String work(Words words, KindOfWork work) {
    return words.of("season.work", work);
  }
}
