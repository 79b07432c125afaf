package jugulum.core.eye;

/**
 * Where the pixels of a part lie and how they are spread.
 *
 * @param pixels how many
 * @param x their middle, in the window
 * @param y their middle, in the window
 * @param longest the longest axis of the ellipse with those moments and that area, in pixels
 * @param shortest its shortest
 * @param angle of the longest to the right, in radians
 */
record Moments(int pixels, double x, double y, double longest, double shortest, double angle) {
  /** A pixel is spread itself. */
  private static final double OF_A_PIXEL = 1 / 12.0;

  static Moments of(boolean[] part, Window window) {
    int pixels = 0;
    double sumX = 0;
    double sumY = 0;
    for (int k = 0; k < part.length; k++) {
      if (part[k]) {
        int column = k % window.width();
        int row = k / window.width();
        sumX += column;
        sumY += row;
        pixels++;
      }
    }
    if (pixels == 0) {
      return new Moments(0, 0, 0, 0, 0, 0);
    }
    double middleX = sumX / pixels;
    double middleY = sumY / pixels;
    double xx = 0;
    double yy = 0;
    double xy = 0;
    for (int k = 0; k < part.length; k++) {
      if (part[k]) {
        int column = k % window.width();
        int row = k / window.width();
        xx += (column - middleX) * (column - middleX) / pixels;
        yy += (row - middleY) * (row - middleY) / pixels;
        xy += (column - middleX) * (row - middleY) / pixels;
      }
    }
    Axes axes = Axes.of(xx + OF_A_PIXEL, yy + OF_A_PIXEL, xy, pixels);
    return new Moments(pixels, middleX, middleY, axes.longest(), axes.shortest(), axes.angle());
  }
}
