package jugulum.practice.deck;

import jugulum.core.check.Check;

/**
 * The deck of a shaker table, seen from above: x runs from the feed to the ports, y from the top
 * edge down.
 *
 * @param lengthM along x, in m, 0.2 to 5
 * @param widthM along y, in m, 0.1 to 3
 * @param riffleM height of the riffles at the feed, in m, 0 to 0.02
 * @param smoothFromM where they have tapered to nothing, in m, from 0.01 to the length
 * @param spacingM from riffle to riffle, in m, 0.005 to 0.2
 */
public record DeckShape(
    double lengthM, double widthM, double riffleM, double smoothFromM, double spacingM) {
  /**
   * A small shop's deck: ours.
   *
   * <p>Off by a half: the tilt told for a table nobody measured.
   */
  public static final DeckShape USUAL = new DeckShape(0.9, 0.45, 0.006, 0.72, 0.03);

  /** Checks that it can be built. */
  public DeckShape {
    Check.inRange("lengthM", lengthM, 0.2, 5);
    Check.inRange("widthM", widthM, 0.1, 3);
    Check.inRange("riffleM", riffleM, 0, 0.02);
    Check.inRange("smoothFromM", smoothFromM, 0.01, lengthM);
    Check.inRange("spacingM", spacingM, 0.005, 0.2);
  }

  /** How high the riffles are so far from the feed, in m. */
  public double riffleM(double x) {
    return Math.max(0, riffleM * (1 - x / smoothFromM));
  }
}
