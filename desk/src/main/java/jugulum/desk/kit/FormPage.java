package jugulum.desk.kit;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.desk.words.Words;

/** A page of two columns on which one reads, plans or does something. */
public abstract class FormPage extends ScrollPane implements FocusFirst {
  private static final double LEFT = 600;
  private static final double RIGHT = 560;

  private final Words words;

  /** Why what was sent was not recorded; a page puts it where it is read. */
  protected final Label error = Parts.sentence("", "entry-error");

  /** Makes an empty page. */
  protected FormPage(Words words, String id) {
    this.words = words;
    setId(id);
    forgive();
    getStyleClass().addAll("page-scroll", "form-page");
    setFitToWidth(true);
    setFocusTraversable(false);
  }

  /** Shows two columns side by side. */
  protected final void columns(VBox left, VBox right) {
    left.setPrefWidth(LEFT);
    right.setPrefWidth(RIGHT);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    HBox both = new HBox(40, left, right);
    both.getStyleClass().add("page-top");
    setContent(both);
  }

  /** Says why what was sent was not recorded; what was typed stays. */
  public final void refuse(String sentence) {
    error.setText(words.of("entry.error", sentence));
    Parts.shown(error, true);
  }

  /** Says it no more. */
  public final void forgive() {
    Parts.shown(error, false);
  }

  /** What Enter does. */
  public abstract void enter();

  /** What Escape does; gives whether it did anything. */
  public abstract boolean escape();

  /**
   * What scrolls has no place in the window, and so no focus, before its first style; and the
   * letter that asked for the page is still to be typed, and not into its field.
   */
  protected final void focus(Node node) {
    applyCss();
    Platform.runLater(node::requestFocus);
  }
}
