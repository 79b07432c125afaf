package jugulum.desk.account;

import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.desk.panel.Parts;
import jugulum.desk.words.Words;

/** A table of figures: the first column takes the room there is, the others stand at the right. */
final class Grid extends GridPane {
  private int rows;

  /** A table with such heads; an empty key is an empty head. */
  Grid(String... heads) {
    getStyleClass().add("figures-grid");
    for (int i = 0; i < heads.length; i++) {
      ColumnConstraints column = new ColumnConstraints();
      column.setHalignment(i == 0 ? HPos.LEFT : HPos.RIGHT);
      column.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
      getColumnConstraints().add(column);
    }
    Label[] labels = new Label[heads.length];
    for (int i = 0; i < heads.length; i++) {
      labels[i] = Parts.styled(new Label(heads[i].isEmpty() ? "" : Words.of(heads[i])), "muted");
      labels[i].setMinWidth(Region.USE_PREF_SIZE);
    }
    addRow(rows++, labels);
  }

  /** Another line; texts or nodes. */
  Grid line(Object... cells) {
    Node[] nodes = new Node[cells.length];
    for (int i = 0; i < cells.length; i++) {
      nodes[i] = cells[i] instanceof Node node ? node : i == 0 ? Parts.sentence(String.valueOf(cells[i])) : cell(String.valueOf(cells[i]));
    }
    addRow(rows++, nodes);
    return this;
  }

  /** A text that is never cut. */
  static Label cell(String text, String... styles) {
    Label label = new Label(text);
    label.setMinWidth(Region.USE_PREF_SIZE);
    label.getStyleClass().addAll(styles);
    return label;
  }

  /** Whether there is no line but the heads. */
  boolean isEmpty() {
    return rows == 1;
  }
}
