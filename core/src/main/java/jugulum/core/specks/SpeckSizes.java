package jugulum.core.specks;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleSupplier;
import java.util.function.IntSupplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * What is known of the sieve sizes of a batch's counted gold: one {@link SizeLaw} of a grid of
 * them, each with its weight (Bayes' rule on a grid).
 *
 * <p>Beforehand the median is 0.2 mm, ln 0.2 give or take 0.5, and σ 0.8, from 0.5 to 1.1 (19 in
 * 20): ours. It decides what a counted speck of a cut weighs that a screen bounds on one side only.
 *
 * @param weights of the laws of the grid, together 1
 */
public record SpeckSizes(List<Double> weights) {
  /**
   * The median size of counted gold, in mm: an assumption of ours.
   *
   * <p>Off by a half: the weight of specks of sand no screen has seen, up to eightfold before
   * something else tells it; of a cut with one screen much less.
   */
  public static final double MEDIAN_MM = 0.2;

  /**
   * How far the median is in doubt, as a standard deviation of its logarithm: an assumption of
   * ours.
   *
   * <p>Off by a half: the ranges of gold counted in cuts with one screen, by up to a third.
   */
  public static final double MEDIAN_LOG_SD = 0.5;

  /**
   * How much specks of one place differ, as a standard deviation of the logarithm of their sizes:
   * an assumption of ours.
   *
   * <p>Off by a half: the weight of specks of sand no screen has seen, several times.
   */
  public static final double SIGMA = 0.8;

  /**
   * How far that is in doubt: an assumption of ours.
   *
   * <p>Off by a half: the ranges of gold counted in sand no screen has seen.
   */
  public static final double SIGMA_SD = 0.15;

  /**
   * That sizes are log-normal at all is a guess, and so is the finest one sees: how far the mean
   * mass between two sizes may be off for that, lot by lot, as a standard deviation of its
   * logarithm: an assumption of ours.
   *
   * <p>Off by a half: the ranges of gold counted in cuts with one screen, by some hundredths.
   */
  public static final double SHAPE_LOG_SD = 0.2;

  private static final List<SizeLaw> LAWS = grid();

  /** Before anything is known of a batch. */
  public static final SpeckSizes BEFOREHAND =
      new SpeckSizes(weights(LAWS.stream().mapToDouble(SpeckSizes::logPrior).toArray()));

  /** Checks that every law has its weight. */
  public SpeckSizes {
    weights = List.copyOf(weights);
    if (weights.size() != LAWS.size()) {
      throw new IllegalArgumentException(
          "weights of " + LAWS.size() + " laws were expected, not of " + weights.size());
    }
  }

  private static List<SizeLaw> grid() {
    return IntStream.rangeClosed(-8, 8)
        .boxed()
        .flatMap(
            step ->
                IntStream.rangeClosed(-2, 2)
                    .mapToObj(
                        other ->
                            new SizeLaw(
                                StrictMath.log(MEDIAN_MM) + step * MEDIAN_LOG_SD * 3 / 8,
                                SIGMA + other * SIGMA_SD)))
        .toList();
  }

  private static double logPrior(SizeLaw law) {
    double median = (law.logMedian() - StrictMath.log(MEDIAN_MM)) / MEDIAN_LOG_SD;
    double sigma = (law.sigma() - SIGMA) / SIGMA_SD;
    return -(median * median + sigma * sigma) / 2;
  }

  private static List<Double> weights(double[] logs) {
    double most = Arrays.stream(logs).max().orElseThrow();
    double[] relative = Arrays.stream(logs).map(log -> StrictMath.exp(log - most)).toArray();
    double all = Arrays.stream(relative).sum();
    return Arrays.stream(relative).map(one -> one / all).boxed().toList();
  }

  /**
   * What is known once something was seen.
   *
   * @param logLikelihood of what was seen, by law, up to a constant
   */
  public SpeckSizes given(ToDoubleFunction<SizeLaw> logLikelihood) {
    double[] logs = each(logLikelihood);
    for (int i = 0; i < logs.length; i++) {
      logs[i] += StrictMath.log(weights.get(i));
    }
    return new SpeckSizes(weights(logs));
  }

  /** The mean of what a law says. */
  public double mean(ToDoubleFunction<SizeLaw> what) {
    double sum = 0;
    for (int i = 0; i < LAWS.size(); i++) {
      sum += weights.get(i) * what.applyAsDouble(LAWS.get(i));
    }
    return sum;
  }

  /**
   * The cubes of sizes that are in doubt.
   *
   * @param meanMm3 their mean, in mm³, above 0
   * @param variance how much those of single specks differ: variance over the square of the mean
   * @param logSd how far the mean is in doubt, as a standard deviation of its logarithm
   */
  record Cubes(double meanMm3, double variance, double logSd) {}

  /** The cubes of sizes between two. */
  Cubes cubes(Speck.Between sizes) {
    double mean = 0;
    double differ = 0;
    double log = 0;
    double squares = 0;
    for (int i = 0; i < LAWS.size(); i++) {
      SizeLaw.Cubes law = LAWS.get(i).cubes(sizes.fromMm(), sizes.toMm());
      double one = StrictMath.log(law.meanMm3());
      mean += weights.get(i) * law.meanMm3();
      differ += weights.get(i) * law.variance();
      log += weights.get(i) * one;
      squares += weights.get(i) * one * one;
    }
    double shape = SHAPE_LOG_SD * SHAPE_LOG_SD;
    return new Cubes(mean, differ, Math.sqrt(Math.max(0, squares - log * log) + shape));
  }

  /** The mean cube of sizes between two by each law over that by all of them. */
  public double[] factors(Speck.Between sizes) {
    double[] cubes = each(law -> law.cubeMm3(sizes.fromMm(), sizes.toMm()));
    double mean = 0;
    for (int i = 0; i < cubes.length; i++) {
      mean += weights.get(i) * cubes[i];
    }
    for (int i = 0; i < cubes.length; i++) {
      cubes[i] /= mean;
    }
    return cubes;
  }

  private static double[] each(ToDoubleFunction<SizeLaw> what) {
    return LAWS.stream().mapToDouble(what).toArray();
  }

  /**
   * Draws laws of the grid by their weights.
   *
   * @param uniform tells numbers from 0 to below 1
   * @return tells the place of a law in the grid
   */
  public IntSupplier drawn(DoubleSupplier uniform) {
    double[] upTo = new double[LAWS.size()];
    double sum = 0;
    for (int i = 0; i < upTo.length; i++) {
      sum += weights.get(i);
      upTo[i] = sum;
    }
    return () -> {
      int at = Arrays.binarySearch(upTo, uniform.getAsDouble());
      return Math.min(upTo.length - 1, at < 0 ? -at - 1 : at + 1);
    };
  }
}
