package jugulum.core.schedule;

import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import jugulum.core.schedule.DayTask.Hands;

/** What no plan of a day can beat: when it ends at the earliest, and what it brings at most. */
final class Bounds {
  private final DayProblem problem;
  private final List<DayTask> tasks;
  private final int[][] before;
  private final int[] minutes;
  private final int[] heads;
  private final int[] tails;

  /** For each task those whose first forerunner it is: trees, which a bound can follow. */
  private final int[][] waiting;

  Bounds(DayProblem problem, int[] minutes) {
    this.problem = problem;
    this.tasks = problem.tasks();
    this.before = problem.before();
    this.minutes = minutes;
    this.heads = new int[minutes.length];
    this.tails = new int[minutes.length];
    this.waiting =
        IntStream.range(0, minutes.length)
            .mapToObj(
                i ->
                    IntStream.range(0, minutes.length)
                        .filter(j -> before[j].length > 0 && before[j][0] == i)
                        .toArray())
            .toArray(int[][]::new);
    for (int i = 0; i < heads.length; i++) {
      DayTask task = tasks.get(i);
      heads[i] = task.startedAt().orElse(Math.max(problem.now(), task.said().at().orElse(0)));
    }
    // Chains are followed once for every task: as often as the longest can be.
    for (int round = 0; round < heads.length; round++) {
      if (!spread()) {
        break;
      }
    }
  }

  private boolean spread() {
    boolean moved = false;
    for (int i = 0; i < heads.length; i++) {
      for (int forerunner : before[i]) {
        int head = heads[forerunner] + minutes[forerunner];
        if (tasks.get(i).startedAt().isEmpty() && head > heads[i]) {
          heads[i] = head;
          moved = true;
        }
        int tail = tails[i] + minutes[i];
        if (tail > tails[forerunner]) {
          tails[forerunner] = tail;
          moved = true;
        }
      }
    }
    return moved;
  }

  /** The minutes that must follow a task before all is done that waits for it. */
  int tail(int task) {
    return tails[task];
  }

  /** The earliest minute of the day at which all can be done. */
  int end() {
    int bound = problem.now();
    for (int i = 0; i < heads.length; i++) {
      if (tasks.get(i).isAttended()) {
        bound = Math.max(bound, heads[i] + minutes[i]);
      }
    }
    return Math.max(Math.max(bound, byMachine()), byHands());
  }

  private int[] attended() {
    return IntStream.range(0, heads.length).filter(i -> tasks.get(i).isAttended()).toArray();
  }

  private int ahead(int i) {
    return heads[i] + minutes[i] - Math.max(heads[i], problem.now());
  }

  private int byMachine() {
    return tasks.stream()
        .flatMap(task -> task.machine().stream())
        .distinct()
        .mapToInt(
            machine ->
                one(
                    IntStream.range(0, heads.length)
                        .filter(i -> tasks.get(i).machine().filter(machine::equals).isPresent())
                        .toArray()))
        .max()
        .orElse(0);
  }

  /** One after the other, from the first that can begin to the least that must follow. */
  private int one(int[] places) {
    int head = Arrays.stream(places).map(i -> Math.max(problem.now(), heads[i])).min().orElse(0);
    int load = Arrays.stream(places).map(this::ahead).sum();
    int tail = Arrays.stream(places).map(this::attendedTail).min().orElse(0);
    return head + load + tail;
  }

  private int attendedTail(int i) {
    return IntStream.range(0, heads.length).allMatch(j -> tasks.get(j).isAttended()) ? tails[i] : 0;
  }

  /** A pair of hands does one thing at a time, and has so much attention. */
  private int byHands() {
    int pairs = problem.limits().pairs();
    int[] busy =
        Arrays.stream(attended())
            .filter(i -> tasks.get(i).hands() == Hands.ALL || tasks.get(i).handsOn() > 0)
            .toArray();
    if (busy.length == 0) {
      return 0;
    }
    int head = Arrays.stream(busy).map(i -> Math.max(problem.now(), heads[i])).min().orElse(0);
    long full = Arrays.stream(busy).mapToLong(this::fullAhead).sum();
    int tail = pairs == 1 ? Arrays.stream(busy).map(this::afterHands).min().orElse(0) : 0;
    return (int) Math.max(head + ceil(full, pairs) + tail, byWatch());
  }

  /** Machines that are looked after, as many at once as hands can watch. */
  private long byWatch() {
    long watched = 0;
    int head = DayTask.LONGEST;
    for (int i : attended()) {
      if (watched(tasks.get(i))) {
        watched += ahead(i) - fullAhead(i);
        head = Math.min(head, Math.max(problem.now(), heads[i]));
      }
    }
    return watched == 0
        ? 0
        : head + ceil(watched, (long) Laying.WATCHED * problem.limits().pairs());
  }

  private static long ceil(long load, long by) {
    return (load + by - 1) / by;
  }

  private long fullAhead(int i) {
    int on = Laying.handsOn(tasks.get(i), minutes[i]);
    return Math.min(on, ahead(i));
  }

  /** What still goes on when hands are free of a task. */
  private int afterHands(int i) {
    return minutes[i] - Laying.handsOn(tasks.get(i), minutes[i]) + attendedTail(i);
  }

  /**
   * What the hours that are left bring at most: tasks in parts, each no more than what it waits
   * for, so that hands and eyes last. By its dual: for a price of a minute every tree of tasks is
   * taken as far as it pays, and the least sum over all prices is the bound (a knapsack with
   * precedence, relaxed; G. Dantzig, Discrete-variable extremum problems, Operations Research 5,
   * 1957, for the part without precedence, from memory).
   */
  double worth() {
    double there = (double) problem.limits().pairs() * Math.max(0, problem.dark() - problem.now());
    return Math.min(
        worth(there, this::fullAhead),
        worth(there * Laying.WATCHED, i -> watched(tasks.get(i)) ? ahead(i) - fullAhead(i) : 0));
  }

  private static boolean watched(DayTask task) {
    return task.hands() == Hands.INTERVALS;
  }

  /** The sum is convex in the price, so thirds of its range close in on the least. */
  private double worth(double there, IntToDoubleFunction takes) {
    double low = 0;
    double all = tasks.stream().mapToDouble(DayTask::worth).sum();
    double high =
        IntStream.range(0, heads.length)
            .mapToDouble(takes)
            .filter(minutes -> minutes > 0)
            .map(minutes -> all / minutes)
            .max()
            .orElse(0);
    for (int round = 0; round < THIRDS; round++) {
      double third = (high - low) / 3;
      if (atPrice(low + third, there, takes) <= atPrice(high - third, there, takes)) {
        high -= third;
      } else {
        low += third;
      }
    }
    return Math.min(atPrice(low, there, takes), atPrice(high, there, takes));
  }

  private static final int THIRDS = 100;

  private double atPrice(double price, double there, IntToDoubleFunction takes) {
    return price * there
        + IntStream.range(0, heads.length)
            .filter(i -> before[i].length == 0)
            .mapToDouble(i -> pays(i, price, takes))
            .sum();
  }

  private double pays(int i, double price, IntToDoubleFunction takes) {
    if (!isPossible(i)) {
      return 0;
    }
    double net = tasks.get(i).worth() - price * takes.applyAsDouble(i);
    for (int next : waiting[i]) {
      net += pays(next, price, takes);
    }
    return Math.max(0, net);
  }

  private boolean isPossible(int i) {
    boolean fits = !tasks.get(i).isAttended() || heads[i] + minutes[i] <= problem.dark();
    return fits && !tasks.get(i).said().notToday();
  }
}
