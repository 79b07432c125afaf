package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.machine.Sheets;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.DialText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * A form of one field.
 *
 * @param <T> the kind of value typed into it
 */
public final class OneField<T> extends MeasureForm {
  private final Words words;
  private final EntryField<T> field;
  private final String quantity;
  private final From1<T> maker;
  private final Function<Measure, Optional<Shown<T>>> shown;

  /** A value as it is shown. */
  private record Shown<T>(String text, T value) {}

  private OneField(
      Supplier<Figures> figures,
      EntryField<T> field,
      String quantity,
      From1<T> maker,
      Function<Measure, Optional<Shown<T>>> shown) {
    this.words = figures.get().words();
    super(figures);
    this.field = field;
    this.quantity = quantity;
    this.maker = maker;
    this.shown = shown;
    getChildren().add(field);
  }

  /** Asks into which bag a lot goes. */
  public static MeasureForm bag(Supplier<Figures> figures) {
    EntryField<String> bag =
        new EntryField<>(
            figures.get().words(),
            "bag",
            figures.get().words().of("form.bag"),
            figures.get().words().of("form.bag.hint"),
            Parsers.text(figures.get().words(), "refusal.BAG_WITHOUT_NAME"));
    return new OneField<>(
        figures,
        bag,
        "bag",
        Measure.Bagged::new,
        measure ->
            measure instanceof Measure.Bagged(String name)
                ? Optional.of(new Shown<>(name, name))
                : Optional.empty());
  }

  /** Asks why a lot is thrown away. */
  public static MeasureForm discard(Supplier<Figures> figures) {
    EntryField<String> why =
        new EntryField<>(
            figures.get().words(),
            "discard-reason",
            figures.get().words().of("form.discard"),
            figures.get().words().of("form.discard.hint"),
            Parsers.note(figures.get().words()));
    return new OneField<>(
        figures,
        why,
        "reason",
        Measure.Discarded::new,
        measure ->
            measure instanceof Measure.Discarded(String reason)
                ? Optional.of(new Shown<>(reason, reason))
                : Optional.empty());
  }

  /** Asks what the file of a picture is called; what was seen in it is gone through anew. */
  public static MeasureForm picture(Supplier<Figures> figures, Measure.Pictured picture) {
    EntryField<String> name =
        new EntryField<>(
            figures.get().words(),
            "picture-file",
            figures.get().words().of("form.picture"),
            "",
            Parsers.note(figures.get().words()));
    return new OneField<>(
        figures,
        name,
        "file",
        picture::named,
        measure ->
            measure instanceof Measure.Pictured seen
                ? Optional.of(new Shown<>(seen.file(), seen.file()))
                : Optional.empty());
  }

  /** Asks how a dial is set. */
  public static MeasureForm setting(Supplier<Figures> figures, String dial, String name) {
    EntryField<Double> value =
        new EntryField<>(
            figures.get().words(),
            "dial-" + dial,
            name,
            "",
            typed ->
                Sheets.dial(dial)
                    .map(known -> DialText.parse(figures.get().words(), known.unit(), typed))
                    .orElseGet(() -> Parsers.number(figures.get().words(), typed, 0, 1e6)));
    return new OneField<>(
        figures,
        value,
        "setting",
        set -> new Measure.Setting(dial, set),
        measure ->
            measure instanceof Measure.Setting(var _, double set)
                ? Optional.of(new Shown<>(figures.get().words().plain(set), set))
                : Optional.empty());
  }

  /** Asks what a charge weighed. */
  public static MeasureForm charge(Supplier<Figures> figures) {
    EntryField<Optional<MassText.Mass>> grams =
        new EntryField<>(
            figures.get().words(),
            "charge-mass",
            figures.get().words().of("form.charge"),
            figures.get().words().of("form.charge.hint"),
            Parsers.optional(
                typed -> Parsers.sand(figures.get().words(), MassUnit.GRAM).apply(typed)));
    return new OneField<>(
        figures,
        grams.takes(EntryField.Takes.SAND),
        "chargeG",
        mass ->
            new Measure.Charge(
                mass.map(told -> OptionalDouble.of(told.grams())).orElse(OptionalDouble.empty()),
                grams.on()),
        measure ->
            measure instanceof Measure.Charge(OptionalDouble told, var _) && told.isPresent()
                ? Optional.of(
                    new Shown<>(
                        grams(figures.get().words(), told.getAsDouble()),
                        Optional.of(mass(told.getAsDouble()))))
                : Optional.empty());
  }

  /** Asks how fast a machine was fed. */
  public static MeasureForm feedRate(Supplier<Figures> figures) {
    EntryField<Double> rate =
        new EntryField<>(
            figures.get().words(),
            "feed-rate",
            figures.get().words().of("form.feed-rate"),
            "25",
            typed -> Parsers.number(figures.get().words(), typed, 0.01, 10_000));
    return new OneField<>(
        figures,
        rate,
        "kgPerHour",
        Measure.FeedRate::new,
        measure ->
            measure instanceof Measure.FeedRate(double kg)
                ? Optional.of(new Shown<>(figures.get().words().plain(kg), kg))
                : Optional.empty());
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(field);
  }

  @Override
  public Optional<Measure> read() {
    return read(words, field, Map.of(quantity, field), maker);
  }

  @Override
  void fill(Measure measure) {
    shown.apply(measure).ifPresent(one -> field.put(one.text(), one.value()));
    field.from(measure.readOn());
  }
}
