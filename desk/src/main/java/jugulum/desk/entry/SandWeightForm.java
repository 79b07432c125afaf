package jugulum.desk.entry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for the weight of a container with its material: gross, tare, moisture. */
public final class SandWeightForm extends MeasureForm {
  private final EntryField<MassText.Mass> gross;
  private final EntryField<Optional<MassText.Mass>> tare;
  private final EntryField<Optional<Double>> moisture;

  /** Makes an empty form. */
  public SandWeightForm(Supplier<Figures> figures) {
    super(figures);
    gross = new EntryField<>("gross", Words.of("form.gross"), Words.of("form.gross.hint"), typed -> Parsers.sand(sandUnit()).apply(typed));
    tare = new EntryField<>("tare", Words.of("form.tare"), Words.of("form.tare.hint"), Parsers.optional(typed -> Parsers.sand(sandUnit()).apply(typed)));
    moisture = new EntryField<>("moisture", Words.of("form.moisture"), Words.of("form.moisture.hint"), Parsers.optional(typed -> Parsers.percent(typed, 0, 99)));
    getChildren().addAll(gross, new FieldRow(List.of(tare, moisture)));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(gross, tare, moisture);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        gross,
        tare,
        moisture,
        Map.of("grossG", gross, "tareG", tare, "moisture", moisture, "resolutionG", gross),
        (whole, container, water) ->
            new Measure.SandWeight(whole.grams(), container.map(MassText.Mass::grams).orElse(0.0), water.orElse(0.0), whole.resolutionG()));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.SandWeight weight) {
      gross.fill(grams(weight.grossG()));
      tare.fill(weight.tareG() > 0 ? grams(weight.tareG()) : "");
      moisture.fill(weight.moisture() > 0 ? Figures.plain(weight.moisture() * 100) : "");
    }
  }
}
