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
 * flat tail evenly.
 *
 * @param passes k
 * @param total T
 * @param weighted X
 */
record Likelihood(int passes, double total, double weighted) {
  private static final double CONFIDENCE = 0.95;

  /**
   * N is searched up to this many times T; beyond it the likelihood is flat and counts as having no
   * end.
   */
  private static final double FARTHEST = 1e6;

  private static final int GRID = 80;

  /** The likelihood of catches in order, something among them. */
  static Likelihood of(List<? extends Number> catches) {
    return new Likelihood(
        catches.size(), catches.stream().mapToDouble(Number::doubleValue).sum(), weighted(catches));
  }

  private static double weighted(List<? extends Number> catches) {
    double sum = 0;
    for (int i = 0; i < catches.size(); i++) {
      sum += (catches.size() - 1.0 - i) * catches.get(i).doubleValue();
    }
    return sum;
  }

  double shareAt(double specks) {
    return total / (passes * specks - weighted);
  }

  double logAt(double specks) {
    double p = shareAt(specks);
    double misses = passes * specks - weighted - total;
    double missed = misses <= 1e-12 ? 0 : misses * Math.log1p(-p);
    return logFallingFactorial(specks) + total * Math.log(p) + missed;
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
   * What the next pass may catch: for evenly spread t, the mean catch p·(N − T), with its weight by
   * the likelihood; the weights add up to 1. Every order of magnitude of what there was at first is
   * held for equally likely beforehand, 1/N (a scale: H. Jeffreys, Theory of Probability, 3rd ed.
   * 1961, section 3.1; from memory). To hold those of what is left for equally likely would make
   * next to nothing left as likely as everything, and the next catch too small.
   */
  List<Weighted> nextCatches(int steps) {
    UnivariateFunction log =
        t -> logAt(specksAt(t)) + Math.log((1 + specksAt(t) - total) / specksAt(t));
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
      double weight = Math.exp(log.value(t) - most);
      weighted.add(new Weighted(shareAt(specks) * (specks - total), weight));
      sum += weight;
    }
    double all = sum;
    return weighted.stream().map(one -> new Weighted(one.meanCatch(), one.weight() / all)).toList();
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
