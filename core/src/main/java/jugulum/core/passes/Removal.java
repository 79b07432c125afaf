package jugulum.core.passes;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.hipparchus.special.Gamma;

/**
 * How many specks a heap held before its passes, from what each pass caught.
 *
 * <p>Every pass is taken to catch the same share p of what is left. With catches y1..yk, their sum T and X = Σ(k−i)·yi the
 * likelihood of N specks is ln L(N) = lnΓ(N+1) − lnΓ(N−T+1) + T ln p + (kN−X−T) ln(1−p) at p = T/(kN−X). It is maximised over real
 * N ≥ T; the range is that of the profile likelihood, chi-square with one degree of freedom. Source: P. A. P. Moran, Biometrika 38
 * (1951) 307–311; C. Zippin, Biometrics 12 (1956) 163–189 and Journal of Wildlife Management 22 (1958) 82–90. We maximise the
 * likelihood itself rather than read Zippin's charts.
 *
 * @param state what the passes can tell
 * @param caught T, the specks caught in all
 * @param estimate N, the specks there were before the first pass; empty where the passes cannot tell
 * @param share p, the share of what is left that a pass catches, 0 to 1; empty where the passes cannot tell
 * @param low the low end of N's 95 % range, never below T
 * @param high the high end of N's 95 % range; empty where there is none
 */
public record Removal(State state, int caught, OptionalDouble estimate, OptionalDouble share, double low, OptionalDouble high) {

  /** What a set of passes can tell. */
  public enum State {
    /** Fewer than two passes. */
    TOO_FEW_PASSES,
    /** No pass caught anything. */
    NOTHING_CAUGHT,
    /** The catches do not fall, or so little that the range has no upper end. */
    NOT_DECLINING,
    /** The catches fall. */
    DECLINING
  }

  private static final double CONFIDENCE = 0.95;

  /** N is searched up to this many times T; beyond it the likelihood is flat and counts as having no end. */
  private static final double FARTHEST = 1e6;

  /**
   * Estimates from the catches in order.
   *
   * @param catches specks caught in each pass, first pass first, each 0 or more
   * @throws jugulum.core.check.OutOfRange for a negative catch
   */
  public static Removal of(List<Integer> catches) {
    catches.forEach(caught -> Check.inRange("catch", caught, 0, 1e9));
    int total = catches.stream().mapToInt(Integer::intValue).sum();
    if (catches.size() < 2) {
      return unknown(State.TOO_FEW_PASSES, total);
    }
    if (total == 0) {
      return unknown(State.NOTHING_CAUGHT, total);
    }
    return new Likelihood(catches, total).maximum();
  }

  private static Removal unknown(State state, int total) {
    return new Removal(state, total, OptionalDouble.empty(), OptionalDouble.empty(), total, OptionalDouble.empty());
  }

  /** N − T, the specks probably still caught; empty where the passes cannot tell. */
  public OptionalDouble left() {
    return minusCaught(estimate);
  }

  /** The low end of what is left, 0 or more. */
  public double leftLow() {
    return low - caught;
  }

  /** The high end of what is left; empty where there is none. */
  public OptionalDouble leftHigh() {
    return minusCaught(high);
  }

  /** p·(N − T), what one more pass would catch; empty where the passes cannot tell. */
  public OptionalDouble nextCatch() {
    return estimate.isPresent() ? OptionalDouble.of(share.getAsDouble() * left().getAsDouble()) : OptionalDouble.empty();
  }

  private OptionalDouble minusCaught(OptionalDouble specks) {
    return specks.isPresent() ? OptionalDouble.of(specks.getAsDouble() - caught) : OptionalDouble.empty();
  }

  /** The log likelihood as a function of t = ln(N − T + 1), which spreads the long flat tail evenly. */
  private record Likelihood(int passes, int total, double weighted) {
    Likelihood(List<Integer> catches, int total) {
      this(catches.size(), total, weighted(catches));
    }

    private static double weighted(List<Integer> catches) {
      double sum = 0;
      for (int i = 0; i < catches.size(); i++) {
        sum += (catches.size() - 1.0 - i) * catches.get(i);
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

    /** lnΓ(N+1) − lnΓ(N−T+1), as a sum: the difference of two large logarithms loses the digits the range needs. */
    private double logFallingFactorial(double specks) {
      if (total > 10_000) {
        return Gamma.logGamma(specks + 1) - Gamma.logGamma(specks - total + 1);
      }
      double sum = 0;
      for (int i = 0; i < total; i++) {
        sum += Math.log(specks - i);
      }
      return sum;
    }

    private double specksAt(double t) {
      return total + Math.expm1(t);
    }

    Removal maximum() {
      double end = Math.log1p(FARTHEST * total);
      UnivariateFunction log = t -> logAt(specksAt(t));
      double best = coarseBest(log, end);
      double step = end / GRID;
      double t =
          new BrentOptimizer(1e-12, 1e-12)
              .optimize(
                  new UnivariateObjectiveFunction(log),
                  GoalType.MAXIMIZE,
                  new SearchInterval(Math.max(0, best - step), Math.min(end, best + step), best),
                  new MaxEval(500))
              .getPoint();
      if (log.value(0) >= log.value(t)) {
        t = 0;
      }
      double threshold = log.value(t) - new ChiSquaredDistribution(1).inverseCumulativeProbability(CONFIDENCE) / 2;
      UnivariateFunction above = at -> log.value(at) - threshold;
      double low = above.value(0) >= 0 ? total : specksAt(new BrentSolver(1e-12).solve(500, above, 0, t));
      boolean bounded = above.value(end) < 0;
      OptionalDouble high = bounded ? OptionalDouble.of(specksAt(new BrentSolver(1e-12).solve(500, above, t, end))) : OptionalDouble.empty();
      boolean endless = t > end - step;
      double specks = specksAt(t);
      return new Removal(
          bounded ? State.DECLINING : State.NOT_DECLINING,
          total,
          endless ? OptionalDouble.empty() : OptionalDouble.of(specks),
          endless ? OptionalDouble.empty() : OptionalDouble.of(shareAt(specks)),
          low,
          high);
    }

    private static final int GRID = 80;

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
}
