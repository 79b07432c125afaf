package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** How many specks were tested for what they are, and how many proved gold. */
public final class SpeckTestForm extends MeasureForm {
  private static final int MOST = 10_000;

  @Prologue private final Words words;
  private final EntryField<Integer> tested;
  private final EntryField<Integer> gold;
  private Map<String, String> found = Map.of();

  /** Makes an empty form. */
  public SpeckTestForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    tested = count("tested", "form.speck-test.tested", "20");
    gold = count("proved-gold", "form.speck-test.gold", "17");
    getChildren().add(new FieldRow(List.of(tested, gold)));
  }

  private EntryField<Integer> count(String id, String key, String hint) {
    return new EntryField<>(
        words, id, words.of(key), hint, typed -> Parsers.count(words, typed, MOST));
  }

  /** What was found out of a doubtful one goes with it. */
  public void with(Map<String, String> clues) {
    found = Map.copyOf(clues);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(tested, gold);
  }

  @Override
  public Optional<Measure> read() {
    return read(
        words,
        tested,
        gold,
        Map.of("tested", tested, "gold", gold),
        (all, proved) -> new Measure.SpeckTest(all, proved, found));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.SpeckTest(int all, int proved, var clues)) {
      tested.fill(Integer.toString(all));
      gold.fill(Integer.toString(proved));
      found = clues;
    }
  }
}
