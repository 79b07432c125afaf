package jugulum.core.eye;

import java.util.List;
import java.util.Random;

/** Gold discs on an even ground, blurred and noised, in sRGB. */
final class DrawnDiscs {
  static final double[] GOLD = {0.55, 0.42, 0.19};
  private static final int WIDTH = 640;
  private static final int HEIGHT = 480;

  /** A disc, in pixels. */
  record Disc(double x, double y, double across) {}

  private DrawnDiscs() {}

  static Light of(List<Disc> discs, double[] ground, double blur, long seed) {
    return of(discs, ground, GOLD, blur, seed);
  }

  static Light of(List<Disc> discs, double[] ground, double[] colour, double blur, long seed) {
    Random random = new Random(seed);
    Plane[] planes = new Plane[3];
    for (int c = 0; c < 3; c++) {
      Plane plane = new Plane(WIDTH, HEIGHT);
      for (int y = 0; y < HEIGHT; y++) {
        for (int x = 0; x < WIDTH; x++) {
          double share = 0;
          for (Disc disc : discs) {
            if (Math.hypot(x - disc.x(), y - disc.y()) < disc.across() / 2 + 2) {
              share = Math.max(share, covered(disc, x, y));
            }
          }
          plane.values()[y * WIDTH + x] = (float) (share * colour[c] + (1 - share) * ground[c]);
        }
      }
      planes[c] = Filters.gaussian(plane, blur);
    }
    int[] rgb = new int[WIDTH * HEIGHT];
    for (int i = 0; i < rgb.length; i++) {
      for (int c = 0; c < 3; c++) {
        double light = Math.clamp(planes[c].values()[i] + 0.002 * random.nextGaussian(), 0, 1);
        rgb[i] = rgb[i] << 8 | (int) Math.round(255 * coded(light));
      }
    }
    return Light.of(rgb, WIDTH, HEIGHT);
  }

  private static double covered(Disc disc, int x, int y) {
    int in = 0;
    for (int i = 0; i < 25; i++) {
      double px = x - 0.4 + 0.2 * (i % 5);
      double py = y - 0.4 + 0.2 * (i / 5);
      in += Math.hypot(px - disc.x(), py - disc.y()) < disc.across() / 2 ? 1 : 0;
    }
    return in / 25.0;
  }

  private static double coded(double light) {
    return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
  }
}
