package jugulum.desk.entry;

import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.Control;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.text.Text;
import jugulum.desk.words.Words;

/** Columns of tables that show one text a line and stay where they are. */
public final class TextColumns {
  /** What a cell leaves free at its sides, in pixels. */
  private static final double SIDES = 20;

  private TextColumns() {}

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
    added(words, table, key, width, text, figure);
  }

  /**
   * Adds a column whose texts go on in the next line where they do not fit.
   *
   * @param key what stands over it
   * @param width in pixels
   * @param text what a line shows
   * @param <T> the kind of line
   */
  public static <T> void addLong(
      Words words, TableView<T> table, String key, double width, Function<T, String> text) {
    added(words, table, key, width, text, false).setCellFactory(_ -> new LongCell<>());
  }

  /** A cell as high as its text. */
  private static final class LongCell<T> extends TableCell<T, String> {
    private final Text text = new Text();

    LongCell() {
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

  private static <T> TableColumn<T, String> added(
      Words words,
      TableView<T> table,
      String key,
      double width,
      Function<T, String> text,
      boolean figure) {
    TableColumn<T, String> column = new TableColumn<>(words.of(key));
    column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.apply(cell.getValue())));
    column.setPrefWidth(width);
    column.setSortable(false);
    column.setReorderable(false);
    if (figure) {
      column.getStyleClass().add("figure-column");
    }
    table.getColumns().add(column);
    return column;
  }
}
