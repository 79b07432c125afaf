package jugulum.core.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.gold.GoldAccount;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.Running;
import jugulum.core.ledger.Measure.Setting;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.NetworkCheck;
import jugulum.core.ledger.NetworkFinding;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.passes.NextPass;
import jugulum.core.passes.Removal;
import jugulum.core.screens.Cut;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;
import org.junit.jupiter.api.Test;

class RunsTest {
  private static final Terms TERMS = new Terms(80, 0.95, 20, 6, "", LocalDate.parse("2026-11-01"));

  private static List<Integer> numbers(List<Step> steps) {
    return steps.stream().map(step -> step.id().number()).toList();
  }

  private static List<PastRun> runs(Bench bench) {
    Network network = Network.of(bench.batch());
    SandAccount sand = SandAccount.of(network);
    return PastRun.of(network, sand, GoldAccount.of(network, sand));
  }

  /**
   * Three cuts on one table, the last concentrate on a bowl, the middlings of the first again on
   * the table.
   */
  @Test
  void cutsOfARunAreThoseThatReduceItsConcentrateOnTheSameMachine() {
    Bench bench =
        Bench.started()
            .weighs(1, 5_000)
            .table(1, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
    bench
        .table(2, Material.CONCENTRATE, Material.TAILINGS)
        .table(5, Material.CONCENTRATE, Material.TAILINGS);
    bench.runs(
        new Process.GravityRun(new Machine(Kind.VORTEX_BOWL, "")),
        List.of(7),
        Material.CONCENTRATE,
        Material.TAILINGS);
    bench.table(3, Material.CONCENTRATE, Material.TAILINGS);
    Network network = Network.of(bench.batch());
    for (int step : List.of(2, 3, 4)) {
      assertThat(numbers(Reductions.cuts(network, bench.step(step).orElseThrow())))
          .containsExactly(2, 3, 4);
    }
    assertThat(numbers(Reductions.cuts(network, bench.step(5).orElseThrow()))).containsExactly(5);
    assertThat(numbers(Reductions.cuts(network, bench.step(6).orElseThrow())))
        .as("middlings are no cut")
        .containsExactly(6);
    assertThat(numbers(Reductions.repeats(network, bench.step(2).orElseThrow())))
        .containsExactly(2);
  }

  /**
   * Three runs over the same tailings that win as many mean specks as Zippin's published removal
   * series (from memory): 165, 101, 54.
   */
  private static Bench repeated() {
    double mg =
        Speck.of(Cut.ALL, Assumptions.USUAL.flatness(), Assumptions.USUAL.goldDensity()).meanMg();
    Bench bench = Bench.started().weighs(1, 8_000);
    int tailings = 1;
    int next = 2;
    for (double specks : List.of(165.0, 101.0, 54.0)) {
      bench
          .table(tailings, Material.CONCENTRATE, Material.TAILINGS)
          .measures(next, new KnownGold(specks * mg, 0));
      tailings = next + 1;
      next += 2;
    }
    return bench;
  }

  @Test
  void repeatedRunsTellWhatTheNextOneWins() {
    Bench bench = repeated();
    Network network = Network.of(bench.batch());
    GoldAccount gold = GoldAccount.of(network, SandAccount.of(network));
    NextPass next =
        NextRun.of(bench.step(3).orElseThrow(), network, gold, Optional.of(TERMS), StopRule.USUAL)
            .orElseThrow();
    assertThat(next.removal().state()).isEqualTo(Removal.State.DECLINING);
    assertThat(next.removal().estimate().orElseThrow())
        .as("Zippin reads about 400 where all are alike")
        .isCloseTo(414.831, within(0.05));
    assertThat(next.verdict()).isEqualTo(NextPass.Verdict.GO_ON);
    assertThat(next.money()).as("nobody timed a run").isEmpty();
  }

  @Test
  void timedRunsTellWhatTheNextOneCosts() {
    Bench bench = repeated();
    for (int step : List.of(2, 3, 4)) {
      StepId id = new StepId(step);
      bench
          .does(new Edit.RecordOnStep(id, new Running(Running.State.STARTED)))
          .waits(Duration.ofMinutes(29));
      bench.does(new Edit.RecordOnStep(id, new Running(Running.State.STOPPED)));
    }
    Network network = Network.of(bench.batch());
    GoldAccount gold = GoldAccount.of(network, SandAccount.of(network));
    NextPass next =
        NextRun.of(bench.step(2).orElseThrow(), network, gold, Optional.of(TERMS), StopRule.USUAL)
            .orElseThrow();
    assertThat(next.minutes()).hasValue(30);
    assertThat(next.money().orElseThrow().costs()).isCloseTo(10, within(1e-9));
    assertThat(runs(bench).getFirst().minutes()).hasValue(30);
  }

  @Test
  void aRunUnwatchedInBetweenTellsNothing() {
    Bench bench =
        Bench.started()
            .weighs(1, 8_000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .measures(2, new KnownGold(40, 0));
    bench.table(3, Material.CONCENTRATE, Material.TAILINGS);
    Network network = Network.of(bench.batch());
    GoldAccount gold = GoldAccount.of(network, SandAccount.of(network));
    assertThat(
            NextRun.of(
                bench.step(3).orElseThrow(), network, gold, Optional.of(TERMS), StopRule.USUAL))
        .isEmpty();
  }

  private static Bench run(double wonMg, double lostMg, double tilt) {
    Bench bench =
        Bench.started()
            .weighs(1, 5_000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(2, 50)
            .weighs(3, 4_950);
    bench.measures(2, new KnownGold(wonMg, 0)).measures(3, new KnownGold(lostMg, 0));
    return bench
        .does(new Edit.RecordOnStep(new StepId(2), new Setting("tilt", 9)))
        .does(new Edit.RecordOnStep(new StepId(2), new Setting("tilt", tilt)));
  }

  @Test
  void aRunIsKeptWithItsSettingsBesideItsResults() {
    PastRun run = runs(run(900, 99, 2.5)).getFirst();
    assertThat(run.settings()).containsExactly(Map.entry("tilt", 2.5));
    assertThat(run.isTold()).isTrue();
    assertThat(run.fedG()).hasValue(5_000);
    assertThat(run.stage().ratio()).hasValue(100);
    assertThat(run.tailingsGrade().orElseThrow()).isCloseTo(20, within(1e-9));
    assertThat(run.minutes()).isEmpty();
  }

  @Test
  void aRerunThatWouldFeedItselfIsRefused() {
    Bench bench =
        Bench.started()
            .weighs(1, 5_000)
            .table(1, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS)
            .table(3, Material.CONCENTRATE, Material.TAILINGS);
    Process table = new Process.GravityRun(new Machine(Kind.SHAKER_TABLE, ""));
    List<Edit.NewLot> ports = List.of(new Edit.NewLot(Material.CONCENTRATE, Cut.ALL, ""));
    assertThat(bench.refused(new Edit.TakeStep(table, List.of(new LotId(3)), ports)).reason())
        .as("middlings that went round")
        .isEqualTo(Reason.LOT_ALREADY_TAKEN);
    assertThat(
            bench
                .refused(new Edit.TakeStep(table, List.of(new LotId(5), new LotId(5)), ports))
                .reason())
        .isEqualTo(Reason.LOT_ALREADY_TAKEN);
    assertThat(bench.refused(new Edit.TakeStep(table, List.of(new LotId(99)), ports)).reason())
        .as("what the run itself would make")
        .isEqualTo(Reason.NO_SUCH_LOT);
    assertThat(bench.refused(new Edit.TakeStep(table, List.of(new LotId(5)), List.of())).reason())
        .isEqualTo(Reason.NO_OUTPUT);
  }

  /** A file from elsewhere whose tailings are fed back into the run that makes them. */
  @Test
  void aFileWhoseRunFeedsItselfIsFound() {
    Bench bench = Bench.started().table(1, Material.CONCENTRATE, Material.TAILINGS);
    Step run = bench.step(2).orElseThrow();
    Step loop =
        new Step(
            run.id(),
            run.process(),
            List.of(new LotId(1), new LotId(3)),
            run.outputs(),
            List.of(),
            List.of(),
            run.startedAt(),
            Optional.empty(),
            Optional.empty());
    Batch batch = bench.batch();
    Batch looped =
        new Batch(
            batch.id(),
            batch.label(),
            batch.assumptions(),
            batch.lots(),
            List.of(batch.steps().getFirst(), loop),
            false,
            Optional.empty());
    assertThat(NetworkCheck.findings(looped))
        .extracting(NetworkFinding::kind)
        .contains(NetworkFinding.Kind.LOT_TAKEN_BEFORE_MADE);
  }
}
