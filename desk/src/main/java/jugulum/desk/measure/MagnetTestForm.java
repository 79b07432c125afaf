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

/** Asks for a bench test with a weak and a strong magnet. */
public final class MagnetTestForm extends MeasureForm {
  private static final String USUAL_SAMPLE = "100 g";

  private final Words words;
  private final EntryField<MassText.Mass> sample;
  private final EntryField<MassText.Mass> weak;
  private final EntryField<MassText.Mass> strong;

  /** Makes a form for the usual sample. */
  public MagnetTestForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    sample = field("test-sample", "form.test.sample", USUAL_SAMPLE);
    weak = field("test-weak", "form.test.weak", "");
    strong = field("test-strong", "form.test.strong", "");
    sample.fill(USUAL_SAMPLE);
    getChildren().addAll(new FieldRow(List.of(sample, weak, strong)));
  }

  private EntryField<MassText.Mass> field(String id, String key, String hint) {
    return new EntryField<>(
        words, id, words.of(key), hint, typed -> Parsers.sand(words, sandUnit()).apply(typed));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(sample, weak, strong);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        sample,
        weak,
        strong,
        Map.of("testedG", sample, "byWeakG", weak, "byStrongG", strong),
        (all, first, second) -> new Measure.MagnetTest(all.grams(), first.grams(), second.grams()));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.MagnetTest(double all, double first, double second)) {
      put(words, sample, all);
      put(words, weak, first);
      put(words, strong, second);
    }
  }
}
