package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.text.Text;

/** What must hold of everything in sight. */
final class Sight {
  private static final double SMALLEST_TYPE = 14;

  private Sight() {}

  private static List<Node> visible(Node node, List<Node> found) {
    if (node.isVisible() && node.getOpacity() > 0) {
      found.add(node);
      if (node instanceof Parent parent) {
        parent.getChildrenUnmodifiable().forEach(child -> visible(child, found));
      }
    }
    return found;
  }

  static List<Node> visible(Person person) {
    return visible(person.root(), new ArrayList<>());
  }

  static boolean inside(Node node, Class<?> kind) {
    for (Node parent = node.getParent(); parent != null; parent = parent.getParent()) {
      if (kind.isInstance(parent)) {
        return true;
      }
    }
    return false;
  }

  static void noTextIsCutOff(Person person, String where) {
    for (Node node : visible(person)) {
      if (node instanceof Text text && text.getParent() instanceof Labeled labeled) {
        assertThat(text.getText())
            .as("%s: %s", where, labeled.getText())
            .doesNotEndWith("...")
            .doesNotEndWith("…");
      }
    }
  }

  static void noTypeIsTooSmall(Person person, String where) {
    for (Node node : visible(person)) {
      if (node instanceof Text text && !text.getText().isBlank()) {
        assertThat(text.getFont().getSize())
            .as("%s: %s", where, text.getText())
            .isGreaterThanOrEqualTo(SMALLEST_TYPE);
        assertThat(text.getFont().getFamily())
            .as("%s: %s", where, text.getText())
            .isEqualTo("B612");
      }
    }
  }

  static void whatCanHaveTheFocusHasANameAndARole(Person person, String where) {
    for (Node node : visible(person)) {
      boolean wanted =
          node.isFocusTraversable()
              && !node.isDisabled()
              && !(node instanceof ScrollBar)
              && !(node instanceof ScrollPane);
      if (wanted) {
        String name = node.getAccessibleText();
        String shown = node instanceof Labeled labeled ? labeled.getText() : "";
        boolean named =
            name != null && !name.isBlank()
                || shown != null && !shown.isBlank()
                || node instanceof ListView;
        assertThat(named)
            .as("%s: %s %s has a name", where, node.getClass().getSimpleName(), node.getId())
            .isTrue();
        assertThat(node.getAccessibleRole())
            .as("%s: %s has a role", where, node.getId())
            .isNotNull();
      }
    }
  }

  static void nothingSticksOutOfTheWindowAndNothingScrollsSideways(Person person, String where) {
    for (Node node : visible(person)) {
      if (node instanceof Control
          && !inside(node, ScrollPane.class)
          && !inside(node, ListView.class)
          && !inside(node, TableView.class)) {
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        assertThat(bounds.getMaxX())
            .as("%s: %s %s", where, node.getClass().getSimpleName(), node.getId())
            .isLessThanOrEqualTo(1281);
        assertThat(bounds.getMaxY())
            .as("%s: %s %s", where, node.getClass().getSimpleName(), node.getId())
            .isLessThanOrEqualTo(801);
      }
      if (node instanceof ScrollPane pane && pane.isFitToWidth() && pane.getContent() != null) {
        assertThat(pane.getContent().getLayoutBounds().getWidth())
            .as("%s: %s is cut off at the right", where, pane.getId())
            .isLessThanOrEqualTo(pane.getViewportBounds().getWidth() + 1);
      }
      if (node instanceof ScrollBar bar && bar.getOrientation() == Orientation.HORIZONTAL) {
        assertThat(
                bar.getWidth() > 0
                    && bar.getHeight() > 0
                    && bar.getVisibleAmount() < bar.getMax() - bar.getMin() - 1e-9
                    && bar.isVisible())
            .as("%s: a horizontal scroll bar in %s", where, bar.getParent())
            .isFalse();
      }
    }
  }
}
