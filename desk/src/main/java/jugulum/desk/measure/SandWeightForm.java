package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Supplier;
import javafx.scene.layout.FlowPane;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.core.weighing.Container;
import jugulum.desk.entry.Containers;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Moisture;
import jugulum.desk.entry.Parsers;
import jugulum.desk.entry.Tare;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for the weight of a container with its material: gross, container, moisture. */
public final class SandWeightForm extends MeasureForm {
  /** More would push the button that records out of sight; the others can be typed. */
  private static final int MOST_OFFERED = 4;

  private final Words words;
  private final Containers containers;
  private final EntryField<MassText.Mass> gross;
  private final EntryField<Optional<Tare>> tare;
  private final EntryField<Optional<Moisture>> moisture;
  private final FlowPane offered = new Wrapping(6, 6);
  private List<Container> shown = List.of();
  private int bowl = 1;

  /** How the weight shown was typed; empty where that is not known. */
  private Optional<String> given = Optional.empty();

  /** Makes an empty form. */
  public SandWeightForm(Supplier<Figures> figures, Containers containers) {
    this.words = figures.get().words();
    super(figures);
    this.containers = containers;
    gross =
        new EntryField<>(
            words,
            "gross",
            words.of("form.gross"),
            words.of("form.gross.hint"),
            typed -> Parsers.sand(words, sandUnit()).apply(typed));
    tare =
        new EntryField<>(
            words,
            "tare",
            words.of("form.tare"),
            words.of("form.tare.hint"),
            Parsers.optional(typed -> Tare.parse(words, typed, sandUnit(), containers)));
    moisture =
        new EntryField<>(
            words,
            "moisture",
            words.of("form.moisture"),
            words.of("form.moisture.hint"),
            Parsers.optional(one -> Moisture.parse(words, one)));
    gross.takes(EntryField.Takes.GROSS, seen -> seen.tare().ifPresent(tare::fill));
    offered.managedProperty().bind(offered.visibleProperty());
    getChildren().addAll(gross, new FieldRow(List.of(tare, moisture)), offered);
    offer();
  }

  private void offer() {
    List<Container> known = containers.known().stream().limit(MOST_OFFERED).toList();
    if (known.equals(shown)) {
      return;
    }
    shown = known;
    offered.setVisible(!known.isEmpty());
    offered
        .getChildren()
        .setAll(
            known.stream()
                .map(
                    one ->
                        Buttons.chip(
                            "container-" + known.indexOf(one),
                            words.of("form.container", one.name(), grams(words, one.tareG())),
                            () -> tare.fill(one.name())))
                .toList());
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(gross, tare, moisture);
  }

  /** Says which bowl of the lot is weighed, from 1. */
  public void forBowl(int number) {
    bowl = number;
  }

  /** Which bowl is weighed. */
  public int bowl() {
    return bowl;
  }

  /** Whether a weight is typed. */
  public boolean isFilled() {
    return !gross.field().getText().isBlank();
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        gross,
        tare,
        moisture,
        Map.of(
            "grossG",
            gross,
            "tareG",
            tare,
            "moisture",
            moisture,
            "moistureSd",
            moisture,
            "resolutionG",
            gross),
        (whole, container, water) -> {
          OptionalDouble sd = water.map(Moisture::sd).orElse(OptionalDouble.empty());
          double grams = container.map(Tare::grams).orElse(0.0);
          double share = water.map(Moisture::share).orElse(0.0);
          return new Measure.SandWeight(
                  whole.grams(),
                  grams,
                  share,
                  resolutionG(gross, whole),
                  sd,
                  container.flatMap(Tare::name),
                  OptionalInt.empty(),
                  typed(gross, given),
                  gross.on())
              .ofBowl(bowl);
        });
  }

  /** Remembers the container if one was told with its name. */
  @Override
  void recorded() {
    tare.read().flatMap(told -> told).flatMap(Tare::told).ifPresent(containers::remember);
  }

  @Override
  public void clear() {
    super.clear();
    offer();
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.SandWeight weight) {
      gross.put(
          weight.typed().orElseGet(() -> grams(words, weight.grossG())),
          new MassText.Mass(weight.grossG(), weight.resolutionG()));
      Tare container = new Tare(weight.tareG(), weight.container(), false);
      boolean told = weight.tareG() > 0 || weight.container().isPresent();
      tare.put(
          told
              ? weight.container().map(name -> name + " = ").orElse("")
                  + grams(words, weight.tareG())
              : "",
          told ? Optional.of(container) : Optional.empty());
      boolean wet = weight.moisture() > 0 || weight.moistureSd().isPresent();
      moisture.put(
          Moisture.typed(words, weight.moisture(), weight.moistureSd()),
          wet
              ? Optional.of(new Moisture(weight.moisture(), weight.moistureSd()))
              : Optional.empty());
      given = weight.typed();
      gross.from(weight.on());
      bowl = weight.bowlNumber();
    }
  }
}
