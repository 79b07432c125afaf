package jugulum.desk.kit;

import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import jugulum.desk.words.Words;

/** Shows by a tick, not by colour alone, that a thing is chosen. */
public final class Ticks {
  private Ticks() {}

  /** Puts a tick before the text of a button while it is chosen. */
  public static void show(Words words, ToggleButton button) {
    Label tick = Parts.styled(new Label(words.of("tick")), "tick");
    button.setGraphic(tick);
    tick.managedProperty().bind(tick.visibleProperty());
    tick.visibleProperty().bind(button.selectedProperty());
  }
}
