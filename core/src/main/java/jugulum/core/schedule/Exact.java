package jugulum.core.schedule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.core.schedule.DayTask.Water;
import jugulum.core.schedule.Laying.Laid;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.constraints.Constraint;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMin;
import org.chocosolver.solver.search.strategy.selectors.variables.Smallest;
import org.chocosolver.solver.search.strategy.strategy.AbstractStrategy;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.chocosolver.solver.variables.Task;

/**
 * The same day as constraints, searched by a solver until none better is left: beginnings as
 * numbers, what holds the same machine or pair of hands one before the other, the rest as sums over
 * time.
 */
final class Exact {
  /** Steps in which worth is told apart. */
  private static final int WORTHS = 10_000;

  /** Tenths of a square decimetre, watt hour or litre: as finely as amounts are told apart. */
  private static final double FINE = 100;

  private final DayProblem problem;
  private final List<DayTask> tasks;
  private final Laid known;
  private final boolean choosing;
  private final Model model = new Model();
  private final IntVar[] from;
  private final BoolVar[] there;
  private final List<BoolVar> orders = new ArrayList<>();

  /**
   * What came of a search.
   *
   * @param order the tasks by their beginnings, where a better day than the known was found
   * @param isProven whether none better is left
   */
  record Found(Optional<int[]> order, boolean isProven) {}

  private Exact(DayProblem problem, Laid known) {
    this.problem = problem;
    this.tasks = problem.tasks();
    this.known = known;
    this.choosing = !known.isWhole();
    this.from = new IntVar[tasks.size()];
    this.there = new BoolVar[tasks.size()];
  }

  /** Looks for a day better than one that is known. */
  static Found search(DayProblem problem, Laid known, Budget budget) {
    return new Exact(problem, known).search(budget);
  }

  private Found search(Budget budget) {
    for (int i = 0; i < from.length; i++) {
      from[i] = begins(i);
      there[i] = isThere(i);
    }
    IntVar end = model.intVar("end", problem.now(), DayTask.LONGEST);
    IntVar worth = model.intVar("worth", 0, WORTHS);
    follow();
    ends(end);
    machines();
    hands();
    trays();
    water();
    amounts();
    if (choosing) {
      model.scalar(there, worths(), "=", worth).post();
      model.arithm(worth, ">", worthOf(known)).post();
    } else {
      model.arithm(end, "<", known.end()).post();
    }
    Solver solver = model.getSolver();
    // The strategies see the beginnings last: most of a day is told by what comes before what.
    solver.setSearch(
        Stream.of(
                choosing ? Search.inputOrderUBSearch(byWorth()) : null,
                orders.isEmpty() ? null : Search.domOverWDegSearch(orders.toArray(BoolVar[]::new)),
                Search.intVarSearch(new Smallest(), new IntDomainMin(), from),
                Search.inputOrderLBSearch(end))
            .filter(Objects::nonNull)
            .toArray(AbstractStrategy[]::new));
    solver.setNoGoodRecordingFromRestarts();
    solver.limitNode(budget.nodes());
    solver.addStopCriterion(budget.isGivenUp()::getAsBoolean);
    Optional<int[]> order = Optional.empty();
    model.setObjective(choosing, choosing ? worth : end);
    while (solver.solve()) {
      order = Optional.of(byBeginning());
    }
    return new Found(order, !solver.isStopCriterionMet());
  }

  private BoolVar[] byWorth() {
    return IntStream.range(0, there.length)
        .boxed()
        .sorted((a, b) -> Double.compare(tasks.get(b).worth(), tasks.get(a).worth()))
        .map(i -> there[i])
        .toArray(BoolVar[]::new);
  }

  private int[] byBeginning() {
    int[] begins = new int[from.length];
    for (int i = 0; i < begins.length; i++) {
      begins[i] = there[i].getValue() == 1 ? from[i].getValue() : Integer.MAX_VALUE;
    }
    return IntStream.range(0, begins.length)
        .boxed()
        .sorted((a, b) -> Integer.compare(begins[a], begins[b]))
        .mapToInt(i -> i)
        .toArray();
  }

  private IntVar begins(int i) {
    DayTask task = tasks.get(i);
    if (task.startedAt().isPresent()) {
      return model.intVar(task.startedAt().getAsInt());
    }
    int earliest = Math.max(problem.now(), task.said().at().orElse(0));
    int last = task.isAttended() ? problem.dark() - known.minutes(i) : problem.dark();
    int said = task.said().until().orElse(Integer.MAX_VALUE) - known.minutes(i);
    int latest = Math.min(last, said);
    if (task.said().at().isPresent() && known.has(i)) {
      // An hour a person set is kept as it was found: not searched.
      return model.intVar(known.from(i));
    }
    return latest < earliest ? model.intVar(earliest) : model.intVar("s" + i, earliest, latest);
  }

  private BoolVar isThere(int i) {
    DayTask task = tasks.get(i);
    boolean fits =
        task.startedAt().isPresent()
            || !task.isAttended()
            || from[i].getLB() + known.minutes(i) <= problem.dark();
    if (!choosing || task.startedAt().isPresent()) {
      return model.boolVar(true);
    }
    return task.said().notToday() || !fits ? model.boolVar(false) : model.boolVar("p" + i);
  }

  private void follow() {
    int[][] before = problem.before();
    for (int i = 0; i < before.length; i++) {
      for (int forerunner : before[i]) {
        if (tasks.get(i).startedAt().isEmpty()) {
          model.arithm(there[i], "<=", there[forerunner]).post();
          onlyIf(
              both(i, forerunner),
              model.arithm(from[i], "-", from[forerunner], ">=", known.minutes(forerunner)));
        }
      }
    }
  }

  private void onlyIf(Optional<BoolVar> condition, Constraint then) {
    if (condition.isPresent()) {
      then.impliedBy(condition.get());
    } else {
      then.post();
    }
  }

  /** Whether both are done; empty where they are anyway. */
  private Optional<BoolVar> both(int i, int j) {
    if (there[i].isInstantiatedTo(1) && there[j].isInstantiatedTo(1)) {
      return Optional.empty();
    }
    BoolVar both = model.boolVar();
    model.addClausesBoolAndEqVar(there[i], there[j], both);
    return Optional.of(both);
  }

  private void ends(IntVar end) {
    for (int i = 0; i < from.length; i++) {
      if (tasks.get(i).isAttended()) {
        onlyIf(
            there[i].isInstantiatedTo(1) ? Optional.empty() : Optional.of(there[i]),
            model.arithm(end, "-", from[i], ">=", known.minutes(i)));
      }
    }
  }

  /** One before the other, whichever. */
  private void apart(int i, int j, int afterI, int afterJ) {
    if (tasks.get(i).startedAt().isPresent() && tasks.get(j).startedAt().isPresent()) {
      return;
    }
    BoolVar order = model.boolVar("o" + i + "." + j);
    orders.add(order);
    Optional<BoolVar> both = both(i, j);
    before(i, j, afterI, order, both);
    before(j, i, afterJ, order.not(), both);
  }

  private void before(int i, int j, int after, BoolVar order, Optional<BoolVar> both) {
    BoolVar so = order;
    if (both.isPresent()) {
      so = model.boolVar();
      model.addClausesBoolAndEqVar(order, both.get(), so);
    }
    model.arithm(from[j], "-", from[i], ">=", after).impliedBy(so);
  }

  private void machines() {
    Map<String, List<Integer>> byMachine = new HashMap<>();
    for (int i = 0; i < from.length; i++) {
      int place = i;
      tasks
          .get(i)
          .machine()
          .ifPresent(name -> byMachine.computeIfAbsent(name, _ -> new ArrayList<>()).add(place));
    }
    byMachine.forEach(this::onMachine);
  }

  private void onMachine(String name, List<Integer> places) {
    for (int a = 0; a < places.size(); a++) {
      for (int b = a + 1; b < places.size(); b++) {
        int i = places.get(a);
        int j = places.get(b);
        apart(i, j, known.minutes(i), known.minutes(j));
      }
    }
    List<Piece> pieces = new ArrayList<>();
    places.forEach(i -> pieces.add(new Piece(from[i], known.minutes(i), height(i, 1))));
    problem.limits().out().stream()
        .filter(out -> out.machine().equals(name) && out.to() > out.from())
        .forEach(
            out ->
                pieces.add(
                    new Piece(model.intVar(out.from()), out.to() - out.from(), model.intVar(1))));
    add(pieces, 1);
  }

  /** A stretch of something that is shared. */
  private record Piece(IntVar from, int minutes, IntVar height) {}

  private IntVar height(int i, int height) {
    return there[i].isInstantiatedTo(1) ? model.intVar(height) : model.mul(there[i], height);
  }

  private void add(List<Piece> pieces, int there) {
    if (pieces.size() > 1) {
      Task[] stretches =
          pieces.stream()
              .map(piece -> new Task(piece.from(), piece.minutes()))
              .toArray(Task[]::new);
      IntVar[] heights = pieces.stream().map(Piece::height).toArray(IntVar[]::new);
      model.cumulative(stretches, heights, model.intVar(there)).post();
    }
  }

  private void hands() {
    List<Piece> hands = new ArrayList<>();
    List<Piece> watched = new ArrayList<>();
    List<Integer> whole = new ArrayList<>();
    for (int i = 0; i < from.length; i++) {
      int minutes = known.minutes(i);
      int first = handsOn(i);
      if (first > 0) {
        hands.add(new Piece(from[i], first, height(i, 1)));
        whole.add(i);
      }
      if (tasks.get(i).hands() == DayTask.Hands.INTERVALS && minutes > first) {
        IntVar begins = first == 0 ? from[i] : model.offset(from[i], first);
        watched.add(new Piece(begins, minutes - first, height(i, 1)));
      }
    }
    add(hands, problem.limits().pairs());
    add(watched, Laying.WATCHED * problem.limits().pairs());
    if (problem.limits().pairs() == 1) {
      oneAtATime(whole);
    }
  }

  /** One pair of hands has the beginnings of all tasks one after the other. */
  private void oneAtATime(List<Integer> whole) {
    for (int a = 0; a < whole.size(); a++) {
      for (int b = a + 1; b < whole.size(); b++) {
        int i = whole.get(a);
        int j = whole.get(b);
        if (!tasks.get(i).machine().isPresent()
            || !tasks.get(i).machine().equals(tasks.get(j).machine())) {
          apart(i, j, handsOn(i), handsOn(j));
        }
      }
    }
  }

  private int handsOn(int i) {
    return Laying.handsOn(tasks.get(i), known.minutes(i));
  }

  private void trays() {
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < from.length; i++) {
      double area = tasks.get(i).needs().trayM2();
      if (area > 0) {
        pieces.add(new Piece(from[i], known.minutes(i), height(i, (int) Math.ceil(area * FINE))));
      }
    }
    add(pieces, (int) Math.floor(problem.limits().trayM2() * FINE + 1e-6));
  }

  private void water() {
    int settle = problem.limits().settleMinutes();
    for (int i = 0; i < from.length; i++) {
      for (int j = 0; j < from.length; j++) {
        if (tasks.get(i).needs().water() == Water.MUDDIES
            && tasks.get(j).needs().water() == Water.WANTS_CLEAR) {
          apart(i, j, known.minutes(i) + settle, known.minutes(j));
        }
      }
    }
  }

  private void amounts() {
    if (choosing) {
      problem.limits().batteryWh().ifPresent(wh -> sum(i -> tasks.get(i).needs().wattHours(), wh));
      problem.limits().tankL().ifPresent(litres -> sum(i -> tasks.get(i).needs().litres(), litres));
    }
  }

  /** What goes on has taken a part of it already. */
  private void sum(IntToDoubleFunction need, double limit) {
    int[] needs =
        IntStream.range(0, from.length)
            .map(
                i ->
                    tasks.get(i).startedAt().isPresent()
                        ? 0
                        : (int) Math.round(need.applyAsDouble(i) * FINE))
            .toArray();
    double taken =
        IntStream.range(0, from.length)
            .filter(i -> tasks.get(i).startedAt().isPresent())
            .mapToDouble(
                i ->
                    need.applyAsDouble(i)
                        * (from[i].getLB() + known.minutes(i) - problem.now())
                        / known.minutes(i))
            .sum();
    model.scalar(there, needs, "<=", (int) Math.floor((limit - taken) * FINE + 1e-6)).post();
  }

  private int[] worths() {
    return tasks.stream().mapToInt(this::worthOf).toArray();
  }

  private int worthOf(DayTask task) {
    double all = tasks.stream().mapToDouble(DayTask::worth).sum();
    return all > 0 ? (int) Math.floor(task.worth() / all * WORTHS) : 0;
  }

  private int worthOf(Laid laid) {
    return IntStream.range(0, from.length)
        .filter(i -> laid.has(i))
        .map(i -> worthOf(tasks.get(i)))
        .sum();
  }
}
