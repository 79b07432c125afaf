package jugulum.practice.camera;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import jugulum.core.check.Check;
import jugulum.core.eye.Tray;
import jugulum.practice.camera.DrawnPicture.Beside;
import jugulum.practice.camera.DrawnPicture.Gold;

/**
 * What the played camera draws, in light: 1 is white. A thing of known size, sand below and above
 * the gold, some of it as yellow as gold, light from one side, a lens, noise.
 */
final class CameraDrawing {
  static final int WIDTH = 1200;
  static final int HEIGHT = 900;
  private static final double LEAST_PER_MM = 24;
  private static final double MORE_PER_MM = 18;

  private final SplittableRandom random;
  private final Tray tray;
  private final double pxPerMm;
  private final float[][] light = new float[3][WIDTH * HEIGHT];
  private final List<Gold> gold = new ArrayList<>();
  private final Thing thing;

  CameraDrawing(long seed, Tray tray, Beside beside) {
    this.random = new SplittableRandom(seed);
    this.tray = tray;
    this.pxPerMm = LEAST_PER_MM + MORE_PER_MM * random.nextDouble();
    thing = Thing.of(beside, pxPerMm, random);
  }

  DrawnPicture draw() {
    ground();
    thing.draw(light);
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
    return new DrawnPicture(coded(), WIDTH, HEIGHT, tray, thing.known(), pxPerMm, gold);
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
      if (thing.off(x, y) > room + 6) {
        return new double[] {x, y};
      }
    }
  }

  private double size(double middleMm, double spread) {
    return middleMm * StrictMath.exp(spread * random.nextGaussian());
  }

  /**
   * A kind of grain, in light.
   *
   * @param upTo of the share of grains up to which they are of it
   */
  @SuppressWarnings("ArrayRecordComponent") // three numbers nobody changes
  private record Kind(double upTo, double[] light) {}

  /** Magnetite, garnet, quartz; then what is as yellow as gold or nearly: stained, mica, pyrite. */
  private static final List<Kind> SAND =
      List.of(
          new Kind(0.60, new double[] {0.022, 0.022, 0.024}),
          new Kind(0.78, new double[] {0.20, 0.035, 0.03}),
          new Kind(0.94, new double[] {0.52, 0.51, 0.48}),
          new Kind(0.965, new double[] {0.52, 0.40, 0.24}),
          new Kind(0.985, new double[] {0.40, 0.30, 0.15}),
          new Kind(1, new double[] {0.60, 0.545, 0.385}));

  private void sand(int grains) {
    for (int i = 0; i < grains; i++) {
      double across = Math.min(1.2, size(0.24, 0.35)) * pxPerMm;
      double[] at = place(across);
      double kind = random.nextDouble();
      double[] colour =
          SAND.stream().filter(one -> kind < one.upTo()).findFirst().orElseThrow().light();
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
          DrawnPicture.FLATNESS
              * Math.sqrt(longMm * shortMm)
              * StrictMath.exp(0.26 * random.nextGaussian() - 0.26 * 0.26 / 2);
      gold.add(
          new Gold(
              at[0],
              at[1],
              longMm,
              shortMm,
              DrawnPicture.DENSITY * Math.PI / 6 * longMm * shortMm * thickMm));
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
    for (int py = Math.max(0, (int) y - reach); py <= Math.min(HEIGHT - 1, (int) y + reach); py++) {
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
