package jugulum.desk.entry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks how many specks were seen in what share of a lot. */
public final class SpeckCountForm extends MeasureForm {
  private static final int MOST = 1_000_000;

  private final EntryField<Integer> specks;
  private final EntryField<Double> share;

  /** Makes an empty form. */
  public SpeckCountForm(Supplier<Figures> figures) {
    super(figures);
    specks =
        new EntryField<>(
            "specks",
            Words.of("form.specks"),
            Words.of("form.specks.hint"),
            typed -> Parsers.count(typed, MOST));
    share =
        new EntryField<>(
            "share",
            Words.of("form.share"),
            Words.of("form.share.hint"),
            typed -> Parsers.percent(typed, 0.0001, 100));
    getChildren().addAll(specks, share);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(specks, share);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        specks, share, Map.of("specks", specks, "shareChecked", share), Measure.SpeckCount::new);
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.SpeckCount(int count, double part)) {
      specks.fill(Integer.toString(count));
      putNumber(share, part * 100, part);
    }
  }
}
