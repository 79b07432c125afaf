package jugulum.desk.account;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Room;
import jugulum.desk.words.Words;

/** A table of figures: the first column takes the room there is, the others stand at the right. */
final class Grid extends GridPane {
  /** Room for the name of a lot. */
  private static final double NAME = 144;

  private static final double CELL = 64;

  /** A range of masses stays on one line. */
  private static final double NEVER_BROKEN = 136;

  private int rows;

  /** A table with such heads, by key; an empty key is an empty head. */
  Grid(Words words, String... heads) {
    this(
        Stream.of(heads)
            .map(key -> (Node) Parts.styled(cell(key.isEmpty() ? "" : words.of(key)), "muted"))
            .toList());
  }

  /** A table with such heads. */
  Grid(List<Node> heads) {
    getStyleClass().add("figures-grid");
    for (int i = 0; i < heads.size(); i++) {
      ColumnConstraints column = new ColumnConstraints();
      column.setHalignment(i == 0 ? HPos.LEFT : HPos.RIGHT);
      column.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
      column.setMinWidth(i == 0 ? NAME : Region.USE_COMPUTED_SIZE);
      getColumnConstraints().add(column);
    }
    heads.stream()
        .filter(Label.class::isInstance)
        .forEach(head -> ((Label) head).setMinWidth(CELL));
    addRow(rows++, heads.toArray(Node[]::new));
  }

  /** Another line; texts or nodes. */
  Grid line(Object... cells) {
    Node[] nodes = new Node[cells.length];
    for (int i = 0; i < cells.length; i++) {
      nodes[i] =
          cells[i] instanceof Node node
              ? node
              : i == 0 ? Parts.sentence(String.valueOf(cells[i])) : cell(String.valueOf(cells[i]));
    }
    addRow(rows++, nodes);
    return this;
  }

  /** A figure that goes on in the next line where its column is too narrow. */
  static Label cell(String text, String... styles) {
    // A unit stays with its figure; words may go on in the next line.
    Label label = new Label(text.replaceFirst("(?<=\\d) (\\S+)$", "\u00a0$1"));
    label.setWrapText(true);
    label.setTextAlignment(TextAlignment.RIGHT);
    label.setAlignment(Pos.CENTER_RIGHT);
    label.setMinWidth(Room.width(text, true) <= NEVER_BROKEN ? Region.USE_PREF_SIZE : CELL);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().addAll(styles);
    return label;
  }

  /** Whether there is no line but the heads. */
  boolean isEmpty() {
    return rows == 1;
  }
}
