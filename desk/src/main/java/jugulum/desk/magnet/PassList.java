package jugulum.desk.magnet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Room;
import jugulum.desk.panel.ShownReadings;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * The passes of a magnet as a table, each with a bar as long as its catch; struck passes stay in
 * their place. Lines are kept and only changed.
 */
final class PassList extends GridPane {
  private static final int COLUMNS = 5;

  /** A longer head breaks; one that may break makes the whole table costlier to lay out. */
  private static final double HEAD = 58;

  private final Consumer<Reading> onCorrect;
  private final List<PassLine> lines = new ArrayList<>();
  private Optional<ShownReadings> shown = Optional.empty();

  PassList(Words words, Consumer<Reading> onCorrect) {
    this.onCorrect = onCorrect;
    getStyleClass().add("pass-list");
    setId("passes");
    for (int i = 0; i < COLUMNS; i++) {
      ColumnConstraints column = new ColumnConstraints();
      column.setHalignment(i == 0 ? HPos.LEFT : HPos.RIGHT);
      column.setHgrow(i < COLUMNS - 1 ? Priority.ALWAYS : Priority.NEVER);
      getColumnConstraints().add(column);
    }
    addRow(
        0,
        head(words, "pass.number"),
        head(words, "pass.lifted"),
        head(words, "pass.dropped"),
        head(words, "pass.specks"));
  }

  void show(List<Reading> readings, Figures figures, boolean mayCorrect) {
    Words words = figures.words();
    ShownReadings now = new ShownReadings(readings, figures, mayCorrect);
    if (shown.filter(now::equals).isPresent()) {
      return;
    }
    shown = Optional.of(now);
    List<Reading> passes =
        readings.stream().filter(reading -> reading.measure() instanceof Measure.Pass).toList();
    while (lines.size() > passes.size()) {
      getChildren().removeAll(lines.removeLast().cells());
    }
    while (lines.size() < passes.size()) {
      PassLine line = new PassLine(words, onCorrect);
      lines.add(line);
      addRow(lines.size(), line.cells());
    }
    int most =
        passes.stream()
            .filter(Reading::isLive)
            .mapToInt(reading -> ((Measure.Pass) reading.measure()).specks())
            .max()
            .orElse(0);
    int number = 0;
    for (int i = 0; i < passes.size(); i++) {
      Reading reading = passes.get(i);
      number += reading.isLive() ? 1 : 0;
      lines
          .get(i)
          .show(
              reading,
              reading.isLive() ? Integer.toString(number) : words.of("pass.struck"),
              most,
              figures,
              mayCorrect);
    }
  }

  private static Label head(Words words, String key) {
    Label label = Parts.styled(new Label(words.of(key)), "muted");
    Room.breakIfLong(label, HEAD, HEAD);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }
}
