package jugulum.core.eye;

import java.util.Arrays;

/**
 * What the specks lie on, as it would be without them: medians of blocks, medians of those, then
 * smoothed; so light from the side and shadows are in it.
 */
final class Ground {
  /** Blocks across a picture, about. */
  private static final int BLOCKS = 120;

  private static final int LEAST_BLOCK = 10;

  /** So many pixels of a block tell its median. */
  private static final int TELL = 100;

  private static final int MEDIANS = 9;
  private static final double SMOOTH = 3;

  /** A block that the thing of known size covers more of tells nothing. */
  private static final double COVERED = 0.3;

  private final int block;
  private final Plane[] colours;

  /** The block to the left of each column of the picture, and how far beyond it that lies. */
  private final int[] left;

  private final float[] beyond;

  private Ground(int block, Plane[] colours, int width) {
    this.block = block;
    this.colours = colours;
    left = new int[width];
    beyond = new float[width];
    int across = colours[0].width();
    for (int x = 0; x < width; x++) {
      double inX = Math.clamp((x + 0.5) / block - 0.5, 0, across - 1.0);
      left[x] = Math.min((int) inX, across - 2);
      beyond[x] = (float) (inX - left[x]);
    }
  }

  /** The ground of a picture, without what is covered. */
  static Ground of(Light light, boolean[] covered) {
    int block = Math.max(LEAST_BLOCK, light.width() / BLOCKS);
    int across = light.width() / block;
    int down = light.height() / block;
    Plane[] medians = {new Plane(across, down), new Plane(across, down), new Plane(across, down)};
    boolean[] isCovered = new boolean[across * down];
    int step = Math.max(1, block * block / TELL);
    float[][] near = new float[3][(block * block + step - 1) / step];
    for (int by = 0; by < down; by++) {
      for (int bx = 0; bx < across; bx++) {
        int n = 0;
        int hidden = 0;
        for (int k = 0; k < block * block; k += step) {
          int at = (by * block + k / block) * light.width() + bx * block + k % block;
          hidden += covered[at] ? 1 : 0;
          near[0][n] = light.red(at);
          near[1][n] = light.green(at);
          near[2][n++] = light.blue(at);
        }
        int place = by * across + bx;
        isCovered[place] = hidden > COVERED * n;
        for (int c = 0; c < 3; c++) {
          Arrays.sort(near[c], 0, n);
          medians[c].values()[place] = (near[c][(n - 1) / 2] + near[c][n / 2]) / 2;
        }
      }
    }
    int[] from = Distance.nearest(isCovered, across, down);
    Plane[] colours = new Plane[3];
    for (int c = 0; c < 3; c++) {
      Plane filled = new Plane(across, down);
      for (int i = 0; i < from.length; i++) {
        filled.values()[i] = medians[c].values()[from[i] < 0 ? i : from[i]];
      }
      colours[c] = Filters.gaussian(Filters.median(filled, MEDIANS), SMOOTH);
    }
    return new Ground(block, colours, light.width());
  }

  /** One of its colours at a pixel: 0 red, 1 green, 2 blue. */
  float at(int colour, int x, int y) {
    return colours[colour].between((x + 0.5) / block - 0.5, (y + 0.5) / block - 0.5);
  }

  /** One of its colours along a row of the picture. */
  void row(int colour, int y, float[] into) {
    Plane plane = colours[colour];
    double inY = Math.clamp((y + 0.5) / block - 0.5, 0, plane.height() - 1.0);
    int top = Math.min((int) inY, plane.height() - 2);
    float dy = (float) (inY - top);
    int at = top * plane.width();
    float[] line = new float[plane.width()];
    for (int i = 0; i < line.length; i++) {
      float upper = plane.values()[at + i];
      line[i] = upper + dy * (plane.values()[at + plane.width() + i] - upper);
    }
    for (int x = 0; x < into.length; x++) {
      float before = line[left[x]];
      into[x] = before + beyond[x] * (line[left[x] + 1] - before);
    }
  }

  /** The median of one of its colours where nothing covers it. */
  double median(int colour, boolean[] covered, int width) {
    Plane plane = colours[colour];
    float[] values = new float[plane.values().length];
    int n = 0;
    for (int i = 0; i < values.length; i++) {
      int x = i % plane.width() * block + block / 2;
      int y = i / plane.width() * block + block / 2;
      if (!covered[y * width + x]) {
        values[n++] = plane.values()[i];
      }
    }
    if (n == 0) {
      return 0;
    }
    Arrays.sort(values, 0, n);
    return (values[(n - 1) / 2] + (double) values[n / 2]) / 2;
  }
}
