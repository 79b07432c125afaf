package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.Decimal;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * Asks how many specks were counted out and what they weigh together: it tells what one speck
 * weighs.
 */
public final class WeighedSpecksForm extends MeasureForm {
  private static final int MOST = 1_000_000;

  private final Words words;
  private final EntryField<Integer> specks;
  private final EntryField<MassText.Mass> mass;

  /** Makes an empty form. */
  public WeighedSpecksForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    specks =
        new EntryField<>(
            words,
            "weighed-specks",
            words.of("form.weighed-specks"),
            "50",
            typed -> Parsers.count(words, typed, MOST));
    mass =
        new EntryField<>(
            words,
            "weighed-specks-mass",
            words.of("form.weighed-specks.mass"),
            words.of("form.weighed-specks.mass.hint"),
            typed -> Parsers.gold(words, smallGoldUnit()).apply(typed));
    getChildren().add(new FieldRow(List.of(specks, mass.takes(EntryField.Takes.GOLD))));
  }

  /** So little is read in milligrams by whoever weighs in grams. */
  @Override
  public List<EntryField<?>> fields() {
    return List.of(specks, mass);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        specks,
        mass,
        Map.of("specks", specks, "milligrams", mass, "resolutionMg", mass),
        (count, together) ->
            new Measure.WeighedSpecks(
                count,
                together.milligrams(),
                Decimal.shifted(resolutionG(mass, together), 3),
                mass.on()));
  }

  @Override
  void fill(Measure measure) {
    if (measure
        instanceof Measure.WeighedSpecks(int count, double mg, double resolutionMg, var on)) {
      specks.fill(Integer.toString(count));
      mass.put(
          milligrams(words, mg),
          new MassText.Mass(Decimal.shifted(mg, -3), Decimal.shifted(resolutionMg, -3)));
      mass.from(on);
    }
  }
}
