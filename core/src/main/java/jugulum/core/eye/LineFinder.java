package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/**
 * Finds lines side by side, of a ruler or a screen: the frequency that stands out of windows of the
 * picture, refined over all windows that agree. Overtones and the diagonals of a weave are tried
 * beside it, and the one with the greatest amplitude over the whole strip wins.
 */
final class LineFinder {
  private static final int BLOCK = 300;
  private static final int FOURIER = 512;

  /** Amplitudes are summed in cells so many pixels wide. */
  private static final int CELL = 12;

  /** What is darker or brighter over a wider stretch is no line, in pixels. */
  private static final double FLAT = 40;

  /** Pitches looked for, in pixels to the millimetre, and in pixels. */
  private static final double LEAST_PER_MM = 12;

  private static final double MOST_PER_MM = 135;
  private static final double LEAST_PITCH = 5;

  private static final double MOST_PITCH = 110;

  /** So many directions are looked at in a window. */
  private static final int DIRECTIONS = 3;

  /** The cosine of ten degrees. */
  private static final double SAME_DIRECTION = 0.985;

  /** What agrees stands out at least so much of the strongest. */
  private static final double LEAST_SHARE = 0.6;

  /** A strip of known size goes through so many windows at least. */
  private static final double WINDOWS = 2;

  /** Refined, a frequency stays so near to the one it was. */
  private static final double NEAR = 1 / 300.0;

  private final Plane grey;
  private final boolean isMesh;
  private final double least;
  private final double most;

  private LineFinder(Plane grey, boolean isMesh, double pitchMm, double by) {
    this.grey = grey;
    this.isMesh = isMesh;
    least = Math.max(LEAST_PITCH, pitchMm * LEAST_PER_MM / by);
    most = Math.min(MOST_PITCH, pitchMm * MOST_PER_MM / by);
  }

  /**
   * Lines that were found, in pixels of the picture they were looked for in.
   *
   * @param x how often they come in a pixel across
   * @param y how often they come in a pixel down
   * @param phase where they lie: x times the one and y times the other is a whole number more
   * @param strength how far they stand out
   * @param cells which cells of {@link #CELL} pixels they cover
   * @param across how many cells there are in a row
   */
  @SuppressWarnings("ArrayRecordComponent") // made and let go within a look
  record Found(double x, double y, double phase, double strength, boolean[] cells, int across) {
    boolean covers(int px, int py) {
      int cx = px / CELL;
      int at = py / CELL * across + cx;
      return cx < across && at < cells.length && cells[at];
    }
  }

  /**
   * The lines of a picture.
   *
   * @param grey its brightness as a root of light, from {@link #BLOCK} pixels across and down
   * @param pitchMm from line to line
   * @param by how many pixels of the whole picture one of these is
   */
  static Found find(Plane grey, boolean isMesh, double pitchMm, double by) {
    return new LineFinder(evened(grey), isMesh, pitchMm, by).find();
  }

  /** Without what is bright or dark over a wide stretch, as strong everywhere. */
  private static Plane evened(Plane grey) {
    Plane wide = Filters.gaussian(grey, FLAT, 2);
    Plane flat = new Plane(grey.width(), grey.height());
    float[] squares = new float[flat.values().length];
    for (int i = 0; i < squares.length; i++) {
      flat.values()[i] = grey.values()[i] - wide.values()[i];
      squares[i] = flat.values()[i] * flat.values()[i];
    }
    Plane spread =
        Filters.gaussian(new Plane(grey.width(), grey.height(), squares), FLAT * 1.25, 2);
    for (int i = 0; i < squares.length; i++) {
      float sd = (float) Math.sqrt(Math.max(0, spread.values()[i])) + 0.02f;
      flat.values()[i] = Math.clamp(flat.values()[i] / sd, -2.5f, 2.5f);
    }
    return flat;
  }

  /** What stands out of one window. */
  private record Block(double score, int left, int top, double x, double y) {}

  private record Best(double x, double y, double amplitude) {}

  private Found find() {
    List<Block> blocks = new ArrayList<>();
    float[] bell = bell();
    for (int top : places(grey.height(), 2)) {
      for (int left : places(grey.width(), 3)) {
        blocks.addAll(blocks(left, top, bell));
      }
    }
    List<Block> agree = agreeing(blocks);
    Block first = agree.getFirst();
    float[] weights = new float[grey.values().length];
    agree.forEach(block -> add(weights, block, bell));
    Plane weighed = new Plane(grey.width(), grey.height());
    for (int i = 0; i < weights.length; i++) {
      weighed.values()[i] = grey.values()[i] * Math.min(1, weights[i]);
    }
    Best best =
        candidates(first.x(), first.y()).stream()
            .map(one -> refined(weighed, one[0], one[1]))
            .max(Comparator.comparingDouble(Best::amplitude))
            .orElseThrow();
    double strength = agree.stream().mapToDouble(Block::score).sum() / WINDOWS;
    return new Found(
        best.x(),
        best.y(),
        phase(weighed, best),
        strength,
        covered(weighed, best),
        grey.width() / CELL);
  }

  /**
   * What most windows see, the strongest first. The straight edge of a ruler stands out of its
   * windows as much as the marks, but nowhere with the same frequency.
   */
  private List<Block> agreeing(List<Block> blocks) {
    List<Block> best = List.of();
    double most = -1;
    for (Block first : blocks) {
      List<Block> group = new ArrayList<>();
      for (Block other : blocks) {
        boolean isNew =
            group.stream().noneMatch(one -> one.left() == other.left() && one.top() == other.top());
        if (isNew && isSame(other, first) && other.score() > LEAST_SHARE * first.score()) {
          group.add(other);
        }
      }
      double sum = group.stream().mapToDouble(Block::score).sum();
      if (sum > most) {
        most = sum;
        group.sort(Comparator.comparingDouble(Block::score).reversed());
        best = group;
      }
    }
    return best;
  }

  private static int[] places(int length, int parts) {
    int spare = Math.max(0, length - BLOCK);
    int[] places = new int[parts + 1];
    for (int i = 0; i <= parts; i++) {
      places[i] = spare * i / parts;
    }
    return Arrays.stream(places).distinct().toArray();
  }

  private static float[] bell() {
    float[] bell = new float[BLOCK];
    for (int i = 0; i < BLOCK; i++) {
      bell[i] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * i / (BLOCK - 1)));
    }
    return bell;
  }

  private void add(float[] weights, Block block, float[] bell) {
    for (int y = 0; y < Math.min(BLOCK, grey.height()); y++) {
      for (int x = 0; x < Math.min(BLOCK, grey.width()); x++) {
        weights[(block.top() + y) * grey.width() + block.left() + x] += bell[y] * bell[x];
      }
    }
  }

  private boolean isSame(Block one, Block other) {
    double near = 0.006;
    boolean isAlong =
        Math.hypot(one.x() - other.x(), one.y() - other.y()) < near
            || Math.hypot(one.x() + other.x(), one.y() + other.y()) < near;
    boolean isAcross =
        Math.hypot(one.x() + other.y(), one.y() - other.x()) < near
            || Math.hypot(one.x() - other.y(), one.y() + other.x()) < near;
    return isAlong || isMesh && isAcross;
  }

  /** The power of one window by frequency, half of it: a picture has no more. */
  private double[][] power(int left, int top, float[] bell) {
    double[][] rows = new double[FOURIER][];
    for (int y = 0; y < FOURIER; y++) {
      double[] real = new double[FOURIER];
      if (y < BLOCK && top + y < grey.height()) {
        for (int x = 0; x < BLOCK && left + x < grey.width(); x++) {
          real[x] = grey.at(left + x, top + y) * bell[y] * bell[x];
        }
      }
      double[][] both = {real, new double[FOURIER]};
      FastFourierTransformer.transformInPlace(
          both, DftNormalization.STANDARD, TransformType.FORWARD);
      double[] row = new double[FOURIER + 2];
      for (int k = 0; k <= FOURIER / 2; k++) {
        row[2 * k] = both[0][k];
        row[2 * k + 1] = both[1][k];
      }
      rows[y] = row;
    }
    double[][] power = new double[FOURIER][FOURIER / 2 + 1];
    for (int k = 0; k <= FOURIER / 2; k++) {
      double[][] column = new double[2][FOURIER];
      for (int y = 0; y < FOURIER; y++) {
        column[0][y] = rows[y][2 * k];
        column[1][y] = rows[y][2 * k + 1];
      }
      FastFourierTransformer.transformInPlace(
          column, DftNormalization.STANDARD, TransformType.FORWARD);
      for (int y = 0; y < FOURIER; y++) {
        power[y][k] = column[0][y] * column[0][y] + column[1][y] * column[1][y];
      }
    }
    return power;
  }

  /** What stands out of a window, and what does in other directions. */
  private List<Block> blocks(int left, int top, float[] bell) {
    double[][] standing = standing(power(left, top, bell));
    List<Block> found = new ArrayList<>();
    for (int n = 0; n < DIRECTIONS; n++) {
      block(standing, left, top, found).ifPresent(found::add);
    }
    return found;
  }

  private Optional<Block> block(double[][] standing, int left, int top, List<Block> before) {
    double best = 0;
    double bestX = 0;
    double bestY = 0;
    for (int ky = 0; ky < FOURIER; ky++) {
      double fy = (ky < FOURIER / 2 ? ky : ky - FOURIER) / (double) FOURIER;
      for (int kx = 0; kx <= FOURIER / 2; kx++) {
        double fx = kx / (double) FOURIER;
        double f = Math.hypot(fx, fy);
        if (f > 1 / most && f < 1 / least && isApart(fx, fy, f, before)) {
          double score = score(standing, ky, kx);
          if (score > best) {
            best = score;
            bestX = fx;
            bestY = fy;
          }
        }
      }
    }
    return best > 0 ? Optional.of(new Block(best, left, top, bestX, bestY)) : Optional.empty();
  }

  /** Whether it lies in another direction than all before. */
  private static boolean isApart(double fx, double fy, double f, List<Block> before) {
    for (Block one : before) {
      double along = Math.abs(fx * one.x() + fy * one.y()) / (f * Math.hypot(one.x(), one.y()));
      if (along > SAME_DIRECTION) {
        return false;
      }
    }
    return true;
  }

  /** The frequency itself, half of its double, and of a weave that across it. */
  private double score(double[][] standing, int ky, int kx) {
    int signed = ky < FOURIER / 2 ? ky : ky - FOURIER;
    double score = standing[ky][kx];
    int twiceY = 2 * signed;
    int twiceX = 2 * kx;
    if (Math.abs(twiceY) < FOURIER / 2 && twiceX <= FOURIER / 2) {
      score += 0.5 * standing[Math.floorMod(twiceY, FOURIER)][twiceX];
    }
    if (isMesh) {
      int acrossY = kx;
      int acrossX = -signed;
      if (acrossX < 0) {
        acrossX = -acrossX;
        acrossY = -acrossY;
      }
      score += standing[Math.floorMod(acrossY, FOURIER)][Math.min(acrossX, FOURIER / 2)];
    }
    return score;
  }

  /** How far the power of each frequency stands above those of its ring. */
  private static double[][] standing(double[][] power) {
    int rings = 91;
    double[] logs = new double[rings];
    int[] counts = new int[rings];
    for (int ky = 0; ky < FOURIER; ky++) {
      for (int kx = 0; kx <= FOURIER / 2; kx++) {
        int ring = ring(ky, kx);
        logs[ring] += Math.log(power[ky][kx] + 1e-9);
        counts[ring]++;
      }
    }
    for (int i = 0; i < rings; i++) {
      logs[i] = Math.exp(logs[i] / Math.max(1, counts[i]));
    }
    double[][] standing = new double[FOURIER][FOURIER / 2 + 1];
    for (int ky = 0; ky < FOURIER; ky++) {
      for (int kx = 0; kx <= FOURIER / 2; kx++) {
        standing[ky][kx] = Math.log1p(power[ky][kx] / (logs[ring(ky, kx)] * 20));
      }
    }
    return standing;
  }

  private static int ring(int ky, int kx) {
    double fy = (ky < FOURIER / 2 ? ky : ky - FOURIER) / (double) FOURIER;
    return Math.min(90, (int) (Math.hypot(fy, kx / (double) FOURIER) * 120));
  }

  /** That frequency, those it may be an overtone of, and of a weave the diagonals. */
  private List<double[]> candidates(double x, double y) {
    List<double[]> all = new ArrayList<>();
    for (int k = 1; k <= 6; k++) {
      all.add(new double[] {x / k, y / k});
    }
    if (isMesh) {
      all.add(new double[] {x - y, x + y});
      all.add(new double[] {(x - y) / 2, (x + y) / 2});
    }
    List<double[]> within =
        all.stream()
            .filter(
                one -> {
                  double f = Math.hypot(one[0], one[1]);
                  return f > 1 / most && f < 1 / least;
                })
            .toList();
    return within.isEmpty() ? List.of(all.getFirst()) : within;
  }

  /** The picture brought down by a frequency to zero, summed in cells: real, imaginary. */
  private static float[][] cells(Plane plane, double fx, double fy) {
    int across = plane.width() / CELL;
    int down = plane.height() / CELL;
    float[] cosX = new float[across * CELL];
    float[] sinX = new float[across * CELL];
    for (int x = 0; x < cosX.length; x++) {
      cosX[x] = (float) Math.cos(-2 * Math.PI * fx * x);
      sinX[x] = (float) Math.sin(-2 * Math.PI * fx * x);
    }
    float[] real = new float[across * down];
    float[] imaginary = new float[across * down];
    for (int y = 0; y < down * CELL; y++) {
      float cosY = (float) Math.cos(-2 * Math.PI * fy * y);
      float sinY = (float) Math.sin(-2 * Math.PI * fy * y);
      int row = y / CELL * across;
      for (int cx = 0; cx < across; cx++) {
        float re = 0;
        float im = 0;
        for (int x = cx * CELL; x < (cx + 1) * CELL; x++) {
          float value = plane.at(x, y);
          re += value * cosX[x];
          im += value * sinX[x];
        }
        real[row + cx] += re * cosY - im * sinY;
        imaginary[row + cx] += re * sinY + im * cosY;
      }
    }
    return new float[][] {real, imaginary};
  }

  private Best refined(Plane weighed, double fx, double fy) {
    float[][] along = cells(weighed, fx, fy);
    float[][] across = isMesh ? cells(weighed, -fy, fx) : new float[0][];
    int wide = weighed.width() / CELL;
    MultivariateFunction amplitude =
        off ->
            amplitude(along, wide, off[0], off[1])
                + (isMesh ? amplitude(across, wide, -off[1], off[0]) : 0);
    double step = 1 / 1500.0;
    double[] best = {0, 0};
    double highest = -1;
    for (int i = -4; i <= 4; i++) {
      for (int j = -4; j <= 4; j++) {
        double value = amplitude.value(new double[] {i * step, j * step});
        if (value > highest) {
          highest = value;
          best = new double[] {i * step, j * step};
        }
      }
    }
    double scale = Math.max(highest, 1e-30);
    var found =
        new SimplexOptimizer(new SimpleValueChecker(1e-10, 1e-10))
            .optimize(
                new MaxEval(400),
                new ObjectiveFunction(off -> amplitude.value(off) / scale),
                GoalType.MAXIMIZE,
                new InitialGuess(best),
                new NelderMeadSimplex(new double[][] {{0, 0}, {step / 2, 0}, {0, step / 2}}));
    double dx = found.getPoint()[0];
    double dy = found.getPoint()[1];
    double f = Math.hypot(fx + dx, fy + dy);
    boolean isNear = Math.hypot(dx, dy) < NEAR && f > 1 / most && f < 1 / least;
    return isNear
        ? new Best(fx + dx, fy + dy, found.getValue() * scale)
        : new Best(fx, fy, amplitude.value(new double[] {0, 0}));
  }

  private static double amplitude(float[][] cells, int across, double dx, double dy) {
    double real = 0;
    double imaginary = 0;
    int down = cells[0].length / across;
    double[] cos = new double[across];
    double[] sin = new double[across];
    for (int x = 0; x < across; x++) {
      double at = -2 * Math.PI * dx * (x * CELL + (CELL - 1) / 2.0);
      cos[x] = Math.cos(at);
      sin[x] = Math.sin(at);
    }
    for (int y = 0; y < down; y++) {
      double re = 0;
      double im = 0;
      for (int x = 0; x < across; x++) {
        float a = cells[0][y * across + x];
        float b = cells[1][y * across + x];
        re += a * cos[x] - b * sin[x];
        im += a * sin[x] + b * cos[x];
      }
      double at = -2 * Math.PI * dy * (y * CELL + (CELL - 1) / 2.0);
      real += re * Math.cos(at) - im * Math.sin(at);
      imaginary += re * Math.sin(at) + im * Math.cos(at);
    }
    return real * real + imaginary * imaginary;
  }

  /**
   * Where the lines lie. What is narrow and bright has its first overtone at its height too, what
   * is narrow and dark has both at their depth.
   */
  private static double phase(Plane weighed, Best best) {
    double[] first = sum(weighed, best.x(), best.y());
    double[] second = sum(weighed, 2 * best.x(), 2 * best.y());
    double highest = -Math.atan2(first[1], first[0]) / (2 * Math.PI);
    double there =
        second[0] * Math.cos(4 * Math.PI * highest) - second[1] * Math.sin(4 * Math.PI * highest);
    double phase = there >= 0 ? highest : highest + 0.5;
    return phase - Math.floor(phase);
  }

  /** All of the picture brought down by a frequency to zero: real, imaginary. */
  private static double[] sum(Plane plane, double fx, double fy) {
    float[][] cells = cells(plane, fx, fy);
    double[] sum = new double[2];
    for (int way = 0; way < 2; way++) {
      for (float one : cells[way]) {
        sum[way] += one;
      }
    }
    return sum;
  }

  /** The cells in which the lines are strong, and those around them. */
  private boolean[] covered(Plane weighed, Best best) {
    int across = weighed.width() / CELL;
    int down = weighed.height() / CELL;
    float[] strong = strength(cells(weighed, best.x(), best.y()), across, down);
    if (isMesh) {
      float[] other = strength(cells(weighed, -best.y(), best.x()), across, down);
      for (int i = 0; i < strong.length; i++) {
        strong[i] += other[i];
      }
    }
    float[] sorted = strong.clone();
    Arrays.sort(sorted);
    float least = (isMesh ? 0.18f : 0.3f) * sorted[(int) (0.97 * (sorted.length - 1))];
    boolean[] cells = new boolean[strong.length];
    for (int i = 0; i < cells.length; i++) {
      cells[i] = strong[i] > least;
    }
    return crossGrown(cells, across, down, isMesh ? 2 : 1);
  }

  private static float[] strength(float[][] cells, int across, int down) {
    Plane real = Filters.box(new Plane(across, down, cells[0]), 5);
    Plane imaginary = Filters.box(new Plane(across, down, cells[1]), 5);
    float[] strong = new float[across * down];
    for (int i = 0; i < strong.length; i++) {
      strong[i] = (float) Math.hypot(real.values()[i], imaginary.values()[i]);
    }
    return strong;
  }

  private static boolean[] crossGrown(boolean[] cells, int across, int down, int times) {
    boolean[] grown = cells;
    for (int i = 0; i < times; i++) {
      boolean[] next = grown.clone();
      for (int at = 0; at < grown.length; at++) {
        if (grown[at]) {
          int x = at % across;
          int y = at / across;
          for (int[] step : Labels.CROSS) {
            int nx = x + step[0];
            int ny = y + step[1];
            if (nx >= 0 && ny >= 0 && nx < across && ny < down) {
              next[ny * across + nx] = true;
            }
          }
        }
      }
      grown = next;
    }
    return grown;
  }
}
