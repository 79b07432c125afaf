package jugulum.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import jugulum.core.schedule.DayPlan.Why;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Water;
import org.jspecify.annotations.Nullable;

/**
 * Lays tasks into a day one after the other, each as early as hands, machine, trays and water allow
 * it: the serial scheme of R. Kolisch, Serial and parallel resource-constrained project scheduling
 * methods revisited, European Journal of Operational Research 90, 1996, from memory. Every order of
 * tasks makes one day, and one of them the best.
 */
final class Laying {
  /**
   * So many machines a person keeps an eye on beside what the hands do: ours.
   *
   * <p>Off by a half: how many machines a day lets run at once.
   */
  static final int WATCHED = 2;

  private static final int HORIZON = 2 * DayTask.LONGEST + DayProblem.DAY;

  private final DayProblem problem;
  private final List<DayTask> tasks;
  private final int[][] before;
  private final int dark;

  /** What was laid. */
  static final class Laid {
    private final int[] from;
    private final int[] minutes;
    private final @Nullable Why[] why;
    private final int end;
    private final double worth;
    private final int count;

    private Laid(int[] from, int[] minutes, @Nullable Why[] why, int end, double worth, int count) {
      this.from = from;
      this.minutes = minutes;
      this.why = why;
      this.end = end;
      this.worth = worth;
      this.count = count;
    }

    /** Whether a task is done that day. */
    boolean has(int task) {
      return from[task] >= 0;
    }

    /** When a task begins; it is done that day. */
    int from(int task) {
      return from[task];
    }

    /** How long a task takes. */
    int minutes(int task) {
      return minutes[task];
    }

    int to(int task) {
      return from[task] + minutes[task];
    }

    /** Why a task is left; it is. */
    Why why(int task) {
      return Objects.requireNonNull(why[task]);
    }

    /** When the last attended task ends, at least now. */
    int end() {
      return end;
    }

    /** What all that are done bring. */
    double worth() {
      return worth;
    }

    /** How many are done. */
    int count() {
      return count;
    }

    boolean isWhole() {
      return count == from.length;
    }

    /** More worth is better, then more tasks, then an earlier end. */
    boolean isBetter(Laid other) {
      if (worth != other.worth) {
        return worth > other.worth;
      }
      return count != other.count ? count > other.count : end < other.end;
    }
  }

  /** By the hours of the day. */
  static Laying of(DayProblem problem) {
    return new Laying(problem, problem.dark());
  }

  /** Whatever the hour: how late it may get. */
  static Laying late(DayProblem problem) {
    return new Laying(problem, HORIZON - DayTask.LONGEST);
  }

  private Laying(DayProblem problem, int dark) {
    this.problem = problem;
    this.tasks = problem.tasks();
    this.before = problem.before();
    this.dark = dark;
  }

  /** For how many of its minutes, from its beginning, a task takes hands all the time. */
  static int handsOn(DayTask task, int minutes) {
    return task.hands() == Hands.ALL ? minutes : Math.min(task.handsOn(), minutes);
  }

  /** The minutes that are planned. */
  int[] planned() {
    return tasks.stream().mapToInt(task -> underWay(task, task.planned())).toArray();
  }

  /** What goes is not over before now. */
  int underWay(DayTask task, int minutes) {
    return task.startedAt().isPresent()
        ? Math.max(minutes, problem.now() + 1 - task.startedAt().getAsInt())
        : minutes;
  }

  /**
   * Lays them.
   *
   * @param order the places of the tasks, first choice first; one whose forerunners are not laid
   *     waits for them
   * @param minutes how long each takes
   */
  Laid lay(int[] order, int[] minutes) {
    return new Day(minutes).lay(order);
  }

  /** One day being filled. */
  private final class Day {
    private final int[] minutes;
    private final int[] hands = new int[HORIZON];
    private final int[] watched = new int[HORIZON];
    private final double[] tray = new double[HORIZON];
    private final Map<String, BitSet> machines = new HashMap<>();
    private final BitSet murky = new BitSet();
    private final BitSet clear = new BitSet();
    private final int[] from;
    private final @Nullable Why[] why;
    private double wattHours;
    private double litres;

    Day(int[] minutes) {
      this.minutes = minutes;
      this.from = new int[minutes.length];
      this.why = new Why[minutes.length];
      Arrays.fill(from, -1);
      problem.limits().out().forEach(out -> machine(out.machine()).set(out.from(), out.to()));
    }

    private BitSet machine(String name) {
      return machines.computeIfAbsent(name, _ -> new BitSet());
    }

    Laid lay(int[] order) {
      List<Integer> open = new ArrayList<>();
      for (int place : order) {
        DayTask task = tasks.get(place);
        if (task.startedAt().isPresent()) {
          put(place, task.startedAt().getAsInt());
        } else if (task.said().notToday()) {
          why[place] = Why.SAID;
        } else {
          open.add(place);
        }
      }
      boolean moved = true;
      while (moved && !open.isEmpty()) {
        moved = false;
        for (int k = 0; k < open.size() && !moved; k++) {
          moved = settles(open.get(k));
          if (moved) {
            open.subList(k, k + 1).clear();
          }
        }
      }
      open.forEach(place -> why[place] = Why.CYCLE);
      return laid();
    }

    private boolean settles(int place) {
      int earliest = problem.now();
      for (int forerunner : before[place]) {
        if (why[forerunner] != null) {
          why[place] = Why.WAITS;
          return true;
        }
        if (from[forerunner] < 0) {
          return false;
        }
        earliest = Math.max(earliest, from[forerunner] + minutes[forerunner]);
      }
      place(place, earliest);
      return true;
    }

    private void place(int place, int earliest) {
      DayTask task = tasks.get(place);
      if (exceeds(wattHours + task.needs().wattHours(), problem.limits().batteryWh())) {
        why[place] = Why.NO_POWER;
      } else if (exceeds(litres + task.needs().litres(), problem.limits().tankL())) {
        why[place] = Why.NO_WATER;
      } else if (task.needs().trayM2() > problem.limits().trayM2()) {
        why[place] = Why.NO_ROOM;
      } else {
        int start = fit(task, minutes[place], Math.max(earliest, task.said().at().orElse(0)));
        int end = start + minutes[place];
        if (end > task.said().until().orElse(HORIZON)) {
          why[place] = Why.TOO_LATE;
        } else if (task.isAttended() ? end > dark : start > dark) {
          why[place] = isOut(task) ? Why.NO_MACHINE : Why.NO_TIME;
        } else {
          put(place, start);
        }
      }
    }

    private static boolean exceeds(double used, OptionalDouble there) {
      return there.isPresent() && used > there.getAsDouble() + 1e-9;
    }

    private boolean isOut(DayTask task) {
      return problem.limits().out().stream()
          .anyMatch(
              out ->
                  task.machine().filter(out.machine()::equals).isPresent()
                      && out.to() + task.planned() > dark);
    }

    /** The first minute from which nothing is in the way. */
    private int fit(DayTask task, int length, int earliest) {
      int start = earliest;
      for (int next = hindered(task, length, start); next > start; ) {
        start = next;
        if (start + length >= HORIZON - DayTask.LONGEST) {
          return start;
        }
        next = hindered(task, length, start);
      }
      return start;
    }

    /** That minute where nothing hinders, else the next that may be better. */
    private int hindered(DayTask task, int length, int start) {
      int next = start;
      if (task.machine().isPresent()) {
        next = after(machine(task.machine().get()), next, length);
      }
      next = byWater(task.needs().water(), next, length);
      next = byHands(task, next, length);
      return byTray(task.needs().trayM2(), next, length);
    }

    private static int after(BitSet busy, int start, int length) {
      int met = busy.nextSetBit(start);
      return met >= 0 && met < start + length ? busy.nextClearBit(met) : start;
    }

    private int byWater(Water water, int start, int length) {
      return switch (water) {
        case LEAVES -> start;
        case MUDDIES -> after(clear, start, length + problem.limits().settleMinutes());
        case WANTS_CLEAR -> after(murky, start, length);
      };
    }

    private int byHands(DayTask task, int start, int length) {
      int pairs = problem.limits().pairs();
      int first = handsOn(task, length);
      for (int minute = start; minute < start + first; minute++) {
        if (hands[minute] >= pairs) {
          return minute + 1;
        }
      }
      if (task.hands() == Hands.INTERVALS) {
        for (int minute = start + first; minute < start + length; minute++) {
          if (watched[minute] >= WATCHED * pairs) {
            return minute + 1 - first;
          }
        }
      }
      return start;
    }

    private int byTray(double area, int start, int length) {
      if (area > 0) {
        for (int minute = start; minute < start + length; minute++) {
          if (tray[minute] + area > problem.limits().trayM2() + 1e-9) {
            return minute + 1;
          }
        }
      }
      return start;
    }

    private void put(int place, int start) {
      DayTask task = tasks.get(place);
      int length = minutes[place];
      int end = Math.min(start + length, HORIZON);
      from[place] = start;
      int first = handsOn(task, length);
      for (int minute = start; minute < end; minute++) {
        if (minute < start + first) {
          hands[minute]++;
        } else if (task.hands() == Hands.INTERVALS) {
          watched[minute]++;
        }
        tray[minute] += task.needs().trayM2();
      }
      task.machine().ifPresent(name -> machine(name).set(start, end));
      switch (task.needs().water()) {
        case LEAVES -> {}
        case MUDDIES -> murky.set(start, end + problem.limits().settleMinutes());
        case WANTS_CLEAR -> clear.set(start, end);
      }
      double ahead =
          (double) (end - Math.max(start, Math.min(end, problem.now()))) / Math.max(1, length);
      wattHours += task.needs().wattHours() * ahead;
      litres += task.needs().litres() * ahead;
    }

    private Laid laid() {
      int end = problem.now();
      double worth = 0;
      int count = 0;
      for (int i = 0; i < from.length; i++) {
        if (from[i] >= 0) {
          worth += tasks.get(i).worth();
          count++;
          if (tasks.get(i).isAttended()) {
            end = Math.max(end, from[i] + minutes[i]);
          }
        }
      }
      return new Laid(from, minutes, why, end, worth, count);
    }
  }
}
