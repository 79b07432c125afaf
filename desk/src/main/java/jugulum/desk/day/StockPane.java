package jugulum.desk.day;

import java.util.List;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import jugulum.book.batch.StockLines.Stocked;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What stands in the shop: every lot of every batch that no step has taken. */
final class StockPane extends BorderPane {
  private final Words words;
  private final Workbench workbench;
  private final TableView<Stocked> table = new TableView<>();

  StockPane(Workbench workbench, DayView.Elsewhere elsewhere) {
    this.words = workbench.words();
    this.workbench = workbench;
    setId("stock-pane");
    TextColumns.begin(words, table, "stock", "day.part.STOCK", "stock.none");
    TextColumns.add(words, table, "batches.name", 200, Stocked::label, false);
    TextColumns.add(
        words, table, "stock.material", 220, one -> StockPane.material(words, one), false);
    TextColumns.add(words, table, "stock.sizes", 190, one -> StockPane.sizes(words, one), false);
    TextColumns.add(
        words,
        table,
        "stock.mass",
        140,
        line ->
            line.grams().isPresent()
                ? figures().sand(line.grams().getAsDouble())
                : words.of("header.none"),
        true);
    TextColumns.add(words, table, "stock.bag", 160, line -> line.bag().orElse(""), false);
    table.setOnKeyPressed(
        key -> {
          Stocked chosen = table.getSelectionModel().getSelectedItem();
          if (key.getCode() == KeyCode.ENTER && chosen != null) {
            elsewhere.openBatch(chosen.batch());
            key.consume();
          }
        });
    workbench.watch(workbench.preferences().figures(), _ -> table.refresh());
    setCenter(table);
  }

  private static String material(Words words, Stocked line) {
    return line.name().isEmpty() ? words.of("material", line.material()) : line.name();
  }

  private static String sizes(Words words, Stocked line) {
    double from = line.finestMm().orElse(0);
    double to = line.coarsestMm().orElse(Double.POSITIVE_INFINITY);
    if (from == 0 && Double.isInfinite(to)) {
      return words.of("stock.all-sizes");
    }
    if (from == 0) {
      return words.of("board.sizes.under", words.plain(to));
    }
    return Double.isInfinite(to)
        ? words.of("board.sizes.over", words.plain(from))
        : words.of("stock.between", words.plain(from), words.plain(to));
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
