package jugulum.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import jugulum.core.check.Band;
import jugulum.core.schedule.Budget;
import jugulum.core.schedule.DayLimits;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayPlanner;
import jugulum.core.schedule.DayProblem;
import jugulum.core.schedule.DayTask;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.LikelyEnd;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/** How good and how soon a day is planned, and how soon a full shop is ranked. */
public final class MeasureDay {
  private static final int DAYS = 8;
  private static final int CUTS = 12;
  private static final int MACHINES = 6;

  private MeasureDay() {}

  /** Prints the figures of the day alone. */
  public static void main(String[] args) {
    print(System.out::println);
  }

  static void print(Consumer<String> out) {
    for (int hours : new int[] {10, 4}) {
      double[] milliseconds = new double[DAYS];
      double[] gaps = new double[DAYS];
      int proven = 0;
      for (int day = 0; day < DAYS; day++) {
        DayProblem problem = problem(day, hours);
        long begun = System.nanoTime();
        DayPlan plan = DayPlanner.plan(problem, Optional.empty(), random(day), Budget.ASKED);
        milliseconds[day] = (System.nanoTime() - begun) / 1e6;
        gaps[day] =
            switch (plan.proof()) {
              case DayPlan.Proof.Best _ -> 0;
              case DayPlan.Proof.Within(double share) -> share;
              case DayPlan.Proof.Kept(double share) -> share;
            };
        proven += plan.proof() instanceof DayPlan.Proof.Best ? 1 : 0;
      }
      out.accept(
          String.format(
              Locale.ROOT,
              "a day of %d h, %d cuts on %d machines: %d of %d proven, gap median %.1f %%, worst"
                  + " %.1f %%, median %.0f ms",
              hours,
              CUTS,
              MACHINES,
              proven,
              DAYS,
              100 * median(gaps),
              100 * Arrays.stream(gaps).max().orElse(0),
              median(milliseconds)));
    }
    DayProblem problem = problem(1, 10);
    DayPlan plan = DayPlanner.plan(problem, Optional.empty(), random(1), Budget.SOON);
    out.accept(
        timed("its likely end by 400 days", () -> LikelyEnd.of(problem, plan, 400, random(2))));
    MeasureStock.tell(out);
  }

  static String timed(String what, Runnable work) {
    double[] milliseconds = new double[21];
    for (int i = 0; i < milliseconds.length; i++) {
      long begun = System.nanoTime();
      work.run();
      milliseconds[i] = (System.nanoTime() - begun) / 1e6;
    }
    return String.format(
        Locale.ROOT,
        "%s: median %.1f ms, best %.1f ms",
        what,
        median(milliseconds),
        Arrays.stream(milliseconds).min().orElse(0));
  }

  private static double median(double[] values) {
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    return sorted[sorted.length / 2];
  }

  private static UniformRandomProvider random(long seed) {
    return RandomSource.XO_SHI_RO_256_PP.create(seed);
  }

  private static DayProblem problem(long seed, int hours) {
    UniformRandomProvider random = random(seed + 1);
    List<DayTask> tasks = new ArrayList<>();
    for (int cut = 0; cut < CUTS; cut++) {
      double minutes = 15 + random.nextInt(60);
      tasks.add(DayTask.byHand("screen " + cut, new Band(5, 8, 15)).worth(1));
      tasks.add(
          DayTask.byHand("magnet " + cut, new Band(8, 12, 20))
              .after(List.of("screen " + cut))
              .worth(2));
      tasks.add(
          DayTask.byHand("run " + cut, new Band(minutes * 0.7, minutes, minutes * 1.5))
              .with(Hands.INTERVALS, 5)
              .on("machine " + random.nextInt(MACHINES))
              .after(List.of("magnet " + cut))
              .worth(10 + random.nextInt(20)));
      tasks.add(
          DayTask.byHand("finish " + cut, new Band(4, 6, 10))
              .after(List.of("run " + cut))
              .worth(5));
    }
    return new DayProblem(tasks, DayLimits.USUAL, 480, 480 + 60 * hours);
  }
}
