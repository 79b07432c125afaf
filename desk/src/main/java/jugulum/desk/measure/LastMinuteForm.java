package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.screens.Screen;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks what passed a screen in one more minute of shaking. */
public final class LastMinuteForm extends MeasureForm {
  private final Words words;
  private final EntryField<MassText.Mass> passed;
  private Screen screen;

  /** Makes an empty form for one screen. */
  public LastMinuteForm(Supplier<Figures> figures, Screen screen) {
    this.words = figures.get().words();
    super(figures);
    this.screen = screen;
    passed =
        new EntryField<>(
            words,
            "last-minute",
            words.of("form.last-minute"),
            words.of("form.last-minute.hint"),
            typed -> Parsers.sand(words, sandUnit()).apply(typed));
    getChildren().add(passed);
  }

  /** Asks for another screen. */
  public void forScreen(Screen other) {
    screen = other;
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(passed);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        passed,
        Map.of("passedG", passed),
        mass -> new Measure.LastMinute(screen, mass.grams()));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.LastMinute(Screen read, double grams)) {
      screen = read;
      put(words, passed, grams);
    }
  }
}
