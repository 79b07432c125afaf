package jugulum.desk.board;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Where the things of a board lie, in pixels. */
final class BoardGeometry {
  private static final double LEFT = 22;
  private static final double TOP = 58;
  private static final double BOTTOM = 8;
  private static final double FEED_COLUMN = 118;
  private static final double VIAL_COLUMN = 92;
  private static final double THINNEST = 5;
  private static final double LABEL = 18;

  /** The height from which a row still shows its label, band and spout apart. */
  static final double LOWEST_ROW = 50;

  private static final double HIGHEST_ROW = 98;

  private final BoardModel board;
  private final double width;
  private final double height;
  private final double heaviestBand;
  private final List<BoardFlow.Band> fanned;

  /**
   * Lays a board out.
   *
   * @param board what is laid out
   * @param width the width there is
   * @param height the height there is
   */
  BoardGeometry(BoardModel board, double width, double height) {
    this.board = board;
    this.width = width;
    this.height = height;
    this.heaviestBand =
        board
            .flows(BoardFlow.Band.class)
            .filter(band -> band.from().column() > 0)
            .mapToDouble(BoardFlow.Band::grams)
            .max()
            .orElse(0);
    this.fanned = fanned(board);
  }

  double columnX(int column) {
    int last = board.columns().size() - 1;
    if (column == 0) {
      return LEFT;
    }
    if (column == last) {
      return width - VIAL_COLUMN + 22;
    }
    double before = IntStream.range(1, column).mapToDouble(this::weight).sum();
    double all = IntStream.range(1, last).mapToDouble(this::weight).sum();
    return LEFT
        + FEED_COLUMN
        + (width - VIAL_COLUMN - LEFT - FEED_COLUMN) * before / Math.max(1, all);
  }

  /** Columns with longer texts get more room. */
  private double weight(int column) {
    return switch (board.columns().get(column).kind()) {
      case SCREEN -> 1.32;
      case JOIN, FINISH -> 0.72;
      case FEED, MAGNET, GRAVITY, VIAL -> 1;
    };
  }

  /** The room a column has for its texts. */
  double columnWidth(int column) {
    return column + 1 < board.columns().size()
        ? columnX(column + 1) - columnX(column) - 10
        : VIAL_COLUMN - 26;
  }

  double rowHeight() {
    return Math.min(HIGHEST_ROW, (height - TOP - BOTTOM) / Math.max(1, board.rows().size()));
  }

  double rowTop(int row) {
    double used = rowHeight() * board.rows().size();
    double spare = height - TOP - BOTTOM - used;
    return TOP + spare / 2 + row * rowHeight();
  }

  double labelY(int row) {
    return rowTop(row);
  }

  double bandY(int row) {
    return rowTop(row) + LABEL + thickest() / 2;
  }

  double thickest() {
    return Math.clamp(rowHeight() - LABEL - 18, THINNEST, 30);
  }

  double thickness(double grams) {
    return heaviestBand > 0
        ? Math.clamp(thickest() * grams / heaviestBand, THINNEST, thickest())
        : thickest() / 2;
  }

  /** The feed block is as thick as the bands that leave it. */
  Map<BoardFlow.Band, Double> feedOffsets() {
    double[] y = {feedTop()};
    return fanned.stream()
        .collect(
            Collectors.toMap(
                band -> band,
                band -> {
                  double centre = y[0] + thickness(band.grams()) / 2;
                  y[0] += thickness(band.grams());
                  return centre;
                }));
  }

  double feedTop() {
    return (bandY(0) + bandY(board.rows().size() - 1)) / 2 - feedHeight() / 2;
  }

  double feedHeight() {
    double sum = fanned.stream().mapToDouble(band -> thickness(band.grams())).sum();
    return sum > 0 ? sum : thickest();
  }

  /**
   * The bands that leave the feed block: those of the screens of all the feed, or the feed itself.
   */
  private static List<BoardFlow.Band> fanned(BoardModel board) {
    boolean screened =
        board
            .flows(BoardFlow.Band.class)
            .anyMatch(band -> band.from().row() == Cell.HEADER && band.from().column() > 0);
    return board
        .flows(BoardFlow.Band.class)
        .filter(band -> band.from().row() == Cell.HEADER && band.to().row() != Cell.HEADER)
        .filter(band -> band.from().column() > 0 || !screened)
        .toList();
  }
}
