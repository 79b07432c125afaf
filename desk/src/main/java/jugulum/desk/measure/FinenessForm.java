package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.units.Decimal;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for the purity of the gold, in parts per thousand as refiners write it. */
public final class FinenessForm extends MeasureForm {
  /** A refiner's slip is good to about that many parts per thousand: common practice. */
  private static final double USUAL_SPREAD = 0.005;

  private final Words words;
  private final EntryField<Double> fineness;
  private final EntryField<Optional<Double>> spread;

  /** Makes an empty form. */
  public FinenessForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    fineness =
        new EntryField<>(
            words,
            "fineness",
            words.of("form.fineness"),
            words.of("form.fineness.hint"),
            typed -> Parsers.perMille(words, typed, 10, 1000));
    spread =
        new EntryField<>(
            words,
            "fineness-spread",
            words.of("form.fineness.spread"),
            words.of("form.fineness.spread.hint"),
            Parsers.optional(typed -> Parsers.perMille(words, typed, 0, 500)));
    getChildren().addAll(fineness, spread);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(fineness, spread);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        fineness,
        spread,
        Map.of("fraction", fineness, "sd", spread),
        (share, sd) -> new Measure.Fineness(share, sd.orElse(USUAL_SPREAD)));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.Fineness(double fraction, double sd)) {
      putNumber(words, fineness, Decimal.shifted(fraction, 3), fraction);
      putOptionalNumber(words, spread, Decimal.shifted(sd, 3), sd);
    }
  }
}
