package jugulum.core.runs;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.screens.Cut;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * What a machine's own runs let expect of the next one.
 *
 * <p>Recoveries lie between 0 and 1 and crowd near 1, so they are taken as log odds. The range is that of one more run: mean ± t · s · √(1 +
 * 1/n), the prediction interval of the normal distribution with s the standard deviation of n runs and t Student's quantile (NIST/SEMATECH
 * e-Handbook of Statistical Methods, prediction intervals; from memory). The doubt of each single recovery is part of s. Fewer than
 * {@link #LEAST} runs have no range worth the name.
 */
public final class MachineRecord {
  /** So many runs make a record. */
  public static final int LEAST = 3;

  /** No run is held to win less or more than that; the log odds of 0 and 1 have no end. */
  private static final double EDGE = 0.001;

  private MachineRecord() {}

  /**
   * The recovery to expect of one more run, 0 to 1, with its 95 % range; empty without enough runs.
   *
   * @param runs of one machine; those whose recovery is not told in full do not count
   * @param cut only runs on sand that shares sizes with it count
   */
  public static Optional<Band> expected(List<PastRun> runs, Cut cut) {
    double[] odds =
        runs.stream()
            .filter(PastRun::isTold)
            .filter(run -> run.cut().overlaps(cut))
            .mapToDouble(run -> run.stage().recovery().orElseThrow().usual())
            .map(MachineRecord::logOdds)
            .toArray();
    int n = odds.length;
    if (n < LEAST) {
      return Optional.empty();
    }
    double sum = 0;
    for (double one : odds) {
      sum += one;
    }
    double mean = sum / n;
    double squares = 0;
    for (double one : odds) {
      squares += (one - mean) * (one - mean);
    }
    double half = new TDistribution(n - 1).inverseCumulativeProbability(0.975) * Math.sqrt(squares / (n - 1) * (1 + 1.0 / n));
    return Optional.of(new Band(share(mean - half), share(mean), share(mean + half)));
  }

  private static double logOdds(double share) {
    double within = Math.clamp(share, EDGE, 1 - EDGE);
    return Math.log(within / (1 - within));
  }

  private static double share(double logOdds) {
    return 1 / (1 + Math.exp(-logOdds));
  }
}
