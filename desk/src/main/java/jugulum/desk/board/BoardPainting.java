package jugulum.desk.board;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.shape.Rectangle;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.screens.Cut;
import jugulum.desk.kit.Room;
import jugulum.desk.words.Words;

/** Makes the nodes of a board, from the bottom layer to the top. */
final class BoardPainting {
  private static final double SPOUT_OFFSET = 14;
  private static final double NEXT_SPOUT = 106;
  private static final double NEXT_SPOUT_NARROW = 76;

  /** What the label of a spout may take. */
  private static final double ROOM = NEXT_SPOUT + 50;

  /** The last of two side by side ends where the next column begins. */
  private static final double LAST_BESIDE = 44;

  private static final double VIAL_MOUTH = 30;
  private static final double ROOMY_ROW = 66;
  private static final double THICK_ENOUGH_FOR_TEXT = 17;

  private final Words words;
  private final BoardModel board;
  private final BoardGeometry geometry;
  private final BoardTexts texts;
  private final Map<Cell, Integer> spoutsAt = new HashMap<>();
  private final NodeStock stock;
  private final Map<BoardFlow.Band, Double> feedOffsets;

  /**
   * Labels that stand where a gold thread may pass: painted after the threads, on a ground of their
   * own.
   */
  private final List<Runnable> overThreads = new ArrayList<>();

  BoardPainting(
      Words words, BoardModel board, BoardGeometry geometry, BoardTexts texts, NodeStock stock) {
    this.words = words;
    this.board = board;
    this.geometry = geometry;
    this.texts = texts;
    this.stock = stock;
    this.feedOffsets = geometry.feedOffsets();
  }

  void paint(Consumer<BoardFlow.Spout> onSpout) {
    feedBlock();
    board.flows(BoardFlow.Band.class).forEach(this::band);
    board.flows(BoardFlow.Return.class).forEach(this::back);
    board.flows(BoardFlow.Spout.class).forEach(spout -> spout(spout, onSpout));
    placeholders();
    vial();
    board.flows(BoardFlow.Thread.class).forEach(this::thread);
    overThreads.forEach(Runnable::run);
    headings();
    rowLabels();
    statuses();
    board.goldByCell().forEach(this::gold);
  }

  private void feedBlock() {
    block(geometry.columnX(0), geometry.feedTop(), 18, geometry.feedHeight(), 0, "feed-block");
  }

  private void band(BoardFlow.Band band) {
    double thickness = geometry.thickness(band.grams());
    Double fan = feedOffsets.get(band);
    if (fan != null) {
      double start = geometry.columnX(Math.max(1, band.from().column()));
      sand(geometry.columnX(0) + 17, fan, start, geometry.bandY(band.to().row()), thickness);
      straight(start - 0.5, end(band), band.to().row(), thickness);
    } else if (band.from().row() != Cell.HEADER && band.to().row() != Cell.HEADER) {
      double from = geometry.columnX(band.from().column());
      double to = end(band);
      if (band.from().row() == band.to().row()) {
        straight(from, to, band.to().row(), thickness);
      } else {
        double turn = Math.min(to, from + 150);
        sand(
            from + 8,
            geometry.bandY(band.from().row()),
            turn,
            geometry.bandY(band.to().row()),
            thickness);
        straight(turn - 0.5, to, band.to().row(), thickness);
      }
    }
  }

  /** A band stops short of a place where it only waits. */
  private double end(BoardFlow.Band band) {
    boolean waits = board.at(band.to()).filter(Station.Waiting.class::isInstance).isPresent();
    return geometry.columnX(band.to().column()) + (waits ? -12 : 6);
  }

  private void straight(double from, double to, int row, double thickness) {
    sand(from, geometry.bandY(row), Math.max(from, to), geometry.bandY(row), thickness);
  }

  private void sand(double x1, double y1, double x2, double y2, double thickness) {
    stock.add(
        List.of("sand", x1, y1, x2, y2, thickness),
        () -> BoardShapes.band(x1, y1, x2, y2, thickness));
  }

  private void block(double x, double y, double width, double height, double arc, String style) {
    stock.add(
        List.of(style, x, y, width, height),
        () -> {
          Rectangle block = BoardShapes.block(x, y, width, height, style);
          block.setArcWidth(arc);
          block.setArcHeight(arc);
          return block;
        });
  }

  private void back(BoardFlow.Return back) {
    if (back.from().row() == Cell.HEADER
        || back.to().row() == Cell.HEADER
        || back.from().equals(back.to())) {
      return;
    }
    double sag = geometry.rowHeight() * 0.4;
    double x1 = geometry.columnX(back.from().column()) + 20;
    double y1 = geometry.bandY(back.from().row()) + 6;
    double x2 = geometry.columnX(back.to().column()) + 20;
    double y2 = geometry.bandY(back.to().row()) + 6;
    stock.add(List.of("back", x1, y1, x2, y2), () -> BoardShapes.back(x1, y1, x2, y2, sag));
  }

  private void spout(BoardFlow.Spout spout, Consumer<BoardFlow.Spout> onSpout) {
    if (spout.from().row() == Cell.HEADER) {
      headerSpout(spout, onSpout);
      return;
    }
    int before = spoutsAt.merge(spout.from(), 1, Integer::sum) - 1;
    double x =
        geometry.columnX(spout.from().column())
            + SPOUT_OFFSET
            + before * (roomy() ? NEXT_SPOUT : NEXT_SPOUT_NARROW);
    double y = geometry.bandY(spout.from().row());
    boolean lower = geometry.rowHeight() >= ROOMY_ROW + 18;
    if (lower) {
      paintSpout(
          spout, onSpout, x, y, before > 0 ? new Lowered(-NEXT_SPOUT, 17, ROOM) : Lowered.NOT);
    } else {
      paintSpout(spout, onSpout, x, y, new Lowered(0, 0, beside(spout, before)));
    }
  }

  /** Side by side, a label ends before the next spout, and before the thread of the next column. */
  private double beside(BoardFlow.Spout spout, int before) {
    long here =
        board.flows(BoardFlow.Spout.class).filter(one -> one.from().equals(spout.from())).count();
    return here == 1 ? ROOM : before + 1 < here ? NEXT_SPOUT - 20 : LAST_BESIDE;
  }

  /**
   * How far a label stands from where it would, and what room it has: where two spouts share a
   * station the second label goes under the first.
   */
  private record Lowered(double x, double y, double room) {
    static final Lowered NOT = new Lowered(0, 0, ROOM);
  }

  /** Cuts that come off the screens and are set aside end at the screen's own column. */
  private void headerSpout(BoardFlow.Spout spout, Consumer<BoardFlow.Spout> onSpout) {
    for (var id : spout.lots()) {
      Cut cut = texts.worked().network().lot(id).orElseThrow().cut();
      int row = board.rows().indexOf(cut);
      double grams = texts.worked().sand().mass(id).grams();
      double start = geometry.columnX(spout.from().column());
      if (row >= 0) {
        sand(
            geometry.columnX(0) + 17,
            geometry.feedTop() + 4,
            start,
            geometry.bandY(row),
            geometry.thickness(grams));
        straight(start - 0.5, start + 130, row, geometry.thickness(grams));
        paintSpout(
            new BoardFlow.Spout(spout.from(), spout.kind(), List.of(id), grams),
            onSpout,
            start + 126,
            geometry.bandY(row),
            Lowered.NOT);
      }
    }
  }

  private void paintSpout(
      BoardFlow.Spout spout,
      Consumer<BoardFlow.Spout> onSpout,
      double x,
      double y,
      Lowered lowered) {
    double thickness = Math.clamp(geometry.thickness(spout.grams()) * 0.6, 4, 12);
    double drop = geometry.thickest() / 2 + Math.min(16, geometry.rowHeight() / 5);
    stock.add(
        List.of(spout.kind(), x, y, thickness, drop),
        () -> BoardShapes.spout(x, y, thickness, drop, style(spout.kind())));
    if (spout.kind() == BoardFlow.Spout.Kind.RESIDUE) {
      return;
    }
    String text =
        roomy() ? Room.best(texts.spout(spout), lowered.room(), false) : texts.spoutMass(spout);
    double width = Math.max(lowered.room(), Room.width(text, false) + 2);
    double labelX = x + thickness + 16 + lowered.x();
    double labelY = y + geometry.thickest() / 2 + 1 + lowered.y();
    overThreads.add(
        () ->
            stock.add(
                List.of(spout, text, labelX, labelY),
                () ->
                    spoutLabel(spout, onSpout, label(text, labelX, labelY, width, "spout-label"))));
  }

  private Label spoutLabel(BoardFlow.Spout spout, Consumer<BoardFlow.Spout> onSpout, Label label) {
    label.setMouseTransparent(false);
    label.setAccessibleRole(AccessibleRole.BUTTON);
    label.setAccessibleText(texts.spout(spout).getFirst());
    label.setTooltip(new Tooltip(texts.spout(spout).getFirst()));
    label.setOnMouseClicked(_ -> onSpout.accept(spout));
    return label;
  }

  private static String style(BoardFlow.Spout.Kind kind) {
    return switch (kind) {
      case MAGNETICS -> "spout-magnetics";
      case TAILINGS, RESIDUE -> "spout-tailings";
      case WAITING -> "spout-waiting";
    };
  }

  /** Dashed outlines of what a lot still has before it. */
  private void placeholders() {
    for (Station station : board.stations()) {
      if (station instanceof Station.Waiting(Cell cell, var _)) {
        for (int column = cell.column(); column < board.columns().size() - 1; column++) {
          boolean free =
              column == cell.column() || board.at(new Cell(column, cell.row())).isEmpty();
          if (free) {
            double width = Math.min(130, geometry.columnWidth(column));
            block(
                geometry.columnX(column) - 4,
                geometry.bandY(cell.row()) - 9,
                width,
                18,
                8,
                "placeholder");
          }
        }
      }
    }
  }

  private void thread(BoardFlow.Thread thread) {
    double thickness = 1.6 + 3.4 * Math.sqrt(thread.share());
    double x1 = geometry.columnX(thread.from().column()) + 10;
    double y1 = geometry.bandY(thread.from().row());
    boolean intoVial = thread.to().column() == board.columns().size() - 1;
    double x2 = intoVial ? vialX() + 3 : geometry.columnX(thread.to().column()) + 10;
    double y2 =
        intoVial
            ? vialTop() + VIAL_MOUTH + 14.0 * thread.from().row() / Math.max(1, board.rows().size())
            : geometry.bandY(thread.to().row());
    stock.add(
        List.of("thread", x1, y1, x2, y2, thickness),
        () -> BoardShapes.thread(x1, y1, x2, y2, thickness));
  }

  private double vialX() {
    return geometry.columnX(board.columns().size() - 1) + 2;
  }

  private double vialTop() {
    return (geometry.rowTop(0) + geometry.rowTop(board.rows().size())) / 2 - 64;
  }

  private void vial() {
    double x = vialX();
    double top = vialTop();
    block(x, top + 11, 40, 116, 14, "vial-glass");
    if (board.goldMg() > 0) {
      double won =
          texts.worked().gold().recoveries().stream().findFirst().map(Recovery::share).orElse(0.0);
      double level = Math.max(8, 104 * Math.clamp(won, 0, 1));
      block(x + 3, top + 11 + 113 - level, 34, level, 10, "vial-gold");
    }
    block(x + 11, top, 18, 12, 4, "vial-cap");
    boolean gold = board.goldMg() > 0;
    String amount =
        gold
            ? texts.gold(board.goldMg())
            : Room.best(List.of(words.of("board.vial.none"), words.of("header.none")), 96, false);
    stock.add(
        List.of("vial", amount, x, top),
        () -> {
          Label label = label(amount, x - 30, top + 132, 100, gold ? "gold-label" : "status");
          label.setAlignment(Pos.CENTER);
          label.setPrefWidth(100);
          return label;
        });
  }

  private void headings() {
    for (int i = 0; i < board.columns().size(); i++) {
      Column column = board.columns().get(i);
      double width = i == board.columns().size() - 1 ? 80 : geometry.columnWidth(i);
      text(
          Room.best(texts.title(column), width, true),
          geometry.columnX(i),
          10,
          width,
          "column-title");
      text(
          Room.best(texts.subtitle(column), width, false),
          geometry.columnX(i),
          28,
          width,
          "column-subtitle");
    }
  }

  private void rowLabels() {
    for (int row = 0; row < board.rows().size(); row++) {
      int at = row;
      int column =
          board
              .flows(BoardFlow.Band.class)
              .filter(band -> band.to().row() == at)
              .mapToInt(band -> Math.max(1, band.from().column()))
              .min()
              .orElseGet(
                  () ->
                      board.stations().stream()
                          .filter(station -> station.cell().row() == at)
                          .mapToInt(s -> s.cell().column())
                          .min()
                          .orElse(1));
      rowLabel(row, column);
    }
  }

  private void rowLabel(int row, int column) {
    Cut cut = board.rows().get(row);
    boolean isWorkedHere =
        board.at(new Cell(column, row)).filter(Station.Work.class::isInstance).isPresent();
    if (cut.isAll() && isWorkedHere) {
      // Sand no screen has seen has no cut to name, and the place is the station's.
      return;
    }
    double x = geometry.columnX(column) + 4;
    text(texts.rowName(cut), x, geometry.labelY(row) - 2, 130, "row-name");
    Optional<Lot> lot =
        texts.worked().network().lots().stream()
            .filter(one -> one.cut().equals(cut) && isFirstOfRow(one.id()))
            .findFirst();
    if (roomy()) {
      double width = geometry.columnWidth(column) - 76;
      String sizes = Room.best(List.of(texts.rowSizes(cut), ""), width, false);
      text(sizes, x + 76, geometry.labelY(row) - 1, width, "row-sizes");
    }
    boolean waitsHere =
        board.at(new Cell(column, row)).filter(Station.Waiting.class::isInstance).isPresent();
    if (!waitsHere) {
      rowMass(
          lot.map(one -> texts.mass(one.id())).orElse(""),
          lot.map(one -> grams(one.id())).orElse(0.0),
          row,
          x);
    }
  }

  /**
   * Narrow rows have no room for everything: sizes go, and what is set aside is told by its mass
   * alone, beside the spout that shows its kind.
   */
  private boolean roomy() {
    return geometry.rowHeight() >= ROOMY_ROW;
  }

  private double grams(LotId lot) {
    return texts.worked().sand().mass(lot).grams();
  }

  /**
   * In the band where that is thick enough, else under it, or beside the cut's name where rows are
   * narrow.
   */
  private void rowMass(String mass, double grams, int row, double x) {
    double thickness = geometry.thickness(grams);
    if (!roomy()) {
      text(mass, x + 82, geometry.labelY(row) - 2, 84, "row-mass");
    } else if (thickness >= THICK_ENOUGH_FOR_TEXT) {
      text(mass, x + 2, geometry.bandY(row) - 10, 120, "row-mass-inside");
    } else {
      text(mass, x + 2, geometry.bandY(row) + thickness / 2 + 1, 120, "row-mass");
    }
  }

  private boolean isFirstOfRow(LotId id) {
    return texts
        .worked()
        .network()
        .maker(id)
        .map(step -> ColumnKind.of(step.process()))
        .filter(
            kind -> kind == ColumnKind.SCREEN || kind == ColumnKind.FEED || kind == ColumnKind.JOIN)
        .isPresent();
  }

  private void statuses() {
    for (Station station : board.stations()) {
      Cell cell = station.cell();
      if (cell.row() == Cell.HEADER) {
        continue;
      }
      boolean waiting = station instanceof Station.Waiting;
      boolean goldHere = board.goldByCell().containsKey(cell);
      if (!goldHere) {
        double y = waiting ? geometry.bandY(cell.row()) - 10 : geometry.labelY(cell.row()) - 1;
        double width = geometry.columnWidth(cell.column());
        text(
            Room.best(texts.status(station), width, false),
            geometry.columnX(cell.column()) + 4,
            y,
            width,
            "status");
      }
    }
  }

  private void gold(Cell cell, double mg) {
    double x = geometry.columnX(cell.column());
    boolean threadRises =
        geometry.bandY(cell.row()) > vialTop() + VIAL_MOUTH + geometry.rowHeight() / 2;
    if (threadRises) {
      text(texts.gold(mg), x + 44, geometry.bandY(cell.row()) + 7, 90, "gold-label");
    } else {
      text(texts.gold(mg), x + 4, geometry.labelY(cell.row()) - 1, 90, "gold-label");
    }
  }

  private void text(String text, double x, double y, double width, String style) {
    stock.add(List.of(style, text, x, y, width), () -> label(text, x, y, width, style));
  }

  private static Label label(String text, double x, double y, double width, String style) {
    Label label = new Label(text);
    label.getStyleClass().add(style);
    label.relocate(Math.rint(x), Math.rint(y));
    label.setMaxWidth(width);
    label.setMinWidth(0);
    label.setMouseTransparent(true);
    return label;
  }
}
