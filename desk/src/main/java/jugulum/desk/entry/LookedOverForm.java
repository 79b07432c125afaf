package jugulum.desk.entry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks what was found when a lot was looked over by eye. */
public final class LookedOverForm extends MeasureForm {
  private static final int MOST = 100_000;

  private final EntryField<Integer> pickers;
  private final EntryField<Optional<MassText.Mass>> mass;

  /** Makes an empty form. */
  public LookedOverForm(Supplier<Figures> figures) {
    super(figures);
    pickers =
        new EntryField<>(
            "pickers",
            Words.of("form.pickers"),
            Words.of("form.pickers.hint"),
            typed -> Parsers.count(typed, MOST));
    mass =
        new EntryField<>(
            "pickers-mass",
            Words.of("form.pickers.mass"),
            Words.of("form.pickers.mass.hint"),
            Parsers.optional(typed -> Parsers.gold(goldUnit()).apply(typed)));
    getChildren().add(new FieldRow(List.of(pickers, mass)));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(pickers, mass);
  }

  @Override
  public Optional<Measure> read() {
    return read(
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
        putOptional(mass, together);
      }
    }
  }
}
