package jugulum.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.check.NormalMixture;
import jugulum.core.trial.RandomEffects.Result;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * What one more result may be, when neither the mean nor the scatter of the results so far is known
 * sharply.
 *
 * <p>Of the results, Q(τ²) = Σ w (y − μ)² with w = 1/(v + τ²) is χ² with k − 1 degrees of freedom
 * at the true τ² (W. Viechtbauer, Statistics in Medicine 26 (2007) 37–52). Turned round, each
 * quantile of χ² gives a τ² that goes with the results; over all of them the next result is a
 * mixture of normals, whose 2.5 and 97.5 % quantiles are told. The same thought, with draws: K.
 * Nagashima, H. Noma and T. A. Furukawa, Stat. Methods Med. Res. 28 (2019) 1689–1702.
 */
final class Ahead {
  /** So many results tell their scatter well enough to take it as known. */
  private static final int MANY = 60;

  private static final int PARTS = 80;

  /** Closer than that, in its own unit, two values of τ² are one. */
  private static final double CLOSE = 1e-12;

  private static final int ORDER = 5;
  private static final int MOST_STEPS = 500;

  /**
   * The middles of {@link #PARTS} equally likely parts of χ² by its degrees of freedom, of which
   * there are fewer than {@link #MANY}: they take longer to find than all the rest.
   */
  private static final Map<Integer, double[]> MIDDLES = new ConcurrentHashMap<>();

  /** A normal that is one of equally likely ones. */
  private record Part(double mean, double sd) {}

  /** What is known of the mean beside the results: a normal. */
  record Prior(double mean, double precision) {
    /** Nothing. */
    static final Prior NONE = new Prior(0, 0);
  }

  private Ahead() {}

  /**
   * The 95 % range of one more result.
   *
   * @param results two or more
   */
  static Band next(List<Result> results, Prior prior) {
    Check.inRange("results", results.size(), 2, 1e6);
    List<Part> parts = new ArrayList<>();
    if (results.size() > MANY) {
      parts.add(part(results, RandomEffects.of(results).tau2(), prior));
    } else {
      for (double quantile : MIDDLES.computeIfAbsent(results.size() - 1, Ahead::middles)) {
        parts.add(part(results, tau2(results, quantile), prior));
      }
    }
    NormalMixture ahead =
        new NormalMixture(
            parts.stream().mapToDouble(_ -> 1.0 / parts.size()).toArray(),
            parts.stream().mapToDouble(Part::mean).toArray(),
            parts.stream().mapToDouble(Part::sd).toArray());
    double tail = (1 - 0.95) / 2;
    return new Band(ahead.quantile(tail), ahead.quantile(0.5), ahead.quantile(1 - tail));
  }

  private static double[] middles(int degrees) {
    ChiSquaredDistribution distribution = new ChiSquaredDistribution(degrees);
    double[] middles = new double[PARTS];
    for (int i = 0; i < PARTS; i++) {
      middles[i] = distribution.inverseCumulativeProbability((i + 0.5) / PARTS);
    }
    return middles;
  }

  private static Part part(List<Result> results, double tau2, Prior prior) {
    RandomEffects known = RandomEffects.of(results, tau2);
    double own = 1 / (known.se() * known.se());
    double precision = own + prior.precision();
    double mean = (own * known.mean() + prior.precision() * prior.mean()) / precision;
    return new Part(mean, Math.sqrt(tau2 + 1 / precision));
  }

  /** The τ² at which the results lie as far apart as that, 0 where even none is too much. */
  private static double tau2(List<Result> results, double apart) {
    if (RandomEffects.apart(results, 0) <= apart) {
      return 0;
    }
    double high = 1;
    while (RandomEffects.apart(results, high) > apart) {
      high *= 4;
    }
    return solver().solve(MOST_STEPS, tau2 -> RandomEffects.apart(results, tau2) - apart, 0, high);
  }

  private static BracketingNthOrderBrentSolver solver() {
    return new BracketingNthOrderBrentSolver(CLOSE, CLOSE, ORDER);
  }
}
