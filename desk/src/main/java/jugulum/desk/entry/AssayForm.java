package jugulum.desk.entry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for an assay of a sample. */
public final class AssayForm extends MeasureForm {
  /** A fire assay's usual sample, one assay ton, and a usual laboratory spread: common practice. */
  private static final double USUAL_SAMPLE_G = 29.166667;

  private static final double USUAL_SPREAD = 0.05;

  private final EntryField<Double> grade;
  private final EntryField<Optional<MassText.Mass>> sample;
  private final EntryField<Optional<Double>> spread;

  /** A corrected share of a composite stays one. */
  private Optional<String> composite = Optional.empty();

  /** Makes an empty form. */
  public AssayForm(Supplier<Figures> figures) {
    super(figures);
    grade = new EntryField<>("grade", Words.of("form.grade"), Words.of("form.grade.hint"), typed -> Parsers.number(typed, 0, 1e6));
    sample = new EntryField<>("sample", Words.of("form.sample"), Words.of("form.sample.hint"), Parsers.optional(typed -> Parsers.sand(sandUnit()).apply(typed)));
    spread = new EntryField<>("assay-spread", Words.of("form.assay.spread"), Words.of("form.assay.spread.hint"), Parsers.optional(typed -> Parsers.percent(typed, 0, 200)));
    getChildren().addAll(grade, sample, spread);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(grade, sample, spread);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        grade,
        sample,
        spread,
        Map.of("gramsPerTonne", grade, "relativeSd", spread, "sampleG", sample),
        (gramsPerTonne, mass, sd) -> new Measure.Assay(gramsPerTonne, sd.orElse(USUAL_SPREAD), mass.map(MassText.Mass::grams).orElse(USUAL_SAMPLE_G), composite));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.Assay(double gramsPerTonne, double sd, double sampleG, Optional<String> bag)) {
      composite = bag;
      grade.fill(Figures.plain(gramsPerTonne));
      sample.fill(grams(sampleG));
      spread.fill(Figures.plain(sd * 100));
    }
  }
}
