package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.smelt.Button;
import jugulum.core.units.MassText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Asks for a smelt of a sample: what went in, the bead, and what became of the gold one could see.
 */
public final class SmeltForm extends MeasureForm {
  @Prologue private final Words words;
  private final EntryField<MassText.Mass> sample;
  private final ComboBox<Collector> collector =
      Choices.of(
          "smelt-collector",
          words.of("form.smelt.collector"),
          List.of(Collector.values()),
          one -> words.of("form.smelt.with", words.of("collector", one)));
  private final EntryField<Optional<MassText.Mass>> collectorMass;
  private final EntryField<Optional<MassText.Mass>> button;
  private final EntryField<MassText.Mass> bead;
  private final EntryField<Optional<MassText.Mass>> parted;
  private final EntryField<Optional<MassText.Mass>> slag;
  private final EntryField<Optional<Double>> cost =
      new EntryField<>(
          words,
          "smelt-cost",
          words.of("form.smelt.cost"),
          "18",
          Parsers.optional(typed -> Parsers.number(words, typed, 0, 1e6)));
  private final VisibleChoice visible;
  private final Label says = Parts.sentence("");

  /** Makes an empty form. */
  public SmeltForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    sample =
        new EntryField<>(
            words,
            "smelt-sample",
            words.of("form.smelt.sample"),
            "200 g",
            typed -> Parsers.sand(words, sandUnit()).apply(typed));
    collectorMass = optional("smelt-collector-mass", "form.smelt.collector-mass", "30 g");
    button = optional("smelt-button", "form.smelt.button", "28 g");
    bead =
        new EntryField<>(
            words,
            "smelt-bead",
            words.of("form.smelt.bead"),
            words.of("form.smelt.bead.hint"),
            typed -> Parsers.gold(words, smallGoldUnit()).apply(typed));
    parted = gold("smelt-parted", "form.smelt.parted");
    slag = gold("smelt-slag", "form.smelt.slag");
    visible = new VisibleChoice("smelt-visible", figures);
    getChildren()
        .addAll(
            new FieldRow(List.of(sample, bead)),
            new FieldRow(List.of(parted, slag)),
            visible,
            collector,
            new FieldRow(List.of(collectorMass, button, cost)),
            says);
    says.setId("smelt-button-says");
    Parts.shown(says, false);
    Stream.of(bead, collectorMass, button)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> weigh()));
  }

  /** What the button tells of the melt, as soon as both weights are there. */
  private void weigh() {
    Optional<Double> in = Entry.told(collectorMass.parsed()).map(MassText.Mass::grams);
    Optional<Double> out = Entry.told(button.parsed()).map(MassText.Mass::grams);
    double goldG =
        bead.parsed() instanceof Entry.Value<MassText.Mass>(MassText.Mass mass) ? mass.grams() : 0;
    String told =
        in.flatMap(collectorG -> out.flatMap(buttonG -> button(collectorG, goldG, buttonG)))
            .map(button -> words.of("smelt.button", button))
            .orElse("");
    says.setText(told);
    Parts.shown(says, !told.isEmpty());
  }

  /** Nothing where a weight cannot be: its field says so when it is read. */
  private static Optional<Button> button(double collectorG, double goldG, double buttonG) {
    try {
      return Optional.of(Button.of(collectorG, goldG, buttonG));
    } catch (OutOfRange _) {
      return Optional.empty();
    }
  }

  private EntryField<Optional<MassText.Mass>> optional(String id, String key, String hint) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        hint,
        Parsers.optional(typed -> Parsers.sand(words, sandUnit()).apply(typed)));
  }

  private EntryField<Optional<MassText.Mass>> gold(String id, String key) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        "",
        Parsers.optional(typed -> Parsers.gold(words, smallGoldUnit()).apply(typed)));
  }

  @Override
  public List<EntryField<?>> fields() {
    return Stream.of(
            Stream.of(sample, bead, parted, slag),
            visible.fields(),
            Stream.of(collectorMass, button, cost))
        .<EntryField<?>>flatMap(part -> part)
        .toList();
  }

  @Override
  public Optional<Measure> read() {
    Optional<MassText.Mass> in = sample.read();
    Optional<MassText.Mass> out = in.flatMap(_ -> bead.read());
    Optional<Optional<MassText.Mass>> fine = out.flatMap(_ -> parted.read());
    Optional<Optional<MassText.Mass>> metal = fine.flatMap(_ -> slag.read());
    Optional<VisibleGold> seen =
        metal.flatMap(_ -> visible.read()).map(told -> told.orElse(VisibleGold.LEFT));
    Optional<Optional<MassText.Mass>> gathered = seen.flatMap(_ -> collectorMass.read());
    Optional<Optional<MassText.Mass>> metalButton = gathered.flatMap(_ -> button.read());
    Optional<Optional<Double>> money = metalButton.flatMap(_ -> cost.read());
    if (money.isEmpty()) {
      return Optional.empty();
    }
    try {
      return Optional.of(
          new Smelt(
              in.get().grams(),
              collector.getValue(),
              grams(gathered.get()),
              grams(metalButton.get()),
              out.get().milligrams(),
              milligrams(fine.get()),
              milligrams(metal.get()),
              seen.get(),
              money.get().map(OptionalDouble::of).orElse(OptionalDouble.empty())));
    } catch (OutOfRange problem) {
      Map<String, EntryField<?>> fieldOf =
          Map.of(
              "sampleG",
              sample,
              "beadMg",
              bead,
              "partedMg",
              parted,
              "slagMg",
              slag,
              "collectorG",
              collectorMass,
              "buttonG",
              button,
              "cost",
              cost);
      fieldOf.getOrDefault(problem.quantity(), sample).refuse(Sentences.outOfRange(words, problem));
      return Optional.empty();
    }
  }

  private static OptionalDouble grams(Optional<MassText.Mass> mass) {
    return mass.map(told -> OptionalDouble.of(told.grams())).orElse(OptionalDouble.empty());
  }

  private static OptionalDouble milligrams(Optional<MassText.Mass> mass) {
    return mass.map(told -> OptionalDouble.of(told.milligrams())).orElse(OptionalDouble.empty());
  }

  @Override
  public void clear() {
    super.clear();
    visible.clear();
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Smelt smelt) {
      put(words, sample, smelt.sampleG());
      collector.setValue(smelt.collector());
      smelt.collectorG().ifPresent(mass -> putOptional(words, collectorMass, mass));
      smelt.buttonG().ifPresent(mass -> putOptional(words, button, mass));
      putMilligrams(words, bead, smelt.beadMg());
      smelt.partedMg().ifPresent(mass -> putOptionalMilligrams(words, parted, mass));
      smelt.slagMg().ifPresent(mass -> putOptionalMilligrams(words, slag, mass));
      smelt.cost().ifPresent(money -> putOptionalNumber(words, cost, money, money));
      visible.fill(smelt.visible());
    }
  }
}
