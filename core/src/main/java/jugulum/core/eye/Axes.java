package jugulum.core.eye;

/**
 * The axes of the ellipse with given moments, scaled to an area.
 *
 * @param longest in pixels
 * @param shortest in pixels
 * @param angle of the longest to the right, in radians
 */
record Axes(double longest, double shortest, double angle) {
  /**
   * From second moments about the middle, a pixel's square each.
   *
   * @param area in square pixels
   */
  static Axes of(double xx, double yy, double xy, double area) {
    double half = (xx + yy) / 2;
    double root = Math.sqrt((xx - yy) * (xx - yy) / 4 + xy * xy);
    double large = half + root;
    double small = Math.max(1e-6, half - root);
    double scale = Math.sqrt(area / (4 * Math.PI * Math.sqrt(large * small)));
    return new Axes(
        4 * Math.sqrt(large) * scale,
        4 * Math.sqrt(small) * scale,
        Math.atan2(2 * xy, xx - yy) / 2);
  }
}
