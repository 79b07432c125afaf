package jugulum.desk.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.scene.control.SkinBase;
import javafx.scene.layout.Pane;
import jugulum.core.account.Worked;
import jugulum.desk.words.Words;

/** Draws the board again when its batch, its writing or its size has changed. */
final class ThroatBoardSkin extends SkinBase<ThroatBoard> {
  private final Words words;
  private final Pane pane = new Pane();
  private final List<StationNode> stationNodes = new ArrayList<>();
  private final NodeStock stock = new NodeStock();
  private final InvalidationListener redraw = _ -> invalidate();
  private final InvalidationListener reselect = _ -> markSelected();
  private Optional<BoardModel> model = Optional.empty();
  private boolean stale = true;
  private double drawnWidth;
  private double drawnHeight;

  ThroatBoardSkin(Words words, ThroatBoard board) {
    this.words = words;
    super(board);
    pane.getStyleClass().add("board-pane");
    getChildren().add(pane);
    board.workedProperty().addListener(redraw);
    board.figuresProperty().addListener(redraw);
    board.selectedProperty().addListener(reselect);
    invalidate();
  }

  private void invalidate() {
    model = getSkinnable().workedProperty().get().map(BoardModel::of);
    stale = true;
    getSkinnable().requestLayout();
  }

  @Override
  protected void layoutChildren(double x, double y, double width, double height) {
    super.layoutChildren(x, y, width, height);
    if (stale || width != drawnWidth || height != drawnHeight) {
      stale = false;
      drawnWidth = width;
      drawnHeight = height;
      draw();
      // Nodes that come in while the window is being laid out missed this frame's styling; without
      // it they would flash up black.
      pane.applyCss();
      pane.layout();
    }
    focusIfWanted();
  }

  /** A board that has not been drawn since its batch changed waits with the focus until it has. */
  void focusIfWanted() {
    if (!stale && !stationNodes.isEmpty() && getSkinnable().takeFocusWish()) {
      focusSelected();
    }
  }

  @Override
  public void dispose() {
    ThroatBoard board = getSkinnable();
    if (board != null) {
      board.workedProperty().removeListener(redraw);
      board.figuresProperty().removeListener(redraw);
      board.selectedProperty().removeListener(reselect);
    }
    super.dispose();
  }

  private void draw() {
    boolean focused = stationNodes.stream().anyMatch(StationNode::isFocused);
    stationNodes.clear();
    stock.begin();
    if (model.isPresent()) {
      draw(model.get(), getSkinnable().workedProperty().get().orElseThrow());
    }
    stock.show(pane.getChildren());
    pane.getChildren().stream()
        .filter(StationNode.class::isInstance)
        .map(StationNode.class::cast)
        .forEach(stationNodes::add);
    markSelected();
    if (focused) {
      focusSelected();
    }
  }

  private void draw(BoardModel model, Worked worked) {
    ThroatBoard board = getSkinnable();
    BoardGeometry place = new BoardGeometry(model, drawnWidth, drawnHeight);
    BoardTexts texts = new BoardTexts(worked, board.figuresProperty().get());
    for (Station station : model.stations()) {
      String spoken = texts.spoken(station, model);
      Cell cell = station.cell();
      boolean header = cell.row() == Cell.HEADER;
      double x = place.columnX(cell.column()) - 10;
      double y = header ? 4 : place.rowTop(cell.row()) - 5;
      double width = place.columnWidth(cell.column()) + 6;
      double height = header ? 46 : place.rowHeight() - 2;
      stock.add(
          List.of(station, spoken, x, y, width, height),
          () -> stationNode(station, spoken, x, y, width, height));
    }
    new BoardPainting(words, model, place, texts, stock)
        .paint(spout -> board.onSpoutProperty().get().accept(spout));
  }

  private StationNode stationNode(
      Station station, String spoken, double x, double y, double width, double height) {
    StationNode node = new StationNode(station, spoken, this::walk, this::open);
    node.setManaged(false);
    node.resizeRelocate(x, y, width, height);
    return node;
  }

  private void markSelected() {
    Cell selected = getSkinnable().selectedProperty().get();
    boolean found = stationNodes.stream().anyMatch(node -> node.station().cell().equals(selected));
    if (!found && !stale && !stationNodes.isEmpty()) {
      getSkinnable().selectedProperty().set(stationNodes.getFirst().station().cell());
      return;
    }
    stationNodes.forEach(node -> node.select(node.station().cell().equals(selected)));
  }

  private void focusSelected() {
    stationNodes.stream()
        .filter(StationNode::isFocusTraversable)
        .findFirst()
        .ifPresent(StationNode::requestFocus);
  }

  private void walk(Direction direction) {
    model
        .flatMap(board -> direction.from(getSkinnable().selectedProperty().get(), board))
        .ifPresent(
            station -> {
              getSkinnable().selectedProperty().set(station.cell());
              focusSelected();
            });
  }

  private void open(Station station) {
    getSkinnable().selectedProperty().set(station.cell());
    getSkinnable().onOpenProperty().get().accept(station);
  }

  @Override
  protected double computeMinHeight(
      double width, double top, double right, double bottom, double left) {
    int rows = model.map(board -> board.rows().size()).orElse(1);
    return 70 + rows * BoardGeometry.LOWEST_ROW;
  }
}
