package jugulum.desk.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.desk.entry.Buttons;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** The passes of a magnet as a table, each with a bar as long as its catch; struck passes stay in their place. */
final class PassList extends GridPane {
  private static final double LONGEST_BAR = 56;

  private final Consumer<Reading> onCorrect;
  private ShownReadings shown = ShownReadings.NONE;

  PassList(Consumer<Reading> onCorrect) {
    this.onCorrect = onCorrect;
    getStyleClass().add("pass-list");
    setId("passes");
    for (int i = 0; i < 5; i++) {
      ColumnConstraints column = new ColumnConstraints();
      column.setHalignment(i == 0 ? HPos.LEFT : HPos.RIGHT);
      column.setHgrow(i < 4 ? Priority.ALWAYS : Priority.NEVER);
      getColumnConstraints().add(column);
    }
  }

  void show(List<Reading> readings, Figures figures, boolean mayCorrect) {
    ShownReadings now = new ShownReadings(readings, figures, mayCorrect);
    if (now.equals(shown)) {
      return;
    }
    shown = now;
    getChildren().clear();
    addRow(0, head("pass.number"), head("pass.lifted"), head("pass.dropped"), head("pass.specks"));
    int most = readings.stream().filter(Reading::isLive).mapToInt(reading -> pass(reading).specks()).max().orElse(0);
    int number = 0;
    for (int i = 0; i < readings.size(); i++) {
      Reading reading = readings.get(i);
      number += reading.isLive() ? 1 : 0;
      addRow(i + 1, cells(reading, reading.isLive() ? Integer.toString(number) : Words.of("pass.struck"), most, figures, mayCorrect));
    }
  }

  private static Measure.Pass pass(Reading reading) {
    return (Measure.Pass) reading.measure();
  }

  private Node[] cells(Reading reading, String number, int most, Figures figures, boolean mayCorrect) {
    Measure.Pass pass = pass(reading);
    List<Node> cells = new ArrayList<>();
    cells.add(figure(Words.of("pass.from", pass.from(), number), reading));
    cells.add(figure(figures.sand(pass.liftedG()), reading));
    cells.add(figure(figures.sand(pass.droppedBackG()), reading));
    Label specks = Parts.styled(figure(Integer.toString(pass.specks()), reading), "specks");
    Region bar = Parts.styled(new Region(), "speck-bar");
    double length = most > 0 && reading.isLive() ? LONGEST_BAR * pass.specks() / most : 0;
    bar.setMinSize(length, 4);
    bar.setMaxSize(length, 4);
    VBox caught = new VBox(2, specks, bar);
    caught.setAlignment(Pos.CENTER_RIGHT);
    cells.add(caught);
    if (mayCorrect && reading.isLive()) {
      cells.add(Buttons.quiet("correct-" + reading.id().number(), Words.of("reading.correct"), "", () -> onCorrect.accept(reading)));
    }
    return cells.toArray(Node[]::new);
  }

  private static Label figure(String text, Reading reading) {
    Label label = Parts.styled(new Label(text), "pass-figure");
    label.setMinWidth(Region.USE_PREF_SIZE);
    if (!reading.isLive()) {
      label.getStyleClass().add("struck");
    }
    return label;
  }

  private static Label head(String key) {
    Label label = Parts.styled(new Label(Words.of(key)), "muted");
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }
}
