package jugulum.core.eye;

import java.util.Arrays;

/** Means and medians over the neighbours of pixels. At a border the picture is mirrored. */
final class Filters {
  /** A bell is cut off so many of its widths away, where a ten-thousandth is left of it. */
  private static final double REACH = 4;

  private Filters() {}

  /** One, two, one across and down: a bell 0.71 pixels wide. */
  static void binomial(Plane plane) {
    along(plane, new float[] {0.25f, 0.5f, 0.25f});
  }

  /** A bell so many pixels wide (standard deviation). */
  static Plane gaussian(Plane plane, double sigma) {
    return gaussian(plane, sigma, REACH);
  }

  /** The same cut off nearer. */
  static Plane gaussian(Plane plane, double sigma, double reach) {
    Plane copy = new Plane(plane.width(), plane.height(), plane.values().clone());
    along(copy, bell(sigma, reach));
    return copy;
  }

  private static float[] bell(double sigma, double reach) {
    int half = (int) (reach * sigma + 0.5);
    float[] weights = new float[2 * half + 1];
    double sum = 0;
    for (int i = -half; i <= half; i++) {
      double weight = Math.exp(-0.5 * i * i / (sigma * sigma));
      weights[i + half] = (float) weight;
      sum += weight;
    }
    for (int i = 0; i < weights.length; i++) {
      weights[i] /= (float) sum;
    }
    return weights;
  }

  /** Means over so many across and down, an odd number. */
  static Plane box(Plane plane, int across) {
    Plane copy = new Plane(plane.width(), plane.height(), plane.values().clone());
    float[] weights = new float[across];
    Arrays.fill(weights, 1f / across);
    along(copy, weights);
    return copy;
  }

  private static void along(Plane plane, float[] weights) {
    int w = plane.width();
    int h = plane.height();
    float[] line = new float[Math.max(w, h)];
    for (int y = 0; y < h; y++) {
      System.arraycopy(plane.values(), y * w, line, 0, w);
      weigh(line, w, weights, plane.values(), y * w, 1);
    }
    columns(plane, weights);
  }

  /** Down the columns, many of them at a time, as memory lies. */
  private static void columns(Plane plane, float[] weights) {
    int w = plane.width();
    int h = plane.height();
    int half = weights.length / 2;
    if (h <= weights.length) {
      each(plane, weights);
      return;
    }
    float[][] rows = new float[weights.length][];
    for (int k = 0; k < weights.length; k++) {
      rows[k] = row(plane, mirrored(k - half, h));
    }
    float[] sum = new float[w];
    for (int y = 0; y < h; y++) {
      Arrays.fill(sum, 0);
      for (int k = 0; k < weights.length; k++) {
        float weight = weights[k];
        float[] row = rows[(y + k) % weights.length];
        for (int x = 0; x < w; x++) {
          sum[x] += weight * row[x];
        }
      }
      // The next row is read before this one is written over; a mirrored one is still in the ring.
      int next = y + 1 + half;
      if (y + 1 < h) {
        float[] coming =
            next < h
                ? row(plane, next)
                : rows[ringOf(mirrored(next, h), half, weights.length)].clone();
        rows[y % weights.length] = coming;
      }
      System.arraycopy(sum, 0, plane.values(), y * w, w);
    }
  }

  /** Column by column, where a bell reaches beyond the picture. */
  private static void each(Plane plane, float[] weights) {
    int w = plane.width();
    int h = plane.height();
    float[] line = new float[h];
    for (int x = 0; x < w; x++) {
      for (int y = 0; y < h; y++) {
        line[y] = plane.values()[y * w + x];
      }
      weigh(line, h, weights, plane.values(), x, w);
    }
  }

  /** Where in the ring the row stands that was read as that one. */
  private static int ringOf(int row, int half, int length) {
    return Math.floorMod(row + half, length);
  }

  private static float[] row(Plane plane, int y) {
    return Arrays.copyOfRange(plane.values(), y * plane.width(), y * plane.width() + plane.width());
  }

  private static void weigh(
      float[] line, int length, float[] weights, float[] into, int from, int step) {
    int half = weights.length / 2;
    if (weights.length == 3 && step == 1 && length > 2) {
      three(line, length, weights, into, from);
      return;
    }
    for (int i = 0; i < length; i++) {
      float sum = 0;
      if (i >= half && i + half < length) {
        for (int k = 0; k < weights.length; k++) {
          sum += weights[k] * line[i - half + k];
        }
      } else {
        for (int k = 0; k < weights.length; k++) {
          sum += weights[k] * line[mirrored(i - half + k, length)];
        }
      }
      into[from + i * step] = sum;
    }
  }

  /** The same of three, along a row: most of what is smoothed is smoothed so. */
  private static void three(float[] line, int length, float[] weights, float[] into, int from) {
    float before = weights[0];
    float here = weights[1];
    float after = weights[2];
    int last = length - 1;
    into[from] = before * line[0] + here * line[0] + after * line[1];
    for (int i = 1; i < last; i++) {
      into[from + i] = before * line[i - 1] + here * line[i] + after * line[i + 1];
    }
    into[from + last] = before * line[last - 1] + here * line[last] + after * line[last];
  }

  /** A place outside is seen in the mirror at the border, the border's pixel twice. */
  private static int mirrored(int place, int length) {
    int period = 2 * length;
    int within = Math.floorMod(place, period);
    return within < length ? within : period - 1 - within;
  }

  /** The median over so many across and down, an odd number; for small pictures. */
  static Plane median(Plane plane, int across) {
    int half = across / 2;
    Plane out = new Plane(plane.width(), plane.height());
    float[] near = new float[across * across];
    for (int y = 0; y < plane.height(); y++) {
      for (int x = 0; x < plane.width(); x++) {
        int n = 0;
        for (int dy = -half; dy <= half; dy++) {
          int row = mirrored(y + dy, plane.height()) * plane.width();
          for (int dx = -half; dx <= half; dx++) {
            near[n++] = plane.values()[row + mirrored(x + dx, plane.width())];
          }
        }
        Arrays.sort(near);
        out.values()[y * plane.width() + x] = near[n / 2];
      }
    }
    return out;
  }
}
