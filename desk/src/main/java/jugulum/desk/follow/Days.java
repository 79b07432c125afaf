package jugulum.desk.follow;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchSummary;
import jugulum.book.belief.Beliefs;
import jugulum.book.day.DayStream;
import jugulum.book.day.DoneLines;
import jugulum.book.stream.Book;
import jugulum.book.stream.Standing;
import jugulum.book.stream.StreamRef;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.check.Band;
import jugulum.core.day.Day;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayFinding;
import jugulum.core.day.DayPace;
import jugulum.core.day.DaySetup;
import jugulum.core.day.DayWork;
import jugulum.core.day.Job;
import jugulum.core.day.Jobs;
import jugulum.core.schedule.Budget;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayPlanner;
import jugulum.core.schedule.LikelyEnd;
import jugulum.desk.work.Latest;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Notices;
import jugulum.desk.work.Outcome;
import jugulum.desk.work.Work;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/** The day: edits in, its plan out. Planned beside the book and beside the window. */
public final class Days {
  private static final int DRAWS = 400;

  /** Somebody who edits faster than a day is planned is told so in the end. */
  private static final int MOST_PLANS = 4;

  private final Book book;
  private final EveryBatch everyBatch;
  private final Notices notices;
  private final Following<Day, DayEdit> following;

  /** Touched on the book's thread alone. */
  private final WorkedBatches worked;

  private final Latest latest;
  private final ReadOnlyObjectWrapper<Optional<Shown>> today =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper planning = new ReadOnlyBooleanWrapper();

  /**
   * The day as it is shown.
   *
   * @param day as it was told
   * @param version how many rows its journal has; 0 while nothing was told of it
   * @param asked what there is to do
   * @param plan how it is planned
   * @param likely when it ends, in minutes from midnight
   * @param tight what is tight
   * @param learnt what other days taught
   */
  public record Shown(
      Day day,
      long version,
      DayWork.Asked asked,
      DayPlan plan,
      Band likely,
      List<DayFinding> tight,
      DayPace learnt) {}

  public Days(Book book, Work work, Notices notices, WorkedBatches worked, EveryBatch everyBatch) {
    this.worked = worked;
    this.everyBatch = everyBatch;
    this.book = book;
    this.notices = notices;
    this.following = new Following<>(book, work, notices, Notice.WalkedDay::new);
    this.latest = work.latest();
  }

  /** The day planned last; empty before the first. */
  public ReadOnlyObjectProperty<Optional<Shown>> today() {
    return today.getReadOnlyProperty();
  }

  /** Whether somebody waits for a plan. */
  public ReadOnlyBooleanProperty planning() {
    return planning.getReadOnlyProperty();
  }

  /** A name no task has. */
  public String newTask() {
    return "own " + book.newId();
  }

  /** The date of a moment on the clock of the book. */
  public LocalDate date(Instant now) {
    return LocalDate.ofInstant(now, book.zone());
  }

  /** The minute of a day at which a moment is on the clock of the book. */
  public int minute(Day day, Instant now) {
    return day.minute(now, book.zone());
  }

  /** What is read of the book before anything is planned. */
  private record Read(Day day, long version, DayWork.Asked asked, DayPace pace) {}

  /**
   * Plans the day anew after what changed; what was shown stays as far as it is nearly as good.
   * While somebody waits for a plan that one is not given up: it is followed by another of these.
   */
  public void refresh(Instant now) {
    everyBatch.broughtUp(
        Beliefs.RESTS_ON,
        () -> {
          if (!planning.get()) {
            CompletionStage<Outcome> _ = plan(now, Budget.SOON);
          }
        });
  }

  /** Plans the day as well as can be, and keeps the plan. */
  public void planAgain(Instant now) {
    if (planning.get()) {
      return;
    }
    planning.set(true);
    CompletionStage<Outcome> _ =
        plannedAndKept(now, MOST_PLANS)
            .whenComplete(
                (_, _) -> {
                  planning.set(false);
                  refresh(now);
                });
  }

  /** A day that was edited while its plan was sought is planned anew: somebody waits for it. */
  private CompletionStage<Outcome> plannedAndKept(Instant now, int times) {
    return plan(now, Budget.ASKED)
        .thenCompose(
            outcome ->
                outcome instanceof Outcome.Recorded
                    ? inSight(shown -> keep(shown, now))
                    : CompletableFuture.completedFuture(outcome))
        .thenCompose(
            outcome ->
                outcome instanceof Outcome.Refused && times > 1
                    ? plannedAndKept(now, times - 1)
                    : CompletableFuture.completedFuture(said(outcome)));
  }

  private Outcome said(Outcome outcome) {
    if (outcome instanceof Outcome.Refused(var refusal)) {
      notices.say(new Notice.NotDone(refusal));
    }
    return outcome;
  }

  private CompletionStage<Outcome> keep(Shown shown, Instant now) {
    List<Day.Done> done = DayWork.done(shown.day(), shown.asked());
    return send(shown, List.of(new DayEdit.Plan(shown.plan().slots(), done)), now);
  }

  private CompletionStage<Outcome> plan(Instant now, Budget budget) {
    return latest.askAside(
        () -> read(now),
        (read, over) -> planned(read, budget.until(over)),
        shown -> today.set(Optional.of(shown)));
  }

  private static Shown planned(Read read, Budget budget) {
    UniformRandomProvider random =
        RandomSource.XO_SHI_RO_256_PP.create(read.day().date().toEpochDay());
    Optional<DayPlan> before =
        read.day().plan().isEmpty()
            ? Optional.empty()
            : Optional.of(new DayPlan(read.day().plan(), List.of(), 0, new DayPlan.Proof.Best()));
    DayPlan plan = DayPlanner.plan(read.asked().problem(), before, random, budget);
    Band likely = LikelyEnd.of(read.asked().problem(), plan, DRAWS, random);
    List<DayFinding> tight = DayFinding.of(read.asked(), read.day().setup().air(), plan, likely);
    if (budget.isGivenUp().getAsBoolean()) {
      // What was found until then is not as good as it was to be.
      throw new CancellationException();
    }
    return new Shown(read.day(), read.version(), read.asked(), plan, likely, tight, read.pace());
  }

  private Read read(Instant now) {
    LocalDate date = date(now);
    ZoneId zone = book.zone();
    Standing<Day> standing = book.whole(DayStream.of(date)).orElseGet(Standing::empty);
    Day day = standing.now().orElseGet(() -> Day.begun(date, lastSetup(date)));
    Instant since = date.atStartOfDay(zone).toInstant();
    Instant until = date.plusDays(1).atStartOfDay(zone).toInstant();
    List<Job> jobs = new ArrayList<>();
    Belief belief = Beliefs.of(book);
    open().forEach(one -> jobs.addAll(Jobs.of(one, belief, since, until)));
    DayPace pace =
        new DayPace(
            book.lines(DayStream.KIND, DoneLines.LINES).stream()
                .filter(line -> !line.date().equals(date.toString()))
                .map(DoneLines.OnDay::done)
                .toList());
    DayWork.Asked ask = DayWork.of(day, jobs, belief, pace, now, zone);
    return new Read(day, standing.version(), ask, pace);
  }

  /** The batches that are not closed, the one received first first. */
  private List<Worked> open() {
    return BatchLines.all(book).stream()
        .filter(
            line ->
                line.state() == BatchSummary.State.RECEIVED
                    || line.state() == BatchSummary.State.UNDER_WAY)
        .sorted(Comparator.comparing(BatchSummary::received))
        .flatMap(line -> worked.of(line.id()).stream())
        .toList();
  }

  /** A day begins as the one before it was worked. */
  private DaySetup lastSetup(LocalDate date) {
    return book.streams(DayStream.KIND).stream()
        .map(key -> LocalDate.parse(key.id()))
        .filter(day -> day.isBefore(date))
        .max(Comparator.naturalOrder())
        .flatMap(day -> book.whole(DayStream.of(day)).flatMap(Standing::now))
        .map(Day::setup)
        .orElse(DaySetup.USUAL);
  }

  private static List<DayEdit> begun(Shown shown) {
    List<DayEdit> edits = new ArrayList<>();
    if (shown.version() == 0) {
      edits.add(new DayEdit.Begin(shown.day().date(), shown.day().setup()));
    }
    return edits;
  }

  /** Sends an edit of the day in sight, and plans it anew. */
  public CompletionStage<Outcome> submit(DayEdit edit, Instant now) {
    return inSight(shown -> send(shown, List.of(edit), now));
  }

  private CompletionStage<Outcome> send(Shown shown, List<DayEdit> more, Instant now) {
    List<DayEdit> edits = begun(shown);
    edits.addAll(more);
    return following.submit(stream(shown), shown.version(), edits, () -> true, _ -> refresh(now));
  }

  /** Takes the last edit of the day in sight back, or brings the last one taken back back again. */
  public CompletionStage<Outcome> undoOrRedo(boolean isRedo, Instant now) {
    return inSight(
        shown ->
            following.walk(stream(shown), shown.version(), isRedo, _ -> true, _ -> refresh(now)));
  }

  private static StreamRef<Day, DayEdit> stream(Shown shown) {
    return DayStream.of(shown.day().date());
  }

  private CompletionStage<Outcome> inSight(Function<Shown, CompletionStage<Outcome>> then) {
    return today
        .get()
        .map(then)
        .orElseGet(() -> CompletableFuture.completedFuture(new Outcome.Recorded()));
  }
}
