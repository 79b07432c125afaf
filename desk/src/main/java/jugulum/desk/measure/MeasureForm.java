package jugulum.desk.measure;

import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.layout.VBox;
import jugulum.core.check.Check;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.ReadOn;
import jugulum.core.units.Decimal;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Fields that together make one measure. */
public abstract class MeasureForm extends VBox {
  private final Supplier<Figures> figures;

  MeasureForm(Supplier<Figures> figures) {
    this.figures = figures;
    getStyleClass().add("form");
  }

  /** Says at the form why a measure was not recorded. */
  public final void refuse(Outcome.Not not) {
    refuse(Told.why(not, figures.get()));
  }

  /** The fields in order. */
  public abstract List<EntryField<?>> fields();

  /** The measure, or nothing after saying at the field what is wrong. */
  public abstract Optional<Measure> read();

  /** Fills the fields with a measure of the form's own kind. */
  abstract void fill(Measure measure);

  /** Runs when what was read is recorded, before the fields are emptied. */
  void recorded() {}

  /** Empties the fields. */
  public void clear() {
    fields().forEach(EntryField::clear);
  }

  /** Says a sentence at the first field. */
  public void refuse(String sentence) {
    fields().getFirst().refuse(sentence);
  }

  /** The unit of a bare number of sand. */
  MassUnit sandUnit() {
    return figures.get().unit() == MassUnit.GRAM ? MassUnit.GRAM : MassUnit.POUND;
  }

  /** The unit of a bare number of gold. */
  MassUnit goldUnit() {
    return figures.get().unit();
  }

  /**
   * The unit of a bare number of gold in a bead or a sample: whoever weighs in grams reads those in
   * milligrams.
   */
  MassUnit smallGoldUnit() {
    return smallGoldUnit(figures.get());
  }

  static MassUnit smallGoldUnit(Figures figures) {
    return figures.unit() == MassUnit.GRAM ? MassUnit.MILLIGRAM : figures.unit();
  }

  /** Where the clock on the wall hangs. */
  ZoneId zone() {
    return figures.get().zone();
  }

  /** Shows a mass; the reading keeps its own. */
  static void put(Words words, EntryField<MassText.Mass> field, double grams) {
    field.put(grams(words, grams), mass(grams));
  }

  static void putOptional(Words words, EntryField<Optional<MassText.Mass>> field, double grams) {
    field.put(grams(words, grams), Optional.of(mass(grams)));
  }

  static void putMilligrams(Words words, EntryField<MassText.Mass> field, double mg) {
    field.put(milligrams(words, mg), mass(Decimal.shifted(mg, -3)));
  }

  static void putOptionalMilligrams(
      Words words, EntryField<Optional<MassText.Mass>> field, double mg) {
    field.put(milligrams(words, mg), Optional.of(mass(Decimal.shifted(mg, -3))));
  }

  static void putNumber(Words words, EntryField<Double> field, double shown, double value) {
    field.put(words.plain(shown), value);
  }

  static void putOptionalNumber(
      Words words, EntryField<Optional<Double>> field, double shown, double value) {
    field.put(words.plain(shown), Optional.of(value));
  }

  /** Where the reading itself keeps no last place. */
  static MassText.Mass mass(double grams) {
    return new MassText.Mass(grams, Double.MIN_NORMAL);
  }

  static String milligrams(Words words, double mg) {
    return words.plain(mg) + " " + MassUnit.MILLIGRAM.sign();
  }

  static String grams(Words words, double grams) {
    return EntryField.grams(words, grams);
  }

  /**
   * What was typed into a field: now, or then, where it is still as it was; nothing where a scale
   * told.
   */
  static Optional<String> typed(EntryField<?> field, Optional<String> then) {
    if (field.isPut()) {
      return then;
    }
    return field.on().isPresent() ? Optional.empty() : Optional.of(field.text());
  }

  /** Nothing was typed where a scale told; a scale's step may be coarser than what it shows. */
  static double resolutionG(EntryField<?> field, MassText.Mass read) {
    return field.isPut()
        ? read.resolutionG()
        : field.on().map(ReadOn::stepG).orElse(read.resolutionG());
  }

  /** Makes a measure of one value. */
  interface From1<A> {
    Measure make(A first);
  }

  /** Makes a measure of two values. */
  interface From2<A, B> {
    Measure make(A first, B second);
  }

  /** Makes a measure of three values. */
  interface From3<A, B, C> {
    Measure make(A first, B second, C third);
  }

  /**
   * Reads a field and makes a measure of it. The map tells the field of each quantity, for a value
   * out of its range.
   */
  static <A> Optional<Measure> read(
      Words words, EntryField<A> one, Map<String, EntryField<?>> fieldOf, From1<A> maker) {
    return one.read().flatMap(a -> make(words, () -> maker.make(a), fieldOf));
  }

  /** Reads two fields and makes a measure of them. */
  static <A, B> Optional<Measure> read(
      Words words,
      EntryField<A> one,
      EntryField<B> two,
      Map<String, EntryField<?>> fieldOf,
      From2<A, B> maker) {
    return one.read()
        .flatMap(a -> two.read().flatMap(b -> make(words, () -> maker.make(a, b), fieldOf)));
  }

  /** Reads three fields and makes a measure of them. */
  static <A, B, C> Optional<Measure> read(
      Words words,
      EntryField<A> one,
      EntryField<B> two,
      EntryField<C> three,
      Map<String, EntryField<?>> fieldOf,
      From3<A, B, C> maker) {
    return one.read()
        .flatMap(
            a ->
                two.read()
                    .flatMap(
                        b ->
                            three
                                .read()
                                .flatMap(c -> make(words, () -> maker.make(a, b, c), fieldOf))));
  }

  private static Optional<Measure> make(
      Words words, Supplier<Measure> maker, Map<String, EntryField<?>> fieldOf) {
    try {
      return Optional.of(maker.get());
    } catch (OutOfRange problem) {
      Check.known(fieldOf, problem.quantity()).refuse(Sentences.outOfRange(words, problem));
      return Optional.empty();
    }
  }
}
