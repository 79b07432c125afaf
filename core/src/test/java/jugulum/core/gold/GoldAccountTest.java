package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.gold.Recovery.Against;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Assay;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;
import jugulum.core.specks.Speck;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.junit.jupiter.api.Test;

class GoldAccountTest {
  private static GoldAccount of(Bench bench) {
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network));
  }

  /** One table run, finished: lots 2 concentrate, 3 tailings, 4 gold, 5 residue. */
  private static Bench finished() {
    return Bench.started()
        .weighs(1, 10_000)
        .table(1, Material.CONCENTRATE, Material.TAILINGS)
        .weighs(2, 200)
        .weighs(3, 9_790)
        .finishes(2);
  }

  @Test
  void withoutAnyEvidenceNothingIsSaid() {
    GoldAccount account = of(Bench.started());
    assertThat(account.won()).isEmpty();
    assertThat(account.recoveries()).isEmpty();
    assertThat(account.place(Place.Kind.STILL_TO_RUN).orElseThrow().notLookedAt())
        .containsExactly(new LotId(1));
  }

  @Test
  void againstTheGoldFoundIsAtMostWhileALotWasNotLookedAt() {
    Recovery recovery =
        of(finished().measures(4, new GoldWeight(3, 0.001)).measures(3, new KnownGold(1000, 0)))
            .recovery(Against.FOUND)
            .orElseThrow();
    assertThat(recovery.share()).isCloseTo(0.75, within(0.001));
    assertThat(recovery.isAtMost()).isTrue();
    assertThat(recovery.notLookedAt()).containsExactly(new LotId(5));
  }

  @Test
  void withEveryLotKnownTheRangeIsThatOfTheReadings() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3, 0))
            .measures(3, new KnownGold(1000, 0))
            .measures(5, new KnownGold(0, 0));
    Recovery recovery = of(bench).recovery(Against.FOUND).orElseThrow();
    assertThat(recovery.isAtMost()).isFalse();
    double sd = 0.75 * 0.25 * 0.001;
    assertThat(recovery.low())
        .as("delta method, JCGM 100, 5.1.2")
        .isCloseTo(0.75 - 1.96 * sd, within(0.1 * sd));
    assertThat(recovery.high()).isCloseTo(0.75 + 1.96 * sd, within(0.1 * sd));
  }

  @Test
  void nothingWonIsARecoveryOfZeroAndNothingAnywhereIsNoRecovery() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(0, 0))
            .measures(3, new KnownGold(50, 0))
            .measures(5, new KnownGold(0, 0));
    assertThat(of(bench).recovery(Against.FOUND).orElseThrow().share()).isZero();
    Bench none =
        finished()
            .measures(4, new GoldWeight(0, 0))
            .measures(3, new KnownGold(0, 0))
            .measures(5, new KnownGold(0, 0));
    assertThat(of(none).recovery(Against.FOUND).orElseThrow().share()).isZero();
  }

  /**
   * A count n in a share s is gamma(n + ½) ÷ s, by the library's distribution; flatness and sizes
   * widen it by their own spread.
   */
  @Test
  void countedSpecksCarryTheirPoissonSpreadAndThatOfTheirMasses() {
    GoldRange gold =
        of(finished().measures(3, new SpeckCount(4, 0.05))).known(new LotId(3)).orElseThrow();
    Speck speck = Speck.of(Cut.ALL, 0.3, 17.5);
    double mean = 4.5 * speck.meanMg() / 0.05;
    GammaDistribution expected = new GammaDistribution(4.5, speck.meanMg() / 0.05);
    assertThat(gold.milligrams()).isCloseTo(mean, within(0.03 * mean));
    double counted =
        Math.log(
            expected.inverseCumulativeProbability(0.975)
                / expected.inverseCumulativeProbability(0.025));
    double mass = 2 * 1.96 * speck.logSd();
    double sizes = 2 * 1.96 * Math.sqrt(Math.log1p(speck.variance() / 4.5));
    assertThat(Math.log(gold.highMg() / gold.lowMg()))
        .isCloseTo(Math.sqrt(counted * counted + mass * mass + sizes * sizes), within(0.3));
  }

  @Test
  void seeingNoSpeckIsNeverZeroGold() {
    GoldRange gold =
        of(finished().measures(3, new SpeckCount(0, 0.05))).known(new LotId(3)).orElseThrow();
    assertThat(gold.highMg()).isPositive();
  }

  @Test
  void theGoldWonIsTheMeanOfItsWeighingsToTheLastDigit() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3.001, 0.001))
            .measures(4, new GoldWeight(3.004, 0.001));
    assertThat(of(bench).won().orElseThrow().milligrams()).isCloseTo(3_002.5, within(1e-9));
  }

  @Test
  void aMemoryOfTheLastAccountChangesNothing() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3, 0.001))
            .measures(3, new SpeckCount(4, 0.05))
            .measures(1, new Assay(400, 0.1, 30));
    GoldMemory memory = new GoldMemory();
    with(bench, memory);
    bench.measures(3, new SpeckCount(9, 0.05)).measures(4, new Measure.Fineness(0.85, 0.01));
    assertThat(with(bench, memory)).isEqualTo(of(bench));
    bench.undo().undo();
    assertThat(with(bench, memory)).isEqualTo(of(bench));
  }

  private static GoldAccount with(Bench bench, GoldMemory memory) {
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network), memory);
  }

  @Test
  void assaysTellFineGoldAndAreTurnedToNative() {
    Bench bench =
        finished().measures(4, new GoldWeight(3, 0.001)).measures(4, new Measure.Fineness(0.8, 0));
    bench.measures(1, new Assay(400, 0, 1_000));
    GoldAccount account = of(bench);
    assertThat(account.finenessMeasured()).isTrue();
    assertThat(account.head().orElseThrow().milligrams())
        .as("400 g/t of 10 kg, 800 fine")
        .isCloseTo(5_000, within(50.0));
    assertThat(account.recovery(Against.HEAD).orElseThrow().share()).isCloseTo(0.6, within(0.01));
    assertThat(account.recovery(Against.HEAD).orElseThrow().isAtMost()).isFalse();
    assertThat(account.recovery(Against.BOTH))
        .as("the gold found is only a part while lots were not looked at")
        .isEmpty();
    assertThat(account.place(Place.Kind.BY_DIFFERENCE).orElseThrow().gold().milligrams())
        .isCloseTo(2_000, within(60.0));
  }

  @Test
  void bothMeasuresCombineByTheirVariance() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3, 0.001))
            .measures(3, new KnownGold(1_000, 50))
            .measures(5, new KnownGold(0, 0));
    bench.measures(1, new KnownGold(5_000, 500));
    GoldAccount account = of(bench);
    double both = account.recovery(Against.BOTH).orElseThrow().share();
    assertThat(both)
        .isBetween(
            account.recovery(Against.HEAD).orElseThrow().share(),
            account.recovery(Against.FOUND).orElseThrow().share());
    assertThat(both).as("the tighter one weighs more").isCloseTo(0.748, within(0.004));
  }

  @Test
  void passesOfTheMagnetTellWhatIsStillCaught() {
    Bench bench = Bench.started().weighs(1, 8_000).magnet(1);
    for (int[] pass : new int[][] {{4_316, 212, 46}, {4_104, 71, 21}, {4_033, 30, 9}}) {
      Measure.Pass.From from = pass[2] == 46 ? Measure.Pass.From.SAND : Measure.Pass.From.HEAP;
      bench.does(
          new Edit.RecordOnStep(new StepId(2), new Measure.Pass(from, pass[0], pass[1], pass[2])));
    }
    GoldRange caught = of(bench).known(new LotId(2)).orElseThrow();
    double speckMg = Speck.of(Cut.ALL, 0.3, 17.5).meanMg();
    assertThat(caught.lowMg() / speckMg).isBetween(0.1, 1.3);
    assertThat(caught.highMg() / speckMg)
        .as("34.97 specks, and the doubt of their mass: no screen tells their sizes")
        .isBetween(33.0, 90.0);
  }

  @Test
  void recoveryByCutOnlyWhereTheGoldWasKeptApart() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .screens(1, "30")
            .weighs(2, 6_000)
            .weighs(3, 3_990)
            .finishes(2)
            .finishes(3);
    bench
        .measures(4, new GoldWeight(1.2, 0.001))
        .measures(5, new KnownGold(0, 0))
        .measures(6, new GoldWeight(0.8, 0.001))
        .measures(7, new KnownGold(200, 0));
    assertThat(of(bench).byCut()).hasSize(2);
    assertThat(of(bench).byCut().get(bench.lot(3).cut()).share()).isCloseTo(0.8, within(0.001));
  }

  @Test
  void theSameBatchGivesTheSameFigures() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3, 0.001))
            .measures(3, new SpeckCount(4, 0.05))
            .measures(1, new Assay(400, 0.1, 30));
    assertThat(of(bench)).isEqualTo(of(bench));
  }
}
