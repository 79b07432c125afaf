package jugulum.desk.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.check.Band;
import jugulum.core.ledger.BatchId;
import jugulum.core.season.BatchResult;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.TripResult;
import jugulum.core.trip.Dug;
import jugulum.core.trip.Trip;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RangeRows;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.GravelText;
import jugulum.desk.entry.HoursText;
import jugulum.desk.entry.Parsers;
import jugulum.desk.follow.Seasons;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.OnceKept;
import jugulum.desk.words.SeasonWords;

/** Days outdoors: what they came to by the whole hour, and how far to pan down there. */
final class TripsPane extends SeasonPane {
  private static final double COLUMN = 560;

  private final DrawingView bySource = new DrawingView("trip-sources");
  private final EntryField<LocalDate> date;
  private final EntryField<String> source;
  private final EntryField<Double> travel;
  private final EntryField<Double> work;
  private final EntryField<Optional<Double>> rest;
  private final EntryField<Optional<Integer>> pans;
  private final EntryField<Optional<Dug>> gravel;
  private final EntryField<Optional<MassText.Mass>> carried;
  private final EntryField<Optional<Double>> water;
  private final EntryField<String> note;
  private final ComboBox<Into> into;
  private final VBox form;
  private final Seldom howFar;

  /** The batch the concentrate became; none yet. */
  private record Into(Optional<BatchId> id, String name) {}

  TripsPane(Workbench workbench) {
    super(workbench, "trips-pane");
    date = EntryField.day(words, "trip-date", "trip.date");
    source = EntryField.note(words, "trip-source", "trip.source");
    travel = hours("travel");
    work = hours("work");
    rest = optional("rest", typed -> HoursText.parse(words, typed));
    pans = optional("pans", typed -> Parsers.count(words, typed, 100_000));
    gravel = optional("gravel", typed -> GravelText.parse(words, typed));
    carried = optional("carried", Parsers.sand(words, MassUnit.KILOGRAM));
    water = optional("water", typed -> Parsers.percent(words, typed, 0, 99));
    note = EntryField.note(words, "trip-note", "trip.note");
    into = Choices.of("trip-batch", words.of("trip.batch"), List.of(), Into::name);
    EntryField.onEnter(
        this::keep, date, source, travel, work, rest, pans, gravel, carried, water, note);
    form =
        new VBox(
            10,
            Parts.section(words.of("trip.new")),
            new FieldRow(List.of(date, source)),
            new FieldRow(List.of(travel, work, rest)),
            new FieldRow(List.of(pans, gravel)),
            new FieldRow(List.of(carried, water)),
            new VBox(4, Parts.styled(new Label(words.of("trip.batch")), "entry-label"), into),
            note,
            Parts.row(Buttons.plain("keep-trip", words.of("trip.keep"), "", this::keep)),
            Parts.sentence(words.of("caution.outdoors"), "muted"));
    howFar = new Seldom("how-far", words.of("trip.far"), "H", new HowFarBox(workbench));
    showNow();
  }

  private EntryField<Double> hours(String name) {
    return new EntryField<>(
        words,
        "trip-" + name,
        words.of("trip." + name),
        words.of("trip." + name + ".hint"),
        typed -> HoursText.parse(words, typed));
  }

  private <T> EntryField<Optional<T>> optional(String name, Function<String, Entry<T>> parser) {
    return new EntryField<>(
        words,
        "trip-" + name,
        words.of("trip." + name),
        words.of("trip." + name + ".hint"),
        Parsers.optional(parser));
  }

  @Override
  protected void show(Seasons.Shown shown) {
    SeasonAccount account = shown.account();
    offer(account);
    VBox left = new VBox(10, Parts.section(words.of("trip.title")));
    List<TripResult> trips = account.trips();
    if (trips.isEmpty()) {
      left.getChildren().add(Parts.sentence(words.of("trip.none"), "muted"));
    }
    List<RangeRows.Row> rows =
        TripResult.bySource(trips, account.season()).stream().map(this::row).toList();
    bySource.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
    Parts.shown(bySource, !rows.isEmpty());
    left.getChildren().add(bySource);
    trips.reversed().forEach(one -> left.getChildren().add(trip(one, account)));
    left.getChildren().add(howFar);
    left.setPrefWidth(COLUMN);
    form.setPrefWidth(COLUMN);
    page().getChildren().setAll(List.of(new HBox(40, left, form)));
  }

  private RangeRows.Row row(TripResult.OfSource one) {
    return new RangeRows.Row(
        SeasonWords.source(words, one.source()),
        words.counted("trip.of", one.trips(), words.fixed(one.hours(), 1)),
        Band.sharp(one.mgPerHour()),
        words.of("trip.each-hour", figures().gold(one.mgPerHour())));
  }

  private VBox trip(TripResult one, SeasonAccount account) {
    Trip trip = one.trip();
    String id = trip.id().replace(' ', '-');
    Button drop =
        Buttons.quiet(
            "drop-trip-" + id,
            words.of("season.drop"),
            "",
            () -> workbench.seasons().submit(new SeasonEdit.DropTrip(trip.id())));
    drop.setAccessibleText(words.of("trip.drop.spoken", words.day(trip.date())));
    VBox box =
        new VBox(
            2,
            Parts.line(
                words.of(
                    "join.row",
                    words.day(trip.date()),
                    SeasonWords.source(words, account.season().meant(trip.source()))),
                one.mgPerHour().isPresent()
                    ? words.of("trip.each-hour", figures().gold(one.mgPerHour().getAsDouble()))
                    : words.of("trip.no-gold"),
                "strong"),
            Parts.sentence(words.row(told(one)), "muted"),
            Parts.row(drop));
    box.setId("trip-" + id);
    return box;
  }

  private List<String> told(TripResult one) {
    Trip trip = one.trip();
    List<String> said = new ArrayList<>();
    said.add(
        words.of(
            "trip.time",
            words.time(trip.travelMinutes()),
            words.time(trip.workMinutes()),
            words.time(trip.restMinutes())));
    if (one.homeMinutes() > 0) {
      said.add(words.of("trip.home", words.time(one.homeMinutes())));
    }
    trip.pans().ifPresent(many -> said.add(words.counted("trip.panned", many)));
    trip.dug().ifPresent(dug -> said.add(dug(dug)));
    one.mgPerCubicMetre()
        .ifPresent(
            grade -> said.add(words.of("trip.each-metre", SeasonWords.amount(figures(), grade))));
    if (trip.carriedDryG().isPresent()) {
      said.add(words.of("trip.brought", figures().sand(trip.carriedDryG().getAsDouble())));
    }
    if (!trip.note().isEmpty()) {
      said.add(trip.note());
    }
    return said;
  }

  private String dug(Dug dug) {
    return dug.kg().isPresent()
        ? words.of(
            "trip.dug.kg",
            words.fixed(dug.kg().getAsDouble(), 0),
            words.fixed(dug.inLitres().low(), 0),
            words.fixed(dug.inLitres().high(), 0))
        : words.of("trip.dug.litres", words.fixed(dug.inLitres().usual(), 0));
  }

  /** Batches of all years may have come of it; the last first. */
  private void offer(SeasonAccount account) {
    List<Into> all =
        Stream.concat(
                Stream.of(new Into(Optional.empty(), words.of("trip.batch.none"))),
                account.batches().reversed().stream()
                    .map(one -> new Into(Optional.of(one.id()), one.name())))
            .toList();
    Into before = into.getValue();
    if (!all.equals(into.getItems())) {
      into.getItems().setAll(all);
      into.setValue(before != null && all.contains(before) ? before : all.getFirst());
    }
    source.field().setPromptText(words.row(sources(account)));
  }

  private static List<String> sources(SeasonAccount account) {
    return account.batches().stream()
        .map(BatchResult::source)
        .map(account.season()::meant)
        .filter(name -> !name.isBlank())
        .distinct()
        .sorted()
        .toList();
  }

  private void keep() {
    Optional<LocalDate> day = date.read();
    Optional<String> where = day.flatMap(_ -> source.read());
    Optional<Double> way = where.flatMap(_ -> travel.read());
    Optional<Double> working = way.flatMap(_ -> work.read());
    Optional<Optional<Double>> resting = working.flatMap(_ -> rest.read());
    Optional<Optional<Integer>> many = resting.flatMap(_ -> pans.read());
    Optional<Optional<Dug>> dug = many.flatMap(_ -> gravel.read());
    Optional<Optional<MassText.Mass>> home = dug.flatMap(_ -> carried.read());
    Optional<Optional<Double>> wet = home.flatMap(_ -> water.read());
    Optional<String> noted = wet.flatMap(_ -> note.read());
    if (noted.isEmpty()) {
      return;
    }
    Trip trip =
        new Trip(
            workbench.seasons().newId(),
            day.get(),
            where.get(),
            way.get(),
            working.get(),
            resting.get().orElse(0.0),
            many.get().map(OptionalInt::of).orElse(OptionalInt.empty()),
            dug.get(),
            of(home.get().map(MassText.Mass::grams)),
            of(wet.get()),
            Optional.ofNullable(into.getValue()).flatMap(Into::id),
            noted.get());
    OnceKept.clearing(
        workbench,
        workbench.seasons().submit(new SeasonEdit.AddTrip(trip)),
        travel,
        work,
        rest,
        pans,
        gravel,
        carried,
        water,
        note);
  }

  private static OptionalDouble of(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }
}
