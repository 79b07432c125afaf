package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jugulum.core.eye.SeenSpeck.Verdict;

/**
 * One part that may be gold, looked at closely: its own gold and its own ground tell which share of
 * every pixel at its border is gold, and the border is where that is one half.
 */
final class PartBorder {
  /**
   * Something that is not judged yet.
   *
   * @param seen as it was found; a tiny one with the pixels it covers
   * @param usual how warm its middle pixel is
   * @param light of a tiny one, how much warmer than its ground all around it is, summed
   */
  record Candidate(SeenSpeck seen, double usual, double light) {}

  private static final int ROOM = 7;
  private static final int RING_FROM = 2;
  private static final int RING_TO = 4;
  private static final int ZONE = 3;

  /** Below that half width a part has no core, and so no border, in pixels. */
  static final double CORE = 2.6;

  /** Glare on what surely is gold, so deep inside, is gold too: in pixels, and as a share. */
  private static final double DEEP = 2.8;

  private static final double DEEP_SHARE = 0.62;
  private static final double HALF = 0.5;

  /** A pixel holds at least that share of the gold nearby, whatever its ground. */
  private static final double LEAST_GOLD = 0.3;

  private static final int FEWEST = 3;
  private static final double TOP = 0.97;

  private final Colours colours;
  private final Window window;
  private final boolean[] me;
  private final boolean[] other;
  private final boolean[] zone;
  private final boolean[] ring;
  private final Plane depth;
  private final double deepest;
  private final double[] ground = new double[3];

  private PartBorder(Colours colours, Labels labels, int number) {
    this.colours = colours;
    window = labels.windows().get(number - 1).wider(ROOM, colours.width(), colours.height());
    me = new boolean[window.size()];
    other = new boolean[window.size()];
    for (int k = 0; k < me.length; k++) {
      int label = labels.of()[at(k)];
      me[k] = label == number;
      other[k] = label > 0 && label != number;
    }
    depth = Distance.inside(me, window.width(), window.height());
    double most = 0;
    for (float one : depth.values()) {
      most = Math.max(most, one);
    }
    deepest = most;
    zone = without(Labels.grown(me, window.width(), window.height(), ZONE), other);
    boolean[] near = Labels.grown(me, window.width(), window.height(), RING_FROM);
    ring =
        without(without(Labels.grown(me, window.width(), window.height(), RING_TO), near), other);
    for (int k = 0; k < zone.length; k++) {
      zone[k] &= colours.isUsable(at(k));
    }
    ground();
  }

  private static boolean[] without(boolean[] some, boolean[] others) {
    boolean[] left = some.clone();
    for (int k = 0; k < left.length; k++) {
      left[k] &= !others[k];
    }
    return left;
  }

  /** Where a pixel of the window stands in the picture. */
  private int at(int k) {
    return window.at(k, colours.width());
  }

  private void ground() {
    int n = 0;
    float[][] values = new float[3][ring.length];
    for (int k = 0; k < ring.length; k++) {
      if (ring[k]) {
        values[0][n] = colours.red(at(k));
        values[1][n] = colours.green(at(k));
        values[2][n++] = colours.blue(at(k));
      }
    }
    int middleX = window.left() + window.width() / 2;
    int middleY = window.top() + window.height() / 2;
    for (int c = 0; c < 3; c++) {
      if (n > 8) {
        Arrays.sort(values[c], 0, n);
        ground[c] = (values[c][(n - 1) / 2] + (double) values[c][n / 2]) / 2;
      } else {
        ground[c] = colours.ground(c, middleX, middleY);
      }
    }
  }

  /** What a part comes to: specks, none where it is smaller than three pixels. */
  static List<Candidate> look(Colours colours, Labels labels, int number) {
    PartBorder part = new PartBorder(colours, labels, number);
    int pixels = 0;
    for (boolean one : part.me) {
      pixels += one ? 1 : 0;
    }
    return pixels < FEWEST ? List.of() : part.specks();
  }

  private List<Candidate> specks() {
    boolean isTiny = deepest < CORE;
    boolean[] border = isTiny ? me : border();
    List<Candidate> found = new ArrayList<>();
    Labels pieces = Labels.of(border, window.width(), window.height());
    for (int piece = 1; piece <= pieces.count(); piece++) {
      boolean[] one = new boolean[border.length];
      boolean touches = false;
      for (int k = 0; k < one.length; k++) {
        one[k] = pieces.of()[k] == piece;
        touches |= one[k] && me[k];
      }
      if (touches) {
        split(one, isTiny, found);
      }
    }
    return found;
  }

  private void split(boolean[] piece, boolean isTiny, List<Candidate> found) {
    Plane inside = Distance.inside(piece, window.width(), window.height());
    double most = 0;
    for (float one : inside.values()) {
      most = Math.max(most, one);
    }
    int[] parts;
    if (most > 2.4) {
      parts = Splitting.of(piece, Filters.gaussian(inside, 0.6));
    } else {
      parts = new int[piece.length];
      for (int k = 0; k < parts.length; k++) {
        parts[k] = piece[k] ? 1 : 0;
      }
    }
    int count = Arrays.stream(parts).max().orElse(0);
    for (int number = 1; number <= count; number++) {
      boolean[] one = new boolean[piece.length];
      int pixels = 0;
      for (int k = 0; k < one.length; k++) {
        one[k] = parts[k] == number;
        pixels += one[k] ? 1 : 0;
      }
      if (pixels >= FEWEST) {
        found.add(told(one, pixels, inside, isTiny));
      }
    }
  }

  /**
   * Every pixel near it as so much of its gold and so much of its ground, by least squares over
   * three colours; on a bright ground what of that is missing tells more, on a dark one what of the
   * gold is there. Gold is as bright as the nearest of its core.
   */
  private boolean[] border() {
    double[] gold = gold();
    double gg = dot(gold, gold) + 1e-5;
    double bb = dot(ground, ground) + 1e-5;
    double gb = dot(gold, ground);
    double det = gg * bb - gb * gb;
    Plane share = new Plane(window.width(), window.height());
    float[] rest = new float[me.length];
    for (int k = 0; k < me.length; k++) {
      double[] colour = colour(at(k));
      double withGold = dot(gold, colour);
      double withGround = dot(ground, colour);
      share.values()[k] = (float) ((bb * withGold - gb * withGround) / det);
      rest[k] = (float) ((gg * withGround - gb * withGold) / det);
    }
    float[] near = near(share);
    double dark = Colours.brightness(gold[0], gold[1], gold[2]);
    double bright = Colours.brightness(ground[0], ground[1], ground[2]);
    double byGround = bright * bright / (bright * bright + 0.5 * dark * dark);
    boolean[] found = new boolean[me.length];
    for (int k = 0; k < me.length; k++) {
      double alpha = byGround * (1 - rest[k]) + (1 - byGround) * share.values()[k] / near[k];
      boolean isGold = zone[k] && alpha > HALF && share.values()[k] > LEAST_GOLD * near[k];
      found[k] = isGold || me[k] && depth.values()[k] > Math.max(DEEP, DEEP_SHARE * deepest);
    }
    Labels.fillHoles(found, window.width(), window.height());
    return found;
  }

  private double[] gold() {
    double[] sum = new double[3];
    int n = 0;
    double least = Math.max(1, 0.5 * deepest);
    for (int k = 0; k < me.length; k++) {
      if (me[k] && depth.values()[k] >= least) {
        double[] colour = colour(at(k));
        for (int c = 0; c < 3; c++) {
          sum[c] += colour[c];
        }
        n++;
      }
    }
    for (int c = 0; c < 3; c++) {
      sum[c] /= Math.max(1, n);
    }
    return sum;
  }

  private float[] near(Plane share) {
    double wide = Math.max(1.5, 0.35 * deepest);
    double least = Math.max(1.5, 0.45 * deepest);
    Plane core = new Plane(window.width(), window.height());
    Plane within = new Plane(window.width(), window.height());
    for (int k = 0; k < me.length; k++) {
      if (me[k] && depth.values()[k] >= least) {
        core.values()[k] = 1;
        within.values()[k] = share.values()[k];
      }
    }
    Plane weight = Filters.gaussian(core, wide);
    Plane sum = Filters.gaussian(within, wide);
    float[] near = new float[me.length];
    for (int k = 0; k < near.length; k++) {
      float here = weight.values()[k];
      near[k] = here > 0.01f ? Math.clamp(sum.values()[k] / (here + 1e-3f), 0.35f, 2f) : 1f;
    }
    return near;
  }

  private double[] colour(int at) {
    return new double[] {colours.red(at), colours.green(at), colours.blue(at)};
  }

  private static double dot(double[] one, double[] other) {
    return one[0] * other[0] + one[1] * other[1] + one[2] * other[2];
  }

  /** The light of a tiny one: how much warmer than its ground all of its surroundings are. */
  private double warmLight() {
    double base = Math.min(ground[0], ground[1]) - ground[2];
    double sum = 0;
    for (int k = 0; k < zone.length; k++) {
      if (zone[k]) {
        sum += Math.max(0, colours.warmth(at(k)) - base);
      }
    }
    return sum;
  }

  private Candidate told(boolean[] one, int pixels, Plane inside, boolean isTiny) {
    Moments shape = Moments.of(one, window);
    double most = 0;
    for (int k = 0; k < one.length; k++) {
      most = one[k] ? Math.max(most, inside.values()[k]) : most;
    }
    double[] core = new double[3];
    float[] warm = new float[pixels];
    int burnt = 0;
    int n = 0;
    for (int k = 0; k < one.length; k++) {
      if (one[k]) {
        if (inside.values()[k] >= HALF * most) {
          double[] colour = colour(at(k));
          for (int c = 0; c < 3; c++) {
            core[c] += colour[c];
          }
        }
        warm[n++] = colours.warmth(at(k));
        burnt += colours.light().most(at(k)) > TOP ? 1 : 0;
      }
    }
    Arrays.sort(warm);
    int x = window.left() + (int) shape.x();
    int y = window.top() + (int) shape.y();
    double beside = warm[(int) (0.9 * (n - 1))] / (colours.groundBrightness(x, y) + 0.004);
    SeenSpeck seen =
        new SeenSpeck(
            new Point(window.left() + shape.x(), window.top() + shape.y()),
            pixels,
            shape.longest(),
            shape.shortest(),
            Math.log((Math.min(core[0], core[1]) + 1e-6) / (core[2] + 1e-6)),
            beside,
            burnt / (double) pixels,
            isTiny,
            Verdict.NOT_GOLD,
            Optional.empty(),
            Outline.of(one, window));
    return new Candidate(seen, warm[n / 2], isTiny ? warmLight() : 0);
  }
}
