package jugulum.desk.day;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;
import jugulum.core.day.DaySetup;
import jugulum.core.day.Daylight;
import jugulum.core.handling.Evaporation;
import jugulum.core.schedule.DayProblem;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Asks what a day is worked with: hours, hands, trays, battery, water, place and air. */
final class SetupPage extends FormPage {
  /** Who wants it. */
  interface Wants {
    /** It is so. */
    void set(DaySetup setup);

    /** It stays as it is. */
    void leave();
  }

  @Prologue private final Words words;
  private final Wants wants;
  private final EntryField<Integer> from;
  private final EntryField<Optional<Integer>> until;
  private final EntryField<Double> pairs;
  private final EntryField<Double> tray;
  private final EntryField<Optional<Double>> battery;
  private final EntryField<Optional<Double>> tank;
  private final EntryField<Double> settle;
  private final EntryField<String> place;
  private final EntryField<Optional<Double>> latitude;
  private final EntryField<Optional<Double>> longitude;
  private final EntryField<Double> celsius;
  private final EntryField<Double> humidity;
  private final EntryField<Double> wind;

  SetupPage(Words words, Wants wants) {
    this.words = words;
    super(words, "day-setup");
    error.setId("day-setup-error");
    this.wants = wants;
    from =
        new EntryField<>(
            words,
            "day-from",
            words.of("day.from"),
            "8:00",
            typed -> MinuteText.parse(words, typed));
    until =
        new EntryField<>(
            words,
            "day-to",
            words.of("day.to"),
            words.of("day.to.hint"),
            Parsers.optional(typed -> MinuteText.parse(words, typed)));
    pairs = EntryField.number(words, "day-pairs", "day.pairs", "", 1, 20);
    tray = EntryField.number(words, "day-tray", "day.tray", "", 0, 1000);
    battery = optional("day-battery", "day.battery", 0, 1e6);
    tank = optional("day-tank", "day.tank", 0, 1e6);
    settle = EntryField.number(words, "day-settle", "day.settle", "", 0, DayProblem.DAY);
    place = new EntryField<>(words, "day-place", words.of("day.place"), "", Parsers.note(words));
    latitude = optional("day-latitude", "day.latitude", -90, 90);
    longitude = optional("day-longitude", "day.longitude", -180, 180);
    celsius = EntryField.number(words, "day-celsius", "day.celsius", "", -40, 60);
    humidity = EntryField.percent(words, "day-humidity", "day.humidity", "", 100);
    wind = EntryField.number(words, "day-wind", "day.wind", "", 0, 30);
    fields().map(EntryField::field).forEach(field -> field.setOnAction(_ -> enter()));
    columns(hours(), place());
  }

  private EntryField<Optional<Double>> optional(String id, String key, double low, double high) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        "",
        Parsers.optional(typed -> Parsers.number(words, typed, low, high)));
  }

  private Stream<EntryField<?>> fields() {
    return Stream.of(
        from, until, pairs, tray, battery, tank, settle, place, latitude, longitude, celsius,
        humidity, wind);
  }

  private VBox hours() {
    return new VBox(
        12,
        Parts.heading(words.of("day.given"), ""),
        new FieldRow(List.of(from, until, pairs)),
        new FieldRow(List.of(tray, battery)),
        new FieldRow(List.of(tank, settle)),
        Parts.sentence(words.of("day.given.about"), "muted"),
        error,
        Parts.row(
            Buttons.primary("day-setup-set", words.of("day.given.set"), "Enter", this::enter),
            Buttons.plain("day-setup-back", words.of("panel.back"), "Esc", wants::leave)));
  }

  private VBox place() {
    return new VBox(
        12,
        Parts.section(words.of("day.place.section")),
        place,
        new FieldRow(List.of(latitude, longitude)),
        Parts.sentence(words.of("day.place.about"), "muted"),
        Parts.section(words.of("day.air.section")),
        new FieldRow(List.of(celsius, humidity, wind)),
        Parts.sentence(words.of("day.air.about"), "muted"));
  }

  /** Shows what is so now. */
  void show(DaySetup setup) {
    forgive();
    from.put(DayWords.clock(words, setup.from()), setup.from());
    put(until, setup.until());
    pairs.fill(Integer.toString(setup.pairs()));
    tray.put(words.plain(setup.trayM2()), setup.trayM2());
    put(battery, setup.batteryWh());
    put(tank, setup.tankL());
    settle.fill(Integer.toString(setup.settleMinutes()));
    place.fill(setup.place().map(DaySetup.Place::name).orElse(""));
    put(latitude, degrees(setup, true));
    put(longitude, degrees(setup, false));
    celsius.put(words.plain(setup.air().celsius()), setup.air().celsius());
    humidity.put(words.plain(100 * setup.air().humidity()), setup.air().humidity());
    wind.put(words.plain(setup.air().windMs()), setup.air().windMs());
  }

  private static OptionalDouble degrees(DaySetup setup, boolean isLatitude) {
    return setup.place().stream()
        .map(DaySetup.Place::at)
        .mapToDouble(at -> isLatitude ? at.latitude() : at.longitude())
        .findFirst();
  }

  private void put(EntryField<Optional<Integer>> field, OptionalInt minute) {
    field.clear();
    minute.ifPresent(told -> field.put(DayWords.clock(words, told), Optional.of(told)));
  }

  private void put(EntryField<Optional<Double>> field, OptionalDouble value) {
    field.clear();
    value.ifPresent(told -> field.put(words.plain(told), Optional.of(told)));
  }

  private static boolean isUnderstood(EntryField<?> field) {
    return field.read().isPresent();
  }

  private static <T> T value(EntryField<T> field) {
    return field.read().orElseThrow();
  }

  private static OptionalDouble number(EntryField<Optional<Double>> field) {
    return value(field).map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  @Override
  public void enter() {
    forgive();
    if (fields().allMatch(SetupPage::isUnderstood)) {
      placeTold().ifPresent(this::told);
    }
  }

  /** A place is two numbers or none; empty where it is one, which is said. */
  private Optional<Optional<DaySetup.Place>> placeTold() {
    Optional<Double> north = value(latitude);
    Optional<Double> east = value(longitude);
    if (north.isPresent() != east.isPresent()) {
      (north.isPresent() ? longitude : latitude).refuse(words.of("day.place.half"));
      return Optional.empty();
    }
    return place
        .read()
        .map(
            called ->
                north.map(
                    degrees ->
                        new DaySetup.Place(called, new Daylight(degrees, east.orElseThrow()))));
  }

  private void told(Optional<DaySetup.Place> at) {
    wants.set(
        new DaySetup(
            value(from),
            value(until).map(OptionalInt::of).orElse(OptionalInt.empty()),
            (int) Math.round(value(pairs)),
            value(tray),
            number(battery),
            number(tank),
            (int) Math.round(value(settle)),
            at,
            new Evaporation(value(celsius), value(humidity), value(wind))));
  }

  @Override
  public boolean escape() {
    wants.leave();
    return true;
  }

  @Override
  public void focusFirst() {
    focus(from.field());
  }
}
