package jugulum.core.eye;

/**
 * A place in a picture.
 *
 * @param x from the left, in pixels, 0 the middle of the first column
 * @param y from the top
 */
public record Point(double x, double y) {
  /** How far it is to another, in pixels. */
  public double to(Point other) {
    return Math.hypot(x - other.x, y - other.y);
  }
}
