package jugulum.core.eye;

/**
 * A part of a picture.
 *
 * @param left its first column
 * @param top its first row
 * @param width across, in pixels
 * @param height down, in pixels
 */
record Window(int left, int top, int width, int height) {
  /** That part and so much more on every side, as far as the picture goes. */
  Window wider(int by, int pictureWidth, int pictureHeight) {
    int fromX = Math.max(0, left - by);
    int fromY = Math.max(0, top - by);
    return new Window(
        fromX,
        fromY,
        Math.min(pictureWidth, left + width + by) - fromX,
        Math.min(pictureHeight, top + height + by) - fromY);
  }

  /**
   * Where one of its pixels stands in the picture.
   *
   * @param k its number in the window, row by row
   * @param pictureWidth of the picture
   */
  int at(int k, int pictureWidth) {
    return (top + k / width) * pictureWidth + left + k % width;
  }

  int size() {
    return width * height;
  }
}
