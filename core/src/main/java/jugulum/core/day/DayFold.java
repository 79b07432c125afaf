package jugulum.core.day;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.schedule.DayLimits.Out;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.stream.Refusal;

/** A day as a stream of edits. */
public final class DayFold implements Fold<Day, DayEdit> {
  @Override
  public Applied<Day> apply(Optional<Day> before, DayEdit edit, Instant at) {
    return refusal(before, edit)
        .<Applied<Day>>map(Applied.Refused::new)
        .orElseGet(() -> new Applied.Done<>(replay(before, edit, at)));
  }

  private static Optional<Refusal> refusal(Optional<Day> before, DayEdit edit) {
    return switch (edit) {
      case DayEdit.Begin _, DayEdit.Whole _ ->
          before.map(_ -> Refusal.of(DayReason.DAY_THERE_ALREADY));
      default ->
          before.isEmpty()
              ? Optional.of(Refusal.of(DayReason.DAY_NOT_BEGUN))
              : before.flatMap(day -> refusal(day, edit));
    };
  }

  private static Optional<Refusal> refusal(Day day, DayEdit edit) {
    return switch (edit) {
      case DayEdit.Add(OwnTask task) -> added(day, task);
      case DayEdit.Drop(String id) -> day.own(id).isPresent() ? Optional.empty() : noSuchTask();
      case DayEdit.Before(Day.Order(String first, String then)) ->
          first.equals(then) ? Optional.of(Refusal.of(DayReason.ORDER_OF_ONE)) : Optional.empty();
      case DayEdit.Begin _,
          DayEdit.Whole _,
          DayEdit.SetUp _,
          DayEdit.Say _,
          DayEdit.OutOfUse _,
          DayEdit.BackInUse _,
          DayEdit.MarkTask _,
          DayEdit.Plan _ ->
          Optional.empty();
    };
  }

  private static Optional<Refusal> added(Day day, OwnTask task) {
    if (task.what().isBlank()) {
      return Optional.of(Refusal.of(DayReason.TASK_WITHOUT_NAME));
    }
    return day.own(task.id()).map(_ -> Refusal.of(DayReason.TASK_THERE_ALREADY));
  }

  private static Optional<Refusal> noSuchTask() {
    return Optional.of(Refusal.of(DayReason.NO_SUCH_TASK));
  }

  @Override
  public Day replay(Optional<Day> before, DayEdit edit, Instant at) {
    return switch (edit) {
      case DayEdit.Begin(var date, DaySetup setup) -> Day.begun(date, setup);
      case DayEdit.Whole(Day day) -> day;
      default -> replay(before.orElseThrow(), edit);
    };
  }

  private static Day replay(Day day, DayEdit edit) {
    return switch (edit) {
      case DayEdit.SetUp(DaySetup setup) -> day.with(setup);
      case DayEdit.Add(OwnTask task) ->
          day.withOwn(Stream.concat(day.own().stream(), Stream.of(task)).toList());
      case DayEdit.Drop(String id) ->
          day.withOwn(day.own().stream().filter(task -> !task.id().equals(id)).toList());
      case DayEdit.Say(String id, var said) -> day.saying(id, said);
      case DayEdit.Before(Day.Order order) -> day.ordered(order);
      case DayEdit.OutOfUse(Out out) ->
          day.withOut(Stream.concat(others(day, out.machine()), Stream.of(out)).toList());
      case DayEdit.BackInUse(String machine) -> day.withOut(others(day, machine).toList());
      case DayEdit.MarkTask(String id, var mark) -> day.marked(id, mark);
      case DayEdit.Plan(var slots, var done) -> day.planned(slots, done);
      case DayEdit.Begin _, DayEdit.Whole _ -> throw new IllegalArgumentException("begins a day");
    };
  }

  private static Stream<Out> others(Day day, String machine) {
    return day.out().stream().filter(out -> !out.machine().equals(machine));
  }

  /** What is said of one task or machine says the same while that one is as it was. */
  @Override
  public boolean saysTheSame(Optional<Day> seen, Optional<Day> now, List<DayEdit> edits) {
    if (seen.isEmpty() || now.isEmpty()) {
      return seen.equals(now);
    }
    return edits.stream().allMatch(edit -> saysTheSame(seen.get(), now.get(), edit));
  }

  private static boolean saysTheSame(Day seen, Day now, DayEdit edit) {
    return switch (edit) {
      case DayEdit.SetUp _ -> seen.setup().equals(now.setup());
      case DayEdit.Add _, DayEdit.Before _ -> true;
      case DayEdit.Drop(String id) -> seen.own(id).equals(now.own(id));
      case DayEdit.Say(String id, var _) -> seen.said(id).equals(now.said(id));
      case DayEdit.OutOfUse(Out out) -> seen.out(out.machine()).equals(now.out(out.machine()));
      case DayEdit.BackInUse(String machine) -> seen.out(machine).equals(now.out(machine));
      case DayEdit.MarkTask(String id, var _) -> seen.mark(id).equals(now.mark(id));
      // A plan follows from all the rest: on another day another plan is made.
      case DayEdit.Plan _ -> seen.equals(now);
      case DayEdit.Begin _, DayEdit.Whole _ -> false;
    };
  }

  @Override
  public DayEdit whole(Day day) {
    return new DayEdit.Whole(day);
  }
}
