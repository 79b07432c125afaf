package jugulum.desk.entry;

import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import jugulum.desk.words.Words;

/** Columns of tables that show one text a line and stay where they are. */
public final class TextColumns {
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
  public static <T> void add(TableView<T> table, String key, double width, Function<T, String> text, boolean figure) {
    TableColumn<T, String> column = new TableColumn<>(Words.of(key));
    column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.apply(cell.getValue())));
    column.setPrefWidth(width);
    column.setSortable(false);
    column.setReorderable(false);
    if (figure) {
      column.getStyleClass().add("figure-column");
    }
    table.getColumns().add(column);
  }
}
