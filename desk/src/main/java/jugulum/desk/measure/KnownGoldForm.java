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

/**
 * Asks for gold known to be in a lot, such as a spike, or none in a lot looked through grain by
 * grain.
 */
public final class KnownGoldForm extends MeasureForm {
  private final Words words;
  private final EntryField<MassText.Mass> gold;

  /** A corrected amount keeps the doubt it was told with. */
  private double sdMg;

  /** Makes an empty form. */
  public KnownGoldForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    gold =
        new EntryField<>(
            words,
            "known",
            words.of("form.known"),
            words.of("form.known.hint"),
            typed -> Parsers.gold(words, goldUnit()).apply(typed));
    getChildren().add(gold);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(gold);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        gold,
        Map.of("milligrams", gold),
        mass -> new Measure.KnownGold(mass.milligrams(), sdMg));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.KnownGold(double mg, double sd)) {
      putMilligrams(words, gold, mg);
      sdMg = sd;
    }
  }
}
