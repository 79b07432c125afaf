package jugulum.core.schedule;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import jugulum.core.check.Band;
import jugulum.core.schedule.DayPlan.Slot;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How late a planned day may get: the same order of tasks, with minutes drawn from their ranges,
 * again and again. Minutes of one machine, or of hands alone, are slow or quick together by half of
 * their spread, since what makes one slow often makes the next slow too: ours.
 */
public final class LikelyEnd {
  private static final double LOW = 0.05;
  private static final double HIGH = 0.95;
  private static final NormalDistribution NORMAL = new NormalDistribution();

  private LikelyEnd() {}

  /**
   * The minutes of the day at which it ends: in one day of twenty earlier, in the middle, in one of
   * twenty later.
   *
   * @param draws how many days are drawn, 20 or more
   */
  public static Band of(DayProblem problem, DayPlan plan, int draws, UniformRandomProvider random) {
    List<DayTask> kept =
        problem.tasks().stream().filter(task -> plan.slot(task.id()).isPresent()).toList();
    DayProblem planned =
        problem.with(
            kept.stream()
                .sorted(
                    Comparator.comparingInt(
                        task -> plan.slot(task.id()).map(Slot::from).orElseThrow()))
                .toList());
    Laying laying = Laying.late(unlimited(planned));
    int[] order = IntStream.range(0, kept.size()).toArray();
    var normal = ZigguratSampler.NormalizedGaussian.of(random);
    int[] ends = new int[draws];
    for (int draw = 0; draw < draws; draw++) {
      Map<String, Double> together = new HashMap<>();
      int[] minutes =
          planned.tasks().stream()
              .mapToInt(
                  task -> {
                    double shared =
                        together.computeIfAbsent(task.machine().orElse(""), _ -> normal.sample());
                    double z = (shared + normal.sample()) / Math.sqrt(2);
                    return (int)
                        Math.round(quantile(task.minutes(), NORMAL.cumulativeProbability(z)));
                  })
              .map(one -> Math.max(1, one))
              .toArray();
      for (int i = 0; i < minutes.length; i++) {
        minutes[i] = laying.underWay(planned.tasks().get(i), minutes[i]);
      }
      ends[draw] = laying.lay(order, minutes).end();
    }
    Arrays.sort(ends);
    return new Band(at(ends, LOW), at(ends, 0.5), at(ends, HIGH));
  }

  private static int at(int[] sorted, double share) {
    return sorted[(int) Math.round(share * (sorted.length - 1))];
  }

  /** What was chosen is done, however late: only hands, machines and trays hold it up. */
  private static DayProblem unlimited(DayProblem problem) {
    return problem.with(
        problem.tasks().stream()
            .map(task -> task.said(new DayTask.Said(task.said().at(), OptionalInt.empty(), false)))
            .toList());
  }

  /** Of a triangle over the range, its highest point at what is usual. */
  static double quantile(Band band, double share) {
    double width = band.high() - band.low();
    if (!(width > 0)) {
      return band.usual();
    }
    double peak = (band.usual() - band.low()) / width;
    return share < peak
        ? band.low() + width * Math.sqrt(share * peak)
        : band.high() - width * Math.sqrt((1 - share) * (1 - peak));
  }
}
