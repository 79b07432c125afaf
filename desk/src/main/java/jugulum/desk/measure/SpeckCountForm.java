package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks how many specks were seen in what share of a lot. */
public final class SpeckCountForm extends MeasureForm {
  private static final int MOST = 1_000_000;

  private final Words words;
  private final EntryField<Integer> specks;
  private final EntryField<Double> share;

  /** Makes an empty form. */
  public SpeckCountForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    specks =
        new EntryField<>(
            words,
            "specks",
            words.of("form.specks"),
            words.of("form.specks.hint"),
            typed -> Parsers.count(words, typed, MOST));
    share =
        new EntryField<>(
            words,
            "share",
            words.of("form.share"),
            words.of("form.share.hint"),
            typed -> Parsers.percent(words, typed, 0.0001, 100));
    getChildren().addAll(specks, share);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(specks, share);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        specks,
        share,
        Map.of("specks", specks, "shareChecked", share),
        Measure.SpeckCount::new);
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.SpeckCount(int count, double part)) {
      specks.fill(Integer.toString(count));
      putNumber(words, share, part * 100, part);
    }
  }
}
