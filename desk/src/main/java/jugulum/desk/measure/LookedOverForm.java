package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks what was found when a lot was looked over by eye. */
public final class LookedOverForm extends MeasureForm {
  private static final int MOST = 100_000;

  private final Words words;
  private final EntryField<Integer> pickers;
  private final EntryField<Optional<MassText.Mass>> mass;

  /** Makes an empty form. */
  public LookedOverForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    pickers =
        new EntryField<>(
            words,
            "pickers",
            words.of("form.pickers"),
            words.of("form.pickers.hint"),
            typed -> Parsers.count(words, typed, MOST));
    mass =
        new EntryField<>(
            words,
            "pickers-mass",
            words.of("form.pickers.mass"),
            words.of("form.pickers.mass.hint"),
            Parsers.optional(typed -> Parsers.gold(words, goldUnit()).apply(typed)));
    getChildren().add(new FieldRow(List.of(pickers, mass)));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(pickers, mass);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        pickers,
        mass,
        Map.of("pickers", pickers, "pickersG", mass),
        (count, together) ->
            new Measure.LookedOver(count, together.map(MassText.Mass::grams).orElse(0.0)));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.LookedOver(int count, double together)) {
      pickers.fill(Integer.toString(count));
      if (together > 0) {
        putOptional(words, mass, together);
      }
    }
  }
}
