package jugulum.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jugulum.core.schedule.DayPlan.Left;
import jugulum.core.schedule.DayPlan.Proof;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.Laying.Laid;
import org.apache.commons.rng.UniformRandomProvider;

/**
 * Plans a day: all of it, and ending as early as can be; where not all fits, what brings most by
 * dark. First orders are tried, then a solver looks for a better one until none is left or the
 * budget is spent.
 */
public final class DayPlanner {
  /**
   * A plan that was shown stays as it is as long as another does better by no more than that share:
   * ours. People work by what they have read.
   *
   * <p>Off by a half: how readily a plan that was read is changed.
   */
  public static final double WORTH_MOVING = 0.03;

  private DayPlanner() {}

  /**
   * Plans a day.
   *
   * @param problem what is to be planned
   * @param before the plan that was shown so far, whose order stays where it is nearly as good
   * @param random what the orders are drawn from
   * @param budget how far the search may go
   */
  public static DayPlan plan(
      DayProblem problem, Optional<DayPlan> before, UniformRandomProvider random, Budget budget) {
    int[] first = before.map(plan -> order(problem, plan)).orElse(asGiven(problem));
    Sampling sampling = new Sampling(problem, first, random);
    Laid kept = sampling.best();
    sampling.go(budget);
    Laid best = sampling.best();
    boolean isProven = sampling.isBest();
    if (!isProven && !budget.isGivenUp().getAsBoolean()) {
      Exact.Found found = Exact.search(problem, best, budget);
      isProven = found.isProven();
      Laid known = best;
      best =
          found
              .order()
              .map(order -> Laying.of(problem).lay(order, sampling.minutes()))
              .filter(laid -> laid.isBetter(known))
              .orElse(known);
    }
    if (before.isPresent() && best != kept && isNearlyAsGood(problem, kept, best)) {
      return plan(problem, kept, new Proof.Kept(behind(problem, kept, best)));
    }
    Proof proof = isProven ? new Proof.Best() : new Proof.Within(sampling.gap(best));
    return plan(problem, best, proof);
  }

  private static int[] asGiven(DayProblem problem) {
    return IntStream.range(0, problem.tasks().size()).toArray();
  }

  /** By their beginnings; what is new comes last. */
  private static int[] order(DayProblem problem, DayPlan plan) {
    List<DayTask> tasks = problem.tasks();
    return IntStream.range(0, tasks.size())
        .boxed()
        .sorted(
            Comparator.comparingInt(
                i -> plan.slot(tasks.get(i).id()).map(Slot::from).orElse(Integer.MAX_VALUE)))
        .mapToInt(i -> i)
        .toArray();
  }

  private static boolean isNearlyAsGood(DayProblem problem, Laid kept, Laid best) {
    return kept.count() >= best.count() && behind(problem, kept, best) <= WORTH_MOVING;
  }

  private static double behind(DayProblem problem, Laid kept, Laid best) {
    double byWorth = best.worth() > 0 ? (best.worth() - kept.worth()) / best.worth() : 0;
    int length = Math.max(1, kept.end() - problem.now());
    return Math.clamp(Math.max(byWorth, (double) (kept.end() - best.end()) / length), 0, 1);
  }

  private static DayPlan plan(DayProblem problem, Laid laid, Proof proof) {
    List<Slot> slots = new ArrayList<>();
    List<Left> left = new ArrayList<>();
    for (int i = 0; i < problem.tasks().size(); i++) {
      String id = problem.tasks().get(i).id();
      if (laid.has(i)) {
        slots.add(new Slot(id, laid.from(i), laid.to(i)));
      } else {
        left.add(new Left(id, laid.why(i)));
      }
    }
    slots.sort(Comparator.comparingInt(Slot::from).thenComparing(Slot::task));
    return new DayPlan(slots, left, laid.end(), proof);
  }
}
