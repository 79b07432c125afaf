package jugulum.desk.entry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for one weighing of the gold. */
public final class GoldWeightForm extends MeasureForm {
  private final EntryField<MassText.Mass> mass;

  /** Makes an empty form. */
  public GoldWeightForm(Supplier<Figures> figures) {
    super(figures);
    mass = new EntryField<>("gold", Words.of("form.gold"), Words.of("form.gold.hint"), typed -> Parsers.gold(goldUnit()).apply(typed));
    getChildren().add(mass);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(mass);
  }

  @Override
  public Optional<Measure> read() {
    return read(mass, Map.of("massG", mass, "resolutionG", mass), read -> new Measure.GoldWeight(read.grams(), read.resolutionG()));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.GoldWeight weight) {
      mass.fill(grams(weight.massG()));
    }
  }
}
