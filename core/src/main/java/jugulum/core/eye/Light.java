package jugulum.core.eye;

import jugulum.core.check.Check;

/**
 * A picture as light. Halves of borders are right only in light, not in the numbers of a file, so
 * each of its colours is taken back by the tone curve of sRGB (IEC 61966-2-1, from memory).
 */
public final class Light {
  /** The least picture that is looked at, in pixels across and down. */
  public static final int LEAST_WIDTH = 640;

  /** See {@link #LEAST_WIDTH}. */
  public static final int LEAST_HEIGHT = 480;

  /** The most pixels that are looked at; a larger picture is read at a part of its size. */
  public static final int MOST_PIXELS = 12_500_000;

  private static final float[] LINEAR = new float[256];

  static {
    for (int i = 0; i < LINEAR.length; i++) {
      double coded = i / 255.0;
      LINEAR[i] =
          (float) (coded <= 0.04045 ? coded / 12.92 : Math.pow((coded + 0.055) / 1.055, 2.4));
    }
  }

  private final int width;
  private final int height;
  private final int[] pixels;

  private Light(int width, int height, int[] pixels) {
    this.width = width;
    this.height = height;
    this.pixels = pixels;
  }

  /**
   * A picture.
   *
   * @param rgb its pixels row by row, red above green above blue in the lowest 24 bits, sRGB; kept,
   *     not copied: nobody changes them any more
   * @param width in pixels, from {@link #LEAST_WIDTH}
   * @param height in pixels, from {@link #LEAST_HEIGHT}; both together at most {@link #MOST_PIXELS}
   */
  public static Light of(int[] rgb, int width, int height) {
    Check.inRange("width", width, LEAST_WIDTH, MOST_PIXELS);
    Check.inRange("height", height, LEAST_HEIGHT, MOST_PIXELS);
    Check.inRange("pixels", (double) width * height, 1, MOST_PIXELS);
    Check.inRange("rgb", rgb.length, (double) width * height, (double) width * height);
    return new Light(width, height, rgb);
  }

  /** Across, in pixels. */
  public int width() {
    return width;
  }

  /** Down, in pixels. */
  public int height() {
    return height;
  }

  /** How many pixels. */
  int size() {
    return pixels.length;
  }

  float red(int at) {
    return LINEAR[pixels[at] >> 16 & 0xff];
  }

  float green(int at) {
    return LINEAR[pixels[at] >> 8 & 0xff];
  }

  float blue(int at) {
    return LINEAR[pixels[at] & 0xff];
  }

  /** The brightest of its three colours, 0 to 1. */
  float most(int at) {
    return Math.max(red(at), Math.max(green(at), blue(at)));
  }

  /** One of its colours as a plane: 0 red, 1 green, 2 blue. */
  Plane plane(int colour) {
    float[] values = new float[pixels.length];
    int shift = 16 - 8 * colour;
    for (int i = 0; i < values.length; i++) {
      values[i] = LINEAR[pixels[i] >> shift & 0xff];
    }
    return new Plane(width, height, values);
  }

  /**
   * The square root of one of its colours, made smaller: means of squares of pixels.
   *
   * @param by so many pixels across and down become one
   */
  Plane rootedSmall(int colour, int by) {
    int shift = 16 - 8 * colour;
    int across = width / by;
    int down = height / by;
    float[] values = new float[across * down];
    for (int y = 0; y < down * by; y++) {
      int row = y / by * across;
      int from = y * width;
      for (int x = 0; x < across * by; x++) {
        values[row + x / by] += ROOTS[pixels[from + x] >> shift & 0xff];
      }
    }
    float each = 1f / (by * by);
    for (int i = 0; i < values.length; i++) {
      values[i] *= each;
    }
    return new Plane(across, down, values);
  }

  private static final float[] ROOTS = new float[256];

  static {
    for (int i = 0; i < ROOTS.length; i++) {
      ROOTS[i] = (float) Math.sqrt(LINEAR[i]);
    }
  }
}
