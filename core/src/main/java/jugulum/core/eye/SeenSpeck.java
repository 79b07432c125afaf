package jugulum.core.eye;

import java.util.List;
import java.util.Optional;

/**
 * Something in a picture that may be a speck of gold.
 *
 * @param centre its middle
 * @param areaPx its area, in pixels, above 0
 * @param longPx its longest axis, in pixels: of the ellipse with its moments and its area
 * @param shortPx its shortest
 * @param yellow how yellow it is, as a logarithm
 * @param bright how warm its brighter tenth is, beside the ground
 * @param burnt which share of it is at the top of the scale, 0 to 1
 * @param isTiny whether it has no border of its own: its area is its light over that of this
 *     picture's gold
 * @param verdict what it is taken for
 * @param why why that is unsure; empty where it is not
 * @param outline its border, corner by corner
 */
public record SeenSpeck(
    Point centre,
    double areaPx,
    double longPx,
    double shortPx,
    double yellow,
    double bright,
    double burnt,
    boolean isTiny,
    Verdict verdict,
    Optional<Why> why,
    List<Point> outline) {
  /** What something is taken for. */
  public enum Verdict {
    GOLD,
    /** Gold as it looks, but to be looked at. */
    UNSURE,
    NOT_GOLD
  }

  /** What makes it unsure. */
  public enum Why {
    /** Paler than this picture's gold. */
    PALE,
    /** Darker than this picture's gold. */
    DARK,
    /** Too few pixels. */
    SMALL
  }

  /** Keeps its own copy. */
  public SeenSpeck {
    outline = List.copyOf(outline);
  }

  /** Across, as a disc of its area, in pixels. */
  public double acrossPx() {
    return Math.sqrt(4 * areaPx / Math.PI);
  }

  /** Whether it counts as gold. */
  public boolean isGold() {
    return verdict != Verdict.NOT_GOLD;
  }

  /** The same with another area; its axes change with it. */
  SeenSpeck of(double area) {
    double by = Math.sqrt(area / areaPx);
    return new SeenSpeck(
        centre,
        area,
        longPx * by,
        shortPx * by,
        yellow,
        bright,
        burnt,
        isTiny,
        verdict,
        why,
        outline);
  }

  SeenSpeck judged(Verdict other, Optional<Why> reason) {
    return new SeenSpeck(
        centre, areaPx, longPx, shortPx, yellow, bright, burnt, isTiny, other, reason, outline);
  }
}
