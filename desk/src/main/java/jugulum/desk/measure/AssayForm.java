package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for an assay of a sample. */
public final class AssayForm extends MeasureForm {
  /** A fire assay's usual sample, one assay ton, and a usual laboratory spread: common practice. */
  private static final double USUAL_SAMPLE_G = 29.166667;

  private static final double USUAL_SPREAD = 0.05;

  private final Words words;
  private final EntryField<Double> grade;
  private final EntryField<Optional<MassText.Mass>> sample;
  private final EntryField<Optional<Double>> spread;

  private final VisibleChoice visible;

  /** A corrected share of a composite stays one. */
  private Optional<String> composite = Optional.empty();

  /** Makes an empty form. */
  public AssayForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    grade =
        new EntryField<>(
            words,
            "grade",
            words.of("form.grade"),
            words.of("form.grade.hint"),
            typed -> Parsers.number(words, typed, 0, 1e6));
    sample =
        new EntryField<>(
            words,
            "sample",
            words.of("form.sample"),
            words.of("form.sample.hint"),
            Parsers.optional(typed -> Parsers.sand(words, sandUnit()).apply(typed)));
    spread =
        new EntryField<>(
            words,
            "assay-spread",
            words.of("form.assay.spread"),
            words.of("form.assay.spread.hint"),
            Parsers.optional(typed -> Parsers.percent(words, typed, 0, 200)));
    visible = new VisibleChoice("assay-visible", figures);
    getChildren().addAll(grade, new FieldRow(List.of(sample, spread)), visible);
  }

  @Override
  public void clear() {
    super.clear();
    visible.clear();
  }

  @Override
  public List<EntryField<?>> fields() {
    return Stream.concat(Stream.of(grade, sample, spread), visible.fields()).toList();
  }

  @Override
  public Optional<Measure> read() {
    return visible.read().flatMap(this::read);
  }

  private Optional<Measure> read(Optional<Measure.VisibleGold> seen) {
    return read(
        words,
        grade,
        sample,
        spread,
        Map.of("gramsPerTonne", grade, "relativeSd", spread, "sampleG", sample),
        (gramsPerTonne, mass, sd) ->
            new Measure.Assay(
                gramsPerTonne,
                sd.orElse(USUAL_SPREAD),
                mass.map(MassText.Mass::grams).orElse(USUAL_SAMPLE_G),
                composite,
                seen));
  }

  @Override
  void fill(Measure measure) {
    if (measure
        instanceof
        Measure.Assay(
            double gramsPerTonne,
            double sd,
            double sampleG,
            Optional<String> bag,
            Optional<Measure.VisibleGold> seen)) {
      composite = bag;
      seen.ifPresentOrElse(visible::fill, visible::fillUntold);
      putNumber(words, grade, gramsPerTonne, gramsPerTonne);
      putOptional(words, sample, sampleG);
      putOptionalNumber(words, spread, sd * 100, sd);
    }
  }
}
