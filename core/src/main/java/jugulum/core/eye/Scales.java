package jugulum.core.eye;

import java.util.Arrays;
import java.util.Optional;

/** Finds how large a picture shows things, by a thing of known size in it. */
public final class Scales {
  /**
   * What a disc is made and measured to, as a share: ours.
   *
   * <p>Off by a half: three times it in the width of a mass by a disc.
   */
  private static final double DISC_SD = 0.004;

  /** The same of marks. */
  private static final double MARKS_SD = 0.004;

  /** The same of a woven screen. */
  private static final double MESH_SD = 0.008;

  /**
   * A usual wire may be so much thicker or thinner than told: ISO 3310-1, from memory.
   *
   * <p>Off by a half: the width of a mass by a screen whose wires nobody counted.
   */
  private static final double WIRE = 0.15;

  /**
   * A person's hand at both ends of a line, in pixels: ours.
   *
   * <p>Off by a half: the width of a mass by a line drawn by hand.
   */
  private static final double HAND_PX = 1.5;

  /** A rim that fewer of the rays meet is doubtful. */
  private static final double LEAST_RIM = 0.6;

  /** Lines that stand out less are doubtful. */
  private static final double LEAST_STRENGTH = 4.25;

  /** Lines are looked for in a picture of about that width. */
  private static final int LINES_WIDTH = 1200;

  private static final int GROWN = 10;

  private Scales() {}

  /**
   * The scale; empty where nothing like the thing of known size was found.
   *
   * @param known what lies beside the specks, as told
   */
  public static Optional<PictureScale> of(Light light, KnownSize known) {
    return switch (known) {
      case KnownSize.Disc(double mm) -> DiscFinder.find(light).map(disc -> disc(light, disc, mm));
      case KnownSize.Ruler _ -> Optional.of(lines(light, known, MARKS_SD));
      case KnownSize.Mesh mesh -> Optional.of(lines(light, mesh, meshSd(mesh)));
      case KnownSize.Line(double mm, Point from, Point to) ->
          Optional.of(
              new PictureScale(
                  from.to(to) / mm,
                  HAND_PX / from.to(to),
                  false,
                  new PictureScale.Found.Drawn(from, to),
                  new boolean[light.size()]));
    };
  }

  /** Where wires were not counted, the wire is as thick as such wires may be. */
  private static double meshSd(KnownSize.Mesh mesh) {
    double pitch = mesh.openingMm() + mesh.wireMm();
    double wire = mesh.isCounted() ? 0 : WIRE * mesh.wireMm() / pitch / Math.sqrt(3);
    return Math.hypot(MESH_SD, wire);
  }

  private static PictureScale disc(Light light, DiscFinder.Disc disc, double diameterMm) {
    Circle rim = disc.rim();
    boolean[] covered = new boolean[light.size()];
    double reach = rim.radius() * 1.04 + 4;
    for (int y = 0; y < light.height(); y++) {
      for (int x = 0; x < light.width(); x++) {
        covered[y * light.width() + x] = Math.hypot(x - rim.x(), y - rim.y()) < reach;
      }
    }
    return new PictureScale(
        2 * rim.radius() / diameterMm,
        Math.hypot(DISC_SD, disc.radiusSd() / rim.radius()),
        disc.share() < LEAST_RIM,
        new PictureScale.Found.Ring(new Point(rim.x(), rim.y()), rim.radius(), disc.share()),
        covered);
  }

  private static PictureScale lines(Light light, KnownSize known, double sd) {
    int by = Math.max(1, (int) Math.round(light.width() / (double) LINES_WIDTH));
    boolean isMesh = known instanceof KnownSize.Mesh;
    double pitchMm = known.pitchMm().orElseThrow();
    LineFinder.Found found = LineFinder.find(grey(light, by), isMesh, pitchMm, by);
    double pitchPx = by / Math.hypot(found.x(), found.y());
    double pxPerMm = pitchPx / pitchMm;
    boolean[] lit = new boolean[light.size()];
    for (int at = 0; at < lit.length; at++) {
      lit[at] = found.covers(at % light.width() / by, at / light.width() / by);
    }
    boolean[] covered = Labels.grown(lit, light.width(), light.height(), GROWN * by);
    if (!isMesh) {
      strip(lit, light.width(), found, pxPerMm, covered);
    }
    return new PictureScale(
        pxPerMm,
        sd,
        found.strength() < LEAST_STRENGTH,
        new PictureScale.Found.Lines(
            found.x() / by,
            found.y() / by,
            found.phase() + (found.x() + found.y()) * (0.5 - 0.5 / by),
            found.strength(),
            isMesh),
        covered);
  }

  /** The root of its mean light, so many pixels as one. */
  private static Plane grey(Light light, int by) {
    int across = light.width() / by;
    int down = light.height() / by;
    float[] sum = new float[across * down];
    for (int y = 0; y < down * by; y++) {
      for (int x = 0; x < across * by; x++) {
        int at = y * light.width() + x;
        sum[y / by * across + x / by] += light.red(at) + light.green(at) + light.blue(at);
      }
    }
    float each = 1f / (3 * by * by);
    for (int i = 0; i < sum.length; i++) {
      sum[i] = (float) Math.sqrt(sum[i] * each);
    }
    return new Plane(across, down, sum);
  }

  /** All from the marks of a ruler to the picture's border on their side is the ruler. */
  private static void strip(
      boolean[] lit, int width, LineFinder.Found found, double pxPerMm, boolean[] covered) {
    double f = Math.hypot(found.x(), found.y());
    double nx = -found.y() / f;
    double ny = found.x() / f;
    double[] places = new double[lit.length];
    int n = 0;
    for (int at = 0; at < lit.length; at++) {
      if (lit[at]) {
        places[n++] = along(at, width, nx, ny);
      }
    }
    if (n == 0) {
      return;
    }
    double[] sorted = Arrays.copyOf(places, n);
    Arrays.sort(sorted);
    double low = sorted[(int) (0.03 * (n - 1))];
    double high = sorted[(int) (0.97 * (n - 1))];
    double middle = ((width - 1) * nx + ((double) lit.length / width - 1) * ny) / 2;
    boolean isBeyond = sorted[n / 2] > middle;
    for (int at = 0; at < lit.length; at++) {
      double place = along(at, width, nx, ny);
      covered[at] |= isBeyond ? place > low - 0.3 * pxPerMm : place < high + 0.3 * pxPerMm;
    }
  }

  private static double along(int at, int width, double nx, double ny) {
    int x = at % width;
    int y = at / width;
    return x * nx + y * ny;
  }
}
