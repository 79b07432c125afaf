package jugulum.core.day;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jugulum.core.schedule.DayLimits.Out;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayTask.Said;

/** The only ways a day changes. {@link DayFold} carries them out. */
public sealed interface DayEdit {
  /** A day is begun. */
  record Begin(LocalDate date, DaySetup setup) implements DayEdit {}

  /** A day is taken over whole, from a rescue. */
  record Whole(Day day) implements DayEdit {}

  /** It is worked with something else. */
  record SetUp(DaySetup setup) implements DayEdit {}

  /** A task is added. */
  record Add(OwnTask task) implements DayEdit {}

  /** A task that was added is dropped. */
  record Drop(String id) implements DayEdit {}

  /** Something is said of a task, in place of what was said before. */
  record Say(String id, Said said) implements DayEdit {}

  /** One task is to come before another. */
  record Before(Day.Order order) implements DayEdit {}

  /** A machine is out of use, in place of what was said of it before. */
  record OutOfUse(Out out) implements DayEdit {}

  /** A machine can be used again. */
  record BackInUse(String machine) implements DayEdit {}

  /** How far a task is of which no batch tells; empty takes that back. */
  record MarkTask(String id, Optional<Day.Mark> mark) implements DayEdit {}

  /** It is planned so, and that was done so far. */
  record Plan(List<Slot> slots, List<Day.Done> done) implements DayEdit {
    /** Keeps its own copies. */
    public Plan {
      slots = List.copyOf(slots);
      done = List.copyOf(done);
    }
  }
}
