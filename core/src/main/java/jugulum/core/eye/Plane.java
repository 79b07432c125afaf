package jugulum.core.eye;

/**
 * One number a pixel.
 *
 * @param width across, in pixels
 * @param height down, in pixels
 * @param values row by row
 */
@SuppressWarnings("ArrayRecordComponent") // millions of them; made, looked at and let go here
record Plane(int width, int height, float[] values) {
  Plane(int width, int height) {
    this(width, height, new float[width * height]);
  }

  float at(int x, int y) {
    return values[y * width + x];
  }

  /** Between pixels, straight; outside, the nearest. */
  float between(double x, double y) {
    double inX = Math.clamp(x, 0, width - 1.0);
    double inY = Math.clamp(y, 0, height - 1.0);
    int left = Math.min((int) inX, width - 2);
    int top = Math.min((int) inY, height - 2);
    float dx = (float) (inX - left);
    float dy = (float) (inY - top);
    int at = top * width + left;
    float upper = values[at] + dx * (values[at + 1] - values[at]);
    float lower = values[at + width] + dx * (values[at + width + 1] - values[at + width]);
    return upper + dy * (lower - upper);
  }
}
