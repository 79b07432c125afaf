package jugulum.desk.kit;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** What is seldom wanted, behind one button; the keys of its buttons act before it is unfolded. */
public final class Seldom extends VBox {
  private final Node content;
  private final Button button;

  /**
   * Folds a thing away.
   *
   * @param id of the button that unfolds it
   * @param text what that button says
   * @param key the letter that presses it
   */
  public Seldom(String id, String text, String key, Node content) {
    super(8);
    this.content = content;
    this.button = Buttons.quiet(id, text, key, this::unfold);
    content.getStyleClass().add(Keys.FOLDED);
    Parts.shown(content, false);
    getChildren().addAll(button, content);
  }

  /** Shows it. */
  public void unfold() {
    content.getStyleClass().remove(Keys.FOLDED);
    Parts.shown(content, true);
    Parts.shown(button, false);
  }
}
