package jugulum.desk.kit;

import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.geometry.Pos;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import jugulum.desk.words.Words;

/** Columns of tables whose texts, heads too, go on in the next line where they do not fit. */
public final class TextColumns {
  /** What a cell leaves free at its sides, in pixels. */
  private static final double SIDES = 20;

  private static final double HEAD_SIDES = 2;

  private TextColumns() {}

  /**
   * Names a table before its columns are added.
   *
   * @param id the node's id
   * @param title what it lists, for those who hear the window
   * @param empty what stands in its place while there is nothing to list
   */
  public static void begin(Words words, TableView<?> table, String id, String title, String empty) {
    table.setId(id);
    table.setAccessibleText(words.of(title));
    table.setPlaceholder(Parts.sentence(words.of(empty), "muted"));
    table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
  }

  /**
   * Adds a column.
   *
   * @param key what stands over it
   * @param width in pixels
   * @param text what a line shows
   * @param figure whether it is a figure, to be set to the right
   * @param <T> the kind of line
   */
  public static <T> void add(
      Words words,
      TableView<T> table,
      String key,
      double width,
      Function<T, String> text,
      boolean figure) {
    TableColumn<T, String> column = new TableColumn<>();
    column.setGraphic(head(words.of(key), column, figure));
    column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.apply(cell.getValue())));
    column.setCellFactory(_ -> new LongCell<>(figure));
    column.setPrefWidth(width);
    column.setSortable(false);
    column.setReorderable(false);
    if (figure) {
      column.getStyleClass().add("figure-column");
    }
    table.getColumns().add(column);
  }

  /** What stands over a column. */
  public static Label head(String text, TableColumn<?, ?> column, boolean figure) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.prefWidthProperty().bind(column.widthProperty().subtract(HEAD_SIDES));
    label.setAlignment(figure ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
    label.setTextAlignment(figure ? TextAlignment.RIGHT : TextAlignment.LEFT);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }

  /** A cell as high as its text. */
  private static final class LongCell<T> extends TableCell<T, String> {
    private final Text text = new Text();

    LongCell(boolean figure) {
      text.setTextAlignment(figure ? TextAlignment.RIGHT : TextAlignment.LEFT);
      text.getStyleClass().add("long-cell");
      text.wrappingWidthProperty().bind(widthProperty().subtract(SIDES));
      setPrefHeight(Control.USE_COMPUTED_SIZE);
    }

    @Override
    protected void updateItem(String item, boolean empty) {
      super.updateItem(item, empty);
      text.setText(item);
      setGraphic(empty || item == null ? null : text);
    }
  }
}
