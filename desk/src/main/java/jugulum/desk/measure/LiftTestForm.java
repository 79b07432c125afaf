package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.LiftTest;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.LiftsText;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for a sample lifted at falling distances. */
public final class LiftTestForm extends MeasureForm {
  private static final String USUAL_SAMPLE = "100 g";

  private final Words words;
  private final EntryField<MassText.Mass> sample;
  private final EntryField<List<LiftTest.Lift>> lifts;

  /** Makes a form for the usual sample. */
  public LiftTestForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    sample =
        new EntryField<>(
            words,
            "lift-sample",
            words.of("form.test.sample"),
            USUAL_SAMPLE,
            typed -> Parsers.sand(words, sandUnit()).apply(typed));
    sample.fill(USUAL_SAMPLE);
    lifts =
        new EntryField<>(
            words,
            "lifts",
            words.of("form.lifts"),
            words.of("form.lifts.hint"),
            typed -> LiftsText.parse(words, typed));
    getChildren().addAll(sample, lifts, Parts.sentence(words.of("form.lifts.about"), "muted"));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(sample, lifts);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        sample,
        lifts,
        Map.of("testedG", sample, "lifted", lifts),
        (mass, made) -> new LiftTest(mass.grams(), made));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof LiftTest(double grams, List<LiftTest.Lift> made)) {
      put(words, sample, grams);
      lifts.put(LiftsText.of(words, made), made);
    }
  }
}
