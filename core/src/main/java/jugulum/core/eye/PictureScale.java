package jugulum.core.eye;

/**
 * How large a picture shows things, and by what that was found. Nothing is measured by it before a
 * person has seen what was found and said yes.
 *
 * @param pxPerMm pixels to the millimetre, above 0
 * @param relativeSd its standard deviation, as a share, 0 or more
 * @param isWeak whether what was found is doubtful: then it is asked, not offered
 * @param found what was found
 * @param covered which pixels the thing of known size covers
 */
@SuppressWarnings("ArrayRecordComponent") // one value a pixel; nobody changes it
public record PictureScale(
    double pxPerMm, double relativeSd, boolean isWeak, Found found, boolean[] covered) {
  /** What a scale was found by. */
  public sealed interface Found {
    /**
     * The rim of a disc.
     *
     * @param centre its middle
     * @param radius in pixels
     * @param share of the rays from its middle that meet its rim, 0 to 1
     */
    record Ring(Point centre, double radius, double share) implements Found {}

    /**
     * Lines side by side.
     *
     * @param x how often they come in a pixel across
     * @param y how often they come in a pixel down
     * @param phase where they lie: x times the one and y times the other is a whole number more
     * @param strength how far they stand out of the rest, as a logarithm
     * @param isMesh whether they are wires, with others across, and not marks of a ruler
     */
    record Lines(double x, double y, double phase, double strength, boolean isMesh)
        implements Found {
      /** From line to line, in pixels. */
      public double pitchPx() {
        return 1 / Math.hypot(x, y);
      }
    }

    /** A line a person drew. */
    record Drawn(Point from, Point to) implements Found {}
  }
}
