package jugulum.desk.day;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import jugulum.core.belief.LotBelief;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.StockChart;
import jugulum.desk.chart.StockChart.Scale;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.words.BeliefWords;
import jugulum.desk.words.Figures;
import jugulum.desk.words.StockWords;
import jugulum.desk.words.Words;

/** The columns of the stock: what it is, how much, its gold as a picture, what to do with it. */
final class StockColumns {
  private static final double WHAT = 240;
  private static final double MASS = 95;
  private static final double GOLD = 410;
  private static final double DO = 400;

  /** What a cell leaves free at its sides. */
  private static final double SIDES = 20;

  private final Words words;
  private final Supplier<Figures> figures;
  private final DrawingView axis = new DrawingView("stock-axis");
  private Scale scale = new Scale(1, 1000);

  StockColumns(Words words, Supplier<Figures> figures) {
    this.words = words;
    this.figures = figures;
  }

  void addTo(TableView<LotBelief> table) {
    table.getColumns().add(column(words.of("stock.what"), false, WHAT, this::what));
    table.getColumns().add(column(words.of("stock.mass"), true, MASS, this::mass));
    TableColumn<LotBelief, LotBelief> gold = column("", false, GOLD, this::gold);
    gold.setGraphic(axis);
    axis.setPrefWidth(GOLD);
    axis.prefWidthProperty().bind(gold.widthProperty());
    table.getColumns().add(gold);
    table.getColumns().add(column(words.of("stock.do"), false, DO, this::toDo));
  }

  /** All lines share one scale. */
  void scale(Scale other) {
    scale = other;
    axis.show(width -> StockChart.axis(scale, figures.get(), width), words.of("stock.axis.spoken"));
  }

  private TableColumn<LotBelief, LotBelief> column(
      String head, boolean isFigure, double width, BiConsumer<LotBelief, Cell> fill) {
    TableColumn<LotBelief, LotBelief> column = new TableColumn<>();
    column.setGraphic(TextColumns.head(head, column, isFigure));
    column.setCellValueFactory(cell -> new ReadOnlyObjectWrapper<>(cell.getValue()));
    column.setCellFactory(_ -> new Cell(fill));
    column.setPrefWidth(width);
    column.setSortable(false);
    column.setReorderable(false);
    return column;
  }

  /** A cell that is filled anew for every line it shows. */
  private static final class Cell extends TableCell<LotBelief, LotBelief> {
    private final BiConsumer<LotBelief, Cell> fill;

    Cell(BiConsumer<LotBelief, Cell> fill) {
      this.fill = fill;
      getStyleClass().add("stock-cell");
    }

    @Override
    protected void updateItem(LotBelief item, boolean empty) {
      super.updateItem(item, empty);
      if (empty || item == null) {
        setGraphic(null);
        setAccessibleText("");
      } else {
        fill.accept(item, this);
      }
    }

    void show(Node node, String spoken) {
      setGraphic(node);
      setAccessibleText(spoken);
    }
  }

  /** One under the other, each as wide as there is room: what does not fit goes on below. */
  private static Node lines(Cell cell, Text... lines) {
    for (Text line : lines) {
      line.wrappingWidthProperty().bind(Bindings.max(0, cell.widthProperty().subtract(SIDES)));
    }
    return new VBox(1, lines);
  }

  private static Text line(String text, String style) {
    Text line = new Text(text);
    line.getStyleClass().add(style);
    return line;
  }

  private void what(LotBelief one, Cell cell) {
    String below =
        one.lot()
            .bag()
            .map(bag -> words.of("stock.in-bag", StockWords.whole(words, one.lot()), bag))
            .orElseGet(() -> StockWords.whole(words, one.lot()));
    cell.show(
        lines(cell, line(one.lot().label(), "chart-strong"), line(below, "chart-muted")),
        words.joined("join.sentences", List.of(one.lot().label(), below)));
  }

  private void mass(LotBelief one, Cell cell) {
    String mass =
        one.lot().grams().isPresent()
            ? figures.get().sand(one.lot().grams().getAsDouble())
            : words.of("header.none");
    Label label = new Label(mass);
    label.setMaxWidth(Double.MAX_VALUE);
    label.setAlignment(Pos.CENTER_RIGHT);
    cell.show(label, mass);
  }

  private void gold(LotBelief one, Cell cell) {
    DrawingView view = new DrawingView("");
    String spoken = BeliefWords.gold(one, figures.get());
    view.show(width -> StockChart.of(one, scale, width), spoken);
    view.setPrefWidth(GOLD);
    cell.show(view, spoken);
  }

  private void toDo(LotBelief one, Cell cell) {
    String title = BeliefWords.title(words, one);
    String look = BeliefWords.look(one, figures.get());
    String below = BeliefWords.brings(words, one, figures.get());
    Text first = line(title, "chart-strong");
    Text last = line(below, "chart-muted");
    cell.show(
        look.isEmpty()
            ? lines(cell, first, last)
            : lines(cell, first, line(look, "stock-look"), last),
        words.joined("join.sentences", List.of(title, look, below)));
  }
}
