package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import jugulum.core.check.Band;
import jugulum.core.gold.Stage.Bound;
import jugulum.core.gold.TwoProduct.Grade;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.PannedSample.Seen;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.specks.Speck;
import org.junit.jupiter.api.Test;

class StagesTest {
  private static Stage stage(Bench bench, int step) {
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network)).stages().get(new StepId(step));
  }

  /** One table run: lots 2 concentrate, 3 tailings. */
  private static Bench table(double inG, double concentrateG, double tailingsG) {
    return Bench.started()
        .weighs(1, inG)
        .table(1, Material.CONCENTRATE, Material.TAILINGS)
        .weighs(2, concentrateG)
        .weighs(3, tailingsG);
  }

  /**
   * Wills and Finch's worked example with the uncertainties of JCGM 100:2008, 5.1.2: R 81.74 %, K
   * 38.23, enrichment 31.25, u(R) 0.00656. Grades in mg/g, weights that fit them.
   */
  @Test
  void theDrawsAgreeWithTheTwoProductFormulaAndItsUncertainty() {
    double concentrateG = 1_000 / 38.2308;
    double tailingsG = 1_000 - concentrateG;
    Bench bench = table(1_000, concentrateG, tailingsG);
    bench
        .measures(1, new KnownGold(800, 10))
        .measures(2, new KnownGold(25 * concentrateG, 0.25 * concentrateG))
        .measures(3, new KnownGold(0.150 * tailingsG, 0.005 * tailingsG));
    Stage stage = stage(bench, 2);
    assertThat(stage.ratio().orElseThrow()).isCloseTo(38.23, within(0.005));
    assertThat(stage.enrichment().orElseThrow().usual()).isCloseTo(31.25, within(0.1));
    Stage.Balance balance = stage.balance().orElseThrow();
    TwoProduct formula =
        TwoProduct.of(new Grade(0.80, 0.01), new Grade(25, 0.25), new Grade(0.150, 0.005));
    assertThat(balance.twoProduct().usual()).isCloseTo(formula.recovery(), within(0.0005));
    assertThat(balance.twoProduct().high() - balance.twoProduct().low())
        .isCloseTo(2 * 1.96 * formula.recoverySd(), within(0.001));
    assertThat(balance.checkedOut().usual()).isCloseTo(formula.recovery(), within(0.001));
    assertThat(balance.disagrees()).isFalse();
  }

  /**
   * 3,000 runs one after the other, each over the tailings of the one before, on a thread with a
   * small stack.
   */
  @Test
  void noChainOfRunsIsTooLong() throws InterruptedException {
    int runs = 3_000;
    Process table = new Process.GravityRun(new Machine(Machine.Kind.SHAKER_TABLE, ""));
    Instant at = Instant.parse("2026-03-02T08:00:00Z");
    List<Lot> lots =
        new ArrayList<>(List.of(new Lot(new LotId(1), Material.FEED, Cut.ALL, "", List.of())));
    List<Step> steps =
        new ArrayList<>(
            List.of(
                new Step(
                    new StepId(1),
                    new Process.Receive(),
                    List.of(),
                    List.of(new LotId(1)),
                    List.of(),
                    List.of(),
                    at,
                    Optional.empty(),
                    Optional.empty())));
    for (int i = 0; i < runs; i++) {
      LotId taken = new LotId(i == 0 ? 1 : 2 * i + 1);
      LotId won = new LotId(2 * i + 2);
      LotId left = new LotId(2 * i + 3);
      lots.add(new Lot(won, Material.CONCENTRATE, Cut.ALL, "", List.of()));
      Reading known =
          new Reading(
              new ReadingId(1), at, new KnownGold(5, 0), Optional.empty(), Optional.empty());
      lots.add(
          new Lot(
              left, Material.TAILINGS, Cut.ALL, "", i == runs - 1 ? List.of(known) : List.of()));
      steps.add(
          new Step(
              new StepId(i + 2),
              table,
              List.of(taken),
              List.of(won, left),
              List.of(),
              List.of(),
              at,
              Optional.empty(),
              Optional.empty()));
    }
    Batch started = Bench.started().batch();
    Network network =
        Network.of(
            new Batch(
                started.id(),
                started.label(),
                started.assumptions(),
                lots,
                steps,
                false,
                Optional.empty()));
    AtomicReference<GoldAccount> account = new AtomicReference<>();
    Thread small =
        new Thread(
            null,
            () ->
                account.set(
                    GoldAccount.of(network, SandAccount.of(network), new GoldMemory(1_000))),
            "small",
            128 * 1024);
    small.start();
    small.join();
    assertThat(account.get()).as("it came to an end").isNotNull();
    assertThat(account.get().stages()).hasSize(runs);
    assertThat(account.get().stages().get(new StepId(2)).left().orElseThrow().milligrams())
        .isEqualTo(5);
  }

  @Test
  void weightsThatDoNotFitTheGradesAreTold() {
    Bench bench =
        table(1_000, 60, 940)
            .measures(1, new KnownGold(800, 10))
            .measures(2, new KnownGold(1_500, 15))
            .measures(3, new KnownGold(140, 5));
    Stage.Balance balance = stage(bench, 2).balance().orElseThrow();
    assertThat(balance.checkedOut().usual()).as("more out than in").isGreaterThan(1.5);
    assertThat(balance.twoProduct().usual()).isBetween(0.8, 0.85);
    assertThat(balance.disagrees()).isTrue();
    assertThat(balance.difference().high()).isLessThan(-0.9);
  }

  @Test
  void whatWentOnIsWhatWasFoundInAllThatWasMadeOfIt() {
    Bench bench =
        table(10_000, 200, 9_790)
            .measures(3, new KnownGold(100, 0))
            .finishes(2)
            .measures(4, new GoldWeight(0.85, 0))
            .measures(5, new KnownGold(50, 0));
    Stage stage = stage(bench, 2);
    assertThat(stage.bound()).isEqualTo(Bound.TOLD);
    assertThat(stage.won().orElseThrow().milligrams()).isCloseTo(900, within(0.5));
    assertThat(stage.recovery().orElseThrow().usual()).isCloseTo(0.9, within(0.001));
    assertThat(stage.enrichment().orElseThrow().usual()).isCloseTo(45, within(0.1));
    assertThat(stage.fed()).as("nobody looked at the feed itself").isEmpty();
    assertThat(stage.balance()).isEmpty();
  }

  @Test
  void whatNobodyLookedAtBoundsTheRecovery() {
    Bench bench = table(10_000, 200, 9_790);
    assertThat(stage(bench, 2).recovery()).isEmpty();
    bench.measures(2, new KnownGold(500, 5));
    assertThat(stage(bench, 2).bound()).isEqualTo(Bound.AT_MOST);
    assertThat(stage(bench, 2).notLookedAt()).containsExactly(new LotId(3));
    bench.finishes(2).measures(4, new GoldWeight(0.4, 0.001));
    assertThat(stage(bench, 2).won().orElseThrow().milligrams())
        .as("its own evidence while the residue is unseen")
        .isCloseTo(500, within(1.0));
    Bench other =
        table(10_000, 200, 9_790)
            .measures(3, new KnownGold(50, 0))
            .finishes(2)
            .measures(4, new GoldWeight(0.4, 0.001));
    assertThat(stage(other, 2).bound()).isEqualTo(Bound.AT_LEAST);
    Bench both = table(10_000, 200, 9_790).finishes(2).measures(4, new GoldWeight(0.4, 0.001));
    assertThat(stage(both, 2).bound()).isEqualTo(Bound.OPEN);
    assertThat(stage(both, 2).recovery()).as("unseen on either side").isEmpty();
  }

  /** Of lots put together nobody can say afterwards which the gold came from. */
  @Test
  void joinedMiddlingsAreToldByALookBeforeTheyWereJoined() {
    Bench bench =
        Bench.started()
            .weighs(1, 8_000)
            .table(1, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
    bench.measures(2, new KnownGold(700, 0)).measures(4, new KnownGold(100, 0));
    bench.runs(new Process.Splitting(), List.of(3), Material.PART, Material.PART);
    bench
        .runs(new Process.Merging(), List.of(5, 6), Material.MERGED)
        .measures(7, new KnownGold(200, 0));
    assertThat(stage(bench, 2).notLookedAt()).containsExactly(new LotId(5), new LotId(6));
    bench.measures(3, new KnownGold(200, 0));
    Stage stage = stage(bench, 2);
    assertThat(stage.bound()).isEqualTo(Bound.TOLD);
    assertThat(stage.again().orElseThrow().milligrams()).isEqualTo(200);
    assertThat(stage.recovery().orElseThrow().usual()).isCloseTo(0.7, within(1e-9));
  }

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private static double tailingsMg(Bench bench) {
    return stage(bench, 2).left().orElseThrow().milligrams();
  }

  @Test
  void aSampleCountedByCutTellsMoreThanOneNumber() {
    Cut coarse = cut("30", "50");
    Cut fine = cut("50", "100");
    Bench bench =
        table(5_000, 20, 4_900)
            .measures(3, new PannedSample(245, List.of(new Seen(coarse, 2), new Seen(fine, 8))));
    double perShare = 4_900.0 / 245;
    double expected =
        perShare
            * (2.25 * Speck.of(coarse, 0.3, 17.5).meanMg()
                + 8.25 * Speck.of(fine, 0.3, 17.5).meanMg());
    assertThat(tailingsMg(bench)).isCloseTo(expected, within(0.03 * expected));
    bench.measures(3, new PannedSample(245, List.of(new Seen(coarse, 0), new Seen(fine, 0))));
    assertThat(tailingsMg(bench))
        .as("two samples count together")
        .isCloseTo(expected / 2, within(0.03 * expected));
  }

  @Test
  void aSampleWithoutASpeckStillLeavesARange() {
    Bench bench =
        table(5_000, 20, 4_900)
            .measures(2, new KnownGold(500, 1))
            .measures(3, new PannedSample(49, List.of(new Seen(cut("30", "50"), 0))));
    GoldRange left = stage(bench, 2).left().orElseThrow();
    assertThat(left.highMg())
        .as(
            "one-sided 3.689 specks of the two-sided Garwood range, half of that by the gamma"
                + " draws, and their mass")
        .isGreaterThan(30);
    assertThat(left.milligrams()).isPositive();
    Band recovery = stage(bench, 2).recovery().orElseThrow();
    assertThat(recovery.high()).isLessThan(1.0001);
    assertThat(recovery.low()).isLessThan(0.95);
  }

  @Test
  void aSampleOfALotNobodyWeighedTellsNothingYet() {
    Bench bench =
        Bench.started()
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .measures(3, new PannedSample(50, List.of(new Seen(Cut.ALL, 3))));
    assertThat(stage(bench, 2).left()).isEmpty();
    bench.weighs(3, 900).measures(3, new SpeckCount(1, 0.1));
    assertThat(stage(bench, 2).left()).isPresent();
  }
}
