package jugulum.desk.board;

import java.util.Comparator;
import java.util.Optional;

/** The ways the arrow keys walk over the board. */
public enum Direction {
  LEFT,
  RIGHT,
  UP,
  DOWN;

  /** The nearest station that way; nearer along the way counts before nearer across it. */
  public Optional<Station> from(Cell here, BoardModel board) {
    return board.stations().stream()
        .filter(station -> along(here, station.cell()) > 0)
        .min(
            Comparator.<Station>comparingInt(station -> cost(here, station.cell()))
                .thenComparingInt(station -> along(here, station.cell())));
  }

  private int along(Cell here, Cell there) {
    return switch (this) {
      case LEFT -> here.column() - there.column();
      case RIGHT -> there.column() - here.column();
      case UP -> here.row() - there.row();
      case DOWN -> there.row() - here.row();
    };
  }

  private int cost(Cell here, Cell there) {
    int across =
        this == LEFT || this == RIGHT
            ? Math.abs(here.row() - there.row())
            : Math.abs(here.column() - there.column());
    return along(here, there) + 3 * across;
  }
}
