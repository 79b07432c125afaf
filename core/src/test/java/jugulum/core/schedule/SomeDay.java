package jugulum.core.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Needs;
import jugulum.core.schedule.DayTask.Water;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/** Days made up for tests, and what no plan may do. */
final class SomeDay {
  private SomeDay() {}

  static UniformRandomProvider random(long seed) {
    return RandomSource.XO_SHI_RO_256_PP.create(seed);
  }

  static DayTask task(String id, int minutes) {
    return DayTask.byHand(id, Band.sharp(minutes));
  }

  static DayPlan plan(DayProblem problem) {
    return DayPlanner.plan(problem, Optional.empty(), random(1), Budget.ENDLESS);
  }

  /** A few tasks with a bit of everything, short enough that every day there is can be tried. */
  static DayProblem small(long seed) {
    UniformRandomProvider random = random(seed);
    List<DayTask> tasks = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      Hands hands = Hands.values()[random.nextInt(3)];
      DayTask task =
          task("t" + i, 1 + random.nextInt(3)).with(hands, random.nextInt(2)).worth(1 + i % 3);
      if (hands == Hands.NONE || random.nextInt(3) > 0) {
        task = task.on("m" + random.nextInt(2));
      }
      if (i > 0 && random.nextInt(2) == 0) {
        task = task.after(List.of("t" + random.nextInt(i)));
      }
      Water water = Water.values()[random.nextInt(3)];
      tasks.add(task.needing(new Needs(random.nextInt(2), random.nextInt(30), 0, water)));
    }
    return new DayProblem(
        tasks,
        new DayLimits(1, 1, OptionalDouble.of(60), OptionalDouble.empty(), 1, List.of()),
        0,
        9);
  }

  /**
   * Whether beginnings keep every rule of the day, asked of each minute by itself.
   *
   * @param from when each task begins; below 0 where it is left
   */
  static boolean isAllowed(DayProblem problem, int[] from) {
    double wattHours = 0;
    for (int i = 0; i < from.length; i++) {
      DayTask task = problem.tasks().get(i);
      if (from[i] < 0) {
        continue;
      }
      wattHours += task.needs().wattHours();
      if (from[i] < problem.now()
          || task.isAttended() && from[i] + task.planned() > problem.dark()) {
        return false;
      }
      for (int j = 0; j < from.length; j++) {
        boolean isBefore = task.after().contains(problem.tasks().get(j).id());
        if (isBefore && (from[j] < 0 || from[j] + problem.tasks().get(j).planned() > from[i])) {
          return false;
        }
      }
    }
    if (wattHours > problem.limits().batteryWh().orElse(Double.MAX_VALUE)) {
      return false;
    }
    for (int minute = 0; minute < 40; minute++) {
      if (!isAllowed(problem, from, minute)) {
        return false;
      }
    }
    return true;
  }

  private static boolean isAllowed(DayProblem problem, int[] from, int minute) {
    int hands = 0;
    int watched = 0;
    double tray = 0;
    List<String> machines = new ArrayList<>();
    boolean clear = false;
    boolean murky = false;
    for (int i = 0; i < from.length; i++) {
      DayTask task = problem.tasks().get(i);
      int to = from[i] + task.planned();
      boolean goes = from[i] >= 0 && from[i] <= minute && minute < to;
      boolean stands =
          from[i] >= 0 && minute >= from[i] && minute < to + problem.limits().settleMinutes();
      murky |= stands && task.needs().water() == Water.MUDDIES;
      if (goes) {
        clear |= task.needs().water() == Water.WANTS_CLEAR;
        tray += task.needs().trayM2();
        task.machine().ifPresent(machines::add);
        boolean whole = task.hands() == Hands.ALL || minute < from[i] + task.handsOn();
        hands += whole ? 1 : 0;
        watched += !whole && task.hands() == Hands.INTERVALS ? 1 : 0;
      }
    }
    return hands <= problem.limits().pairs()
        && watched <= 2 * problem.limits().pairs()
        && tray <= problem.limits().trayM2()
        && machines.stream().distinct().count() == machines.size()
        && !(clear && murky);
  }

  static int[] beginnings(DayProblem problem, DayPlan plan) {
    return problem.tasks().stream()
        .mapToInt(task -> plan.slot(task.id()).map(DayPlan.Slot::from).orElse(-1))
        .toArray();
  }
}
