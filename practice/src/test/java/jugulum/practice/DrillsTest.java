package jugulum.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Sheets;
import jugulum.core.machine.Symptom;
import jugulum.core.simulated.Coverage;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.Best;
import jugulum.practice.drill.BowlRun;
import jugulum.practice.drill.Course.Loss;
import jugulum.practice.drill.Drill;
import jugulum.practice.drill.Drills;
import jugulum.practice.drill.LostBy;
import jugulum.practice.drill.Replay;
import jugulum.practice.drill.Run;
import jugulum.practice.drill.Runs;
import jugulum.practice.drill.Runs.Grain;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DrillsTest {
  private static final long SEED = 11;

  private static Drill drill(String id) {
    return Drills.of(id).orElseThrow();
  }

  private static Run run(String id) {
    return Runs.of(drill(id), Grain.WORKED_OUT, SEED);
  }

  private static void go(Run run, double seconds) {
    double end = run.seconds() + seconds;
    while (run.seconds() < end && !run.isOver()) {
      run.step();
    }
  }

  private static Optional<Loss> loss(Run run, LostBy habit) {
    return run.losses().stream().filter(one -> one.habit() == habit).findFirst();
  }

  @Tag("simulated")
  @Test
  void openingFastIsNamedWithWhatItCost() {
    Run run = run("flat-fines");
    run.tell(new Action.Valve(4));
    run.tell(new Action.Charge(100, true));
    go(run, 20);
    run.tell(new Action.Valve(15));
    go(run, 40);
    run.tell(new Action.Valve(4));
    go(run, 20);
    run.tell(new Action.Charge(100, true));
    run.tell(new Action.Valve(15));
    go(run, 15);
    run.end();
    Loss fast = loss(run, LostBy.OPENED_FAST).orElseThrow();
    assertThat(fast.times()).isEqualTo(2);
    assertThat(fast.share()).isGreaterThan(0.01);
    double all = run.losses().stream().mapToDouble(Loss::share).sum();
    assertThat(all).isCloseTo(run.score().goldLost(), within(1e-9));
  }

  @Tag("simulated")
  @Test
  void whatEachMistakeCostsIsNamed() {
    Run dry = run("no-agent");
    dry.tell(new Action.Charge(60, true));
    go(dry, 5);
    assertThat(loss(dry, LostBy.NO_AGENT)).isPresent();
    Run full = run("overloaded");
    go(full, 60);
    assertThat(loss(full, LostBy.OVERLOADED)).isPresent();
    Run steep = Runs.of(drill("line-too-low"), Grain.WORKED_OUT, SEED);
    go(steep, 200);
    assertThat(loss(steep, LostBy.TOO_STEEP)).isPresent();
    assertThat(steep.score().isReached()).isFalse();
  }

  @Test
  void aHeapCarriedAwayAtOnceHoldsGoldAndThreeDropsFreeIt() {
    Run hasty = run("drops");
    hasty.tell(new Action.Lift());
    go(hasty, 6);
    hasty.tell(new Action.Away());
    assertThat(hasty.isOver()).isTrue();
    assertThat(loss(hasty, LostBy.TOO_FEW_DROPS)).isPresent();
    Run patient = run("drops");
    patient.tell(new Action.Lift());
    for (int drop = 0; drop < 3; drop++) {
      go(patient, 6);
      patient.tell(new Action.Drop());
    }
    go(patient, 6);
    patient.tell(new Action.Away());
    // A drop frees 0.6 of what is trapped: 0.3 x 0.4^3 is left of the gold, give or take the draw.
    assertThat(patient.score().goldLost()).isCloseTo(0.3 * 0.064, within(0.02));
    assertThat(patient.score().isReached()).isTrue();
    Drill freeing = Drills.freeing(drill("drops"), OptionalDouble.of(1));
    assertThat(((Drill.OnPan) freeing.rig()).freed()).isEqualTo(1);
  }

  @Test
  void aReplayIsTheSameRun() {
    Run run = run("first-run");
    run.tell(new Action.Charge(30, true));
    for (int second = 0; second < 40; second++) {
      run.tell(new Action.Valve(5 + second / 4.0));
      go(run, 1);
    }
    long steps = Math.round(run.seconds() * 30);
    run.end();
    Run again = Replay.of(run.drill(), Grain.WORKED_OUT, run.seed(), run.told(), steps).played();
    assertThat(again.score()).isEqualTo(run.score());
    assertThat(again.told()).isEqualTo(run.told());
    assertThat(again.losses()).isEqualTo(run.losses());
  }

  /** What the search found, so that not every build has to look for it again. */
  @Tag("simulated")
  @ParameterizedTest
  @CsvSource({
    "first-run, 19.5 0.39999999999999997 143.75",
    "leans, 12.75 0.33999999999999997 150",
    "pump-ages, 19.5 0.39999999999999997 143.75",
    "first-table, 4 20 16",
    "drops, 5"
  })
  void theProgramKnowsARunThatReachesIt(String id, String way) {
    Best best = Best.by(drill(id), SEED, Stream.of(way.split(" ")).map(Double::valueOf).toList());
    assertThat(best.score().isReached()).as("%s", best.score()).isTrue();
    Run again = Runs.played(drill(id), Grain.SEEN, SEED, best.told());
    assertThat(again.score()).isEqualTo(best.score());
    if (Coverage.THOROUGH || id.equals("drops")) {
      assertThat(Best.of(drill(id), SEED, () -> false).orElseThrow().way()).isEqualTo(best.way());
    }
  }

  @Test
  void aSearchNobodyWaitsForIsGivenUp() {
    assertThat(Best.of(drill("first-run"), SEED, () -> true)).isEmpty();
  }

  @Test
  void everySymptomIsOneOfTheSheets() {
    List<String> known =
        Stream.of(Machine.Kind.VORTEX_BOWL, Machine.Kind.SHAKER_TABLE)
            .flatMap(kind -> Sheets.of(kind).symptoms().stream())
            .map(Symptom::id)
            .collect(Collectors.toList());
    assertThat(Drills.all().stream().flatMap(drill -> drill.symptom().stream()))
        .allMatch(known::contains);
    assertThat(Drills.all()).extracting(Drill::id).doesNotHaveDuplicates();
  }

  /** The loop that runs sixty times a second makes nothing that would have to be cleared away. */
  @Tag("simulated")
  @ParameterizedTest
  @ValueSource(strings = {"first-run", "first-table"})
  void steppingMakesNoGarbage(String id) {
    Run run = Runs.of(drill(id), Grain.SEEN, SEED);
    if (run instanceof BowlRun bowl) {
      bowl.tell(new Action.Charge(60, true));
      bowl.tell(new Action.Valve(10));
    }
    go(run, 8);
    ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    long before = threads.getCurrentThreadAllocatedBytes();
    for (int i = 0; i < 300; i++) {
      run.step();
    }
    long each = (threads.getCurrentThreadAllocatedBytes() - before) / 300;
    assertThat(each).as("bytes a step").isLessThan(400);
  }

  @Test
  void whatDoesNotBelongToARigIsRefused() {
    assertThatThrownBy(() -> run("first-run").tell(new Action.Tilt(3)))
        .hasMessageContaining("not done with a bowl");
    assertThatThrownBy(() -> run("first-table").tell(new Action.Valve(3)))
        .hasMessageContaining("not done with a deck");
    assertThatThrownBy(() -> new Drill.OnBowl(60, 90, BowlControls.SHUT, false, 0, false))
        .hasMessageContaining("chargeG");
    assertThatThrownBy(() -> new Drill.OnPan(40, 1.2, 0.6)).hasMessageContaining("trapped");
    assertThatThrownBy(() -> run("first-run").tell(new Action.Valve(99)))
        .hasMessageContaining("valveLMin");
  }
}
