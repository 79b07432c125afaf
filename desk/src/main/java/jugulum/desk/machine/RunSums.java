package jugulum.desk.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Step;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Working.Sorts;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * What the settings come to for a lot: charges, run time, battery, water, wetting agent. Nothing
 * here is recorded.
 */
final class RunSums extends VBox {
  /** Silt settles from water that rests so long: common practice, three to five minutes. */
  private static final String REST = "4";

  /** Drained sand still holds about a quarter of water: common practice. */
  private static final String WET = "25";

  /**
   * The dials of water that a pump brings, together where a machine has two; the water over a deck
   * stands under another name than that through a bowl.
   */
  private static final List<String> WATER = List.of("flow", "wash-water", "trough-water", "film");

  @Prologue private final Words words;
  private final EntryField<Optional<Double>> watts =
      number(words, "sum-watts", "sheet.watts", "180", 0.1, 100_000);
  private final EntryField<Optional<Double>> battery =
      number(words, "sum-battery", "sheet.battery", "900", 1, 1e6);
  private final EntryField<Optional<Double>> charger =
      number(words, "sum-charger", "sheet.charger", "60", 0.1, 100_000);
  private final EntryField<Optional<Double>> sump =
      number(words, "sum-sump", "sheet.sump", "60", 0.1, 100_000);
  private final EntryField<Optional<Double>> rest =
      number(words, "sum-rest", "sheet.rest", REST, 0, 1000);
  private final EntryField<Optional<Double>> wet =
      new EntryField<>(
          words,
          "sum-wet",
          words.of("sheet.wet"),
          WET,
          Parsers.optional(typed -> Parsers.percent(words, typed, 0, 90)));
  private final VBox answers = new VBox(2);
  private List<String> sentences = List.of();
  private Optional<Step> now = Optional.empty();
  private double grams;

  RunSums(Words words, Gear gear) {
    this.words = words;
    super(8);
    answers.setId("sheet-sums");
    fill(words, watts, gear.drawWatts());
    fill(words, battery, gear.batteryWh());
    fill(words, sump, gear.sumpL());
    rest.fill(REST);
    wet.fill(WET);
    Stream.of(watts, battery, charger, sump, rest, wet)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> typed(field)));
    getChildren().addAll(Parts.section(words.of("sheet.sums")), answers);
    if (gear.sheet().working().sorts() != Sorts.BY_WEIGHT) {
      getChildren().add(new FieldRow(List.of(watts, battery, charger)));
    } else if (gear.sheet().dials().stream().map(Dial::id).anyMatch(WATER::contains)) {
      getChildren()
          .addAll(
              new FieldRow(List.of(watts, battery, charger)),
              new FieldRow(List.of(sump, rest, wet)));
    } else {
      getChildren().add(sump);
    }
    getChildren().add(Parts.sentence(words.of("sheet.sums.about"), "muted"));
  }

  private static EntryField<Optional<Double>> number(
      Words words, String id, String key, String hint, double low, double high) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        hint,
        Parsers.optional(typed -> Parsers.number(words, typed, low, high)));
  }

  private static void fill(Words words, EntryField<?> field, OptionalDouble known) {
    known.ifPresent(value -> field.fill(words.plain(value)));
  }

  void show(Step step, double feedG) {
    now = Optional.of(step);
    grams = feedG;
    work();
  }

  /** The answers, for the page on the wall. */
  List<String> sentences() {
    return sentences;
  }

  private void work() {
    now.ifPresent(
        step -> {
          sentences = sums(step);
          answers
              .getChildren()
              .setAll(sentences.stream().map(text -> Parts.sentence(text)).toList());
        });
  }

  private void typed(EntryField<?> field) {
    field.check();
    work();
  }

  private List<String> sums(Step step) {
    List<String> lines = new ArrayList<>();
    OptionalDouble charge = above0(step.setting("charge"));
    if (grams > 0 && charge.isPresent()) {
      lines.add(words.counted("sheet.charges", BenchSums.loads(grams, charge.getAsDouble())));
    }
    OptionalDouble hours = hours(step, charge);
    hours.ifPresent(time -> lines.add(words.of("sheet.run-time", words.time(60 * time))));
    power(hours).ifPresent(lines::add);
    charging(hours, lines);
    water(step, hours, lines);
    OptionalDouble drops = step.setting("wetting");
    value(sump)
        .ifPresent(
            litres ->
                drops.ifPresent(
                    each ->
                        lines.add(
                            words.of(
                                "sheet.drops",
                                words.fixed(BenchSums.wettingDrops(litres, each), 0),
                                words.plain(litres)))));
    return lines;
  }

  /** By the feed, or by the charges and how long each takes. */
  private OptionalDouble hours(Step step, OptionalDouble charge) {
    OptionalDouble feed = above0(step.setting("feed"));
    OptionalDouble minutes = above0(step.setting("charge-time"));
    if (!(grams > 0)) {
      return OptionalDouble.empty();
    }
    if (feed.isPresent()) {
      return OptionalDouble.of(BenchSums.runHours(grams / 1000, feed.getAsDouble()));
    }
    return charge.isPresent() && minutes.isPresent()
        ? OptionalDouble.of(
            BenchSums.loads(grams, charge.getAsDouble()) * minutes.getAsDouble() / 60)
        : OptionalDouble.empty();
  }

  private Optional<String> power(OptionalDouble hours) {
    if (value(watts).isEmpty() || value(battery).isEmpty()) {
      return Optional.empty();
    }
    double lasts = BenchSums.batteryHours(value(battery).get(), value(watts).get());
    String text = words.of("sheet.battery.lasts", words.time(60 * lasts));
    return Optional.of(
        hours.isPresent() && hours.getAsDouble() > lasts
            ? words.of("sheet.battery.short", text, words.time(60 * (hours.getAsDouble() - lasts)))
            : text);
  }

  private void charging(OptionalDouble hours, List<String> lines) {
    if (value(watts).isEmpty() || value(charger).isEmpty()) {
      return;
    }
    double load = value(watts).get();
    double drain = BenchSums.drainWatts(load, value(charger).get());
    if (drain == 0) {
      lines.add(words.of("sheet.battery.for-ever"));
    } else if (value(battery).isPresent()) {
      lines.add(
          words.of(
              "sheet.battery.charging",
              words.time(60 * BenchSums.batteryHours(value(battery).get(), drain))));
    }
    hours.ifPresent(
        time ->
            lines.add(
                words.of(
                    "sheet.battery.recharge",
                    words.time(60 * BenchSums.rechargeHours(load * time, value(charger).get())))));
  }

  private void water(Step step, OptionalDouble hours, List<String> lines) {
    double flow = WATER.stream().map(step::setting).flatMapToDouble(OptionalDouble::stream).sum();
    if (!(flow > 0)) {
      return;
    }
    hours.ifPresent(
        time ->
            lines.add(
                words.of("sheet.water.once", litres(words, BenchSums.waterOnce(flow, time)))));
    if (value(rest).isPresent() && value(wet).isPresent()) {
      double round =
          BenchSums.waterGoingRound(flow, value(rest).get(), grams / 1000, value(wet).get());
      boolean small = value(sump).filter(litres -> litres < flow * value(rest).get()).isPresent();
      lines.add(words.of(small ? "sheet.water.small" : "sheet.water.round", litres(words, round)));
    }
  }

  private static String litres(Words words, double litres) {
    return words.fixed(litres, litres < 10 ? 1 : 0);
  }

  private static OptionalDouble above0(OptionalDouble value) {
    return value.isPresent() && value.getAsDouble() > 0 ? value : OptionalDouble.empty();
  }

  /** What is typed, where it is understood; a field that is not says so itself. */
  private static Optional<Double> value(EntryField<Optional<Double>> field) {
    return Entry.told(field.parsed());
  }
}
