package jugulum.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import jugulum.core.check.Band;
import jugulum.core.day.Job.Work.Stage;
import jugulum.core.handling.Evaporation;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayPlan.Left;
import jugulum.core.schedule.DayPlan.Why;
import jugulum.core.schedule.DayTask;

/** Something that is tight on a day, or cannot be. */
public sealed interface DayFinding {
  /** The sun does not rise. */
  record NoLight() implements DayFinding {}

  /** Water and wet sand do not work in frost. */
  record Frost() implements DayFinding {}

  /** Tasks wait for a machine the shop does not have. */
  record NoMachine(int tasks) implements DayFinding {}

  /**
   * A machine is out of use, and tasks are left for that.
   *
   * @param machine which
   */
  record Out(String machine, int tasks) implements DayFinding {}

  /**
   * The battery does not last for all there is.
   *
   * @param needed in Wh
   * @param there in Wh
   */
  record Battery(double needed, double there) implements DayFinding {}

  /**
   * The tank does not last for all there is.
   *
   * @param needed in litres
   * @param there in litres
   */
  record Tank(double needed, double there) implements DayFinding {}

  /** Tasks wait for each other in a ring. */
  record Ring(List<String> tasks) implements DayFinding {
    /** Keeps its own copy. */
    public Ring {
      tasks = List.copyOf(tasks);
    }
  }

  /**
   * A task is under way for longer than it usually takes at the most.
   *
   * @param minutes over that
   */
  record Late(String task, int minutes) implements DayFinding {}

  /**
   * The day may well go on after the light is gone.
   *
   * @param until when it may end, in minutes from midnight
   * @param dark when it is dark, in minutes from midnight
   */
  record AfterDark(int until, int dark) implements DayFinding {}

  /**
   * A melt or a roast is planned, outdoors as its fume wants it, in air as wet as rain or fog.
   *
   * @param humidity relative, 0 to 1
   */
  record Wet(double humidity) implements DayFinding {}

  /**
   * Air as wet as that is rain or fog: ours.
   *
   * <p>Off by a half: on which days a melt is said to want another day or a roof.
   */
  double RAIN = 0.9;

  /** No tray is large enough for a task. */
  record TrayTooSmall(String task) implements DayFinding {}

  /** Muddy water has to stand before a task. */
  record WaterStands(String task, int minutes) implements DayFinding {}

  /**
   * What is tight on a day, the worst first.
   *
   * @param asked what there is to do
   * @param air what it is done in
   * @param plan how it is planned
   * @param likely when it ends, in minutes from midnight
   */
  static List<DayFinding> of(DayWork.Asked asked, Evaporation air, DayPlan plan, Band likely) {
    List<DayFinding> found = new ArrayList<>();
    List<Left> left = new ArrayList<>(asked.left());
    left.addAll(plan.left());
    if (asked.light().isEmpty()) {
      found.add(new NoLight());
    }
    if (left.stream().anyMatch(one -> one.why() == Why.FROST)) {
      found.add(new Frost());
    }
    if (air.humidity() >= RAIN && plan.slots().stream().anyMatch(slot -> isHeat(asked, slot))) {
      found.add(new Wet(air.humidity()));
    }
    List<String> ring =
        left.stream().filter(one -> one.why() == Why.CYCLE).map(Left::task).toList();
    if (!ring.isEmpty()) {
      found.add(new Ring(ring));
    }
    int noMachine = (int) asked.left().stream().filter(one -> one.why() == Why.NO_MACHINE).count();
    if (noMachine > 0) {
      found.add(new NoMachine(noMachine));
    }
    asked
        .problem()
        .limits()
        .out()
        .forEach(
            out -> {
              int waiting = waiting(asked, plan, out.machine());
              if (waiting > 0) {
                found.add(new Out(out.machine(), waiting));
              }
            });
    if (left.stream().anyMatch(one -> one.why() == Why.NO_POWER)) {
      OptionalDouble there = asked.problem().limits().batteryWh();
      found.add(new Battery(sum(asked, task -> task.needs().wattHours()), there.orElse(0)));
    }
    if (left.stream().anyMatch(one -> one.why() == Why.NO_WATER)) {
      OptionalDouble there = asked.problem().limits().tankL();
      found.add(new Tank(sum(asked, task -> task.needs().litres()), there.orElse(0)));
    }
    left.stream()
        .filter(one -> one.why() == Why.NO_ROOM)
        .map(one -> new TrayTooSmall(one.task()))
        .forEach(found::add);
    asked.problem().tasks().forEach(task -> late(asked, task, found));
    int dark = asked.problem().dark();
    if (asked.light().isPresent() && likely.high() > dark && plan.end() <= dark) {
      found.add(new AfterDark((int) likely.high(), dark));
    }
    asked.problem().tasks().forEach(task -> stands(asked, plan, task, found));
    return List.copyOf(found);
  }

  private static boolean isHeat(DayWork.Asked asked, DayPlan.Slot slot) {
    return Optional.ofNullable(asked.jobs().get(slot.task()))
        .map(Job::work)
        .filter(work -> work instanceof Job.Work.Smelt smelt && smelt.stage() != Stage.CHARGE)
        .isPresent();
  }

  private static int waiting(DayWork.Asked asked, DayPlan plan, String machine) {
    return (int)
        asked.problem().tasks().stream()
            .filter(task -> task.machine().filter(machine::equals).isPresent())
            .filter(task -> plan.why(task.id()).filter(why -> why == Why.NO_MACHINE).isPresent())
            .count();
  }

  private static double sum(DayWork.Asked asked, ToDoubleFunction<DayTask> need) {
    return asked.problem().tasks().stream().mapToDouble(need).sum();
  }

  private static void late(DayWork.Asked asked, DayTask task, List<DayFinding> found) {
    task.startedAt()
        .ifPresent(
            from -> {
              int over = asked.problem().now() - from - (int) Math.ceil(task.minutes().high());
              if (over > 0) {
                found.add(new Late(task.id(), over));
              }
            });
  }

  /** Told where the task could begin at once but for the water. */
  private static void stands(
      DayWork.Asked asked, DayPlan plan, DayTask task, List<DayFinding> found) {
    int settle = asked.problem().limits().settleMinutes();
    if (task.needs().water() != DayTask.Water.WANTS_CLEAR || settle == 0) {
      return;
    }
    plan.slot(task.id())
        .filter(
            slot ->
                asked.problem().tasks().stream()
                    .filter(other -> other.needs().water() == DayTask.Water.MUDDIES)
                    .flatMap(other -> plan.slot(other.id()).stream())
                    .anyMatch(other -> other.to() + settle == slot.from()))
        .ifPresent(_ -> found.add(new WaterStands(task.id(), settle)));
  }
}
