package jugulum.core.eye;

/**
 * The picture smoothed a little (the colour of a compressed one is at half its size) and in white
 * light, with its ground.
 */
final class Colours {
  /** Keeps ratios of dark colours quiet, in light, 1 white. */
  static final double DARK = 0.006;

  private static final double[] BRIGHT = {0.3, 0.6, 0.1};

  /** From there on a neutral ground says that the light is yellow. */
  static final double YELLOW_LIGHT = 0.25;

  private final Light light;
  private final boolean[] covered;
  private final Plane[] smooth = new Plane[3];
  private final Ground ground;
  private final float[] white;
  private final double yellowness;

  Colours(Light light, boolean[] covered, Tray tray) {
    this.light = light;
    this.covered = covered;
    ground = Ground.of(light, covered);
    double red = ground.median(0, covered, light.width());
    double green = ground.median(1, covered, light.width());
    double blue = ground.median(2, covered, light.width());
    boolean isTold = tray.isNeutral() && red > 0 && green > 0 && blue > 0;
    yellowness = isTold ? Math.log(green / blue) : 0;
    white =
        new float[] {isTold ? (float) (green / red) : 1, 1, isTold ? (float) (green / blue) : 1};
    for (int c = 0; c < 3; c++) {
      smooth[c] = light.plane(c);
      Filters.binomial(smooth[c]);
      float[] values = smooth[c].values();
      for (int i = 0; i < values.length; i++) {
        values[i] *= white[c];
      }
    }
  }

  Light light() {
    return light;
  }

  int width() {
    return light.width();
  }

  int height() {
    return light.height();
  }

  boolean isUsable(int at) {
    return !covered[at];
  }

  float red(int at) {
    return smooth[0].values()[at];
  }

  float green(int at) {
    return smooth[1].values()[at];
  }

  float blue(int at) {
    return smooth[2].values()[at];
  }

  /** How much yellower than white a neutral ground looks, as a logarithm; 0 where none tells. */
  double yellowness() {
    return yellowness;
  }

  /** One colour of the ground in white light. */
  float ground(int colour, int x, int y) {
    return ground.at(colour, x, y) * white[colour];
  }

  /** One colour of the ground in white light along a row. */
  void groundRow(int colour, int y, float[] into) {
    ground.row(colour, y, into);
    for (int x = 0; x < into.length; x++) {
      into[x] *= white[colour];
    }
  }

  /** How much more of red and green than of blue. */
  static float warmth(float red, float green, float blue) {
    return Math.min(red, green) - blue;
  }

  float warmth(int at) {
    return warmth(red(at), green(at), blue(at));
  }

  static double brightness(double red, double green, double blue) {
    return BRIGHT[0] * red + BRIGHT[1] * green + BRIGHT[2] * blue;
  }

  double groundBrightness(int x, int y) {
    return brightness(ground(0, x, y), ground(1, x, y), ground(2, x, y));
  }
}
