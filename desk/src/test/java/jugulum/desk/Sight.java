package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
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
import jugulum.core.scale.ScaleView;

/**
 * What must hold of everything in sight. All of it is read on the interface thread: sizes read
 * beside it while a frame is laid out spoil that frame.
 */
final class Sight {
  private static final double SMALLEST_TYPE = 14;
  private static final int PULSES = 3;

  /** So often a scale may come to rest or begin to move while one looks. */
  private static final int LOOKS = 20;

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

  private static List<Node> visible(Person person) {
    return visible(person.root(), new ArrayList<>());
  }

  /** What is told of everything in sight, one after the other. */
  static <T> List<T> told(Person person, Function<Node, Stream<T>> what) {
    return person.drawn(() -> visible(person).stream().flatMap(what).toList());
  }

  static boolean inside(Node node, Class<?> kind) {
    for (Node parent = node.getParent(); parent != null; parent = parent.getParent()) {
      if (kind.isInstance(parent)) {
        return true;
      }
    }
    return false;
  }

  /** Texts that have not the room they need. */
  static List<String> cutOff(Person person) {
    return told(
        person,
        node ->
            node instanceof Text text
                    && text.getParent() instanceof Labeled labeled
                    && !text.getText().equals(labeled.getText())
                    && (text.getText().endsWith("...") || text.getText().endsWith("…"))
                ? Stream.of(text.getText() + " for " + labeled.getText())
                : Stream.empty());
  }

  /** Where everything with a text stands. */
  private static List<String> places(Person person) {
    return told(
        person,
        node ->
            node instanceof Labeled labeled
                    && !Objects.requireNonNullElse(labeled.getText(), "").isEmpty()
                ? Stream.of(place(labeled))
                : Stream.empty());
  }

  private static String place(Labeled labeled) {
    Bounds there = labeled.localToScene(labeled.getLayoutBounds());
    return "%s %.0f %.0f %.0f %.0f"
        .formatted(
            labeled.getText(),
            there.getMinX(),
            there.getMinY(),
            there.getWidth(),
            there.getHeight());
  }

  /** Once it is laid out nothing moves by itself, and all of it is inside the window. */
  static void standsStill(Person person, String where) {
    for (int look = 0; ; look++) {
      // A scale that was just put on comes to rest first; what it says is no thing that moves.
      person.until(() -> person.drawn(() -> stands(person)));
      ScaleView.State scale = scale(person);
      person.pulses(PULSES);
      List<String> before = places(person);
      person.pulses(PULSES);
      List<String> after = places(person);
      if (before.equals(after) || scale == scale(person) && stands(person) || look == LOOKS) {
        assertThat(after).as(where).isEqualTo(before);
        break;
      }
    }
    isWhole(person, where);
  }

  private static boolean stands(Person person) {
    return scale(person) != ScaleView.State.MOVING;
  }

  private static ScaleView.State scale(Person person) {
    return person.workbench().scale().view().get().state();
  }

  /** Nothing cut off, nothing mute, nothing too small to read, nothing outside the window. */
  static void isWhole(Person seen, String where) {
    // What follows the room it is given, as the type of bench mode, does so with a frame.
    seen.pulses(1);
    assertThat(cutOff(seen)).as(where).isEmpty();
    assertThat(tooSmall(seen)).as(where).isEmpty();
    assertThat(mute(seen)).as(where).isEmpty();
    assertThat(outOfSight(seen)).as(where).isEmpty();
  }

  /** Type too small to read, or of another family. */
  static List<String> tooSmall(Person person) {
    return told(
        person,
        node ->
            node instanceof Text text
                    && !text.getText().isBlank()
                    && !(text.getFont().getSize() >= SMALLEST_TYPE
                        && text.getFont().getFamily().equals("B612"))
                ? Stream.of(text.getText() + " in " + text.getFont())
                : Stream.empty());
  }

  /** What can have the focus and has no name or no role. */
  static List<String> mute(Person person) {
    return told(
        person, node -> isWanted(node) && !isNamed(node) ? Stream.of(path(node)) : Stream.empty());
  }

  /** What can have the focus. */
  static boolean isWanted(Node node) {
    return node.isFocusTraversable()
        && !node.isDisabled()
        && !(node instanceof ScrollBar)
        && !(node instanceof ScrollPane);
  }

  private static boolean isNamed(Node node) {
    String name = Objects.requireNonNullElse(node.getAccessibleText(), "");
    String shown =
        node instanceof Labeled labeled ? Objects.requireNonNullElse(labeled.getText(), "") : "";
    return (!name.isBlank() || !shown.isBlank() || node instanceof ListView)
        && node.getAccessibleRole() != null;
  }

  /** What lies outside the window, or would have to be scrolled to sideways. */
  static List<String> outOfSight(Person person) {
    return told(person, node -> isOutOfSight(node) ? Stream.of(path(node)) : Stream.empty());
  }

  private static String path(Node node) {
    Node parent = node.getParent();
    String name = node.getClass().getSimpleName() + "#" + node.getId();
    String said = node instanceof Labeled labeled ? " “" + labeled.getText() + "”" : "";
    if (node instanceof ScrollPane pane && pane.getContent() instanceof Parent content) {
      return name + widest(content);
    }
    return parent == null || parent.getId() == null
        ? name + said
        : parent.getId() + " > " + name + said;
  }

  /** Down to what asks for most width. */
  private static String widest(Parent parent) {
    return parent.getChildrenUnmodifiable().stream()
        .filter(Node::isManaged)
        .max(Comparator.comparingDouble(node -> node.minWidth(-1)))
        .map(
            node ->
                " > "
                    + node.getClass().getSimpleName()
                    + "#"
                    + node.getId()
                    + node.getStyleClass()
                    + Math.round(node.minWidth(-1))
                    + (node instanceof Labeled labeled ? " “" + labeled.getText() + "”" : "")
                    + (node instanceof Parent inner ? widest(inner) : ""))
        .orElse("");
  }

  private static boolean isOutOfSight(Node node) {
    boolean scrolled =
        inside(node, ScrollPane.class)
            || inside(node, ListView.class)
            || inside(node, TableView.class);
    Bounds bounds = node.localToScene(node.getLayoutBounds());
    return switch (node) {
      case ScrollPane pane
          when pane.isFitToWidth()
              && pane.getContent() != null
              && pane.getContent().getLayoutBounds().getWidth()
                  > pane.getViewportBounds().getWidth() + 1 ->
          true;
      case ScrollBar bar
          when bar.getOrientation() == Orientation.HORIZONTAL
              && bar.getWidth() > 0
              && bar.getHeight() > 0
              && bar.getVisibleAmount() < bar.getMax() - bar.getMin() - 1e-9 ->
          true;
      case Control _ when !scrolled ->
          bounds.getMaxX() > node.getScene().getWidth() + 1
              || bounds.getMaxY() > node.getScene().getHeight() + 1;
      default -> false;
    };
  }
}
