package jugulum.desk.entry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for one pass of the magnet. */
public final class PassForm extends MeasureForm {
  private static final int MOST = 1_000_000;

  private final ToggleButton fromSand = new ToggleButton(Words.of("form.pass.SAND"));
  private final ToggleButton fromHeap = new ToggleButton(Words.of("form.pass.HEAP"));
  private final EntryField<MassText.Mass> lifted;
  private final EntryField<Optional<MassText.Mass>> dropped;
  private final EntryField<Optional<Integer>> specks;

  /** Makes an empty form. */
  public PassForm(Supplier<Figures> figures) {
    super(figures);
    lifted = new EntryField<>("lifted", Words.of("form.lifted"), Words.of("form.lifted.hint"), typed -> Parsers.sand(sandUnit()).apply(typed));
    dropped = new EntryField<>("dropped", Words.of("form.dropped"), Words.of("form.dropped.hint"), Parsers.optional(typed -> Parsers.sand(sandUnit()).apply(typed)));
    specks = new EntryField<>("pass-specks", Words.of("form.pass.specks"), "0", Parsers.optional(typed -> Parsers.count(typed, MOST)));
    ToggleGroup from = new ToggleGroup();
    fromSand.setToggleGroup(from);
    fromHeap.setToggleGroup(from);
    fromSand.setId("from-sand");
    fromHeap.setId("from-heap");
    fromSand.setSelected(true);
    from.selectedToggleProperty().addListener((_, before, now) -> keepOne(before, now));
    HBox choice = new HBox(fromSand, fromHeap);
    choice.getStyleClass().add("segments");
    getChildren().addAll(choice, new FieldRow(List.of(lifted, dropped, specks)));
  }

  private static void keepOne(Toggle before, Toggle now) {
    if (now == null) {
      before.setSelected(true);
    }
  }

  /** Chooses where the pass lifts from. */
  public void from(Measure.Pass.From from) {
    (from == Measure.Pass.From.SAND ? fromSand : fromHeap).setSelected(true);
  }

  /** Adds a speck to the count. */
  public void countOne() {
    specks.read().ifPresent(count -> specks.fill(Integer.toString(count.orElse(0) + 1)));
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(lifted, dropped, specks);
  }

  @Override
  public Optional<Measure> read() {
    Measure.Pass.From from = fromSand.isSelected() ? Measure.Pass.From.SAND : Measure.Pass.From.HEAP;
    return read(
        lifted,
        dropped,
        specks,
        Map.of("liftedG", lifted, "droppedBackG", dropped, "specks", specks),
        (up, down, seen) -> new Measure.Pass(from, up.grams(), down.map(MassText.Mass::grams).orElse(0.0), seen.orElse(0)));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.Pass(var from, double up, double down, int seen)) {
      from(from);
      lifted.fill(grams(up));
      dropped.fill(grams(down));
      specks.fill(Integer.toString(seen));
    }
  }
}
