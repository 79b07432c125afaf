package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.eye.Point;

/**
 * What a hand draws over a picture: corners of an outline one after the other, or a line from one
 * place to another that is measured. Knows no window.
 */
final class Hand {
  private final List<Point> corners = new ArrayList<>();
  private Optional<Point> from = Optional.empty();
  private boolean isOutlining;

  /** Whether corners are put. */
  boolean isOutlining() {
    return isOutlining;
  }

  /** Begins an outline. */
  void outline() {
    drop();
    isOutlining = true;
  }

  /** One more corner. */
  void corner(Point place) {
    corners.add(place);
  }

  /** The corners so far. */
  List<Point> corners() {
    return List.copyOf(corners);
  }

  /** Begins to measure at a place. */
  void measure(Point place) {
    drop();
    from = Optional.of(place);
  }

  /** Where what is measured begins; empty while nothing is. */
  Optional<Point> from() {
    return from;
  }

  /** Whether something is being drawn. */
  boolean isBusy() {
    return isOutlining || from.isPresent();
  }

  /** Drops what was being drawn. */
  void drop() {
    corners.clear();
    from = Optional.empty();
    isOutlining = false;
  }
}
