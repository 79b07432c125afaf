package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for one weighing of the gold. */
public final class GoldWeightForm extends MeasureForm {
  private final Words words;
  private final EntryField<MassText.Mass> mass;
  private Optional<String> given = Optional.empty();

  /** Makes an empty form. */
  public GoldWeightForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    mass =
        new EntryField<>(
            words,
            "gold",
            words.of("form.gold"),
            words.of("form.gold.hint"),
            typed -> Parsers.gold(words, goldUnit()).apply(typed));
    getChildren().add(mass.takes(EntryField.Takes.GOLD));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(mass);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        mass,
        Map.of("massG", mass, "resolutionG", mass),
        read ->
            new Measure.GoldWeight(
                read.grams(), resolutionG(mass, read), typed(mass, given), mass.on()));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.GoldWeight weight) {
      mass.put(
          weight.typed().orElseGet(() -> grams(words, weight.massG())),
          new MassText.Mass(weight.massG(), weight.resolutionG()));
      given = weight.typed();
      mass.from(weight.on());
    }
  }
}
