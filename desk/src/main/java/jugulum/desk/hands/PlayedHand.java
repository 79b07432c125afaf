package jugulum.desk.hands;

import java.util.Optional;
import java.util.Random;
import jugulum.core.scale.ScaleLine;
import jugulum.core.shop.Scale;
import jugulum.core.task.Part;
import jugulum.desk.session.ScaleStand;

/** Lays on the played scale what is asked for, and takes it off: for trying bench mode out. */
final class PlayedHand {
  private static final double PAN_G = 642;
  private static final double MOST_SAND_G = 2600;
  private static final double MOST_SAMPLE_G = 300;
  private static final double SOME_GOLD_G = 0.84;

  /** Nothing hangs on what is laid on a played scale, so it is the same in every run. */
  private static final long SEED = 14;

  private final ScaleStand stand;
  private final Random random = new Random(SEED);

  PlayedHand(ScaleStand stand) {
    this.stand = stand;
  }

  /** Whether the scale in use is only played. */
  boolean isThere() {
    return stand.scale().map(Scale::line).filter(ScaleLine.Played.class::isInstance).isPresent();
  }

  /** Lays on as much as could be. */
  void layOn(Optional<Part> part) {
    if (isThere()) {
      part.ifPresent(asked -> stand.played().put(grams(asked)));
    }
  }

  private double grams(Part part) {
    double share = 0.5 + 0.3 * random.nextDouble();
    return switch (part.ask()) {
      case GROSS -> PAN_G + MOST_SAND_G * share;
      case TARE -> PAN_G;
      case SAMPLE -> Math.min(part.high() / 2, MOST_SAMPLE_G) * share;
      default ->
          part.unit() == Part.Unit.GOLD
              ? SOME_GOLD_G * share
              : Math.min(part.high(), MOST_SAND_G) * share;
    };
  }

  /** Takes all of it off. */
  void takeOff() {
    if (isThere()) {
      stand.played().put(0);
    }
  }
}
