package jugulum.core.eye;

import java.util.Arrays;

/**
 * How far every pixel of a part lies from the nearest pixel outside of it, exactly: P. F.
 * Felzenszwalb and D. P. Huttenlocher, Distance transforms of sampled functions, Theory of
 * Computing 8 (2012) 415–428, from memory. What lies beyond the picture is outside.
 */
final class Distance {
  private static final float FAR = 1e12f;

  private Distance() {}

  /** In pixels; 0 outside of the part. */
  static Plane inside(boolean[] part, int width, int height) {
    int w = width + 2;
    int h = height + 2;
    float[] squares = new float[w * h];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        squares[(y + 1) * w + x + 1] = part[y * width + x] ? FAR : 0;
      }
    }
    int longest = Math.max(w, h);
    float[] line = new float[longest];
    float[] out = new float[longest];
    int[] hulls = new int[longest];
    float[] meets = new float[longest + 1];
    for (int x = 0; x < w; x++) {
      for (int y = 0; y < h; y++) {
        line[y] = squares[y * w + x];
      }
      along(line, h, out, hulls, meets);
      for (int y = 0; y < h; y++) {
        squares[y * w + x] = out[y];
      }
    }
    Plane found = new Plane(width, height);
    for (int y = 0; y < height; y++) {
      System.arraycopy(squares, (y + 1) * w, line, 0, w);
      along(line, w, out, hulls, meets);
      for (int x = 0; x < width; x++) {
        found.values()[y * width + x] = (float) Math.sqrt(out[x + 1]);
      }
    }
    return found;
  }

  /** The lower envelope of parabolas over one line. */
  private static void along(float[] line, int n, float[] out, int[] hulls, float[] meets) {
    int last = 0;
    hulls[0] = 0;
    meets[0] = Float.NEGATIVE_INFINITY;
    meets[1] = Float.POSITIVE_INFINITY;
    for (int q = 1; q < n; q++) {
      float meet = meet(line, q, hulls[last]);
      while (meet <= meets[last]) {
        last--;
        meet = meet(line, q, hulls[last]);
      }
      last++;
      hulls[last] = q;
      meets[last] = meet;
      meets[last + 1] = Float.POSITIVE_INFINITY;
    }
    int at = 0;
    for (int q = 0; q < n; q++) {
      while (meets[at + 1] < q) {
        at++;
      }
      float off = (float) q - hulls[at];
      out[q] = off * off + line[hulls[at]];
    }
  }

  private static float meet(float[] line, int q, int hull) {
    double upper = (double) line[q] + (double) q * q - line[hull] - (double) hull * hull;
    return (float) (upper / (2.0 * (q - hull)));
  }

  /**
   * The nearest pixel that is not to be filled, for every pixel, by a flood from all of them at
   * once; near enough where only a smooth ground is carried over.
   */
  static int[] nearest(boolean[] toFill, int width, int height) {
    int[] from = new int[toFill.length];
    Arrays.fill(from, -1);
    int[] line = new int[toFill.length];
    int end = 0;
    for (int i = 0; i < toFill.length; i++) {
      if (!toFill[i]) {
        from[i] = i;
        line[end++] = i;
      }
    }
    for (int k = 0; k < end; k++) {
      int at = line[k];
      int x = at % width;
      int y = at / width;
      for (int[] step : Labels.CROSS) {
        int nx = x + step[0];
        int ny = y + step[1];
        if (nx >= 0 && ny >= 0 && nx < width && ny < height && from[ny * width + nx] < 0) {
          from[ny * width + nx] = from[at];
          line[end++] = ny * width + nx;
        }
      }
    }
    return from;
  }
}
