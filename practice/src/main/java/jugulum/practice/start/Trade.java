package jugulum.practice.start;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Check;

/**
 * What a cut trades on a bowl or a deck, by the model: with more water or tilt more of its sand
 * goes, and more of its gold. A model to start from, not a forecast.
 *
 * @param rig on what
 * @param minutes how long a charge runs, in min; 0 on a deck, which runs on
 * @param points rising by setting, at least one
 * @param most the setting up to which no more gold goes than {@link #ALLOWED}
 */
public record Trade(Rig rig, double minutes, List<Point> points, double most) {
  /**
   * So much of the gold may go: ours.
   *
   * <p>Off by a half: which cuts are told to be too wide for a bowl or a table.
   */
  public static final double ALLOWED = 0.01;

  /**
   * What is told besides where no setting does both: three quarters of the sand; ours.
   *
   * <p>Off by a half: the flow or tilt such a cut is told to start from.
   */
  public static final double AT_LEAST = 0.75;

  /** What trades. */
  public enum Rig {
    /** Set by its flow, in L/min; nine tenths of the sand are to go over its lip. */
    BOWL(0.9),
    /** Set by its tilt, in degrees; of the sand no more than 2 in 100 is to come with the gold. */
    DECK(0.98);

    private final double wanted;

    Rig(double wanted) {
      this.wanted = wanted;
    }

    /** The share of the sand that is to be parted from the gold, 0 to 1. */
    public double wanted() {
      return wanted;
    }
  }

  /**
   * What a setting does.
   *
   * @param setting flow in L/min or tilt in degrees
   * @param sandOut the share of the sand that is parted from the gold, 0 to 1
   * @param goldLost the share of the gold that goes with it, 0 to 1
   */
  public record Point(double setting, double sandOut, double goldLost) {}

  /** Keeps its own copy. */
  public Trade {
    Check.inRange("minutes", minutes, 0, 600);
    points = List.copyOf(points);
  }

  /**
   * The least setting that parts so much of the sand.
   *
   * @param sandOut 0 to 1
   * @return empty where none does
   */
  public Optional<Point> at(double sandOut) {
    Check.share("sandOut", sandOut);
    Point before = points.getFirst();
    for (Point point : points) {
      if (point.sandOut() >= sandOut) {
        return Optional.of(between(before, point, sandOut));
      }
      before = point;
    }
    return Optional.empty();
  }

  private static Point between(Point low, Point high, double sandOut) {
    double part =
        high.sandOut() > low.sandOut()
            ? Math.clamp((sandOut - low.sandOut()) / (high.sandOut() - low.sandOut()), 0, 1)
            : 1;
    return new Point(
        low.setting() + part * (high.setting() - low.setting()),
        low.sandOut() + part * (high.sandOut() - low.sandOut()),
        low.goldLost() + part * (high.goldLost() - low.goldLost()));
  }

  /** The setting that does what is wanted; empty where the model knows none. */
  public Optional<Point> wanted() {
    return at(rig.wanted());
  }

  /** Whether there is a setting that parts the sand and leaves the gold. */
  public boolean isOpen() {
    return wanted()
        .filter(point -> point.goldLost() <= ALLOWED && point.setting() <= most)
        .isPresent();
  }

  /**
   * Where to start: of what does both the least water on a bowl, since time mends what is left, and
   * the middle on a deck, where nothing is done twice; where nothing does both, what parts three
   * quarters, or as much as can be.
   */
  public Point start() {
    if (!isOpen()) {
      return at(AT_LEAST).orElseGet(points::getLast);
    }
    Point least = wanted().orElseThrow();
    return switch (rig) {
      case BOWL -> least;
      case DECK -> new Point((least.setting() + most) / 2, least.sandOut(), least.goldLost());
    };
  }
}
