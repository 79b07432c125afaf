package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Measure;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Sieved;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Asks for a sieve sample in one line: each opening in mm with the grams it kept, coarse first, and
 * what the pan caught.
 */
public final class SizeAnalysisForm extends MeasureForm {
  private static final Pattern BETWEEN = Pattern.compile("[\\s;]+");

  @Prologue private final Words words;
  private final EntryField<List<Sieved>> sieved =
      new EntryField<>(
          words,
          "sieved",
          words.of("form.sieved"),
          words.of("form.sieved.hint"),
          one -> SizeAnalysisForm.parse(words, one));
  private final EntryField<Double> pan =
      new EntryField<>(
          words,
          "pan",
          words.of("form.pan"),
          words.of("form.pan.hint"),
          typed -> Parsers.number(words, typed, 0, 1e7));

  /** Makes an empty form. */
  public SizeAnalysisForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    getChildren().addAll(sieved, pan);
  }

  private static Entry<List<Sieved>> parse(Words words, String typed) {
    if (typed.isBlank()) {
      return new Entry.Bad<>(words.of("entry.mass.EMPTY"));
    }
    Function<String, Sieved> one =
        pair -> {
          String[] parts = pair.split(":", 2);
          return new Sieved(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]));
        };
    try {
      return new Entry.Value<>(Stream.of(BETWEEN.split(typed.strip())).map(one).toList());
    } catch (NumberFormatException | ArrayIndexOutOfBoundsException unreadable) {
      return new Entry.Bad<>(words.of("entry.sieved", typed.strip()));
    } catch (OutOfRange outside) {
      return new Entry.Bad<>(Sentences.outOfRange(words, outside));
    }
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(sieved, pan);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        sieved,
        pan,
        Map.of("screens", sieved, "openingMm", sieved, "panG", pan, "totalG", sieved),
        (screens, left) -> new Measure.SizeAnalysis(new SizeCurve(screens, left)));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.SizeAnalysis(SizeCurve curve)) {
      sieved.put(
          curve.sieved().stream()
              .map(one -> words.plain(one.openingMm()) + ":" + words.plain(one.retainedG()))
              .collect(Collectors.joining(" ")),
          curve.sieved());
      putNumber(words, pan, curve.panG(), curve.panG());
    }
  }
}
