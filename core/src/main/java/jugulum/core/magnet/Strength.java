package jugulum.core.magnet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Measure.LiftTest;

/**
 * How near a magnet is worked: of a sample lifted at falling distances, what each lift added.
 *
 * @param points one a lift, farthest first
 */
public record Strength(List<Point> points) {
  /**
   * One works at the weakest that takes that much of what the magnet takes at all: common practice,
   * 80 to 95 %.
   */
  public static final double ENOUGH = 0.80;

  /** Keeps its own copy. */
  public Strength {
    points = List.copyOf(points);
  }

  /**
   * Up to one lift.
   *
   * @param gapMm how near, in mm
   * @param lifted of all that was lifted in the end, the share so far, 0 to 1
   * @param specks counted so far
   * @param specksPer100G in this lift alone, for 100 g of what it took; 0 where it took nothing
   */
  public record Point(double gapMm, double lifted, int specks, double specksPer100G) {}

  /** What a test shows; empty where nothing was lifted. */
  public static Optional<Strength> of(LiftTest test) {
    double all = test.lifts().stream().mapToDouble(LiftTest.Lift::grams).sum();
    if (!(all > 0)) {
      return Optional.empty();
    }
    List<Point> points = new ArrayList<>();
    double grams = 0;
    int specks = 0;
    for (LiftTest.Lift lift : test.lifts()) {
      grams += lift.grams();
      specks += lift.specks();
      points.add(
          new Point(
              lift.gapMm(),
              Math.min(1, grams / all),
              specks,
              lift.grams() > 0 ? lift.specks() * 100 / lift.grams() : 0));
    }
    return Optional.of(new Strength(points));
  }

  /** The farthest at which it takes enough. */
  public Point weakestEnough() {
    return points.stream()
        .filter(point -> point.lifted() >= ENOUGH)
        .findFirst()
        .orElseGet(points::getLast);
  }
}
