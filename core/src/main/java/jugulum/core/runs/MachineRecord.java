package jugulum.core.runs;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.machine.Proven;
import jugulum.core.screens.Cut;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * What a machine's own runs of one cut and one kind let expect of the next such run.
 *
 * <p>Mean of n recoveries as they were told, with the range of one more: mean ± t · s · √(1 + 1/n),
 * the prediction interval of the normal distribution with s the standard deviation of n runs and t
 * Student's quantile (NIST/SEMATECH e-Handbook of Statistical Methods, prediction intervals; from
 * memory), cut at 0 and 1. The doubt of each single recovery is part of s. Runs of other sizes,
 * reductions and reruns say nothing of a first run, so they are not mixed. Fewer than {@link
 * #LEAST} runs have no range worth the name.
 */
public final class MachineRecord {
  /** So many runs make a record. */
  public static final int LEAST = 3;

  private MachineRecord() {}

  /**
   * The recovery to expect of one more run; empty without enough runs.
   *
   * @param runs of one machine; those whose recovery is not told in full do not count
   * @param cut the sizes: only runs on the same cut count
   * @param kind only runs of that kind count
   */
  public static Optional<Proven> expected(List<PastRun> runs, Cut cut, PastRun.Kind kind) {
    StreamingStatistics told = new StreamingStatistics();
    runs.stream()
        .filter(run -> run.isTold() && run.kind() == kind && run.cut().isSameSizes(cut))
        .forEach(run -> told.addValue(run.stage().recovery().orElseThrow().usual()));
    int n = (int) told.getN();
    if (n < LEAST) {
      return Optional.empty();
    }
    double mean = Math.clamp(told.getMean(), 0, 1);
    double half =
        new TDistribution(n - 1).inverseCumulativeProbability(0.975)
            * told.getStandardDeviation()
            * Math.sqrt(1 + 1.0 / n);
    return Optional.of(
        new Proven(new Band(Math.max(0, mean - half), mean, Math.min(1, mean + half)), n));
  }
}
