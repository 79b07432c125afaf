package jugulum.desk.tables;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Saving;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.print.GridPdf;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/** What is looked up at a bench: a list of tables, each live, with its source. */
public final class TablesPane extends BorderPane {
  private static final double LIST = 230;

  private final Words words;
  private final Workbench workbench;
  private final Saving saving;
  private final ListView<Reckoner> list = new ListView<>();
  private final GridPane grid = new GridPane();
  private final VBox page = new VBox(12);
  private Optional<TableGrid> shown = Optional.empty();

  /** Makes the tables of a workbench. */
  public TablesPane(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.saving = new Saving(workbench, picker);
    setId("tables-pane");
    grid.setId("table-grid");
    grid.getStyleClass().add("table-grid");
    list.setId("tables");
    list.setAccessibleText(words.of("table.list"));
    list.setPrefWidth(LIST);
    list.setCellFactory(_ -> new NameCell());
    list.getItems().setAll(new Reckoners(words).all());
    for (Reckoner one : list.getItems()) {
      one.fields().forEach(field -> field.field().textProperty().addListener((_, _, _) -> work()));
    }
    list.getSelectionModel().selectedItemProperty().addListener((_, _, _) -> open());
    page.getStyleClass().add("table-page");
    ScrollPane scroll = new ScrollPane(page);
    scroll.getStyleClass().add("page-scroll");
    scroll.setFitToWidth(true);
    scroll.setFocusTraversable(false);
    setLeft(list);
    setCenter(scroll);
    addEventHandler(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (Keys.press(this, key)) {
            key.consume();
          }
        });
    list.getSelectionModel().selectFirst();
  }

  private final class NameCell extends ListCell<Reckoner> {
    @Override
    protected void updateItem(Reckoner one, boolean empty) {
      super.updateItem(one, empty);
      setText(empty || one == null ? "" : words.of("table", one.kind()));
    }
  }

  private Reckoner chosen() {
    return list.getSelectionModel().getSelectedItem();
  }

  private void open() {
    Reckoner one = chosen();
    page.getChildren().setAll(Parts.styled(new Label(words.of("table", one.kind())), "page-title"));
    if (!one.fields().isEmpty()) {
      page.getChildren().add(new FieldRow(one.fields()));
    }
    page.getChildren()
        .addAll(
            grid,
            Parts.sentence(words.of("table.source", one.kind()), "muted"),
            Parts.row(
                Buttons.plain("table-copy", words.of("table.copy"), "C", this::copy),
                Buttons.quiet("table-print", words.of("table.print"), "P", this::print)));
    work();
  }

  /** While something typed is not understood, what was worked out last stays. */
  private void work() {
    Optional<TableGrid> now = chosen().work().get();
    if (now.isPresent() && !now.equals(shown)) {
      shown = now;
      show(now.get());
    }
  }

  private void show(TableGrid now) {
    grid.getChildren().clear();
    grid.getColumnConstraints().clear();
    for (int column = 0; column < now.heads().size(); column++) {
      ColumnConstraints wide = new ColumnConstraints();
      wide.setHgrow(column == now.heads().size() - 1 ? Priority.ALWAYS : Priority.NEVER);
      grid.getColumnConstraints().add(wide);
      grid.add(cell(now.heads().get(column), "table-head"), column, 0);
    }
    for (int row = 0; row < now.rows().size(); row++) {
      List<String> cells = now.rows().get(row);
      for (int column = 0; column < cells.size(); column++) {
        grid.add(cell(cells.get(column), "table-cell"), column, row + 1);
      }
    }
  }

  private static Label cell(String text, String style) {
    Label cell = Parts.sentence(text, style);
    cell.setMaxWidth(Double.MAX_VALUE);
    cell.setMinWidth(0);
    return cell;
  }

  private void copy() {
    shown.ifPresent(
        now -> {
          ClipboardContent content = new ClipboardContent();
          content.putString(now.tabbed());
          Clipboard.getSystemClipboard().setContent(content);
          workbench.notices().say(new Notice.Said(words.of("table.copied"), false));
        });
  }

  private void print() {
    Reckoner one = chosen();
    String title = words.of("table", one.kind());
    String source = words.of("table.source", one.kind());
    shown.ifPresent(
        now ->
            saving.file(
                FileKind.PAGES,
                title,
                () -> GridPdf.of(words, title, now.heads(), now.rows(), source)));
  }

  /** Puts the focus on the list. */
  public void focusList() {
    list.requestFocus();
  }
}
