package jugulum.core.day;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import jugulum.core.belief.Belief;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.day.Job.Standing;
import jugulum.core.day.Job.Work;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.schedule.DayLimits;
import jugulum.core.schedule.DayPlan.Left;
import jugulum.core.schedule.DayPlan.Why;
import jugulum.core.schedule.DayProblem;
import jugulum.core.schedule.DayTask;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Said;

/**
 * A day as a problem to plan: the jobs of all batches and one's own tasks, with minutes, hands,
 * trays, battery and water.
 */
public final class DayWork {
  private static final int DAY = DayProblem.DAY;

  private final Day day;
  private final DayPace pace;
  private final ZoneId zone;
  private final JobDemands demands;
  private final List<Left> left = new ArrayList<>();

  private DayWork(Day day, DayPace pace, ZoneId zone, JobDemands demands) {
    this.day = day;
    this.pace = pace;
    this.zone = zone;
    this.demands = demands;
  }

  /**
   * A day's problem, and what cannot be part of it.
   *
   * @param problem what is to be planned
   * @param jobs the jobs its tasks stand for, by their names
   * @param done what is done, as it is drawn: tasks, with their minutes of the day
   * @param left what is left out before anything is planned, and why
   * @param light when there is light; empty where the sun does not rise
   * @param taken what the runs of the day have taken out of battery and tank so far
   */
  public record Asked(
      DayProblem problem,
      Map<String, Job> jobs,
      Map<String, Day.Mark> done,
      List<Left> left,
      Optional<Daylight.Light> light,
      Taken taken) {
    /** Keeps its own copies. */
    public Asked {
      jobs = Map.copyOf(jobs);
      done = Map.copyOf(done);
      left = List.copyOf(left);
    }
  }

  /**
   * What was taken out of what does not last for ever.
   *
   * @param wattHours in Wh, 0 or more
   * @param litres 0 or more
   */
  public record Taken(double wattHours, double litres) {}

  /**
   * Asks what there is to do.
   *
   * @param day as it was told
   * @param jobs of all batches, the more pressing batch first
   * @param belief what is thought of machines
   * @param pace what was learnt on other days
   * @param now the moment it is asked
   * @param zone whose clock counts
   */
  public static Asked of(
      Day day, List<Job> jobs, Belief belief, DayPace pace, Instant now, ZoneId zone) {
    JobDemands demands = new JobDemands(day.setup(), belief, pace);
    return new DayWork(day, pace, zone, demands).ask(jobs, now);
  }

  private Asked ask(List<Job> jobs, Instant now) {
    Map<String, Job> byName = new HashMap<>();
    jobs.forEach(job -> byName.put(job.id(), job));
    Map<String, Day.Mark> done = new HashMap<>();
    jobs.forEach(job -> done(job).ifPresent(mark -> done.put(job.id(), mark)));
    day.own().forEach(task -> doneMark(task.id()).ifPresent(mark -> done.put(task.id(), mark)));
    List<DayTask> tasks = new ArrayList<>();
    for (Job job : jobs) {
      if (!done.containsKey(job.id())) {
        task(job).ifPresent(tasks::add);
      }
    }
    List<DayTask> worthy = withWorth(tasks, byName);
    day.own().stream()
        .filter(task -> !done.containsKey(task.id()))
        .map(this::own)
        .forEach(worthy::add);
    Optional<Daylight.Light> light = light();
    int dark = Math.min(light.map(Daylight.Light::to).orElse(0), day.setup().until().orElse(DAY));
    int from = Math.max(day.setup().from(), light.map(Daylight.Light::from).orElse(0));
    int minute = Math.clamp(minute(now), Math.min(from, DAY), DAY);
    DaySetup setup = day.setup();
    Taken taken = taken(byName, done);
    DayLimits limits =
        new DayLimits(
            setup.pairs(),
            setup.trayM2(),
            left(setup.batteryWh(), taken.wattHours()),
            left(setup.tankL(), taken.litres()),
            setup.settleMinutes(),
            day.out());
    DayProblem problem = new DayProblem(ordered(closed(worthy)), limits, minute, dark);
    return new Asked(problem, byName, done, left, light, taken);
  }

  private static OptionalDouble left(OptionalDouble there, double taken) {
    return there.isPresent() ? OptionalDouble.of(Math.max(0, there.getAsDouble() - taken)) : there;
  }

  private Taken taken(Map<String, Job> jobs, Map<String, Day.Mark> done) {
    double wattHours = 0;
    double litres = 0;
    for (Map.Entry<String, Day.Mark> one : done.entrySet()) {
      Job job = jobs.get(one.getKey());
      if (job != null) {
        Day.Mark mark = one.getValue();
        int minutes = mark.to().orElse(mark.from()) - mark.from();
        DayTask.Needs needs = demands.needs(job, minutes);
        wattHours += needs.wattHours();
        litres += needs.litres();
      }
    }
    return new Taken(wattHours, litres);
  }

  private Optional<Daylight.Light> light() {
    return day.setup()
        .place()
        .map(place -> place.at().on(day.date(), zone))
        .orElse(Optional.of(Daylight.Light.ALWAYS));
  }

  /** The minute of this day; of a day before or after it, the nearest. */
  private int minute(Instant moment) {
    return day.minute(moment, zone);
  }

  private Optional<Day.Mark> done(Job job) {
    return job.standing() instanceof Standing.Done(Instant from, Instant to)
        ? Optional.of(new Day.Mark(minute(from), OptionalInt.of(minute(to))))
        : doneMark(job.id());
  }

  private Optional<Day.Mark> doneMark(String id) {
    return day.mark(id).filter(mark -> mark.to().isPresent());
  }

  private OptionalInt started(Job job) {
    if (job.standing() instanceof Standing.UnderWay(Instant from)) {
      return OptionalInt.of(minute(from));
    }
    return day.mark(job.id()).stream().mapToInt(Day.Mark::from).findFirst();
  }

  /** What is left out takes with it what waits for it: the planner says so by itself. */
  private List<DayTask> closed(List<DayTask> tasks) {
    Set<String> gone = new HashSet<>();
    left.forEach(one -> gone.add(one.task()));
    List<DayTask> kept = new ArrayList<>();
    for (DayTask task : tasks) {
      if (task.after().stream().anyMatch(gone::contains)) {
        gone.add(task.id());
        left.add(new Left(task.id(), Why.WAITS));
      } else {
        kept.add(task);
      }
    }
    return kept;
  }

  /** As a person ordered them; of two that would wait for each other the earlier wish falls. */
  private List<DayTask> ordered(List<DayTask> tasks) {
    Map<String, DayTask> byName = new HashMap<>();
    tasks.forEach(task -> byName.put(task.id(), task));
    for (Day.Order order : day.orders()) {
      DayTask then = byName.get(order.then());
      if (then != null && byName.containsKey(order.first())) {
        List<String> after = new ArrayList<>(then.after());
        after.add(order.first());
        byName.put(then.id(), then.after(after));
      }
    }
    return tasks.stream().map(task -> Check.known(byName, task.id())).toList();
  }

  private DayTask own(OwnTask task) {
    Said said = day.said(task.id());
    DayTask planned =
        DayTask.byHand(task.id(), pace.minutes(task.what(), "", task.minutes()))
            .with(task.hands(), 0)
            .said(
                said.at().isPresent() ? said : new Said(task.at(), said.until(), said.notToday()));
    return day.mark(task.id()).map(mark -> planned.startedAt(mark.from())).orElse(planned);
  }

  private Optional<DayTask> task(Job job) {
    boolean isFrost = day.setup().air().isFrost();
    if (isFrost && (job.work() instanceof Work.Run || job.work() instanceof Work.Dry)) {
      left.add(new Left(job.id(), Why.FROST));
      return Optional.empty();
    }
    Band minutes = demands.minutes(job);
    DayTask bare =
        DayTask.byHand(job.id(), minutes)
            .with(JobDemands.hands(job.work()), demands.handsOn(job.work()))
            .needing(demands.needs(job, minutes.usual()))
            .after(job.after().stream().filter(id -> doneMark(id).isEmpty()).toList())
            .said(day.said(job.id()));
    DayTask task = JobDemands.machine(job.work()).map(bare::on).orElse(bare);
    OptionalInt since = started(job);
    return Optional.of(since.isPresent() ? task.startedAt(since.getAsInt()) : task);
  }

  /** A lot of a batch. */
  private record Root(BatchId batch, LotId lot) {}

  private static Root root(Job job) {
    return new Root(job.batch(), job.gold().from());
  }

  /**
   * Every step on the way of a lot earns its part of the lot's gold, by its minutes with hands:
   * half a way is worth half, so that a batch is carried on rather than begun again and again.
   * Where nobody looked, the lot counts as it is thought.
   */
  private List<DayTask> withWorth(List<DayTask> tasks, Map<String, Job> jobs) {
    Map<Root, Double> minutes = new HashMap<>();
    for (DayTask task : tasks) {
      minutes.merge(root(Check.known(jobs, task.id())), hands(task), Double::sum);
    }
    List<DayTask> worthy = new ArrayList<>();
    for (DayTask task : tasks) {
      Job job = Check.known(jobs, task.id());
      double all = Check.known(minutes, root(job));
      worthy.add(task.worth(all > 0 ? job.gold().milligrams() * hands(task) / all : 0));
    }
    return worthy;
  }

  private static double hands(DayTask task) {
    return task.hands() == Hands.NONE ? JobDemands.SPREAD_MINUTES : task.minutes().usual();
  }

  /** The machine a job holds, as it is called; empty for one that is done by hand alone. */
  public static Optional<String> machine(Job job) {
    return JobDemands.machine(job.work());
  }

  /**
   * What was done against how it was planned.
   *
   * @param day as it was told
   * @param asked what {@link #of} made of it
   */
  public static List<Day.Done> done(Day day, Asked asked) {
    Map<String, Day.Done> told = new HashMap<>();
    day.done().forEach(one -> told.put(one.id(), one));
    day.plan()
        .forEach(
            slot -> {
              Day.Mark mark = asked.done().get(slot.task());
              if (mark != null && mark.to().isPresent() && mark.to().getAsInt() > mark.from()) {
                told.putIfAbsent(
                    slot.task(), done(day, asked, slot.task(), slot.to() - slot.from(), mark));
              }
            });
    return told.values().stream().sorted(Comparator.comparing(Day.Done::id)).toList();
  }

  private static Day.Done done(Day day, Asked asked, String id, double planned, Day.Mark mark) {
    double minutes = mark.to().getAsInt() - mark.from();
    Job job = asked.jobs().get(id);
    String own = day.own(id).map(OwnTask::what).orElse("");
    return job == null
        ? new Day.Done(id, own, "", planned, minutes)
        : new Day.Done(
            id, job.work().kind(), JobDemands.machine(job.work()).orElse(""), planned, minutes);
  }
}
