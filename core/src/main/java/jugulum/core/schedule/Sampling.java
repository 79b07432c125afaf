package jugulum.core.schedule;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import jugulum.core.schedule.Laying.Laid;
import org.apache.commons.rng.UniformRandomProvider;

/**
 * Looks for a good day by trying orders: what has most behind it first, shaken, and what brings
 * most of a minute first, shaken; then single tasks of the best order elsewhere.
 */
final class Sampling {
  /**
   * How much a rule is shaken: up to so much of its own size, ours.
   *
   * <p>Off by a half: how good the first day found is, little.
   */
  private static final double SHAKE = 0.8;

  /**
   * So many single moves for each order of a kind, ours.
   *
   * <p>Off by a half: how good the first day found is, and how long that takes.
   */
  private static final int MOVES = 20;

  /** No more for each pair of tasks: a short day is soon told. */
  private static final int MOVES_A_PAIR = 40;

  private final DayProblem problem;
  private final Laying laying;
  private final int[] minutes;
  private final int[][] before;
  private final Bounds bounds;

  /** What no day beats, asked before every order tried: worked out once. */
  private final int soonest;

  private final double most;
  private final UniformRandomProvider random;
  private int[] bestOrder;
  private Laid best;

  Sampling(DayProblem problem, int[] first, UniformRandomProvider random) {
    this.problem = problem;
    this.laying = Laying.of(problem);
    this.minutes = laying.planned();
    this.before = problem.before();
    this.bounds = new Bounds(problem, minutes);
    this.soonest = bounds.end();
    this.most = bounds.worth();
    this.random = random;
    this.bestOrder = pinnedFirst(first);
    this.best = laying.lay(bestOrder, minutes);
  }

  Laid best() {
    return best;
  }

  /** The minutes that are planned for each task. */
  int[] minutes() {
    return minutes;
  }

  /** By how much at most another day may be better, as a share of this one's length or worth. */
  double gap(Laid laid) {
    if (laid.isWhole()) {
      return Math.clamp(
          (double) (laid.end() - soonest) / Math.max(1, laid.end() - problem.now()), 0, 1);
    }
    return most > 0 ? Math.clamp((most - laid.worth()) / most, 0, 1) : 1;
  }

  /** Tries the orders of a budget; stops where the bound is met. */
  void go(Budget budget) {
    BooleanSupplier isOver = () -> isBest() || budget.isGivenUp().getAsBoolean();
    for (int round = 0; round < budget.orders() && !isOver.getAsBoolean(); round++) {
      double shake = round == 0 ? 0 : SHAKE;
      take(byTail(shake));
      if (!best.isWhole()) {
        take(byWorth(shake));
      }
    }
    int moves = Math.min(MOVES * budget.orders(), MOVES_A_PAIR * minutes.length * minutes.length);
    for (int round = 0; round < moves && !isOver.getAsBoolean(); round++) {
      move();
    }
  }

  /** A step that is no worse is taken too: days lie on wide plains. */
  private void move() {
    int[] tried = pinnedFirst(elsewhere());
    Laid laid = laying.lay(tried, minutes);
    if (laid.isBetter(best) || !best.isBetter(laid)) {
      best = laid;
      bestOrder = tried;
    }
  }

  boolean isBest() {
    return best.isWhole() ? best.end() <= soonest : best.worth() >= most && most > 0;
  }

  private void take(int[] order) {
    int[] tried = pinnedFirst(order);
    Laid laid = laying.lay(tried, minutes);
    if (laid.isBetter(best)) {
      best = laid;
      bestOrder = tried;
    }
  }

  /** What a person set an hour for comes first, by that hour. */
  private int[] pinnedFirst(int[] order) {
    List<DayTask> tasks = problem.tasks();
    return Arrays.stream(order)
        .boxed()
        .sorted(Comparator.comparingInt(i -> tasks.get(i).said().at().orElse(Integer.MAX_VALUE)))
        .mapToInt(i -> i)
        .toArray();
  }

  private int[] byTail(double shake) {
    double[] keys =
        IntStream.range(0, minutes.length)
            .mapToDouble(i -> -(minutes[i] + bounds.tail(i)) * shaken(shake))
            .toArray();
    return sorted(keys);
  }

  /** Forerunners are drawn along by the laying: it waits for them, so they come before. */
  private int[] byWorth(double shake) {
    double[] keys =
        IntStream.range(0, minutes.length)
            .mapToDouble(i -> -problem.tasks().get(i).worth() / minutes[i] * shaken(shake))
            .toArray();
    for (int round = 0; round < keys.length; round++) {
      for (int i = 0; i < keys.length; i++) {
        for (int forerunner : before[i]) {
          keys[forerunner] = Math.min(keys[forerunner], keys[i]);
        }
      }
    }
    return sorted(keys);
  }

  private double shaken(double shake) {
    return 1 + shake * (random.nextDouble() - 0.5);
  }

  private static int[] sorted(double[] keys) {
    return IntStream.range(0, keys.length)
        .boxed()
        .sorted(Comparator.comparingDouble(i -> keys[i]))
        .mapToInt(i -> i)
        .toArray();
  }

  private int[] elsewhere() {
    int[] order = bestOrder.clone();
    if (order.length > 1) {
      int from = random.nextInt(order.length);
      int to = random.nextInt(order.length);
      int moved = order[from];
      if (from < to) {
        System.arraycopy(order, from + 1, order, from, to - from);
      } else {
        System.arraycopy(order, to, order, to + 1, from - to);
      }
      order[to] = moved;
    }
    return order;
  }
}
