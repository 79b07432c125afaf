package jugulum.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Charge;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.Running;
import jugulum.core.ledger.Measure.Running.State;
import jugulum.core.ledger.Measure.Setting;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import org.junit.jupiter.api.Test;

class RunLogTest {
  private static final StepId RUN = new StepId(2);
  private static final Running START = new Running(State.STARTED);
  private static final Running STOP = new Running(State.STOPPED);
  private static final Charge CHARGE = new Charge(OptionalDouble.of(150));

  static Process overnight(Kind kind) {
    return new Process.GravityRun(
        new Machine(kind, ""), Optional.of(Process.GravityRun.Manner.OVERNIGHT));
  }

  /** Two looks, and then it is left alone: no charge after the first, nothing due in the night. */
  @Test
  void whatIsLeftAloneIsLookedAtTwice() {
    Bench bench =
        Bench.started()
            .weighs(1, 620)
            .runs(overnight(Kind.VORTEX_BOWL), List.of(1), Material.CONCENTRATE, Material.TAILINGS);
    does(does(does(bench, new Setting("charge", 200)), START), CHARGE);
    Instant started = log(bench).stretches().getFirst().from();
    assertThat(due(bench)).containsExactly(new Due(Due.What.LOOK, started.plusSeconds(900)));
    PannedSample clean = new PannedSample(50, List.of(new PannedSample.Seen(Cut.ALL, 0)));
    bench.waits(Duration.ofMinutes(16)).measures(3, clean);
    assertThat(due(bench)).containsExactly(new Due(Due.What.LOOK, started.plusSeconds(3600)));
    bench.waits(Duration.ofMinutes(46)).measures(3, clean);
    assertThat(due(bench)).isEmpty();
    bench.measures(3, new PannedSample(50, List.of(new PannedSample.Seen(Cut.ALL, 2))));
    assertThat(due(bench))
        .as("gold was seen: it is not left alone")
        .extracting(Due::what)
        .containsExactly(Due.What.LOOK);
  }

  /** 620 g on a bowl: lots 2 concentrate, 3 tailings. */
  private static Bench bowl() {
    return Bench.started()
        .weighs(1, 620)
        .runs(
            new Process.GravityRun(new Machine(Kind.VORTEX_BOWL, "")),
            List.of(1),
            Material.CONCENTRATE,
            Material.TAILINGS);
  }

  private static Bench does(Bench bench, Measure measure) {
    return bench.does(new Edit.RecordOnStep(RUN, measure));
  }

  private static RunLog log(Bench bench) {
    return RunLog.of(bench.step(2).orElseThrow());
  }

  private static List<Due> due(Bench bench) {
    return Due.of(
        Network.of(bench.batch()),
        bench.step(2).orElseThrow(),
        Sheets.of(Kind.VORTEX_BOWL),
        OptionalDouble.of(620));
  }

  @Test
  void itRunsFromStartToStopAndTheStretchesAddUp() {
    Bench bench = does(bowl(), START);
    Instant started = bench.now();
    assertThat(log(bench).isRunning()).isTrue();
    assertThat(log(bench).ran(started.plusSeconds(90))).isEqualTo(Duration.ofSeconds(90));
    bench.waits(Duration.ofMinutes(9));
    does(bench, STOP).waits(Duration.ofMinutes(30));
    assertThat(log(bench).ran(bench.now())).isEqualTo(Duration.ofMinutes(10));
    does(bench, START).waits(Duration.ofMinutes(4)).does(new Edit.FinishStep(RUN, true));
    assertThat(log(bench).isRunning()).as("a run that is done stands").isFalse();
    assertThat(log(bench).ran(Instant.MAX)).isEqualTo(Duration.ofMinutes(15));
  }

  @Test
  void theNextChargeIsDueAfterTheLastAndTheLookAfterTheLastLook() {
    Bench bench =
        does(
            does(does(bowl(), new Setting("charge", 200)), new Setting(Due.CHARGE_MINUTES, 6)),
            START);
    Instant started = bench.now();
    assertThat(due(bench))
        .containsExactly(
            new Due(Due.What.CHARGE, started.plusSeconds(360)),
            new Due(Due.What.LOOK, started.plusSeconds(900)));
    does(bench, CHARGE);
    Instant charged = bench.now();
    assertThat(due(bench).getFirst().at()).isEqualTo(charged.plusSeconds(360));
    assertThat(due(bench).getFirst().in(charged.plusSeconds(400)))
        .as("late")
        .isEqualTo(Duration.ofSeconds(-40));
    bench.measures(3, new PannedSample(50, List.of(new PannedSample.Seen(Cut.ALL, 0))));
    assertThat(due(bench).getLast())
        .isEqualTo(new Due(Due.What.LOOK, bench.now().plusSeconds(900)));
    does(does(does(bench, CHARGE), CHARGE), CHARGE);
    assertThat(due(bench))
        .as("620 g are four charges of 200 g: all in")
        .extracting(Due::what)
        .containsExactly(Due.What.LOOK);
    does(bench, STOP);
    assertThat(due(bench)).isEmpty();
  }

  @Test
  void aChargeBeforeTheMachineWasStartedAgainDoesNotCountForWhatIsDue() {
    Bench bench = does(does(does(bowl(), START), CHARGE), STOP).waits(Duration.ofHours(14));
    does(bench, START);
    assertThat(log(bench).chargeDue(5)).contains(bench.now().plusSeconds(300));
  }

  @Test
  void startingTwiceAndStoppingWhatStandsAreRefused() {
    Bench bench = bowl();
    assertThat(bench.refused(new Edit.RecordOnStep(RUN, STOP)).reason())
        .isEqualTo(Reason.NOT_RUNNING);
    does(bench, START);
    assertThat(bench.refused(new Edit.RecordOnStep(RUN, START)).reason())
        .isEqualTo(Reason.ALREADY_RUNNING);
    assertThat(bench.refused(new Edit.RecordOnStep(new StepId(1), START)).reason())
        .isEqualTo(Reason.MEASURE_NOT_FOR_THIS);
  }

  @Test
  void timeDoesNotRunBackwards() {
    Bench bench = does(bowl(), START);
    ReadingId start = bench.step(2).orElseThrow().readings().getFirst().id();
    Instant now = bench.waits(Duration.ofMinutes(20)).now();
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnStep(
                        RUN, new Running(State.STOPPED, Optional.of(now.minusSeconds(1_800)))))
                .reason())
        .isEqualTo(Reason.TIME_BACKWARDS);
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnStep(
                        RUN, new Running(State.STOPPED, Optional.of(now.plusSeconds(5)))))
                .reason())
        .isEqualTo(Reason.TIME_NOT_YET);
    does(bench, new Running(State.STOPPED, Optional.of(now.minusSeconds(300))));
    assertThat(log(bench).ran(now))
        .as("stopped five minutes ago")
        .isEqualTo(Duration.ofMinutes(15));
    Edit late =
        new Edit.Correct(
            start,
            new Running(State.STARTED, Optional.of(now.minusSeconds(60))),
            "later than the stop");
    assertThat(bench.refused(late).reason()).isEqualTo(Reason.TIME_BACKWARDS);
    bench.does(
        new Edit.Correct(
            start,
            new Running(State.STARTED, Optional.of(now.minusSeconds(3_600))),
            "it ran before the step was taken"));
    assertThat(log(bench).ran(now)).isEqualTo(Duration.ofMinutes(55));
    bench.waits(Duration.ofHours(-5));
    assertThat(bench.refused(new Edit.RecordOnStep(RUN, CHARGE)).reason())
        .as("the clock was set back")
        .isEqualTo(Reason.TIME_BACKWARDS);
  }

  @Test
  void aStopStruckLeavesItRunning() {
    Bench bench = does(does(bowl(), START), STOP);
    ReadingId stop = bench.step(2).orElseThrow().readings().getLast().id();
    bench.does(new Edit.Strike(stop, "it still ran"));
    assertThat(log(bench).isRunning()).isTrue();
  }

  @Test
  void aChargeHeavierThanTheLotIsRefused() {
    assertThat(
            bowl().refused(new Edit.RecordOnStep(RUN, new Charge(OptionalDouble.of(800)))).reason())
        .isEqualTo(Reason.HEAVIER_THAN_INPUT);
  }
}
