package jugulum.desk.day;

import java.util.List;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import jugulum.book.batch.StockLines.Stocked;
import jugulum.desk.entry.TextColumns;
import jugulum.desk.panel.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What stands in the shop: every lot of every batch that no step has taken. */
final class StockPane extends BorderPane {
  private final Workbench workbench;
  private final TableView<Stocked> table = new TableView<>();

  StockPane(Workbench workbench, DayView.Window window) {
    this.workbench = workbench;
    setId("stock-pane");
    table.setId("stock");
    table.setAccessibleText(Words.of("day.part.STOCK"));
    table.setPlaceholder(Parts.sentence(Words.of("stock.none"), "muted"));
    table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
    TextColumns.add(table, "batches.name", 200, Stocked::label, false);
    TextColumns.add(table, "stock.material", 220, StockPane::material, false);
    TextColumns.add(table, "stock.sizes", 190, StockPane::sizes, false);
    TextColumns.add(
        table,
        "stock.mass",
        140,
        line ->
            line.grams().isPresent()
                ? figures().sand(line.grams().getAsDouble())
                : Words.of("header.none"),
        true);
    TextColumns.add(table, "stock.bag", 160, line -> line.bag().orElse(""), false);
    table.setOnKeyPressed(
        key -> {
          Stocked chosen = table.getSelectionModel().getSelectedItem();
          if (key.getCode() == KeyCode.ENTER && chosen != null) {
            window.openBatch(chosen.batch());
            key.consume();
          }
        });
    workbench.preferences().figures().addListener((_, _, _) -> table.refresh());
    setCenter(table);
  }

  private static String material(Stocked line) {
    return line.name().isEmpty() ? Words.of("material", line.material()) : line.name();
  }

  private static String sizes(Stocked line) {
    double from = line.finestMm().orElse(0);
    double to = line.coarsestMm().orElse(Double.POSITIVE_INFINITY);
    if (from == 0 && Double.isInfinite(to)) {
      return Words.of("stock.all-sizes");
    }
    if (from == 0) {
      return Words.of("board.sizes.under", Figures.plain(to));
    }
    return Double.isInfinite(to)
        ? Words.of("board.sizes.over", Figures.plain(from))
        : Words.of("stock.between", Figures.plain(from), Figures.plain(to));
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  void refresh() {
    workbench.projections().everyBatch().stock(this::show);
  }

  private void show(List<Stocked> lines) {
    table.getItems().setAll(lines);
    table.getSelectionModel().selectFirst();
  }

  void focusList() {
    table.requestFocus();
  }
}
