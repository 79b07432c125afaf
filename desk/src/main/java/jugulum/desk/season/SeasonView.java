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
import javafx.scene.layout.VBox;
import jugulum.book.batch.BatchSummary;
import jugulum.core.ledger.BatchId;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** A season: all batches of the book, and the magnetics kept of them. */
public final class SeasonView extends BorderPane implements FocusFirst {
  private final Words words;
  private final Workbench workbench;
  private final TableView<BatchSummary> table = new TableView<>();
  private final Label count = Parts.styled(new Label(), "muted");
  private final Segments<Part> parts =
      new Segments<>("season-part", List.of(Part.values()), part -> words.of("season.part", part));
  private final MagneticsPane magnetics;

  /** What the view is parted in. */
  private enum Part {
    BATCHES,
    MAGNETICS
  }

  /** What the view asks of the elsewhere. */
  public interface Elsewhere {
    /** A batch was chosen. */
    void open(BatchId batch);

    /** A new batch is to be started. */
    void start();

    /** A batch file is to be read. */
    void importFile();

    /** The batch on the bench is to be written to files. */
    void exportFiles();
  }

  /** Makes the view of a workbench. */
  public SeasonView(Workbench workbench, Elsewhere elsewhere) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    getStyleClass().add("page");
    setId("season-view");
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
    table.setRowFactory(
        _ -> {
          TableRow<BatchSummary> row = new TableRow<>();
          row.setOnMouseClicked(
              click -> {
                if (click.getClickCount() == 2 && !row.isEmpty()) {
                  elsewhere.open(row.getItem().id());
                }
              });
          return row;
        });
    table.setOnKeyPressed(
        key -> {
          BatchSummary chosen = table.getSelectionModel().getSelectedItem();
          if (key.getCode() == KeyCode.ENTER && chosen != null) {
            elsewhere.open(chosen.id());
            key.consume();
          }
        });
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox actions =
        Parts.row(
            Buttons.primary("new-batch", words.of("batches.new"), "Ctrl N", elsewhere::start),
            Buttons.plain(
                "open-batch", words.of("batches.open"), "Enter", () -> openChosen(elsewhere)),
            gap,
            Buttons.plain("import", words.of("batches.import"), "Ctrl I", elsewhere::importFile),
            Buttons.plain("export", words.of("batches.export"), "Ctrl E", elsewhere::exportFiles));
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    VBox top =
        new VBox(
            4,
            new HBox(
                Parts.styled(new Label(words.of("season.title")), "page-title"), between, parts),
            count);
    top.getStyleClass().add("page-top");
    setTop(top);
    setCenter(table);
    setBottom(actions);
    magnetics = new MagneticsPane(workbench, held -> elsewhere.open(held.batch()));
    parts.onChange(() -> open(actions));
    workbench.watch(workbench.projections().batches(), batches -> show(batches));
    workbench.watch(workbench.preferences().figures(), _ -> table.refresh());
    show(workbench.projections().batches().get());
  }

  private void open(HBox actions) {
    setBottom(parts.chosen() == Part.BATCHES ? actions : null);
    switch (parts.chosen()) {
      case BATCHES -> setCenter(table);
      case MAGNETICS -> {
        setCenter(magnetics);
        magnetics.refresh();
      }
    }
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  private void show(List<BatchSummary> batches) {
    BatchSummary chosen = table.getSelectionModel().getSelectedItem();
    table.getItems().setAll(batches);
    count.setText(
        words.of(
            "batches.count", Integer.toString(batches.size()), workbench.session().bookName()));
    table.getSelectionModel().selectFirst();
    batches.stream()
        .filter(batch -> chosen != null && batch.id().equals(chosen.id()))
        .findFirst()
        .ifPresent(table.getSelectionModel()::select);
  }

  private void openChosen(Elsewhere elsewhere) {
    BatchSummary chosen = table.getSelectionModel().getSelectedItem();
    if (chosen != null) {
      elsewhere.open(chosen.id());
    }
  }

  @Override
  public void focusFirst() {
    switch (parts.chosen()) {
      case BATCHES -> table.requestFocus();
      case MAGNETICS -> {
        magnetics.refresh();
        magnetics.focusList();
      }
    }
  }
}
