package jugulum.desk.board;

import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;

/** The part of the board one can focus, walk from and open. Draws only its own frame. */
final class StationNode extends Region {
  static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

  private static final Map<KeyCode, Direction> WAYS =
      Map.of(
          KeyCode.LEFT,
          Direction.LEFT,
          KeyCode.RIGHT,
          Direction.RIGHT,
          KeyCode.UP,
          Direction.UP,
          KeyCode.DOWN,
          Direction.DOWN);

  private final Station station;

  StationNode(Station station, String spoken, Consumer<Direction> walk, Consumer<Station> open) {
    this.station = station;
    getStyleClass().add("station");
    getStyleClass().add(station instanceof Station.Work ? "working" : "waiting");
    setId("station-" + station.cell().column() + "-" + (station.cell().row() + 1));
    setAccessibleRole(AccessibleRole.BUTTON);
    setAccessibleText(spoken);
    setOnMouseClicked(
        click -> {
          requestFocus();
          open.accept(station);
          click.consume();
        });
    addEventHandler(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (WAYS.containsKey(key.getCode())) {
            walk.accept(WAYS.get(key.getCode()));
            key.consume();
          } else if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
            open.accept(station);
            key.consume();
          }
        });
  }

  Station station() {
    return station;
  }

  void select(boolean selected) {
    pseudoClassStateChanged(SELECTED, selected);
    setFocusTraversable(selected);
  }
}
