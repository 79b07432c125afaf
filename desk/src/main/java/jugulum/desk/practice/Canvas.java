package jugulum.desk.practice;

import java.util.Arrays;

/** A picture as rows of pixels, painted off the interface thread. Makes nothing while it paints. */
final class Canvas {
  final int width;
  final int height;
  final int[] pixels;

  Canvas(int width, int height) {
    this.width = width;
    this.height = height;
    this.pixels = new int[width * height];
  }

  void fill(int colour) {
    Arrays.fill(pixels, colour);
  }

  /** Takes over what another of the same size shows. */
  void copy(Canvas other) {
    System.arraycopy(other.pixels, 0, pixels, 0, pixels.length);
  }

  /** A square dot around a place. */
  void dot(int x, int y, int size, int colour) {
    rectangle(x - size / 2, y - size / 2, size, size, colour);
  }

  void rectangle(int x, int y, int wide, int high, int colour) {
    int left = Math.max(0, x);
    int right = Math.min(width, x + wide);
    int bottom = Math.min(height, y + high);
    for (int row = Math.max(0, y); row < bottom && left < right; row++) {
      Arrays.fill(pixels, row * width + left, row * width + right, colour);
    }
  }

  /** A filled circle. */
  void circle(double x, double y, double radius, int colour) {
    int top = (int) Math.max(0, Math.ceil(y - radius));
    int bottom = (int) Math.min(height - 1, Math.floor(y + radius));
    for (int row = top; row <= bottom; row++) {
      double half = Math.sqrt(Math.max(0, radius * radius - (row - y) * (row - y)));
      rectangle((int) Math.round(x - half), row, (int) Math.round(2 * half), 1, colour);
    }
  }
}
