package jugulum.core.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoField;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import jugulum.core.schedule.DayLimits.Out;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayProblem;
import jugulum.core.schedule.DayTask.Said;

/**
 * A day as it was told: what there is to work with, what a person said of its tasks, how it was
 * planned and what was done. The jobs of batches are in the batches.
 *
 * @param date which day
 * @param setup what it is worked with
 * @param own tasks no batch asks for
 * @param said what was said of tasks, by their names
 * @param orders what is to come before what
 * @param out machines out of use
 * @param marks how far tasks are of which no batch tells
 * @param plan as it was planned last
 * @param done what was done, against how it was planned
 */
public record Day(
    LocalDate date,
    DaySetup setup,
    List<OwnTask> own,
    Map<String, Said> said,
    List<Order> orders,
    List<Out> out,
    Map<String, Mark> marks,
    List<Slot> plan,
    List<Done> done) {
  /** Keeps its own copies. */
  public Day {
    own = List.copyOf(own);
    said = Map.copyOf(said);
    orders = List.copyOf(orders);
    out = List.copyOf(out);
    marks = Map.copyOf(marks);
    plan = List.copyOf(plan);
    done = List.copyOf(done);
  }

  /** A day of which nothing is told yet. */
  public static Day begun(LocalDate date, DaySetup setup) {
    return new Day(
        date, setup, List.of(), Map.of(), List.of(), List.of(), Map.of(), List.of(), List.of());
  }

  /**
   * One task before another.
   *
   * @param first the name of the one
   * @param then the name of the other
   */
  public record Order(String first, String then) {
    /** The other way round. */
    @SuppressWarnings("ArgumentSelectionDefectChecker") // It swaps them.
    Order reversed() {
      return new Order(then, first);
    }
  }

  /**
   * How far a task is.
   *
   * @param from since when, in minutes from midnight
   * @param to until when; empty while it goes
   */
  public record Mark(int from, OptionalInt to) {}

  /**
   * Something that was done.
   *
   * @param id the name of its task
   * @param kind what was done
   * @param machine on what; empty for hands alone
   * @param planned how long it was to take, in minutes
   * @param minutes how long it took, in minutes
   */
  public record Done(String id, String kind, String machine, double planned, double minutes) {}

  /**
   * The minute of the day at which a moment is on the clock of a zone, 0 to {@link DayProblem#DAY};
   * of a moment of another day the nearest. On the days the clocks are changed an hour of them is
   * left out, or told twice, as on the wall.
   */
  public int minute(Instant moment, ZoneId zone) {
    LocalDateTime wall = LocalDateTime.ofInstant(moment, zone);
    int days = wall.toLocalDate().compareTo(date);
    if (days != 0) {
      return days < 0 ? 0 : DayProblem.DAY;
    }
    return wall.get(ChronoField.MINUTE_OF_DAY);
  }

  /** The moment at which the clock of a zone shows a minute of the day. */
  public Instant moment(int minute, ZoneId zone) {
    return date.atStartOfDay().plusMinutes(minute).atZone(zone).toInstant();
  }

  /** The task of that name that no batch asks for. */
  public Optional<OwnTask> own(String id) {
    return own.stream().filter(task -> task.id().equals(id)).findFirst();
  }

  /** The machine of that name, if it is out of use. */
  public Optional<Out> out(String machine) {
    return out.stream().filter(one -> one.machine().equals(machine)).findFirst();
  }

  /** How far a task is of which no batch tells; empty while it was not begun. */
  public Optional<Mark> mark(String id) {
    return Optional.ofNullable(marks.get(id));
  }

  /** What was said of a task. */
  public Said said(String id) {
    return Optional.ofNullable(said.get(id)).orElse(Said.NOTHING);
  }

  Day with(DaySetup other) {
    return new Day(date, other, own, said, orders, out, marks, plan, done);
  }

  Day withOwn(List<OwnTask> other) {
    return new Day(date, setup, other, said, orders, out, marks, plan, done);
  }

  Day saying(String id, Said what) {
    Map<String, Said> changed = new LinkedHashMap<>(said);
    changed.put(id, what);
    changed.values().removeIf(Said.NOTHING::equals);
    return new Day(date, setup, own, changed, orders, out, marks, plan, done);
  }

  Day ordered(Order order) {
    List<Order> changed = new ArrayList<>(orders);
    changed.removeIf(one -> one.equals(order) || one.equals(order.reversed()));
    changed.add(order);
    return new Day(date, setup, own, said, changed, out, marks, plan, done);
  }

  Day withOut(List<Out> other) {
    return new Day(date, setup, own, said, orders, other, marks, plan, done);
  }

  Day marked(String id, Optional<Mark> mark) {
    Map<String, Mark> changed = new LinkedHashMap<>(marks);
    mark.ifPresentOrElse(told -> changed.put(id, told), () -> changed.remove(id));
    return new Day(date, setup, own, said, orders, out, changed, plan, done);
  }

  Day planned(List<Slot> other, List<Done> told) {
    return new Day(date, setup, own, said, orders, out, marks, other, told);
  }
}
