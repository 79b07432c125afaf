package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.screens.Cut;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.entry.SpecksText;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * Asks what sample was panned, and the specks seen in it: one number, or a number for each size.
 */
public final class PannedSampleForm extends MeasureForm {
  private final Words words;
  private final EntryField<MassText.Mass> sample;
  private final EntryField<List<PannedSample.Seen>> seen;
  private int counted;

  /**
   * Makes an empty form.
   *
   * @param cut the sizes of the lot, for specks told without a size
   */
  public PannedSampleForm(Supplier<Figures> figures, Cut cut) {
    this.words = figures.get().words();
    super(figures);
    sample =
        new EntryField<>(
            words,
            "panned-sample",
            words.of("form.panned"),
            words.of("form.panned.hint"),
            typed -> Parsers.sand(words, sandUnit()).apply(typed));
    seen =
        new EntryField<>(
            words,
            "panned-specks",
            words.of("form.panned.specks"),
            words.of("form.panned.specks.hint"),
            typed -> SpecksText.parse(words, cut, typed));
    getChildren().addAll(sample.takes(EntryField.Takes.SAND), seen);
  }

  /** One more speck was seen. */
  public void countOne() {
    counted = seen.field().getText().isBlank() ? 1 : counted + 1;
    seen.fill(Integer.toString(counted));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(sample, seen);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        sample,
        seen,
        Map.of("sampleG", sample, "specks", seen),
        (mass, specks) -> new PannedSample(mass.grams(), specks, sample.on()));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof PannedSample(double grams, List<PannedSample.Seen> specks, var on)) {
      put(words, sample, grams);
      sample.from(on);
      seen.put(
          specks.size() == 1
              ? Integer.toString(specks.getFirst().specks())
              : specks.stream()
                  .map(one -> one.cut().notation() + " " + one.specks())
                  .collect(Collectors.joining(", ")),
          specks);
    }
  }
}
