package jugulum.core.eye;

import java.util.Arrays;

/**
 * Pixels that may be gold. The facets of a metal differ threefold in brightness, not in ratio:
 * yellowness is ln((min(R, G) + e)/(B + e)), warmth min(R, G) − B above the ground. Garnet falls
 * out by the lesser of red and green and by their ratio. Seeds are yellow enough for sure; parts
 * grow from them while they are yellower than the ground.
 */
final class Yellow {
  /**
   * Taken for gold at first, to find how yellow the gold of this picture is: ours.
   *
   * <p>Off by a half: what is found in pictures of very pale or very yellow gold.
   */
  private static final double FIRST = 0.50;

  private static final int ENOUGH = 40;
  private static final double UNTOLD = 0.75;

  /**
   * A seed is that share as yellow as this picture's gold, within the two: ours.
   *
   * <p>Off by a half: how much pale gold is found, and how many look-alikes with it.
   */
  private static final double SEED = 0.68;

  private static final double LEAST_SEED = 0.40;
  private static final double MOST_SEED = 0.58;

  /** What grows from a seed is that share as yellow, and so much yellower than the ground. */
  private static final double GROW = 0.42;

  private static final double ABOVE_GROUND = 0.12;

  /** Redder is garnet and copper, greener is the tray. */
  private static final double MOST_RED = Math.exp(0.60);

  private static final double LEAST_RED = Math.exp(-0.12);

  /** Warmth counts from so many noises above the ground on. */
  private static final double NOISES = 4;

  /** Darker green tells no colour. */
  private static final double DARKEST = 0.012;

  private static final double SD_OF_MEDIAN = 1.4826;
  private static final int EVERY = 7;

  /** So many pixels tell the noise of a large picture. */
  private static final int TELL_NOISE = 200_000;

  private final Colours colours;
  private final float[] yellow;
  private final boolean[] may;
  private final double reference;

  private Yellow(Colours colours) {
    this.colours = colours;
    int size = colours.width() * colours.height();
    yellow = new float[size];
    may = new boolean[size];
    double least = NOISES * noise();
    float[][] ground = new float[3][colours.width()];
    for (int y = 0; y < colours.height(); y++) {
      row(y, ground);
      for (int x = 0; x < colours.width(); x++) {
        int at = y * colours.width() + x;
        float red = colours.red(at);
        float green = colours.green(at);
        double redness = (red + Colours.DARK) / (green + Colours.DARK);
        may[at] =
            green > DARKEST
                && colours.isUsable(at)
                && redness < MOST_RED
                && redness > LEAST_RED
                && colours.warmth(at) - Colours.warmth(ground[0][x], ground[1][x], ground[2][x])
                    > least;
        // Nobody asks how yellow all others are: a logarithm each would take longest of all.
        yellow[at] = may[at] ? yellowness(red, green, colours.blue(at)) : 0;
      }
    }
    reference = reference();
  }

  private void row(int y, float[][] ground) {
    for (int c = 0; c < 3; c++) {
      colours.groundRow(c, y, ground[c]);
    }
  }

  private static float yellowness(float red, float green, float blue) {
    return (float) Math.log((Math.min(red, green) + Colours.DARK) / (blue + Colours.DARK));
  }

  private double noise() {
    int size = colours.width() * colours.height();
    int every = Math.max(EVERY, size / TELL_NOISE);
    float[] off = new float[size / every + 1];
    float[][] ground = new float[3][colours.width()];
    int row = -1;
    int n = 0;
    for (int at = 0; at < size; at += every) {
      if (at / colours.width() != row) {
        row = at / colours.width();
        row(row, ground);
      }
      if (colours.isUsable(at)) {
        int x = at % colours.width();
        off[n++] =
            Math.abs(colours.warmth(at) - Colours.warmth(ground[0][x], ground[1][x], ground[2][x]));
      }
    }
    if (n == 0) {
      return 1;
    }
    Arrays.sort(off, 0, n);
    return SD_OF_MEDIAN * off[n / 2] + 1e-4;
  }

  /** How yellow the gold of this picture is: the median of the warmer of what surely is. */
  private double reference() {
    int n = 0;
    float[] warm = new float[1024];
    float[] found = new float[1024];
    for (int at = 0; at < may.length; at++) {
      if (may[at] && yellow[at] > FIRST) {
        if (n == warm.length) {
          warm = Arrays.copyOf(warm, 2 * n);
          found = Arrays.copyOf(found, 2 * n);
        }
        warm[n] = colours.warmth(at);
        found[n++] = yellow[at];
      }
    }
    if (n <= ENOUGH) {
      return UNTOLD;
    }
    float[] sorted = Arrays.copyOf(warm, n);
    Arrays.sort(sorted);
    float least = sorted[(int) (0.4 * (n - 1))];
    float[] warmer = new float[n];
    int kept = 0;
    for (int i = 0; i < n; i++) {
      if (warm[i] > least) {
        warmer[kept++] = found[i];
      }
    }
    if (kept == 0) {
      return UNTOLD;
    }
    Arrays.sort(warmer, 0, kept);
    return warmer[kept / 2];
  }

  /** The pixels of parts that grew from a seed, holes filled. */
  static boolean[] mask(Colours colours) {
    return new Yellow(colours).mask();
  }

  private boolean[] mask() {
    int width = colours.width();
    int height = colours.height();
    double seed = Math.clamp(SEED * reference, LEAST_SEED, MOST_SEED);
    boolean[] grow = new boolean[may.length];
    float[][] ground = new float[3][width];
    for (int y = 0; y < height; y++) {
      row(y, ground);
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        if (may[at] && yellow[at] > GROW * reference) {
          float below = yellowness(ground[0][x], ground[1][x], ground[2][x]);
          grow[at] = yellow[at] > below + ABOVE_GROUND;
        }
      }
    }
    Labels labels = Labels.of(grow, width, height);
    boolean[] has = new boolean[labels.count() + 1];
    for (int at = 0; at < grow.length; at++) {
      if (grow[at] && yellow[at] > seed) {
        has[labels.of()[at]] = true;
      }
    }
    for (int at = 0; at < grow.length; at++) {
      grow[at] = grow[at] && has[labels.of()[at]];
    }
    fill(grow, labels, has, width);
    for (int at = 0; at < grow.length; at++) {
      grow[at] &= colours.isUsable(at);
    }
    return grow;
  }

  /** A hole lies within its part, so every part is filled by itself. */
  private static void fill(boolean[] mask, Labels labels, boolean[] has, int width) {
    for (int i = 0; i < labels.count(); i++) {
      Window window = labels.windows().get(i);
      if (has[i + 1] && window.width() > 2 && window.height() > 2) {
        boolean[] part = new boolean[window.size()];
        for (int k = 0; k < part.length; k++) {
          int at = window.at(k, width);
          part[k] = labels.of()[at] == i + 1;
        }
        Labels.fillHoles(part, window.width(), window.height());
        for (int k = 0; k < part.length; k++) {
          mask[window.at(k, width)] |= part[k];
        }
      }
    }
  }
}
