package jugulum.desk.entry;

import java.util.List;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * Fields side by side, equally wide, with what is wrong told under all of them where a sentence has
 * room.
 */
public final class FieldRow extends VBox {
  private static final double ANY_WIDTH = 10;

  /** Puts fields side by side. */
  public FieldRow(List<? extends EntryField<?>> fields) {
    getStyleClass().add("entry");
    HBox row = new HBox();
    row.getStyleClass().add("form-row");
    getChildren().add(row);
    for (EntryField<?> field : fields) {
      field.setPrefWidth(ANY_WIDTH);
      HBox.setHgrow(field, Priority.ALWAYS);
      row.getChildren().add(field);
      getChildren().add(field.takeError());
    }
  }
}
