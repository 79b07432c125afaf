package jugulum.desk.scale;

import java.util.Random;
import jugulum.core.scale.ScaleLine;
import jugulum.core.shop.Scale;
import jugulum.desk.live.ScaleStand;

/** Lays on the played scale what is asked for, and takes it off: to try things out. */
public final class PlayedHand {
  private static final double PAN_G = 642;
  private static final double MOST_SAND_G = 2600;
  private static final double SOME_GOLD_G = 0.84;

  /** Nothing hangs on what is laid on a played scale, so it is the same in every run. */
  private static final long SEED = 14;

  private final ScaleStand stand;
  private final Random random = new Random(SEED);

  /** What is laid on. */
  public enum Load {
    PAN_WITH_SAND,
    PAN,
    SAND,
    GOLD
  }

  /** A hand beside a scale. */
  public PlayedHand(ScaleStand stand) {
    this.stand = stand;
  }

  /** Whether the scale in use is only played. */
  public boolean isThere() {
    return stand.scale().map(Scale::line).filter(ScaleLine.Played.class::isInstance).isPresent();
  }

  /**
   * Lays on as much as could be.
   *
   * @param mostG the most sand there can be, in grams
   */
  public void layOn(Load load, double mostG) {
    if (isThere()) {
      stand.played().put(grams(load, mostG));
    }
  }

  private double grams(Load load, double mostG) {
    double share = 0.5 + 0.3 * random.nextDouble();
    return switch (load) {
      case PAN_WITH_SAND -> PAN_G + Math.min(mostG, MOST_SAND_G) * share;
      case PAN -> PAN_G;
      case SAND -> Math.min(mostG, MOST_SAND_G) * share;
      case GOLD -> SOME_GOLD_G * share;
    };
  }

  /** Takes all of it off. */
  public void takeOff() {
    if (isThere()) {
      stand.played().put(0);
    }
  }
}
