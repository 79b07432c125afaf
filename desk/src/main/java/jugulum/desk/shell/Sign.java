package jugulum.desk.shell;

import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.CubicCurve;

/** The program's own sign: a throat, two curves that close in on a thread. */
final class Sign {
  private Sign() {}

  static Node node() {
    CubicCurve left = new CubicCurve(2, 0, 12, 6, 12, 14, 2, 20);
    CubicCurve right = new CubicCurve(22, 0, 12, 6, 12, 14, 22, 20);
    left.getStyleClass().add("mark");
    right.getStyleClass().add("mark");
    StackPane pane = new StackPane(new Group(left, right));
    pane.getStyleClass().add("mark-pane");
    return pane;
  }
}
