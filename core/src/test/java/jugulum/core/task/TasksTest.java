package jugulum.core.task;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Ledger;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.StepId;
import jugulum.core.shop.Shop;
import jugulum.core.stream.Applied;
import jugulum.core.task.Task.Kind;
import jugulum.core.units.MassUnit;
import jugulum.core.units.Typed.Slip;
import jugulum.core.weighing.Container;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TasksTest {
  private static final Shop SHOP = Shop.USUAL.with(new Container("tin bowl", 315));

  private static final int MOST_QUESTIONS = 400;

  private Batch batch;
  private Instant now = Instant.parse("2026-11-26T08:00:00Z");
  private Optional<Route> route = Optional.empty();
  private final GoldMemory memory = new GoldMemory(1_000);

  TasksTest() {
    BatchId id = new BatchId(UUID.fromString("00000000-0000-4000-8000-00000000ba7c"));
    Label label = new Label("Wetherlam 2", "", LocalDate.of(2026, 11, 1));
    batch = Ledger.replay(Optional.empty(), new Edit.StartBatch(id, label, Assumptions.USUAL), now);
  }

  private Worked worked() {
    return Worked.of(batch, memory);
  }

  private List<Task> tasks() {
    return Tasks.of(worked(), SHOP, route, now);
  }

  private Answered answer(Task task, String... typed) {
    return new Answers(worked(), SHOP, MassUnit.GRAM, MassUnit.GRAM).to(task, List.of(typed));
  }

  private void does(Edit edit) {
    now = now.plus(Duration.ofMinutes(1));
    batch =
        switch (Ledger.apply(Optional.of(batch), edit, now)) {
          case Applied.Done<Batch>(Batch after) -> after;
          case Applied.Refused<Batch>(var refusal) ->
              throw new AssertionError(refusal + " for " + edit);
        };
  }

  private void answers(Task task, String... typed) {
    Answered answered = answer(task, typed);
    assertThat(answered).as(task.toString()).isInstanceOf(Answered.Edits.class);
    ((Answered.Edits) answered).edits().forEach(this::does);
  }

  private Task first(Kind kind) {
    return tasks().stream().filter(task -> task.kind() == kind).findFirst().orElseThrow();
  }

  @Test
  void aNewBatchGoesOnTheScaleFirst() {
    Task first = tasks().getFirst();
    assertThat(first.kind()).isEqualTo(Kind.WEIGH);
    assertThat(first.isOf(new LotId(1))).isTrue();
    assertThat(first.parts())
        .extracting(Part::ask)
        .containsExactly(Part.Ask.GROSS, Part.Ask.TARE, Part.Ask.MOISTURE);
    answers(first, "12 kg", "tin bowl", "8 %");
    Measure.SandWeight weight =
        batch.lots().getFirst().latest(Measure.SandWeight.class).orElseThrow();
    assertThat(weight.grossG()).isEqualTo(12_000);
    assertThat(weight.tareG()).isEqualTo(315);
    assertThat(weight.container()).contains("tin bowl");
    assertThat(weight.moisture()).isEqualTo(0.08);
    assertThat(weight.typed()).contains("12 kg");
  }

  @Test
  void whatCannotBeIsToldWithItsPartAndChangesNothing() {
    Task weigh = tasks().getFirst();
    assertThat(answer(weigh)).isEqualTo(new Answered.Wrong(0, new Slip.Empty()));
    assertThat(answer(weigh, "heavy")).isInstanceOf(Answered.Wrong.class);
    assertThat(answer(weigh, "-3 kg")).isEqualTo(new Answered.Wrong(0, new Slip.Negative()));
    assertThat(answer(weigh, "4,316"))
        .as("a comma that may be either")
        .isInstanceOfSatisfying(
            Answered.Wrong.class,
            wrong -> assertThat(wrong.slip()).isInstanceOf(Slip.NoMass.class));
    assertThat(answer(weigh, "12 kg", "blue tub"))
        .isEqualTo(new Answered.Wrong(1, new Slip.NoContainer("blue tub")));
    assertThat(answer(weigh, "12 kg", "", "100"))
        .isEqualTo(new Answered.Wrong(2, new Slip.OutOfRange("100", 0, 99)));
    assertThat(answer(weigh, "1 kg", "2 kg"))
        .as("a container heavier than the whole")
        .isEqualTo(new Answered.Wrong(1, new Slip.OutOfRange("2 kg", 0, 1_000)));
    assertThat(answer(weigh, "300 g", "tin bowl"))
        .isEqualTo(new Answered.Wrong(1, new Slip.OutOfRange("tin bowl", 0, 300)));
    assertThat(batch.readings()).isEmpty();
  }

  @Test
  void withoutARouteNoStepIsOffered() {
    answers(tasks().getFirst(), "12 kg");
    assertThat(tasks()).extracting(Task::kind).containsExactly(Kind.CHOOSE_ROUTE, Kind.CLOSE);
  }

  @Test
  void aTareOfNothingIsNoContainer() {
    answers(tasks().getFirst(), "12 kg", "0");
    assertThat(batch.lots().getFirst().latest(Measure.SandWeight.class).orElseThrow().tareG())
        .isZero();
  }

  @Test
  void aWayIsChosenByItsNumberOrItsName() {
    answers(tasks().getFirst(), "12 kg");
    Task choose = first(Kind.CHOOSE_ROUTE);
    assertThat(answer(choose, "2"))
        .isEqualTo(
            new Answered.Edits(List.of(new Edit.FollowRoute(Optional.of(Routes.SHIPPED.get(1))))));
    assertThat(answer(choose, Routes.SHIPPED.get(2).name()))
        .isEqualTo(
            new Answered.Edits(List.of(new Edit.FollowRoute(Optional.of(Routes.SHIPPED.get(2))))));
    assertThat(answer(choose, "99")).isInstanceOf(Answered.Wrong.class);
    assertThat(answer(choose, "sideways"))
        .isEqualTo(new Answered.Wrong(0, new Slip.NoChoice("sideways")));
  }

  @Test
  void aWeightOfAScaleCarriesItAndItsStep() {
    ReadOn scale = new ReadOn("bench scale", 5, OptionalDouble.empty(), Optional.empty());
    Answered answered =
        new Answers(worked(), SHOP, MassUnit.GRAM, MassUnit.GRAM)
            .from(scale)
            .to(tasks().getFirst(), List.of("12000.000000 g", "315"));
    Measure.SandWeight weight =
        (Measure.SandWeight)
            ((Edit.RecordOnLot) ((Answered.Edits) answered).edits().getFirst()).measure();
    assertThat(weight.on()).contains(scale);
    assertThat(weight.resolutionG()).as("the step of the scale").isEqualTo(5);
    assertThat(weight.typed()).as("nobody typed it").isEmpty();
  }

  static List<Route> shipped() {
    return Routes.SHIPPED;
  }

  /**
   * Someone who does nothing but answer the first open question takes a bucket to the vial by every
   * route: each question takes an answer, none comes back unanswered, and the batch can be closed.
   */
  @ParameterizedTest
  @MethodSource("shipped")
  void theFirstOpenQuestionLeadsFromBucketToVial(Route way) {
    route = Optional.of(way);
    Random random = new Random(7);
    goes(random);
    assertThat(batch.lots()).anyMatch(lot -> lot.material() == Material.GOLD);
    assertThat(worked().gold().won()).isPresent();
    assertThat(worked().network().endLots())
        .as("everything was weighed or looked at")
        .allMatch(lot -> lot.live(Measure.class).findAny().isPresent());
  }

  private void goes(Random random) {
    for (int answered = 0; !batch.closed(); answered++) {
      Task task = tasks().getFirst();
      assertThat(answered).as(task.toString()).isLessThan(MOST_QUESTIONS);
      answers(task, typed(task, random));
    }
  }

  private String[] typed(Task task, Random random) {
    return switch (task.kind()) {
      case WEIGH -> new String[] {weight(task), "", ""};
      case WEIGH_GOLD -> new String[] {"0.412"};
      case LOOK_OVER -> new String[] {"2", "0.3"};
      case LOOK -> new String[] {portion(task, 200), Integer.toString(random.nextInt(3))};
      case PASS -> pass(task);
      case KEEP -> new String[] {"bag 4"};
      case CHOOSE_ROUTE -> new String[] {"1"};
      case SET -> new String[] {Double.toString(task.parts().getFirst().usual().orElseThrow())};
      default -> new String[0];
    };
  }

  /** The feed is a bucket; what a step makes are equal parts of what it took. */
  private String weight(Task task) {
    LotId lot = ((Task.Subject.OfLot) task.subject()).lot();
    Worked worked = worked();
    return worked
        .network()
        .maker(lot)
        .filter(step -> !step.inputs().isEmpty())
        .map(
            step ->
                worked.sand().mass(step.inputs().getFirst()).grams()
                    / step.outputs().size()
                    * 0.999)
        .map(Object::toString)
        .orElse("12 kg");
  }

  private String[] pass(Task task) {
    StepId step = ((Task.Subject.OfStep) task.subject()).step();
    int made = batch.step(step).orElseThrow().passes().size();
    int specks = made == 0 ? 9 : made == 1 ? 3 : 0;
    return new String[] {portion(task, 20 - made), "", Integer.toString(specks)};
  }

  /** No more than there is. */
  private static String portion(Task task, double grams) {
    return Double.toString(Math.min(grams, task.parts().getFirst().high() / 2));
  }

  @Test
  void aMachineIsCheckedSetAndStartedAndThenAsksWhenItIsDue() {
    answers(tasks().getFirst(), "3 kg");
    does(
        new Edit.TakeStep(
            new Process.GravityRun(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl")),
            List.of(new LotId(1)),
            List.of(
                new Edit.NewLot(Material.CONCENTRATE, jugulum.core.screens.Cut.ALL, ""),
                new Edit.NewLot(Material.TAILINGS, jugulum.core.screens.Cut.ALL, ""))));
    List<Kind> before = tasks().stream().map(Task::kind).distinct().toList();
    assertThat(before).startsWith(Kind.CHECK, Kind.SET, Kind.START);
    for (Task check : tasks().stream().filter(task -> task.kind() == Kind.CHECK).toList()) {
      assertThat(answer(check, "1.97 kg"))
          .as("a weight is no yes")
          .isEqualTo(new Answered.Wrong(0, new Slip.OnlyYes("1.97 kg")));
      answers(check);
    }
    Task charge =
        tasks().stream()
            .filter(
                task -> task.kind() == Kind.SET && task.parts().getFirst().name().equals("charge"))
            .findFirst()
            .orElseThrow();
    assertThat(answer(charge, "1e9")).isInstanceOf(Answered.Wrong.class);
    assertThat(answer(charge, ""))
        .as("what is usual is not recorded as if it were read")
        .isEqualTo(new Answered.Wrong(0, new Slip.Empty()));
    answers(charge, "180");
    answers(first(Kind.START));
    does(
        new Edit.RecordOnStep(new StepId(2), new Measure.Charge(java.util.OptionalDouble.of(180))));
    Task due = first(Kind.CHARGE);
    assertThat(due.isDue(now)).isFalse();
    now = due.due().orElseThrow();
    assertThat(tasks().getFirst()).as("what is due comes first").isEqualTo(due);
    answers(due);
    assertThat(batch.step(new StepId(2)).orElseThrow().live(Measure.Charge.class)).hasSize(2);
  }

  /** What a step of the route needs, a person may have done another way: it is not asked again. */
  @Test
  void anotherOrderOfWorkIsFollowed() {
    route = Optional.of(Routes.SHIPPED.getFirst());
    answers(tasks().getFirst(), "12 kg");
    assertThat(tasks()).extracting(Task::kind).containsExactly(Kind.BEGIN);
    theMagnetTakesTheFeed();
    assertThat(tasks().getFirst().kind()).isEqualTo(Kind.PASS);
    answers(first(Kind.PASS), "900", "", "0");
    answers(first(Kind.PASS), "880", "", "0");
    does(new Edit.FinishStep(new StepId(2), true));
    answers(first(Kind.WEIGH), "900");
    answers(first(Kind.WEIGH), "11 kg");
    assertThat(tasks())
        .as("what the magnet left goes on by the leg that takes it")
        .anyMatch(
            task ->
                task.kind() == Kind.BEGIN
                    && task.leg()
                        .orElseThrow()
                        .does()
                        .equals(new Route.Does.Run(Machine.Kind.SHAKER_TABLE)));
  }

  /** Every pass after the first is over the heap, unless one says that it went over the sand. */
  @Test
  void aPassIsOverTheHeapOrOverTheSandAgain() {
    theMagnetTakesTheFeed();
    answers(first(Kind.PASS), "900", "", "0");
    Answers heap = new Answers(worked(), SHOP, MassUnit.GRAM, MassUnit.GRAM);
    assertThat(heap.to(first(Kind.PASS), List.of("1200", "", "0")))
        .as("more than lies on the heap")
        .isInstanceOfSatisfying(Answered.Wrong.class, wrong -> assertThat(wrong.part()).isZero());
    assertThat(pass(heap, "880").from()).isEqualTo(Measure.Pass.From.HEAP);
    assertThat(pass(heap.offTheSand(true), "1200").from()).isEqualTo(Measure.Pass.From.SAND);
  }

  private void theMagnetTakesTheFeed() {
    does(
        new Edit.TakeStep(
            new Process.MagnetRun(Process.MagnetRun.Medium.BONE_DRY),
            List.of(new LotId(1)),
            List.of(
                new Edit.NewLot(Material.MAGNETICS, jugulum.core.screens.Cut.ALL, ""),
                new Edit.NewLot(Material.NON_MAGNETICS, jugulum.core.screens.Cut.ALL, ""))));
  }

  private Measure.Pass pass(Answers answers, String lifted) {
    Answered.Edits told = (Answered.Edits) answers.to(first(Kind.PASS), List.of(lifted, "", "0"));
    return (Measure.Pass) ((Edit.RecordOnStep) told.edits().getFirst()).measure();
  }

  /** A way that was gone can be kept, and leads another batch the same way. */
  @Test
  void aWayGoneIsARoute() {
    route = Optional.of(Routes.SHIPPED.get(4));
    Random random = new Random(3);
    goes(random);
    Route gone = Routes.gone("as on the Wetherlam", worked().network());
    List<String> did = new ArrayList<>();
    batch.steps().forEach(step -> did.add(step.process().getClass().getSimpleName()));
    TasksTest again = new TasksTest();
    again.route = Optional.of(gone);
    Random same = new Random(3);
    again.goes(same);
    List<String> does = new ArrayList<>();
    again.batch.steps().forEach(step -> does.add(step.process().getClass().getSimpleName()));
    assertThat(does).isEqualTo(did);
  }
}
