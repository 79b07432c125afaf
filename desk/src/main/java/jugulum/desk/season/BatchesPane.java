package jugulum.desk.season;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.book.batch.BatchSummary;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** All batches of the book, in a list. */
final class BatchesPane extends BorderPane {
  private final Words words;
  private final Workbench workbench;
  private final Navigation navigation;
  private final TableView<BatchSummary> table = new TableView<>();
  private final Label count = Parts.styled(new Label(), "muted");

  BatchesPane(Workbench workbench, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.navigation = navigation;
    columns();
    table.setRowFactory(
        _ -> {
          TableRow<BatchSummary> row = new TableRow<>();
          row.setOnMouseClicked(
              click -> {
                if (click.getClickCount() == 2 && !row.isEmpty()) {
                  navigation.open(row.getItem().id());
                }
              });
          return row;
        });
    table.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER
              && table.getSelectionModel().getSelectedItem() != null) {
            openChosen();
            key.consume();
          }
        });
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox actions =
        Parts.row(
            Buttons.primary("new-batch", words.of("batches.new"), "Ctrl N", navigation::startBatch),
            Buttons.plain("open-batch", words.of("batches.open"), "Enter", this::openChosen),
            gap,
            Buttons.plain("import", words.of("batches.import"), "Ctrl I", navigation::importBatch),
            Buttons.plain("export", words.of("batches.export"), "Ctrl E", navigation::exportBatch));
    actions.getStyleClass().add("page-bottom");
    count.getStyleClass().add("page-top");
    setTop(count);
    setCenter(table);
    setBottom(actions);
    workbench.watch(workbench.projections().batches(), this::show);
    workbench.watch(workbench.preferences().figures(), _ -> table.refresh());
    show(workbench.projections().batches().get());
  }

  private void columns() {
    TextColumns.begin(words, table, "batches", "batches.title", "batches.empty");
    TextColumns.add(words, table, "batches.name", 240, BatchSummary::name, false);
    TextColumns.add(words, table, "batches.source", 230, BatchSummary::source, false);
    TextColumns.add(
        words, table, "batches.received", 130, batch -> words.day(batch.received()), true);
    TextColumns.add(
        words, table, "batches.state", 150, batch -> words.of("state", batch.state()), false);
    TextColumns.add(
        words,
        table,
        "batches.feed",
        130,
        batch ->
            batch.feedG().isPresent()
                ? figures().sand(batch.feedG().getAsDouble())
                : words.of("header.none"),
        true);
    TextColumns.add(
        words,
        table,
        "batches.gold",
        130,
        batch ->
            batch.wonG().isPresent()
                ? figures().gold(batch.wonG().getAsDouble() * 1000)
                : words.of("header.none"),
        true);
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  private void show(List<BatchSummary> batches) {
    BatchSummary chosen = table.getSelectionModel().getSelectedItem();
    table.getItems().setAll(batches);
    count.setText(
        words.of("batches.count", Integer.toString(batches.size()), workbench.bookName()));
    table.getSelectionModel().selectFirst();
    batches.stream()
        .filter(batch -> chosen != null && batch.id().equals(chosen.id()))
        .findFirst()
        .ifPresent(table.getSelectionModel()::select);
  }

  private void openChosen() {
    BatchSummary chosen = table.getSelectionModel().getSelectedItem();
    if (chosen != null) {
      navigation.open(chosen.id());
    }
  }

  void focusList() {
    table.requestFocus();
  }
}
