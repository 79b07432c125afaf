package jugulum.practice.camera;

import java.util.SplittableRandom;
import jugulum.core.eye.KnownSize;
import jugulum.practice.camera.DrawnPicture.Beside;

/** A thing of known size as it is drawn, in light. */
sealed interface Thing {
  double RULER_MM = 6;
  double SCREEN_MM = 9;

  /** How large it is told to be. */
  KnownSize known();

  /** How far a place is off it, in pixels; below 0 on it. */
  double off(double x, double y);

  /** How bright it is at a place on it. */
  double at(double x, double y);

  /** One that lies somewhere. */
  static Thing of(Beside beside, double pxPerMm, SplittableRandom random) {
    boolean isLeft = random.nextBoolean();
    boolean isTop = random.nextBoolean();
    return switch (beside) {
      case DISC -> {
        double radius = DrawnPicture.DISC_MM * pxPerMm / 2;
        yield new Round(
            isLeft ? radius + 25 : CameraDrawing.WIDTH - radius - 25,
            isTop ? radius + 25 : CameraDrawing.HEIGHT - radius - 25,
            radius);
      }
      case RULER ->
          new Ruled(pxPerMm, isTop, 0.08 * (random.nextDouble() - 0.5), random.nextDouble());
      case MESH ->
          new Woven(pxPerMm, isLeft, isTop, 0.2 * (random.nextDouble() - 0.5), random.nextDouble());
    };
  }

  /** Draws it, sixteen places to a pixel. */
  default void draw(float[][] light) {
    for (int y = 0; y < CameraDrawing.HEIGHT; y++) {
      for (int x = 0; x < CameraDrawing.WIDTH; x++) {
        if (off(x, y) < 1) {
          double on = 0;
          double bright = 0;
          for (int k = 0; k < 16; k++) {
            double px = x - 0.375 + 0.25 * (k % 4);
            int row = k / 4;
            double py = y - 0.375 + 0.25 * row;
            if (off(px, py) < 0) {
              on += 1 / 16.0;
              bright += at(px, py) / 16;
            }
          }
          int place = y * CameraDrawing.WIDTH + x;
          for (float[] colour : light) {
            colour[place] = (float) ((1 - on) * colour[place] + bright);
          }
        }
      }
    }
  }

  /** A disc. */
  record Round(double x, double y, double radius) implements Thing {
    @Override
    public KnownSize known() {
      return new KnownSize.Disc(DrawnPicture.DISC_MM);
    }

    @Override
    public double off(double atX, double atY) {
      return Math.hypot(atX - x, atY - y) - radius;
    }

    @Override
    public double at(double atX, double atY) {
      double slope = (atX - x + atY - y) / (2 * radius);
      return 0.42 * (1 + 0.08 * slope);
    }
  }

  /** A light strip with a dark mark every millimetre, along an edge of the picture. */
  record Ruled(double pxPerMm, boolean isTop, double angle, double phase) implements Thing {
    @Override
    public KnownSize known() {
      return new KnownSize.Ruler(1);
    }

    private double along(double x, double y) {
      return (x * Math.cos(angle) + y * Math.sin(angle)) / pxPerMm + phase;
    }

    /** From its edge into it, in pixels. */
    private double into(double x, double y) {
      double down = y * Math.cos(angle) - (x - CameraDrawing.WIDTH / 2.0) * Math.sin(angle);
      return isTop ? RULER_MM * pxPerMm - down : down - (CameraDrawing.HEIGHT - RULER_MM * pxPerMm);
    }

    @Override
    public double off(double x, double y) {
      return -into(x, y);
    }

    @Override
    public double at(double x, double y) {
      double mm = along(x, y);
      long mark = Math.round(mm);
      double length = mark % 10 == 0 ? 3.2 : mark % 5 == 0 ? 2.4 : 1.6;
      boolean isMark =
          Math.abs(mm - mark) < 0.09
              && into(x, y) > 0.3 * pxPerMm
              && into(x, y) < (0.3 + length) * pxPerMm;
      return isMark ? 0.05 : 0.62;
    }
  }

  /** A piece of woven wire in a corner. */
  record Woven(double pxPerMm, boolean isLeft, boolean isTop, double angle, double phase)
      implements Thing {
    private static final double OPENING_MM = 0.3;
    private static final double WIRE_MM = 0.2;

    @Override
    public KnownSize known() {
      return new KnownSize.Mesh(OPENING_MM, WIRE_MM, true);
    }

    private double half() {
      return SCREEN_MM * pxPerMm / 2;
    }

    private double across(double x, double y, boolean isDown) {
      double fromX = x - (isLeft ? half() + 30 : CameraDrawing.WIDTH - half() - 30);
      double fromY = y - (isTop ? half() + 30 : CameraDrawing.HEIGHT - half() - 30);
      return isDown
          ? fromY * Math.cos(angle) - fromX * Math.sin(angle)
          : fromX * Math.cos(angle) + fromY * Math.sin(angle);
    }

    @Override
    public double off(double x, double y) {
      return Math.max(Math.abs(across(x, y, false)), Math.abs(across(x, y, true))) - half();
    }

    @Override
    public double at(double x, double y) {
      double pitch = OPENING_MM + WIRE_MM;
      double u = across(x, y, false) / pxPerMm / pitch + phase;
      double v = across(x, y, true) / pxPerMm / pitch + phase;
      double acrossU = u - Math.floor(u);
      double acrossV = v - Math.floor(v);
      double wire = WIRE_MM / pitch;
      boolean isWarp = acrossU < wire;
      boolean isWeft = acrossV < wire;
      if (!isWarp && !isWeft) {
        return 0.02;
      }
      // Every second crossing the other wire lies on top.
      boolean isWarpOnTop =
          !isWeft || isWarp && Math.floorMod((long) (Math.floor(u) + Math.floor(v)), 2L) == 0;
      double round = (isWarpOnTop ? acrossU : acrossV) / wire - 0.5;
      return 0.40 * (1 - 1.6 * round * round);
    }
  }
}
