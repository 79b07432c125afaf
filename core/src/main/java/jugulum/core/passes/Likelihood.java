package jugulum.core.passes;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.hipparchus.special.Beta;
import org.hipparchus.special.Gamma;

/**
 * The log likelihood of {@link Removal} as a function of t = ln(N − T + 1), which spreads the long
 * flat tail evenly. For each N the mean share is the likeliest one, how unlike specks are counts
 * with its weight.
 *
 * @param catches of each pass, something among them
 * @param total T, all of them
 */
record Likelihood(List<Double> catches, double total) {
  private static final double CONFIDENCE = 0.95;

  /**
   * N is searched up to this many times T; beyond it the likelihood is flat and counts as having no
   * end.
   */
  private static final double FARTHEST = 1e6;

  private static final int GRID = 80;

  /**
   * How unlike specks are, as g = 1/(a + b) of the beta distribution of their shares, and how much
   * each counts beforehand: exponential with the mean {@link #UNLIKE}, taken together about each.
   */
  private static final double[] UNLIKENESSES = {0, 0.05, 0.12, 0.25, 0.5};

  /**
   * How unlike specks usually are: ours. With shares about a half it is a standard deviation of
   * 0.15 among them.
   *
   * <p>Off by a half: how many specks are told to be left, and the high end of their range.
   */
  static final double UNLIKE = 0.1;

  private static final double[] LOG_BEFOREHAND = logBeforehand();

  private static double[] logBeforehand() {
    double[] weights = new double[UNLIKENESSES.length];
    double above = 1;
    for (int i = 0; i < weights.length; i++) {
      double rest =
          i + 1 < weights.length
              ? StrictMath.exp(-(UNLIKENESSES[i] + UNLIKENESSES[i + 1]) / 2 / UNLIKE)
              : 0;
      weights[i] = Math.log(above - rest);
      above = rest;
    }
    return weights;
  }

  /** The likelihood of catches in order, something among them. */
  static Likelihood of(List<? extends Number> catches) {
    List<Double> each = catches.stream().map(Number::doubleValue).toList();
    return new Likelihood(each, each.stream().mapToDouble(Double::doubleValue).sum());
  }

  /** The share of what was left that a pass caught so far. */
  double shareAt(double specks) {
    double met = 0;
    double caught = 0;
    for (double each : catches) {
      met += specks - caught;
      caught += each;
    }
    return total / met;
  }

  double logAt(double specks) {
    return at(specks).log();
  }

  /** What the next pass catches in the mean if there were so many. */
  double nextCatchAt(double specks) {
    return at(specks).nextCatch();
  }

  /**
   * What so many specks make of the catches.
   *
   * @param log the logarithm of their likelihood
   * @param nextCatch what the next pass catches in the mean
   */
  private record At(double log, double nextCatch) {}

  private At at(double specks) {
    double most = Double.NEGATIVE_INFINITY;
    double sum = 0;
    double next = 0;
    double alike = Math.min(1, shareAt(specks));
    for (int i = 0; i < UNLIKENESSES.length; i++) {
      double unlike = UNLIKENESSES[i];
      double mean = unlike == 0 ? alike : meanShare(specks, unlike, alike);
      double log = LOG_BEFOREHAND[i] + logOfCatches(specks, mean, unlike);
      double before = log > most ? Math.exp(most - log) : 1;
      double weight = log > most ? 1 : Math.exp(log - most);
      most = Math.max(most, log);
      sum = sum * before + weight;
      next = next * before + weight * mean * left(catches.size(), unlike);
    }
    return new At(
        logFallingFactorial(specks) + most + Math.log(sum), next / sum * (specks - total));
  }

  /**
   * By how much less a speck is caught by a pass that stayed where it is in so many before: those
   * that go easily are gone.
   */
  private static double left(int passes, double unlike) {
    return 1 / (1 + passes * unlike);
  }

  /** The logarithm of the chance of the catches at a mean share. */
  private double logOfCatches(double specks, double mean, double unlike) {
    double log = 0;
    double there = specks;
    for (int pass = 0; pass < catches.size(); pass++) {
      double share = mean * left(pass, unlike);
      double caught = catches.get(pass);
      there -= caught;
      log += caught > 0 ? caught * Math.log(share) : 0;
      log += there > NONE ? there * Math.log1p(-share) : 0;
    }
    return log;
  }

  private static final double NONE = 1e-12;
  private static final int STEPS = 60;

  /**
   * The likeliest mean share: where the likelihood neither rises nor falls with it.
   *
   * @param alike what it is where all specks are alike
   */
  private double meanShare(double specks, double unlike, double alike) {
    double low = 0;
    double high = 1;
    double share = Math.min(0.999, alike * (1 + unlike * (catches.size() - 1) / 2));
    for (int step = 0; step < STEPS; step++) {
      double rises = total / share;
      double bends = -total / share / share;
      double there = specks;
      for (int pass = 0; pass < catches.size(); pass++) {
        double less = left(pass, unlike);
        there -= catches.get(pass);
        double misses = Math.max(0, there) * less / (1 - share * less);
        rises -= misses;
        bends -= misses * less / (1 - share * less);
      }
      if (rises > 0) {
        low = share;
      } else {
        high = share;
      }
      double next = share - rises / bends;
      next = next > low && next < high ? next : (low + high) / 2;
      if (Math.abs(next - share) <= 1e-11 * share) {
        return next;
      }
      share = next;
    }
    return share;
  }

  /**
   * lnΓ(N+1) − lnΓ(N−T+1) = lnΓ(T) − ln B(N−T+1, T): the difference of the two large logarithms
   * itself loses the digits the range needs.
   */
  private double logFallingFactorial(double specks) {
    return total > 0 ? Gamma.logGamma(total) - Beta.logBeta(specks - total + 1, total) : 0;
  }

  private double specksAt(double t) {
    return total + Math.expm1(t);
  }

  private double end() {
    return Math.log1p(FARTHEST * total);
  }

  /**
   * What the next pass may catch: for evenly spread t, the mean catch with its weight by the
   * likelihood; the weights add up to 1. Every order of magnitude of what there was at first is
   * held for equally likely beforehand, 1/N (a scale: H. Jeffreys, Theory of Probability, 3rd ed.
   * 1961, section 3.1; from memory). To hold those of what is left for equally likely would make
   * next to nothing left as likely as everything, and the next catch too small.
   */
  List<Weighted> nextCatches(int steps) {
    UnivariateFunction log = t -> logAt(specksAt(t)) + beforehand(specksAt(t));
    double best = best(log);
    double most = log.value(best);
    UnivariateFunction above = t -> log.value(t) - most - NEGLIGIBLE;
    double from = above.value(0) >= 0 ? 0 : crossing(above, 0, best);
    double to = above.value(end()) >= 0 ? end() : crossing(above, best, end());
    List<Weighted> weighted = new ArrayList<>();
    double sum = 0;
    for (int i = 0; i <= steps; i++) {
      double t = from + (to - from) * i / steps;
      double specks = specksAt(t);
      At there = at(specks);
      double weight = Math.exp(there.log() + beforehand(specks) - most);
      weighted.add(new Weighted(there.nextCatch(), weight));
      sum += weight;
    }
    double all = sum;
    return weighted.stream().map(one -> new Weighted(one.meanCatch(), one.weight() / all)).toList();
  }

  private double beforehand(double specks) {
    return Math.log((1 + specks - total) / specks);
  }

  /**
   * The logarithm of a weight that counts for nothing: the grid ends there, so that it is fine
   * where many specks leave little doubt.
   */
  private static final double NEGLIGIBLE = Math.log(1e-9);

  private static double crossing(UnivariateFunction above, double low, double high) {
    return new BrentSolver(1e-9).solve(500, above, low, high);
  }

  /** A mean catch of the next pass with its weight. */
  record Weighted(double meanCatch, double weight) {}

  Removal maximum() {
    double end = end();
    UnivariateFunction log = t -> logAt(specksAt(t));
    double step = end / GRID;
    double t = best(log);
    double threshold =
        log.value(t) - new ChiSquaredDistribution(1).inverseCumulativeProbability(CONFIDENCE) / 2;
    UnivariateFunction above = at -> log.value(at) - threshold;
    double low =
        above.value(0) >= 0 ? total : specksAt(new BrentSolver(1e-12).solve(500, above, 0, t));
    boolean bounded = above.value(end) < 0;
    OptionalDouble high =
        bounded
            ? OptionalDouble.of(specksAt(new BrentSolver(1e-12).solve(500, above, t, end)))
            : OptionalDouble.empty();
    boolean endless = t > end - step;
    double specks = specksAt(t);
    return new Removal(
        bounded ? Removal.State.DECLINING : Removal.State.NOT_DECLINING,
        total,
        endless ? OptionalDouble.empty() : OptionalDouble.of(specks),
        endless ? OptionalDouble.empty() : OptionalDouble.of(shareAt(specks)),
        endless ? OptionalDouble.empty() : OptionalDouble.of(nextCatchAt(specks)),
        low,
        high);
  }

  private double best(UnivariateFunction log) {
    double end = end();
    double best = Math.min(end, coarseBest(log, end));
    double step = end / GRID;
    double t =
        new BrentOptimizer(1e-12, 1e-12)
            .optimize(
                new UnivariateObjectiveFunction(log),
                GoalType.MAXIMIZE,
                new SearchInterval(Math.max(0, best - step), Math.min(end, best + step), best),
                new MaxEval(500))
            .getPoint();
    return log.value(0) >= log.value(t) ? 0 : t;
  }

  private static double coarseBest(UnivariateFunction log, double end) {
    double best = 0;
    for (int i = 1; i <= GRID; i++) {
      double t = end * i / GRID;
      if (log.value(t) > log.value(best)) {
        best = t;
      }
    }
    return best;
  }
}
