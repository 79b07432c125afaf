package jugulum.core.trial;

import java.util.List;
import jugulum.core.check.Check;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * Whether repeats scatter more than their specks explain: then something else changed from run to
 * run, and a range by counting alone is too narrow.
 *
 * <p>Pearson's X² of the repeats against their common share, k − 1 degrees of freedom; the factor
 * X²/(k − 1) by which the variance is larger than by counting. Source: P. McCullagh and J. A.
 * Nelder, Generalized Linear Models, 2nd ed. 1989, section 4.5 (from memory).
 *
 * @param chiSquared X², 0 or more
 * @param degrees k − 1, from 1
 */
public record Repeats(double chiSquared, int degrees) {
  private static final double SELDOM = 0.05;

  /** Checks both. */
  public Repeats {
    Check.inRange("chiSquared", chiSquared, 0, 1e12);
    Check.inRange("degrees", degrees, 1, 1e6);
  }

  /**
   * Of repeats of one spike on one machine.
   *
   * @param runs two or more
   */
  public static Repeats of(List<SpikeBack> runs) {
    Check.inRange("runs", runs.size(), 2, 1e6);
    SpikeBack all = runs.stream().reduce(SpikeBack::with).orElseThrow();
    double share = Math.min(1, (double) all.won() / all.in());
    if (share == 0 || share == 1) {
      return new Repeats(0, runs.size() - 1);
    }
    double sum = 0;
    for (SpikeBack run : runs) {
      double off = run.won() - run.in() * share;
      sum += off * off / (run.in() * share * (1 - share));
    }
    return new Repeats(sum, runs.size() - 1);
  }

  /** The chance that repeats with nothing but their specks would scatter as much, 0 to 1. */
  public double chance() {
    return 1 - new ChiSquaredDistribution(degrees).cumulativeProbability(chiSquared);
  }

  /** Whether specks alone do not explain it. */
  public boolean isMoreThanSpecks() {
    return chance() < SELDOM;
  }
}
