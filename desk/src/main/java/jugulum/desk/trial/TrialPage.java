package jugulum.desk.trial;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.desk.kit.FocusFirst;

/** A page of the trials: one reads, plans or does on it. */
abstract class TrialPage extends ScrollPane implements FocusFirst {
  private static final double LEFT = 600;
  private static final double RIGHT = 560;

  /** Makes an empty page. */
  TrialPage(String id) {
    setId(id);
    getStyleClass().addAll("page-scroll", "trial-page");
    setFitToWidth(true);
    setFocusTraversable(false);
  }

  /** Shows two columns side by side. */
  final void columns(VBox left, VBox right) {
    left.setPrefWidth(LEFT);
    right.setPrefWidth(RIGHT);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    HBox both = new HBox(40, left, right);
    both.getStyleClass().add("page-top");
    setContent(both);
  }

  /** What Enter does. */
  abstract void enter();

  /** What Escape does; gives whether it did anything. */
  abstract boolean escape();

  /**
   * What scrolls has no place in the window, and so no focus, before its first style; and the
   * letter that asked for the page is still to be typed, and not into its field.
   */
  final void focus(Node node) {
    applyCss();
    Platform.runLater(node::requestFocus);
  }
}
