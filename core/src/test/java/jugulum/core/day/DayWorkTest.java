package jugulum.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.check.Band;
import jugulum.core.day.DayWork.Asked;
import jugulum.core.day.Job.Standing;
import jugulum.core.day.Job.Work;
import jugulum.core.handling.Evaporation;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.schedule.Budget;
import jugulum.core.schedule.DayLimits.Out;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayPlan.Left;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayPlan.Why;
import jugulum.core.schedule.DayPlanner;
import jugulum.core.schedule.DayTask;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Said;
import jugulum.core.screens.Cut;
import jugulum.core.shop.Shop;
import jugulum.core.task.Routes;
import org.apache.commons.rng.simple.RandomSource;
import org.junit.jupiter.api.Test;

class DayWorkTest {
  private static final LocalDate DATE = LocalDate.of(2026, 3, 2);
  private static final ZoneId ZONE = ZoneOffset.UTC;
  private static final Instant MORNING = Instant.parse("2026-03-02T07:00:00Z");
  private static final Instant NIGHT = Instant.parse("2026-03-02T22:00:00Z");
  private static final Gear DECK = gear("long deck", Machine.Kind.SHAKER_TABLE);
  private static final Shop SHOP =
      Shop.USUAL.with(DECK).with(gear("garden bowl", Machine.Kind.VORTEX_BOWL));
  private static final Belief BELIEF = new Belief(Experience.NONE, SHOP);
  private static final Route ROUTE = Routes.SHIPPED.getFirst();

  private static Gear gear(String name, Machine.Kind kind) {
    return new Gear(
        name,
        kind,
        Optional.empty(),
        Map.of(),
        OptionalDouble.of(120),
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  private static Bench bench(double moisture) {
    return Bench.started()
        .does(new Edit.FollowRoute(Optional.of(ROUTE)))
        .measures(1, new Measure.SandWeight(8_000, 0, moisture, 1));
  }

  private static List<Job> jobs(Bench bench) {
    return Jobs.of(Worked.of(bench.batch()), BELIEF, MORNING, NIGHT);
  }

  private static Asked asked(Day day, List<Job> jobs, Instant now) {
    return DayWork.of(day, jobs, BELIEF, DayPace.NONE, now, ZONE);
  }

  private static Day day() {
    return Day.begun(DATE, DaySetup.USUAL);
  }

  private static Job job(List<Job> jobs, String kind, String cut) {
    return jobs.stream()
        .filter(job -> job.work().kind().equals(kind) && job.cut().notation().equals(cut))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aWetBucketDriesIsScreenedAndEveryCutGoesItsWay() {
    List<Job> jobs = jobs(bench(0.1));
    assertThat(jobs.getFirst().work()).isInstanceOf(Work.Dry.class);
    assertThat(((Work.Dry) jobs.getFirst().work()).waterG()).isCloseTo(800, within(1.0));
    assertThat(jobs.get(1).work()).isEqualTo(new Work.Screen(5));
    assertThat(jobs.get(1).after()).containsExactly(jobs.getFirst().id());
    Job magnet = job(jobs, "magnet", "−30 +50");
    assertThat(magnet.after()).containsExactly(jobs.get(1).id());
    assertThat(magnet.sand().isGuessed()).isTrue();
    Job run = job(jobs, "run", "−30 +50");
    assertThat(DayWork.machine(run)).contains("long deck");
    assertThat(run.after()).containsExactly(magnet.id());
    assertThat(DayWork.machine(job(jobs, "run", "−80 +100"))).contains("garden bowl");
    assertThat(job(jobs, "finish", "−30 +50").after()).containsExactly(run.id());
    double cuts =
        jobs.stream()
            .filter(one -> one.work() instanceof Work.Magnet)
            .mapToDouble(one -> one.sand().grams())
            .sum();
    assertThat(cuts).isCloseTo(7_200, within(1.0));
  }

  @Test
  void drySandIsNotSpread() {
    assertThat(jobs(bench(0.004)).getFirst().work()).isInstanceOf(Work.Screen.class);
  }

  /** The route asks for a pan nobody has: the figures say what is taken instead, and it is told. */
  @Test
  void whatARouteAsksForAndNobodyHasIsDoneOnWhatThereIs() {
    List<Job> jobs = jobs(bench(0));
    Work.Run coarse = (Work.Run) job(jobs, "run", "+16").work();
    assertThat(coarse.asked()).contains(Machine.Kind.PAN);
    assertThat(SHOP.gear()).contains(coarse.gear());
    assertThat(asked(day(), jobs, MORNING).left()).isEmpty();
    assertThat(((Work.Run) job(jobs, "run", "−30 +50").work()).asked()).isEmpty();
  }

  @Test
  void whatIsBegunAndDoneAtTheBenchIsTheTruth() {
    Bench bench = bench(0);
    bench.screens(1, "16", "30", "50", "80", "100");
    bench.does(new Edit.FinishStep(new StepId(2), true));
    bench.waits(Duration.ofMinutes(10)).magnet(4);
    List<Job> jobs = jobs(bench);
    Job screen = job(jobs, "screen", Cut.ALL.notation());
    assertThat(screen.isDone()).isTrue();
    Job magnet = job(jobs, "magnet", "−30 +50");
    assertThat(magnet.standing()).isInstanceOf(Standing.UnderWay.class);
    assertThat(job(jobs, "run", "−30 +50").after()).containsExactly(magnet.id());
    assertThat(job(jobs, "magnet", "−50 +80").isReady()).isTrue();
    assertThat(magnet.id()).isEqualTo(job(jobs(bench(0)), "magnet", "−30 +50").id());
    Asked asked = asked(day(), jobs, bench.now());
    assertThat(asked.done()).containsOnlyKeys(screen.id());
    DayTask task = asked.problem().task(magnet.id()).orElseThrow();
    assertThat(task.startedAt()).isPresent();
  }

  /** A night wants hands to set it up and for two looks, and the bowl and its pump till morning. */
  @Test
  void whatIsLeftAloneLeavesTheHandsFree() {
    Route night =
        Routes.SHIPPED.stream()
            .filter(route -> route.name().equals("one-charge-overnight"))
            .findFirst()
            .orElseThrow();
    Bench bench = bench(0).does(new Edit.FollowRoute(Optional.of(night)));
    List<Job> jobs = jobs(bench);
    Job run = job(jobs, "run", "−50 +80");
    assertThat(((Work.Run) run.work()).isOvernight()).isTrue();
    DayTask task = asked(day(), jobs, MORNING).problem().task(run.id()).orElseThrow();
    assertThat(task.hands()).isEqualTo(Hands.NONE);
    assertThat(task.handsOn()).isEqualTo(10 + 2 * 5);
    assertThat(task.minutes().low()).isEqualTo(6 * 60);
    assertThat(task.minutes().high()).isEqualTo(12 * 60);
    assertThat(task.machine()).contains("garden bowl");
    assertThat(task.needs().wattHours()).isCloseTo(120 * 9, within(1e-9));
    Job coarse = job(jobs, "run", "−30 +50");
    assertThat(((Work.Run) coarse.work()).isOvernight()).as("too coarse: by table").isFalse();
  }

  @Test
  void handsMachineAndPowerAreThoseOfTheMachine() {
    List<Job> jobs = jobs(bench(0));
    Asked asked = asked(day(), jobs, MORNING);
    DayTask run = asked.problem().task(job(jobs, "run", "−30 +50").id()).orElseThrow();
    assertThat(run.hands()).isEqualTo(Hands.INTERVALS);
    assertThat(run.handsOn()).isEqualTo(20);
    assertThat(run.machine()).contains("long deck");
    assertThat(run.needs().wattHours()).isCloseTo(120 * run.minutes().usual() / 60, within(1e-9));
    assertThat(run.needs().water()).isEqualTo(DayTask.Water.MUDDIES);
    assertThat(asked.problem().now()).isEqualTo(480);
    assertThat(asked.problem().dark()).isEqualTo(1080);
  }

  @Test
  void whatRunsHaveTakenIsNoLongerThere() {
    Bench bench = bench(0);
    bench.screens(1, "16", "30", "50", "80", "100");
    bench.does(new Edit.FinishStep(new StepId(2), true));
    bench.runs(
        new Process.GravityRun(DECK.machine()),
        List.of(4),
        Material.CONCENTRATE,
        Material.TAILINGS);
    bench.waits(Duration.ofMinutes(29)).does(new Edit.FinishStep(new StepId(3), true));
    DaySetup battery =
        new DaySetup(
            480,
            OptionalInt.empty(),
            1,
            1,
            OptionalDouble.of(500),
            OptionalDouble.of(100),
            0,
            Optional.empty(),
            Evaporation.USUAL);
    List<Job> jobs = jobs(bench);
    Asked asked = asked(Day.begun(DATE, battery), jobs, bench.now());
    assertThat(asked.taken().wattHours()).isCloseTo(120 * 30 / 60.0, within(1e-9));
    assertThat(asked.problem().limits().batteryWh().orElseThrow()).isCloseTo(440, within(1e-9));
    double litres = 0.25 * job(jobs, "run", "−30 +50").sand().grams() / 1000;
    assertThat(asked.problem().limits().tankL().orElseThrow())
        .isCloseTo(100 - litres, within(1e-9));
  }

  @Test
  void frostStopsWaterAndDrying() {
    DaySetup frost =
        new DaySetup(
            480,
            OptionalInt.empty(),
            1,
            1,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            0,
            Optional.empty(),
            new Evaporation(-2, 0.5, 0));
    List<Job> jobs = jobs(bench(0.1));
    Asked asked = asked(Day.begun(DATE, frost), jobs, MORNING);
    assertThat(asked.left()).contains(new Left(jobs.getFirst().id(), Why.FROST));
    assertThat(asked.problem().tasks()).isEmpty();
  }

  @Test
  void theLightOfThePlaceEndsTheDay() {
    Daylight north = new Daylight(64.15, -21.94);
    DaySetup setup =
        new DaySetup(
            420,
            OptionalInt.empty(),
            1,
            1,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            0,
            Optional.of(new DaySetup.Place("Cindermoor", north)),
            Evaporation.USUAL);
    Asked asked = asked(Day.begun(LocalDate.of(2026, 12, 21), setup), jobs(bench(0)), MORNING);
    assertThat(asked.problem().dark()).isBetween(925, 935);
    assertThat(asked.problem().now()).isBetween(678, 690);
    Asked never =
        asked(
            Day.begun(
                LocalDate.of(2026, 12, 21),
                new DaySetup(
                    420,
                    OptionalInt.empty(),
                    1,
                    1,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    0,
                    Optional.of(new DaySetup.Place("Far", new Daylight(80, 0))),
                    Evaporation.USUAL)),
            jobs(bench(0)),
            MORNING);
    assertThat(never.light()).isEmpty();
    assertThat(never.problem().dark()).isZero();
  }

  @Test
  void whatAPersonSaysGoes() {
    List<Job> jobs = jobs(bench(0));
    String screen = jobs.getFirst().id();
    String coarse = job(jobs, "magnet", "−16 +30").id();
    String fine = job(jobs, "magnet", "−100").id();
    Day day =
        day()
            .saying(fine, new Said(OptionalInt.empty(), OptionalInt.of(700), false))
            .ordered(new Day.Order(fine, coarse))
            .withOwn(
                List.of(
                    new OwnTask("noon", "noon", Band.sharp(30), Hands.ALL, OptionalInt.of(720))));
    Asked asked = asked(day, jobs, MORNING);
    assertThat(asked.problem().task(coarse).orElseThrow().after()).contains(screen, fine);
    assertThat(asked.problem().task(fine).orElseThrow().said().until()).hasValue(700);
    assertThat(asked.problem().task("noon").orElseThrow().said().at()).hasValue(720);
    DayPlan plan = plan(asked);
    assertThat(plan.slot("noon").orElseThrow().from()).isEqualTo(720);
    assertThat(plan.slot(fine).orElseThrow().to()).isLessThanOrEqualTo(700);
    assertThat(plan.slot(fine).orElseThrow().to())
        .isLessThanOrEqualTo(plan.slot(coarse).orElseThrow().from());
  }

  private static DayPlan plan(Asked asked) {
    return DayPlanner.plan(
        asked.problem(), Optional.empty(), RandomSource.XO_SHI_RO_256_PP.create(5), Budget.SOON);
  }

  @Test
  void aMarkOfOnesOwnCountsWhereNoBatchTells() {
    List<Job> jobs = jobs(bench(0.1));
    String dry = jobs.getFirst().id();
    Day going = day().marked(dry, Optional.of(new Day.Mark(490, OptionalInt.empty())));
    assertThat(asked(going, jobs, MORNING).problem().task(dry).orElseThrow().startedAt())
        .hasValue(490);
    Day over = day().marked(dry, Optional.of(new Day.Mark(490, OptionalInt.of(800))));
    Asked asked = asked(over, jobs, MORNING);
    assertThat(asked.problem().task(dry)).isEmpty();
    assertThat(asked.problem().task(jobs.get(1).id()).orElseThrow().after()).isEmpty();
    Day planned = over.planned(List.of(new Slot(dry, 485, 725)), List.of());
    assertThat(DayWork.done(planned, asked))
        .containsExactly(new Day.Done(dry, "dry", "", 240, 310));
  }

  /** Half the way earns half the gold: a batch is carried on rather than begun again. */
  @Test
  void goldIsSharedOutAlongTheWay() {
    Bench bench = bench(0).measures(1, new Measure.KnownGold(300, 20));
    Belief withPan = BELIEF.with(SHOP.with(gear("little cone", Machine.Kind.CONICAL_PAN)));
    List<Job> jobs = Jobs.of(Worked.of(bench.batch()), withPan, MORNING, NIGHT);
    Asked asked = DayWork.of(day(), jobs, withPan, DayPace.NONE, MORNING, ZONE);
    assertThat(asked.left()).isEmpty();
    List<DayTask> tasks = asked.problem().tasks();
    assertThat(tasks.stream().mapToDouble(DayTask::worth).sum()).isCloseTo(300, within(1e-6));
    double minutes = tasks.stream().mapToDouble(task -> task.minutes().usual()).sum();
    assertThat(tasks.getFirst().worth())
        .isCloseTo(300 * tasks.getFirst().minutes().usual() / minutes, within(1e-6));
  }

  @Test
  void sandThatWasWeighedAsItDriedTellsItsOwnHours() {
    Bench bench = bench(0.1).waits(Duration.ofMinutes(119));
    bench.measures(1, new Measure.SandWeight(7_800, 0, 0.077, 1));
    Work.Dry dry = (Work.Dry) jobs(bench).getFirst().work();
    assertThat(dry.gramsPerHour().orElseThrow()).isCloseTo(100, within(0.5));
    DayTask task =
        asked(day(), jobs(bench), MORNING)
            .problem()
            .task(jobs(bench).getFirst().id())
            .orElseThrow();
    assertThat(task.minutes().low()).isCloseTo(60 * dry.waterG() / 100, within(5.0));
  }

  @Test
  void closedBatchesAndBagsAskForNothing() {
    Bench bench = bench(0);
    assertThat(jobs(bench.does(new Edit.CloseBatch(true)))).isEmpty();
    Bench bagged = bench(0).measures(1, new Measure.Bagged("season bag"));
    assertThat(jobs(bagged)).isEmpty();
  }

  @Test
  void ownTableRunsTellItsRange() {
    Bench bench = bench(0);
    bench.screens(1, "16", "30", "50", "80", "100");
    bench.runs(
        new Process.GravityRun(DECK.machine()),
        List.of(4),
        Material.CONCENTRATE,
        Material.TAILINGS);
    assertThat(jobs(bench))
        .anySatisfy(
            job -> {
              assertThat(job.work()).isEqualTo(new Work.Run(DECK));
              assertThat(job.standing()).isInstanceOf(Standing.UnderWay.class);
              assertThat(job.lot()).contains(new LotId(4));
            });
  }

  @Test
  void paceIsLearntFromWhatWasDoneAgainstThePlan() {
    List<Day.Done> done = new ArrayList<>();
    Band usual = new Band(20, 30, 50);
    assertThat(new DayPace(done).minutes("run", "long deck", usual)).isEqualTo(usual);
    for (int i = 0; i < 6; i++) {
      done.add(new Day.Done("r" + i, "run", "long deck", 30, i % 2 == 0 ? 40 : 50));
    }
    DayPace pace = new DayPace(done);
    DayPace.Learnt learnt = pace.of("run", "long deck");
    assertThat(learnt.count()).isEqualTo(6);
    double log = 3 * Math.log(40 / 30.0) + 3 * Math.log(50 / 30.0);
    assertThat(learnt.factor()).isCloseTo(Math.exp(log / 8), within(1e-12));
    Band minutes = pace.minutes("run", "long deck", usual);
    assertThat(minutes.usual()).isCloseTo(30 * learnt.factor(), within(1e-9));
    assertThat(minutes.low()).isBetween(30.0, minutes.usual());
    assertThat(minutes.high()).isBetween(minutes.usual(), 52.0);
    assertThat(pace.of("run", "garden bowl").count()).isZero();
    done.add(new Day.Done("slip", "run", "long deck", 30, 900));
    assertThat(new DayPace(done).of("run", "long deck").count()).isEqualTo(6);
  }

  @Test
  void dryingGoesByTheLawUntilItWasSeenTwice() {
    Day.Done slow = new Day.Done("a", "dry", "", 100, 150);
    assertThat(new DayPace(List.of(slow)).of("dry", "").factor()).isEqualTo(1);
    assertThat(new DayPace(List.of(slow, slow)).of("dry", "").factor())
        .isCloseTo(1.5, within(1e-12));
  }

  @Test
  void aMachineThatBreaksLeavesItsRunsForAnotherDay() {
    List<Job> jobs = jobs(bench(0));
    Day broken = day().withOut(List.of(new Out("long deck", 720, 1440)));
    DayPlan plan = plan(asked(broken, jobs, Instant.parse("2026-03-02T12:00:00Z")));
    assertThat(plan.why(job(jobs, "run", "−30 +50").id())).contains(Why.NO_MACHINE);
    assertThat(plan.slot(job(jobs, "run", "−80 +100").id())).isPresent();
  }

  /** 450 g of sand just taken are three crucibles, two at a time: everything after the other. */
  @Test
  void whatIsLeftOfASmeltIsPartOfTheDay() {
    Bench bench = bench(0);
    says(bench, 0, new MeltFact.Taken(450, Measure.VisibleGold.LEFT));
    says(bench, 0, new MeltFact.Sands(0.8, 0.1, 0.05));
    List<Job> smelts = smelts(bench);
    assertThat(smelts)
        .extracting(Job::work)
        .containsExactly(
            new Work.Smelt(Work.Stage.ROAST, 0),
            new Work.Smelt(Work.Stage.CHARGE, 3),
            new Work.Smelt(Work.Stage.MELT, 3),
            new Work.Smelt(Work.Stage.CUPEL, 3));
    assertThat(smelts.getLast().after()).containsExactly(smelts.get(2).id());
    Map<String, DayTask> tasks = new HashMap<>();
    asked(day(), jobs(bench), MORNING)
        .problem()
        .tasks()
        .forEach(task -> tasks.put(task.id(), task));
    DayTask charge = tasks.get(smelts.get(1).id());
    assertThat(charge.planned()).as("a quarter of an hour each").isEqualTo(45);
    assertThat(charge.hands()).isEqualTo(Hands.ALL);
    DayTask melt = tasks.get(smelts.get(2).id());
    assertThat(melt.planned()).as("two heats").isEqualTo(80);
    assertThat(melt.hands()).as("watched").isEqualTo(Hands.ALL);
    says(bench, 0, new MeltFact.Roasted(450, 440));
    says(bench, 1, new MeltFact.Charged(220, Measure.Smelt.Collector.LEAD, OptionalDouble.of(40)));
    assertThat(smelts(bench))
        .extracting(Job::work)
        .containsExactly(
            new Work.Smelt(Work.Stage.CHARGE, 1),
            new Work.Smelt(Work.Stage.MELT, 2),
            new Work.Smelt(Work.Stage.CUPEL, 2));
    says(bench, 1, new MeltFact.Spoilt("cracked"));
    says(bench, 0, new MeltFact.Ended());
    assertThat(smelts(bench)).isEmpty();
  }

  @Test
  void aMeltInTheRainIsTold() {
    Bench bench = bench(0);
    says(bench, 0, new MeltFact.Taken(300, Measure.VisibleGold.LEFT));
    Evaporation wet = new Evaporation(12, 0.95, 1);
    assertThat(tight(bench, wet)).contains(new DayFinding.Wet(0.95));
    assertThat(tight(bench, Evaporation.USUAL)).noneMatch(found -> found instanceof DayFinding.Wet);
    assertThat(tight(bench(0), wet)).noneMatch(found -> found instanceof DayFinding.Wet);
  }

  private static List<DayFinding> tight(Bench bench, Evaporation air) {
    Asked asked = asked(day(), jobs(bench), MORNING);
    return DayFinding.of(asked, air, plan(asked), new Band(600, 600, 600));
  }

  private static void says(Bench bench, int crucible, MeltFact fact) {
    bench.measures(1, new Measure.Melt(crucible, fact));
  }

  private static List<Job> smelts(Bench bench) {
    return jobs(bench).stream().filter(job -> job.work() instanceof Work.Smelt).toList();
  }
}
