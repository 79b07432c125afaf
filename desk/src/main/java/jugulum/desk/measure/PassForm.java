package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.shop.Magnet;
import jugulum.core.units.Decimal;
import jugulum.core.units.MassText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Asks for one pass of the magnet; how it was done is asked only of those who want to tell. */
public final class PassForm extends MeasureForm {
  private static final int MOST = 1_000_000;

  @Prologue private final Words words;
  private final ToggleButton fromSand = new ToggleButton(words.of("form.pass.SAND"));
  private final ToggleButton fromHeap = new ToggleButton(words.of("form.pass.HEAP"));
  private final EntryField<MassText.Mass> lifted;
  private final EntryField<Optional<MassText.Mass>> dropped;
  private final EntryField<Optional<Integer>> specks;
  private final EntryField<Optional<MassText.Mass>> gold;
  private final EntryField<Optional<Double>> minutes;
  private final EntryField<Optional<String>> magnet;
  private final EntryField<Optional<Double>> gap;
  private final VBox more;

  /**
   * Makes an empty form.
   *
   * @param magnets the magnets of the shop
   */
  public PassForm(Supplier<Figures> figures, List<Magnet> magnets) {
    this.words = figures.get().words();
    super(figures);
    lifted =
        new EntryField<>(
            words,
            "lifted",
            words.of("form.lifted"),
            words.of("form.lifted.hint"),
            typed -> Parsers.sand(words, sandUnit()).apply(typed));
    dropped =
        new EntryField<>(
            words,
            "dropped",
            words.of("form.dropped"),
            words.of("form.dropped.hint"),
            Parsers.optional(typed -> Parsers.sand(words, sandUnit()).apply(typed)));
    specks =
        new EntryField<>(
            words,
            "pass-specks",
            words.of("form.pass.specks"),
            "0",
            Parsers.optional(typed -> Parsers.count(words, typed, MOST)));
    gold =
        new EntryField<>(
            words,
            "pass-gold",
            words.of("form.pass.gold"),
            words.of("form.pass.gold.hint"),
            Parsers.optional(typed -> Parsers.gold(words, goldUnit()).apply(typed)));
    minutes =
        new EntryField<>(
            words,
            "pass-minutes",
            words.of("form.pass.minutes"),
            "6",
            Parsers.optional(typed -> Parsers.number(words, typed, 0.1, 1000)));
    gap =
        new EntryField<>(
            words,
            "pass-gap",
            words.of("form.pass.gap"),
            "5",
            Parsers.optional(typed -> Parsers.number(words, typed, 0, 500)));
    magnet =
        new EntryField<>(
            words,
            "pass-magnet",
            words.of("form.pass.magnet"),
            words.of("form.pass.magnet.hint"),
            typed -> named(words, typed, magnets));
    HBox chips = new HBox(8);
    magnets.forEach(
        one ->
            chips
                .getChildren()
                .add(
                    Buttons.chip(
                        "magnet-" + magnets.indexOf(one),
                        one.name(),
                        () -> magnet.fill(one.name()))));
    lifted.takes(EntryField.Takes.SAND);
    dropped.takes(EntryField.Takes.SAND);
    gold.takes(EntryField.Takes.GOLD);
    more = new VBox(6, new FieldRow(List.of(minutes, gap, gold)), magnet, chips);
    showMore(false);
    getChildren().addAll(choice(), new FieldRow(List.of(lifted, dropped, specks)), more);
  }

  private HBox choice() {
    ToggleGroup from = new ToggleGroup();
    fromSand.setToggleGroup(from);
    fromHeap.setToggleGroup(from);
    fromSand.setId("from-sand");
    fromHeap.setId("from-heap");
    fromSand.setSelected(true);
    from.selectedToggleProperty().addListener((_, before, now) -> keepOne(before, now));
    HBox choice = new HBox(fromSand, fromHeap);
    choice.getStyleClass().add("segments");
    return choice;
  }

  private static void keepOne(Toggle before, Toggle now) {
    if (now == null) {
      before.setSelected(true);
    }
  }

  /** One of the shop's magnets, if it has any; else what it is called. */
  private static Entry<Optional<String>> named(Words words, String typed, List<Magnet> magnets) {
    String name = typed.strip();
    boolean known =
        magnets.isEmpty() || magnets.stream().anyMatch(one -> one.name().equalsIgnoreCase(name));
    return name.isEmpty() || known
        ? new Entry.Value<>(Optional.of(name).filter(text -> !text.isEmpty()))
        : new Entry.Bad<>(words.of("form.pass.magnet.unknown", name));
  }

  /** Chooses where the pass lifts from. */
  public void from(Pass.From from) {
    (from == Pass.From.SAND ? fromSand : fromHeap).setSelected(true);
  }

  /** Adds a speck to the count. */
  public void countOne() {
    specks.read().ifPresent(count -> specks.fill(Integer.toString(count.orElse(0) + 1)));
  }

  /** Shows or hides how the pass was done. */
  public void tellMore() {
    showMore(!more.isVisible());
    if (more.isVisible()) {
      minutes.field().requestFocus();
    }
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(lifted, dropped, specks, minutes, gap, gold, magnet);
  }

  /** Magnet and height stay as they are for the next pass. */
  @Override
  public void clear() {
    Stream.of(lifted, dropped, specks, minutes, gold).forEach(EntryField::clear);
  }

  @Override
  public Optional<Measure> read() {
    Optional<Optional<Pass.How>> how = how();
    Optional<Optional<MassText.Mass>> weighed = gold.read();
    if (how.isEmpty() || weighed.isEmpty()) {
      return Optional.empty();
    }
    Pass.From from = fromSand.isSelected() ? Pass.From.SAND : Pass.From.HEAP;
    OptionalDouble mg =
        weighed
            .get()
            .map(mass -> OptionalDouble.of(mass.milligrams()))
            .orElse(OptionalDouble.empty());
    return read(
        words,
        lifted,
        dropped,
        specks,
        Map.of("liftedG", lifted, "droppedBackG", dropped, "specks", specks, "goldMg", gold),
        (up, down, seen) ->
            new Pass(
                from,
                up.grams(),
                down.map(MassText.Mass::grams).orElse(0.0),
                seen.orElse(0),
                mg,
                how.get(),
                lifted.on()));
  }

  /**
   * How it was done, empty inside where nothing was told; empty outside after saying at the field
   * what is wrong.
   */
  private Optional<Optional<Pass.How>> how() {
    return minutes
        .read()
        .flatMap(
            time ->
                gap.read().flatMap(height -> magnet.read().map(name -> how(time, height, name))));
  }

  private static Optional<Pass.How> how(
      Optional<Double> time, Optional<Double> height, Optional<String> name) {
    boolean told = time.isPresent() || height.isPresent() || name.isPresent();
    return told
        ? Optional.of(new Pass.How(optional(time), name, optional(height)))
        : Optional.empty();
  }

  private static OptionalDouble optional(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Pass pass) {
      from(pass.from());
      put(words, lifted, pass.liftedG());
      lifted.from(pass.on());
      putOptional(words, dropped, pass.droppedBackG());
      specks.fill(Integer.toString(pass.specks()));
      pass.goldMg().ifPresent(mg -> putOptional(words, gold, Decimal.shifted(mg, -3)));
      pass.how().ifPresent(this::fill);
    }
  }

  private void fill(Pass.How how) {
    how.minutes().ifPresent(time -> putOptionalNumber(words, minutes, time, time));
    how.gapMm().ifPresent(height -> putOptionalNumber(words, gap, height, height));
    how.magnet().ifPresent(name -> magnet.put(name, Optional.of(name)));
    showMore(true);
  }

  private void showMore(boolean shown) {
    more.setVisible(shown);
    more.setManaged(shown);
  }
}
