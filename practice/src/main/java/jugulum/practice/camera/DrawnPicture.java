package jugulum.practice.camera;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import jugulum.core.check.Check;
import jugulum.core.eye.Tray;

/**
 * A picture that was never taken: a disc of known size, specks of gold, sand above and below them,
 * light from one side, a lens and a camera's noise, with what lies in it. The same seed draws the
 * same picture. To practise on and to test by; never evidence of anything.
 *
 * @param rgb its pixels row by row, sRGB
 * @param width across, in pixels
 * @param height down, in pixels
 * @param tray what it was drawn on
 * @param pxPerMm how large it shows things
 * @param specks the gold in it
 */
@SuppressWarnings("ArrayRecordComponent") // a million pixels; drawn, looked at and let go
public record DrawnPicture(
    int[] rgb, int width, int height, Tray tray, double pxPerMm, List<Gold> specks) {
  /** The disc that lies in every picture, across, in mm. */
  public static final double DISC_MM = 8;

  private static final int WIDTH = 1200;
  private static final int HEIGHT = 900;
  private static final double LEAST_PER_MM = 24;
  private static final double MORE_PER_MM = 18;

  /** Thickness through the root of both other axes, and density in g/mL, of what is drawn. */
  private static final double FLATNESS = 0.28;

  private static final double DENSITY = 17.2;

  /**
   * A speck of gold.
   *
   * @param x its middle, in pixels
   * @param y its middle, in pixels
   * @param longMm its longest axis, in mm
   * @param shortMm its shortest as seen from above, in mm
   * @param milligrams what it would weigh
   */
  public record Gold(double x, double y, double longMm, double shortMm, double milligrams) {}

  /** Keeps its own copy of the specks. */
  public DrawnPicture {
    specks = List.copyOf(specks);
  }

  /** All its gold, in mg. */
  public double milligrams() {
    return specks.stream().mapToDouble(Gold::milligrams).sum();
  }

  /**
   * Draws one.
   *
   * @param tray what it lies on
   */
  public static DrawnPicture of(long seed, Tray tray) {
    return new Drawing(seed, tray).draw();
  }

  /** What is drawn, in light: 1 is white. */
  private static final class Drawing {
    private final SplittableRandom random;
    private final Tray tray;
    private final double pxPerMm;
    private final float[][] light = new float[3][WIDTH * HEIGHT];
    private final List<Gold> gold = new ArrayList<>();
    private final double discX;
    private final double discY;
    private final double discPx;

    Drawing(long seed, Tray tray) {
      this.random = new SplittableRandom(seed);
      this.tray = tray;
      this.pxPerMm = LEAST_PER_MM + MORE_PER_MM * random.nextDouble();
      discPx = DISC_MM * pxPerMm / 2;
      discX = random.nextBoolean() ? discPx + 25 : WIDTH - discPx - 25;
      discY = random.nextBoolean() ? discPx + 25 : HEIGHT - discPx - 25;
    }

    DrawnPicture draw() {
      ground();
      grain(discX, discY, 2 * discPx, 2 * discPx, 0, new double[] {0.42, 0.42, 0.41}, 0.06);
      int grains = 250 + random.nextInt(350);
      sand(grains);
      int specks = 10 + random.nextInt(36);
      for (int i = 0; i < specks; i++) {
        speck();
      }
      sand(grains / 8);
      lit();
      for (float[] colour : light) {
        blur(colour);
      }
      return new DrawnPicture(coded(), WIDTH, HEIGHT, tray, pxPerMm, gold);
    }

    private void ground() {
      double[] colour =
          switch (tray) {
            case WHITE -> new double[] {0.72, 0.72, 0.70};
            case BLACK -> new double[] {0.028, 0.028, 0.030};
            case STEEL -> new double[] {0.34, 0.34, 0.335};
            case GREEN -> new double[] {0.045, 0.20, 0.075};
            case BLUE -> new double[] {0.03, 0.085, 0.26};
          };
      for (int i = 0; i < WIDTH * HEIGHT; i++) {
        double texture = 1 + 0.03 * random.nextGaussian();
        for (int c = 0; c < 3; c++) {
          light[c][i] = (float) (colour[c] * texture);
        }
      }
    }

    private double[] place(double room) {
      while (true) {
        double x = room + (WIDTH - 2 * room) * random.nextDouble();
        double y = room + (HEIGHT - 2 * room) * random.nextDouble();
        if (Math.hypot(x - discX, y - discY) > discPx + room + 6) {
          return new double[] {x, y};
        }
      }
    }

    private double size(double middleMm, double spread) {
      return middleMm * StrictMath.exp(spread * random.nextGaussian());
    }

    private void sand(int grains) {
      for (int i = 0; i < grains; i++) {
        double across = Math.min(1.2, size(0.24, 0.35)) * pxPerMm;
        double[] at = place(across);
        double kind = random.nextDouble();
        double[] colour =
            kind < 0.6
                ? new double[] {0.022, 0.022, 0.024}
                : kind < 0.8 ? new double[] {0.20, 0.035, 0.03} : new double[] {0.52, 0.51, 0.48};
        double longer = 1 + 0.5 * random.nextDouble();
        grain(at[0], at[1], across * longer, across, angle(), colour, 0.25);
      }
    }

    private double angle() {
      return Math.PI * random.nextDouble();
    }

    private void speck() {
      double shortMm = Math.clamp(size(0.28, 0.45), 0.08, 1.5);
      double longMm = shortMm * (1 + 0.6 * random.nextDouble());
      double[] at = place(longMm * pxPerMm);
      boolean isFree =
          gold.stream()
              .allMatch(
                  one ->
                      Math.hypot(one.x() - at[0], one.y() - at[1])
                          > (one.longMm() + longMm) / 2 * pxPerMm + 4);
      if (isFree) {
        grain(
            at[0],
            at[1],
            longMm * pxPerMm,
            shortMm * pxPerMm,
            angle(),
            new double[] {0.62, 0.47, 0.21},
            0.3);
        double thickMm =
            FLATNESS
                * Math.sqrt(longMm * shortMm)
                * StrictMath.exp(0.26 * random.nextGaussian() - 0.26 * 0.26 / 2);
        gold.add(
            new Gold(
                at[0], at[1], longMm, shortMm, DENSITY * Math.PI / 6 * longMm * shortMm * thickMm));
      }
    }

    /** An ellipse whose faces are lit unlike. */
    private void grain(
        double x,
        double y,
        double along,
        double across,
        double angle,
        double[] colour,
        double faces) {
      double cos = Math.cos(angle);
      double sin = Math.sin(angle);
      double tilt = faces * random.nextGaussian();
      double turn = 2 * angle();
      int reach = (int) Math.ceil(Math.max(along, across) / 2) + 1;
      for (int py = Math.max(0, (int) y - reach);
          py <= Math.min(HEIGHT - 1, (int) y + reach);
          py++) {
        for (int px = Math.max(0, (int) x - reach);
            px <= Math.min(WIDTH - 1, (int) x + reach);
            px++) {
          double share = share(px - x, py - y, along / 2, across / 2, cos, sin);
          if (share > 0) {
            double slope =
                ((px - x) * Math.cos(turn) + (py - y) * Math.sin(turn)) / Math.max(2, along);
            double bright = Math.clamp(1 + tilt + 1.2 * faces * slope, 0.4, 1.6);
            int at = py * WIDTH + px;
            for (int c = 0; c < 3; c++) {
              light[c][at] = (float) (share * colour[c] * bright + (1 - share) * light[c][at]);
            }
          }
        }
      }
    }

    private static double share(
        double dx, double dy, double halfLong, double halfShort, double cos, double sin) {
      int in = 0;
      for (int i = 0; i < 16; i++) {
        double px = dx - 0.375 + 0.25 * (i % 4);
        int row = i / 4;
        double py = dy - 0.375 + 0.25 * row;
        double u = (px * cos + py * sin) / halfLong;
        double v = (py * cos - px * sin) / halfShort;
        in += u * u + v * v < 1 ? 1 : 0;
      }
      return in / 16.0;
    }

    /** Brighter on one side. */
    private void lit() {
      double way = 2 * angle();
      double more = 0.35 * random.nextDouble();
      for (int y = 0; y < HEIGHT; y++) {
        for (int x = 0; x < WIDTH; x++) {
          double side =
              (x / (double) WIDTH - 0.5) * Math.cos(way)
                  + (y / (double) HEIGHT - 0.5) * Math.sin(way);
          for (int c = 0; c < 3; c++) {
            light[c][y * WIDTH + x] *= (float) (1 + more * side);
          }
        }
      }
    }

    /** A lens: one, two, one, across and down, twice. */
    private static void blur(float[] colour) {
      for (int n = 0; n < 2; n++) {
        for (int step : new int[] {1, WIDTH}) {
          float before = colour[0];
          for (int i = step; i < colour.length - step; i++) {
            float was = colour[i];
            float left = step == 1 ? before : colour[i - step];
            colour[i] = (left + 2 * was + colour[i + step]) / 4;
            before = was;
          }
        }
      }
    }

    private int[] coded() {
      int[] rgb = new int[WIDTH * HEIGHT];
      for (int i = 0; i < rgb.length; i++) {
        for (int c = 0; c < 3; c++) {
          double noisy = light[c][i] + random.nextGaussian() * Math.sqrt(light[c][i] / 6000 + 6e-6);
          rgb[i] = rgb[i] << 8 | (int) Math.round(255 * coded(Math.clamp(noisy, 0, 1)));
        }
      }
      return rgb;
    }

    private static double coded(double light) {
      Check.inRange("light", light, 0, 1);
      return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    }
  }
}
