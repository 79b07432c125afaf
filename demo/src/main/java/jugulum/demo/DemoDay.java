package jugulum.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.belief.Beliefs;
import jugulum.book.day.DayStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.check.Band;
import jugulum.core.day.Day;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayPace;
import jugulum.core.day.DaySetup;
import jugulum.core.day.DayWork;
import jugulum.core.day.Daylight;
import jugulum.core.day.Job;
import jugulum.core.day.Jobs;
import jugulum.core.day.OwnTask;
import jugulum.core.handling.Evaporation;
import jugulum.core.schedule.Budget;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayPlanner;
import jugulum.core.schedule.DayTask.Hands;
import org.apache.commons.rng.simple.RandomSource;

/** A made-up day: three batches, one pair of hands, a battery, and light until five. */
final class DemoDay {
  private static final LocalDate BEFORE = LocalDate.of(2026, 11, 16);
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 17);
  private static final DaySetup SETUP =
      new DaySetup(
          380,
          OptionalInt.empty(),
          1,
          2.4,
          OptionalDouble.of(620),
          OptionalDouble.of(300),
          30,
          Optional.of(new DaySetup.Place("Fernhollow shed", new Daylight(36, -5))),
          new Evaporation(17, 0.5, 1));

  private final Book book;
  private final DemoClock clock;

  DemoDay(Book book, DemoClock clock) {
    this.book = book;
    this.clock = clock;
  }

  private void does(LocalDate date, DayEdit edit) {
    if (book.submit(Order.of(DayStream.of(date), edit)) instanceof Saved.Refused refused) {
      throw new IllegalStateException("made-up day was refused: " + refused);
    }
  }

  /** The day before taught how long the magnet and the deck take here. */
  void before() {
    does(BEFORE, new DayEdit.Begin(BEFORE, SETUP));
    List<Day.Done> done =
        List.of(
            new Day.Done("a", "magnet", "", 18, 23),
            new Day.Done("b", "magnet", "", 24, 27),
            new Day.Done("c", "magnet", "", 20, 26),
            new Day.Done("d", "run", "long deck", 44, 40),
            new Day.Done("e", "finish", "", 25, 31));
    List<Slot> slots = new ArrayList<>();
    int at = 480;
    for (Day.Done one : done) {
      slots.add(new Slot(one.id(), at, at + (int) one.planned()));
      at += (int) one.minutes();
    }
    does(BEFORE, new DayEdit.Plan(slots, done));
  }

  /** At first light the wet bucket is spread, and noon is set. */
  void begins() {
    does(TODAY, new DayEdit.Begin(TODAY, SETUP));
    String dry =
        jobs(Beliefs.of(book)).stream()
            .filter(job -> job.work() instanceof Job.Work.Dry)
            .map(Job::id)
            .findFirst()
            .orElseThrow();
    does(TODAY, new DayEdit.MarkTask(dry, Optional.of(new Day.Mark(385, OptionalInt.empty()))));
    does(
        TODAY,
        new DayEdit.Add(
            new OwnTask("noon", "noon", new Band(25, 30, 45), Hands.ALL, OptionalInt.of(720))));
  }

  private List<Job> jobs(Belief belief) {
    Instant since = TODAY.atStartOfDay(ZoneOffset.UTC).toInstant();
    Instant until = TODAY.plusDays(1).atStartOfDay(ZoneOffset.UTC).toInstant();
    return BatchLines.all(book).stream()
        .flatMap(line -> book.standing(BatchStream.of(line.id())).now().stream())
        .flatMap(batch -> Jobs.of(Worked.of(batch), belief, since, until).stream())
        .toList();
  }

  /** The rest of the day is planned as it stands now. */
  void planned() {
    Day day = book.standing(DayStream.of(TODAY)).now().orElseThrow();
    Belief belief = Beliefs.of(book);
    DayWork.Asked asked =
        DayWork.of(day, jobs(belief), belief, DayPace.NONE, clock.instant(), ZoneOffset.UTC);
    DayPlan plan =
        DayPlanner.plan(
            asked.problem(),
            Optional.empty(),
            RandomSource.XO_SHI_RO_256_PP.create(TODAY.toEpochDay()),
            Budget.SOON);
    does(TODAY, new DayEdit.Plan(plan.slots(), List.of()));
  }
}
