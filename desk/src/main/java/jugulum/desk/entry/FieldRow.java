package jugulum.desk.entry;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;

/**
 * Fields side by side, equally wide, with what is wrong told under all of them where a sentence has
 * room.
 */
public final class FieldRow extends VBox {
  /** Puts fields side by side. */
  public FieldRow(List<? extends EntryField<?>> fields) {
    getStyleClass().add("entry");
    GridPane row = new GridPane();
    row.getStyleClass().add("form-row");
    RowConstraints onOneLine = new RowConstraints();
    onOneLine.setValignment(VPos.BOTTOM);
    row.getRowConstraints().add(onOneLine);
    getChildren().add(row);
    for (EntryField<?> field : fields) {
      ColumnConstraints share = new ColumnConstraints();
      share.setPercentWidth(100.0 / fields.size());
      row.getColumnConstraints().add(share);
      field.setMaxHeight(Region.USE_PREF_SIZE);
      row.addRow(0, field);
      getChildren().add(field.takeError());
    }
  }
}
