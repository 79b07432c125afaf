package jugulum.desk.kit;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The parts panels are built of. */
public final class Parts {
  /** A value longer than that goes on in the next line before it pushes its name away. */
  private static final double VALUE = 90;

  /** A longer heading goes on in the next line where there is not the room, in pixels. */
  private static final double LONGEST_HEADING = 220;

  private static final double NARROWEST_HEADING = 120;

  private Parts() {}

  /** A heading with the thing in hand beside it. */
  public static HBox heading(String title, String inHand) {
    Label name = styled(new Label(title), "panel-title");
    name.setWrapText(true);
    Label thing = styled(new Label(inHand), "in-hand");
    thing.setWrapText(true);
    HBox heading = new HBox(name, thing);
    heading.getStyleClass().add("panel-heading");
    return heading;
  }

  /** A sentence that wraps. */
  public static Label sentence(String text, String... styles) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().addAll(styles);
    return label;
  }

  /** A small heading over a part. */
  public static Label section(String text) {
    Label heading = styled(new Label(text), "section");
    Room.breakIfLong(heading, LONGEST_HEADING, NARROWEST_HEADING);
    return heading;
  }

  /** A boxed remark with a coloured edge; the mark before it says the same without colour. */
  public static VBox advice(String kind, String strong, String text) {
    VBox box = new VBox(2);
    box.getStyleClass().addAll("advice", kind);
    if (!strong.isEmpty()) {
      box.getChildren().add(sentence(strong, "strong"));
    }
    if (!text.isEmpty()) {
      box.getChildren().add(sentence(text));
    }
    return box;
  }

  /** Two texts, at the left and the right of a line. */
  public static HBox line(String left, String right, String... styles) {
    Label name = sentence(left, "line-name");
    Label value = styled(new Label(right), "line-value");
    Room.breakIfLong(value, VALUE, VALUE);
    value.getStyleClass().addAll(styles);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox line = new HBox(name, gap, value);
    line.getStyleClass().add("line");
    return line;
  }

  /** Shows a node, or takes it out of sight and gives its room away. */
  public static void shown(Node node, boolean shown) {
    node.setVisible(shown);
    node.setManaged(shown);
  }

  /** Several parts in a row. */
  public static HBox row(Node... parts) {
    HBox row = new HBox(parts);
    row.getStyleClass().add("buttons");
    return row;
  }

  /** Gives a node a style class and gives the node back. */
  public static <N extends Node> N styled(N node, String style) {
    node.getStyleClass().add(style);
    return node;
  }
}
