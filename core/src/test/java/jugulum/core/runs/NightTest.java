package jugulum.core.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.Running;
import jugulum.core.ledger.Measure.Running.State;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Overnight.Morning;
import jugulum.core.screens.Cut;
import org.junit.jupiter.api.Test;

/** A bowl that is left alone over night. */
class NightTest {
  private static final StepId RUN = new StepId(2);

  /** 300 g on a bowl: lots 2 concentrate, 3 tailings. */
  private static Bench bench(Optional<Process.GravityRun.Manner> manner) {
    return Bench.started()
        .weighs(1, 300)
        .runs(
            new Process.GravityRun(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl"), manner),
            List.of(1),
            Material.CONCENTRATE,
            Material.TAILINGS);
  }

  private static Bench overnight() {
    return does(
        does(bench(Optional.of(Process.GravityRun.Manner.OVERNIGHT)), new Running(State.STARTED)),
        new Measure.Charge(OptionalDouble.of(300)));
  }

  private static Bench does(Bench bench, Measure measure) {
    return bench.does(new Edit.RecordOnStep(RUN, measure));
  }

  private static Optional<Night> night(Bench bench) {
    Worked worked = Worked.of(bench.batch());
    return Night.of(bench.step(2).orElseThrow(), worked.network(), worked.sand());
  }

  @Test
  void whoStandsByHasNoNight() {
    assertThat(night(bench(Optional.empty()))).isEmpty();
    assertThat(night(bench(Optional.of(Process.GravityRun.Manner.WATCHED)))).isEmpty();
  }

  @Test
  void whatLeftInTheFirstHourTellsOfTheWholeNight() {
    Bench bench = overnight();
    assertThat(night(bench).orElseThrow().ahead()).isEmpty();
    bench.waits(Duration.ofMinutes(58)).measures(3, new SandWeight(22, 0, 0, 1));
    Night night = night(bench).orElseThrow();
    assertThat(night.chargeG()).hasValue(300);
    assertThat(night.ahead().orElseThrow().low()).isCloseTo(149, within(1.5));
    assertThat(night.ahead().orElseThrow().high()).isCloseTo(197, within(1.5));
    assertThat(night.morning()).isEmpty();
  }

  @Test
  void theMorningIsToldByWhatStayedAndWhatLiesBelow() {
    Bench bench = overnight().waits(Duration.ofHours(9));
    does(bench, new Running(State.STOPPED)).measures(2, new SandWeight(120, 0, 0, 1));
    assertThat(night(bench).orElseThrow().morning()).contains(Morning.RIGHT);
    bench.measures(3, new PannedSample(50, List.of(new PannedSample.Seen(Cut.ALL, 3))));
    assertThat(night(bench).orElseThrow().morning()).contains(Morning.SPECKS);
  }

  /** Nine hours for 300 g would make the slowest of machines of it. */
  @Test
  void aNightTellsNothingOfThePaceOfTheMachine() {
    Bench bench = overnight().waits(Duration.ofHours(9));
    does(bench, new Running(State.STOPPED));
    Worked worked = Worked.of(bench.batch());
    assertThat(PastRun.of(worked.network(), worked.sand(), worked.gold()).getFirst().minutes())
        .isEmpty();
  }
}
