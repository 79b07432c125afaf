package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Finds a disc: pixels on steep slopes vote, along the slope, for the middles of circles of many
 * radii; of the best the rim is looked for again at full size, ray by ray. Relief of a coin and its
 * shadow lose to the outermost ring that holds all round.
 *
 * <p>The votes are those of P. Hough's transform for circles with gradients (C. Kimme, D. Ballard
 * and J. Sklansky, Communications of the ACM 18 (1975) 120–122, from memory).
 */
final class DiscFinder {
  /** Votes are counted on a picture of about that width. */
  private static final int SMALL_WIDTH = 300;

  private static final int LEAST_BY = 4;

  /** Radii looked for, in pixels of the small picture. */
  private static final int LEAST_RADIUS = 14;

  private static final int MOST_RADIUS = 60;

  /**
   * The steepest of the pixels vote, as a share: ours.
   *
   * <p>Off by a half: which pictures a disc is found in, not its size.
   */
  private static final double VOTERS = 0.3;

  private static final int BANDS = 4;
  private static final int CANDIDATES = 8;
  private static final int RAYS = 360;

  /** How far from the last radius its rim is looked for, round by round. */
  private static final double[] REACHES = {0.09, 0.05, 0.025};

  private static final double LEAST_REACH_PX = 12;
  private static final double STEP = 0.5;
  private static final int LEAST_RAYS = 60;

  private final Light light;

  private DiscFinder(Light light) {
    this.light = light;
  }

  /**
   * A disc that was found.
   *
   * @param share of the rays that meet its rim
   * @param radiusSd standard deviation of the radius, in pixels
   */
  record Disc(Circle rim, double share, double radiusSd) {
    private double score() {
      return share * Math.sqrt(rim.radius());
    }
  }

  /** The best disc; empty where none holds. */
  static Optional<Disc> find(Light light) {
    return new DiscFinder(light).find();
  }

  private Optional<Disc> find() {
    int by = Math.max(LEAST_BY, (int) Math.round(light.width() / (double) SMALL_WIDTH));
    List<Circle> candidates = votes(by);
    Plane[] full = new Plane[3];
    for (int c = 0; c < full.length; c++) {
      full[c] = Filters.gaussian(light.rootedSmall(c, 1), 1);
    }
    Optional<Disc> best = Optional.empty();
    for (Circle candidate : candidates) {
      Optional<Disc> disc = refined(full, candidate);
      if (disc.isPresent() && (best.isEmpty() || disc.get().score() > best.get().score())) {
        best = disc;
      }
    }
    return best;
  }

  /** The candidates by votes, in full pixels. */
  private List<Circle> votes(int by) {
    Plane[] small = new Plane[3];
    for (int c = 0; c < small.length; c++) {
      small[c] = Filters.gaussian(light.rootedSmall(c, by), 1);
    }
    int w = small[0].width();
    int h = small[0].height();
    float[] gx = new float[w * h];
    float[] gy = new float[w * h];
    float[] slope = new float[w * h];
    for (Plane plane : small) {
      steepest(plane, gx, gy, slope);
    }
    float[] sorted = slope.clone();
    Arrays.sort(sorted);
    float least = sorted[(int) ((1 - VOTERS) * (sorted.length - 1))];
    int radii = MOST_RADIUS - LEAST_RADIUS;
    float[][] votes = new float[radii][];
    for (int k = 0; k < radii; k++) {
      int r = LEAST_RADIUS + k;
      Plane count = new Plane(w, h);
      for (int at = 0; at < slope.length; at++) {
        if (slope[at] > least && isRidge(gx, gy, slope, at, w)) {
          float ux = gx[at] / slope[at];
          float uy = gy[at] / slope[at];
          int x = at % w;
          int y = at / w;
          vote(count, x + r * ux, y + r * uy, r);
          vote(count, x - r * ux, y - r * uy, r);
        }
      }
      votes[k] = Filters.box(count, 3).values();
    }
    return best(votes, w, h, by);
  }

  /** Whether it is the steepest across the edge it lies on: an edge votes once, however soft. */
  private static boolean isRidge(float[] gx, float[] gy, float[] slope, int at, int w) {
    int dx = Math.round(gx[at] / slope[at]);
    int dy = Math.round(gy[at] / slope[at]);
    int ahead = at + dy * w + dx;
    int behind = at - dy * w - dx;
    return ahead >= 0
        && behind >= 0
        && ahead < slope.length
        && behind < slope.length
        && slope[at] >= slope[ahead]
        && slope[at] >= slope[behind];
  }

  private static void vote(Plane count, float x, float y, int radius) {
    int cx = Math.round(x);
    int cy = Math.round(y);
    if (cx >= 0 && cy >= 0 && cx < count.width() && cy < count.height()) {
      count.values()[cy * count.width() + cx] += 1f / radius;
    }
  }

  /** Of three colours the one that changes most tells the slope. */
  private static void steepest(Plane plane, float[] gx, float[] gy, float[] slope) {
    int w = plane.width();
    int h = plane.height();
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        float dx = (plane.at(Math.min(w - 1, x + 1), y) - plane.at(Math.max(0, x - 1), y)) / 2;
        float dy = (plane.at(x, Math.min(h - 1, y + 1)) - plane.at(x, Math.max(0, y - 1))) / 2;
        float steep = (float) Math.hypot(dx, dy);
        int at = y * w + x;
        if (steep > slope[at]) {
          slope[at] = steep;
          gx[at] = dx;
          gy[at] = dy;
        }
      }
    }
  }

  /** The best of every band of radii: noise votes most for the smallest. */
  private static List<Circle> best(float[][] votes, int w, int h, int by) {
    List<Circle> found = new ArrayList<>();
    for (int band = 0; band < BANDS; band++) {
      int from = band * votes.length / BANDS;
      int to = (band + 1) * votes.length / BANDS;
      for (int n = 0; n < CANDIDATES; n++) {
        found.add(best(votes, from, to, w, h, by));
      }
    }
    return found;
  }

  private static Circle best(float[][] votes, int from, int to, int w, int h, int by) {
    int most = from;
    int place = 0;
    for (int k = from; k < to; k++) {
      for (int at = 0; at < votes[k].length; at++) {
        if (votes[k][at] > votes[most][place]) {
          most = k;
          place = at;
        }
      }
    }
    int x = place % w;
    int y = place / w;
    for (int k = Math.max(0, most - 2); k < Math.min(votes.length, most + 3); k++) {
      for (int ny = Math.max(0, y - 4); ny < Math.min(h, y + 5); ny++) {
        Arrays.fill(votes[k], ny * w + Math.max(0, x - 4), ny * w + Math.min(w, x + 5), 0);
      }
    }
    double radius = LEAST_RADIUS + (double) most;
    return new Circle((x + 0.5) * by - 0.5, (y + 0.5) * by - 0.5, radius * by);
  }

  /** The rim around a candidate: the steepest place of every ray, points that lie off left out. */
  private static Optional<Disc> refined(Plane[] full, Circle candidate) {
    Circle circle = candidate;
    double[] px = new double[RAYS];
    double[] py = new double[RAYS];
    boolean[] counts = new boolean[RAYS];
    for (double reach : REACHES) {
      boolean[] met = rim(full, circle, reach, px, py);
      System.arraycopy(met, 0, counts, 0, RAYS);
      Optional<Circle> fitted = Optional.empty();
      for (int round = 0; round < 8; round++) {
        if (count(counts) < LEAST_RAYS) {
          return Optional.empty();
        }
        fitted = Circle.through(px, py, counts);
        if (fitted.isEmpty()) {
          return Optional.empty();
        }
        double most = Math.max(1, 2.5 * Circle.median(offs(fitted.get(), px, py, counts)));
        for (int i = 0; i < RAYS; i++) {
          counts[i] = met[i] && Math.abs(fitted.get().off(px[i], py[i])) < most;
        }
      }
      Circle next = fitted.orElseThrow();
      if (next.radius() < 0.7 * circle.radius() || next.radius() > 1.3 * circle.radius()) {
        return Optional.empty();
      }
      circle = next;
    }
    return Optional.of(told(full, circle, px, py, counts));
  }

  /**
   * How many rays meet the rim is asked over a wide reach anew: within a narrow one every ray meets
   * something.
   */
  private static Disc told(
      Plane[] full, Circle circle, double[] px, double[] py, boolean[] counts) {
    double[] wideX = new double[RAYS];
    double[] wideY = new double[RAYS];
    double reach = Math.max(REACHES[0], LEAST_REACH_PX / circle.radius());
    boolean[] met = rim(full, circle, reach, wideX, wideY);
    int near = 0;
    for (int i = 0; i < RAYS; i++) {
      near += met[i] && Math.abs(circle.off(wideX[i], wideY[i])) < 1.5 ? 1 : 0;
    }
    double sum = 0;
    double squares = 0;
    int n = 0;
    for (int i = 0; i < RAYS; i++) {
      double off = circle.off(px[i], py[i]);
      if (counts[i]) {
        sum += off;
        squares += off * off;
        n++;
      }
    }
    double sd = n == 0 ? 1 : Math.sqrt(Math.max(0, squares / n - sum / n * sum / n));
    // Eight rays beside each other see the same piece of rim.
    return new Disc(circle, near / (double) RAYS, sd / Math.sqrt(Math.max(1, n / 8.0)));
  }

  private static double[] offs(Circle circle, double[] px, double[] py, boolean[] counts) {
    double[] offs = new double[count(counts)];
    int n = 0;
    for (int i = 0; i < px.length; i++) {
      if (counts[i]) {
        offs[n++] = Math.abs(circle.off(px[i], py[i]));
      }
    }
    return offs;
  }

  private static int count(boolean[] counts) {
    int n = 0;
    for (boolean one : counts) {
      n += one ? 1 : 0;
    }
    return n;
  }

  /** Where each ray is steepest; true where that is steep enough. */
  private static boolean[] rim(
      Plane[] full, Circle circle, double reach, double[] px, double[] py) {
    int steps = (int) Math.ceil(2 * reach * circle.radius() / STEP);
    double from = circle.radius() * (1 - reach);
    double[] most = new double[RAYS];
    float[][] line = new float[3][steps];
    float[] slope = new float[steps];
    for (int ray = 0; ray < RAYS; ray++) {
      double cos = Math.cos(ray * Math.PI / 180);
      double sin = Math.sin(ray * Math.PI / 180);
      for (int q = 0; q < steps; q++) {
        double x = circle.x() + cos * (from + q * STEP);
        double y = circle.y() + sin * (from + q * STEP);
        for (int c = 0; c < 3; c++) {
          line[c][q] = full[c].between(x, y);
        }
      }
      int best = 1;
      for (int q = 0; q < steps; q++) {
        double x = circle.x() + cos * (from + q * STEP);
        double y = circle.y() + sin * (from + q * STEP);
        boolean isIn = x > 1 && y > 1 && x < full[0].width() - 2 && y < full[0].height() - 2;
        slope[q] = isIn ? slope(line, q, steps) : 0;
        best = slope[q] > slope[best] ? q : best;
      }
      most[ray] = slope[best];
      int at = Math.clamp(best, 1, steps - 2);
      double bend = slope[at - 1] - 2 * slope[at] + slope[at + 1];
      double off =
          Math.abs(bend) > 1e-9
              ? Math.clamp(0.5 * (slope[at - 1] - slope[at + 1]) / bend, -1, 1)
              : 0;
      double r = from + (at + off) * STEP;
      px[ray] = circle.x() + r * cos;
      py[ray] = circle.y() + r * sin;
    }
    double least = 0.35 * Circle.median(most) + 1e-4;
    boolean[] met = new boolean[RAYS];
    for (int ray = 0; ray < RAYS; ray++) {
      met[ray] = most[ray] > least;
    }
    return met;
  }

  private static float slope(float[][] line, int q, int steps) {
    float sum = 0;
    int before = Math.max(0, q - 1);
    int after = Math.min(steps - 1, q + 1);
    for (float[] one : line) {
      sum += Math.abs(one[after] - one[before]) / (after - before);
    }
    return sum;
  }
}
