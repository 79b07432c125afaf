package jugulum.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.schedule.DayLimits.Out;
import jugulum.core.schedule.DayPlan.Proof;
import jugulum.core.schedule.DayPlan.Why;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Needs;
import jugulum.core.schedule.DayTask.Said;
import jugulum.core.schedule.DayTask.Water;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DayPlannerTest {
  /**
   * Machine:minutes of each job. H. Fisher and G. L. Thompson, Probabilistic learning combinations
   * of local job-shop scheduling rules, in Muth and Thompson, Industrial Scheduling, 1963; optimum
   * 55.
   */
  private static final List<String> FT06 =
      List.of(
          "2:1 0:3 1:6 3:7 5:3 4:6",
          "1:8 2:5 4:10 5:10 0:10 3:4",
          "2:5 3:4 5:8 0:9 1:1 4:7",
          "1:5 0:5 2:5 3:3 4:8 5:9",
          "2:9 1:3 4:5 5:4 0:3 3:1",
          "1:3 3:3 5:9 0:10 4:4 2:1");

  @Test
  void theSixBySixJobShopEndsAt55AndThatIsProven() {
    List<DayTask> tasks = new ArrayList<>();
    for (int job = 0; job < FT06.size(); job++) {
      String[] steps = FT06.get(job).split(" ");
      for (int step = 0; step < steps.length; step++) {
        String[] on = steps[step].split(":");
        DayTask task =
            SomeDay.task(job + "." + step, Integer.parseInt(on[1]))
                .with(Hands.NONE, 0)
                .on("m" + on[0]);
        tasks.add(step == 0 ? task : task.after(List.of(job + "." + (step - 1))));
      }
    }
    DayPlan plan = SomeDay.plan(new DayProblem(tasks, DayLimits.USUAL, 0, 1440));
    assertThat(plan.end()).isEqualTo(55);
    assertThat(plan.proof()).isEqualTo(new Proof.Best());
    assertThat(plan.left()).isEmpty();
  }

  /** Every day there is of five short tasks, minute by minute, against the planner. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
  void noDayOfASmallShopIsBetterThanTheOnePlanned(long seed) {
    DayProblem problem = SomeDay.small(seed);
    DayPlan plan = SomeDay.plan(problem);
    int[] planned = SomeDay.beginnings(problem, plan);
    assertThat(SomeDay.isAllowed(problem, planned)).isTrue();
    Tried best = new Tried(problem);
    best.go(0);
    assertThat(worth(problem, planned)).as("worth").isEqualTo(best.worth);
    if (plan.left().isEmpty()) {
      assertThat(plan.end()).isEqualTo(best.end);
      assertThat(plan.proof()).isEqualTo(new Proof.Best());
    }
  }

  private static double worth(DayProblem problem, int[] from) {
    double worth = 0;
    for (int i = 0; i < from.length; i++) {
      worth += from[i] >= 0 ? problem.tasks().get(i).worth() : 0;
    }
    return worth;
  }

  /** All beginnings, one after the other. */
  private static final class Tried {
    private final DayProblem problem;
    private final int[] from;
    private double worth = -1;
    private int end = Integer.MAX_VALUE;

    Tried(DayProblem problem) {
      this.problem = problem;
      this.from = new int[problem.tasks().size()];
    }

    void go(int task) {
      if (task == from.length) {
        double brings = worth(problem, from);
        int ends = 0;
        for (int i = 0; i < from.length; i++) {
          ends = Math.max(ends, from[i] < 0 ? 0 : from[i] + problem.tasks().get(i).planned());
        }
        boolean isBetter = brings > worth || brings == worth && ends < end;
        if (isBetter && SomeDay.isAllowed(problem, from)) {
          worth = brings;
          end = ends;
        }
        return;
      }
      for (int minute = -1; minute < problem.dark(); minute++) {
        from[task] = minute;
        go(task + 1);
      }
    }
  }

  @Test
  void onePairOfHandsDoesOneThingAndLooksAfterAnother() {
    DayTask magnet = SomeDay.task("magnet", 60);
    DayTask bowl = SomeDay.task("bowl", 50).with(Hands.INTERVALS, 10).on("bowl");
    DayTask pan = SomeDay.task("pan", 20);
    DayPlan plan =
        SomeDay.plan(new DayProblem(List.of(magnet, bowl, pan), DayLimits.USUAL, 480, 1000));
    assertThat(plan.end()).isEqualTo(480 + 60 + 10 + 20);
    assertThat(plan.slot("bowl").orElseThrow().from()).isEqualTo(480);
  }

  @Test
  void twoPairsOfHandsHalveTheDay() {
    List<DayTask> tasks = List.of(SomeDay.task("a", 60), SomeDay.task("b", 60));
    DayLimits two =
        new DayLimits(2, 1, OptionalDouble.empty(), OptionalDouble.empty(), 30, List.of());
    assertThat(SomeDay.plan(new DayProblem(tasks, two, 0, 600)).end()).isEqualTo(60);
    assertThat(SomeDay.plan(new DayProblem(tasks, DayLimits.USUAL, 0, 600)).end()).isEqualTo(120);
  }

  @Test
  void whereNotAllFitsTheOnesThatBringMostAreDone() {
    List<DayTask> tasks =
        List.of(
            SomeDay.task("much", 60).worth(30),
            SomeDay.task("some", 50).worth(20),
            SomeDay.task("less", 50).worth(15),
            SomeDay.task("first", 10).worth(0.5),
            SomeDay.task("behind", 30).worth(30).after(List.of("first")));
    DayPlan plan = SomeDay.plan(new DayProblem(tasks, DayLimits.USUAL, 0, 100));
    assertThat(plan.slots()).extracting(DayPlan.Slot::task).containsOnly("much", "first", "behind");
    assertThat(plan.why("some")).contains(Why.NO_TIME);
    assertThat(plan.proof()).isEqualTo(new Proof.Best());
  }

  @Test
  void whatIsLeftSaysWhy() {
    DayTask deep = SomeDay.task("deep", 30).needing(new Needs(0, 500, 0, Water.LEAVES));
    DayTask thirsty = SomeDay.task("thirsty", 30).needing(new Needs(0, 0, 500, Water.LEAVES));
    DayTask wide =
        SomeDay.task("wide", 30).with(Hands.NONE, 5).needing(new Needs(3, 0, 0, Water.LEAVES));
    DayTask said =
        SomeDay.task("said", 30).said(new Said(OptionalInt.empty(), OptionalInt.empty(), true));
    DayTask after = SomeDay.task("after", 30).after(List.of("said"));
    DayTask late =
        SomeDay.task("late", 90).said(new Said(OptionalInt.empty(), OptionalInt.of(60), false));
    DayTask broken = SomeDay.task("broken", 30).on("deck");
    DayTask round = SomeDay.task("round", 5).after(List.of("again"));
    DayTask again = SomeDay.task("again", 5).after(List.of("round"));
    DayLimits limits =
        new DayLimits(
            1,
            1,
            OptionalDouble.of(400),
            OptionalDouble.of(40),
            30,
            List.of(new Out("deck", 0, 1440)));
    DayPlan plan =
        SomeDay.plan(
            new DayProblem(
                List.of(deep, thirsty, wide, said, after, late, broken, round, again),
                limits,
                0,
                600));
    assertThat(plan.slots()).isEmpty();
    assertThat(plan.left())
        .extracting(DayPlan.Left::why)
        .containsExactly(
            Why.NO_POWER,
            Why.NO_WATER,
            Why.NO_ROOM,
            Why.SAID,
            Why.WAITS,
            Why.TOO_LATE,
            Why.NO_MACHINE,
            Why.CYCLE,
            Why.CYCLE);
  }

  @Test
  void muddyWaterStandsBeforeTheFinishingTable() {
    DayTask bowl = SomeDay.task("bowl", 40).needing(new Needs(0, 0, 0, Water.MUDDIES));
    DayTask slate =
        SomeDay.task("slate", 30)
            .needing(new Needs(0, 0, 0, Water.WANTS_CLEAR))
            .after(List.of("bowl"));
    DayPlan plan = SomeDay.plan(new DayProblem(List.of(bowl, slate), DayLimits.USUAL, 0, 600));
    assertThat(plan.slot("slate").orElseThrow().from()).isEqualTo(40 + 30);
  }

  @Test
  void whatGoesIsTheTruthAndWhatIsLatePushesTheRest() {
    DayTask bowl = SomeDay.task("bowl", 40).on("bowl").with(Hands.INTERVALS, 0).startedAt(100);
    DayTask next = SomeDay.task("next", 30).on("bowl").with(Hands.INTERVALS, 0);
    DayPlan onTime = SomeDay.plan(new DayProblem(List.of(bowl, next), DayLimits.USUAL, 120, 600));
    assertThat(onTime.slot("bowl").orElseThrow()).isEqualTo(new DayPlan.Slot("bowl", 100, 140));
    assertThat(onTime.slot("next").orElseThrow().from()).isEqualTo(140);
    DayPlan late = SomeDay.plan(new DayProblem(List.of(bowl, next), DayLimits.USUAL, 170, 600));
    assertThat(late.slot("next").orElseThrow().from()).isEqualTo(171);
  }

  @Test
  void anHourAPersonSetIsKept() {
    DayTask noon =
        SomeDay.task("noon", 30).said(new Said(OptionalInt.of(100), OptionalInt.empty(), false));
    List<DayTask> tasks = List.of(SomeDay.task("a", 70), SomeDay.task("b", 45), noon);
    DayPlan plan = SomeDay.plan(new DayProblem(tasks, DayLimits.USUAL, 0, 600));
    assertThat(plan.slot("noon").orElseThrow().from()).isEqualTo(100);
    assertThat(plan.end()).isEqualTo(175);
  }

  @Test
  void aDayThatWasShownStaysWhereAnotherIsHardlyBetter() {
    List<DayTask> tasks =
        List.of(
            SomeDay.task("a", 100),
            SomeDay.task("b", 100),
            SomeDay.task("wait", 103).with(Hands.NONE, 1).on("deck"));
    DayProblem problem = new DayProblem(tasks, DayLimits.USUAL, 0, 600);
    DayPlan shown =
        new DayPlan(
            List.of(
                new DayPlan.Slot("b", 0, 100),
                new DayPlan.Slot("wait", 100, 203),
                new DayPlan.Slot("a", 101, 201)),
            List.of(),
            203,
            new Proof.Best());
    DayPlan again = DayPlanner.plan(problem, Optional.of(shown), SomeDay.random(1), Budget.ENDLESS);
    assertThat(again.slot("b").orElseThrow().from()).isZero();
    assertThat(again.proof()).isInstanceOf(Proof.Kept.class);
    assertThat(SomeDay.plan(problem).end()).isEqualTo(201);
  }

  @Test
  void aMachineThatBreaksMovesOnlyWhatNeedsIt() {
    List<DayTask> tasks =
        List.of(
            SomeDay.task("a", 60),
            SomeDay.task("run", 60).on("deck"),
            SomeDay.task("b", 60),
            SomeDay.task("c", 60));
    DayProblem problem = new DayProblem(tasks, DayLimits.USUAL, 0, 600);
    DayPlan shown = SomeDay.plan(problem);
    DayLimits broken = DayLimits.USUAL.without(List.of(new Out("deck", 0, 1440)));
    DayPlan again =
        DayPlanner.plan(
            new DayProblem(tasks, broken, 0, 600),
            Optional.of(shown),
            SomeDay.random(1),
            Budget.ENDLESS);
    assertThat(again.why("run")).contains(Why.NO_MACHINE);
    assertThat(again.slots().stream().map(DayPlan.Slot::task))
        .containsExactlyElementsOf(
            shown.slots().stream()
                .map(DayPlan.Slot::task)
                .filter(id -> !id.equals("run"))
                .toList());
  }

  @Test
  void theLikelyEndHoldsTheEndsOfDaysDrawnFromTheSameMinutes() {
    List<DayTask> tasks = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      tasks.add(DayTask.byHand("t" + i, new Band(20, 30, 60)));
    }
    DayProblem problem = new DayProblem(tasks, DayLimits.USUAL, 0, 1440);
    DayPlan plan = SomeDay.plan(problem);
    assertThat(plan.end()).isEqualTo(180);
    Band likely = LikelyEnd.of(problem, plan, 2000, SomeDay.random(7));
    // Sum of six triangles with mean 36.67 and standard deviation 8.50 each, alike by a half.
    double mean = 6 * 110 / 3.0;
    double sd = 8.498 * Math.sqrt(6 + 30 * 0.5);
    assertThat(likely.usual()).isBetween(mean - 6, mean + 4);
    assertThat((likely.high() - likely.low()) / (2 * 1.645 * sd)).isBetween(0.85, 1.1);
  }

  @Test
  void nonsenseIsRefusedByName() {
    assertThatThrownBy(() -> SomeDay.task("a", 0)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new DayProblem(List.of(), DayLimits.USUAL, -1, 3))
        .hasMessageContaining("now");
    assertThatThrownBy(
            () ->
                new DayProblem(
                    Arrays.asList(SomeDay.task("a", 5), SomeDay.task("a", 5)),
                    DayLimits.USUAL,
                    0,
                    9))
        .hasMessageContaining("two tasks");
    assertThatThrownBy(() -> new Needs(Double.NaN, 0, 0, Water.LEAVES))
        .hasMessageContaining("tray");
  }
}
