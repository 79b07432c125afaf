package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ForkJoinPool;
import jugulum.core.check.OutOfRange;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import org.junit.jupiter.api.Test;

/**
 * The account at its edges: nothing known, everything known, nothing won, everything won, more won
 * than was in.
 */
class AccountEdgesTest {
  private static GoldAccount of(Bench bench, GoldMemory memory) {
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network), memory);
  }

  private static GoldAccount of(Bench bench) {
    return of(bench, new GoldMemory());
  }

  /** Lots 2 concentrate, 3 tailings, 4 gold, 5 residue. */
  private static Bench finished() {
    return Bench.started()
        .weighs(1, 10_000)
        .table(1, Material.CONCENTRATE, Material.TAILINGS)
        .weighs(2, 200)
        .weighs(3, 9_790)
        .finishes(2);
  }

  @Test
  void everythingKnownExactlyHasNoRange() {
    Recovery recovery =
        of(finished()
                .measures(4, new KnownGold(750, 0))
                .measures(3, new KnownGold(250, 0))
                .measures(5, new KnownGold(0, 0)))
            .recovery(Against.FOUND)
            .orElseThrow();
    assertThat(recovery.share()).isEqualTo(0.75);
    assertThat(recovery.high() - recovery.low()).isZero();
    assertThat(recovery.endSd()).isZero();
    assertThat(recovery.isSettled()).isTrue();
  }

  @Test
  void everythingWonIsAHundredPercent() {
    Recovery recovery =
        of(finished()
                .measures(4, new GoldWeight(1, 0.001))
                .measures(3, new KnownGold(0, 0))
                .measures(5, new KnownGold(0, 0)))
            .recovery(Against.FOUND)
            .orElseThrow();
    assertThat(recovery.share()).isEqualTo(1);
    assertThat(recovery.low()).isEqualTo(1);
  }

  @Test
  void moreGoldOutThanInIsToldNotHidden() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(2, 0.001))
            .measures(3, new KnownGold(0, 0))
            .measures(5, new KnownGold(0, 0))
            .measures(1, new KnownGold(1_000, 20));
    assertThat(of(bench).recovery(Against.HEAD).orElseThrow().share()).isCloseTo(2, within(0.01));
    assertThat(of(bench).place(Place.Kind.BY_DIFFERENCE)).as("nothing is missing").isEmpty();
  }

  @Test
  void theRangesOwnErrorIsSmallBesideItAndShrinksWithTheDraws() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3, 0.001))
            .measures(3, new SpeckCount(4, 0.05))
            .measures(5, new SpeckCount(0, 1));
    Recovery usual = of(bench).recovery(Against.FOUND).orElseThrow();
    Recovery few = of(bench, new GoldMemory(1_000)).recovery(Against.FOUND).orElseThrow();
    Recovery many = of(bench, new GoldMemory(400_000)).recovery(Against.FOUND).orElseThrow();
    assertThat(usual.isSettled()).isTrue();
    assertThat(usual.endSd() / many.endSd())
        .as("by the root of 20 times as many draws")
        .isCloseTo(Math.sqrt(20), within(2.5));
    assertThat(few.endSd()).isGreaterThan(usual.endSd());
    assertThat(usual.low())
        .as("within its own error, three standard deviations")
        .isCloseTo(many.low(), within(3 * usual.endSd()));
    assertThatThrownBy(() -> new GoldMemory(10))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("draws");
  }

  /** The scatter of the ends over many seeds, against what one account says of itself. */
  @Test
  void theErrorToldIsTheScatterOfTheEnds() {
    List<Draws> drawn = new ArrayList<>();
    for (int seed = 0; seed < 200; seed++) {
      drawn.add(Draws.normal(seed, 100, 10, 4_000));
    }
    double[] lows = drawn.stream().mapToDouble(one -> one.range().lowMg()).toArray();
    double mean = Arrays.stream(lows).average().orElseThrow();
    double sd =
        Math.sqrt(
            Arrays.stream(lows).map(low -> (low - mean) * (low - mean)).sum() / (lows.length - 1));
    double told = drawn.stream().mapToDouble(Draws::endSd).average().orElseThrow();
    assertThat(mean).as("the normal quantile").isCloseTo(100 - 19.6, within(0.2));
    assertThat(told).as("the worse of two ends, so somewhat more").isBetween(0.9 * sd, 1.5 * sd);
  }

  @Test
  void theAnswerDoesNotDependOnTheNumberOfThreads() throws Exception {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3, 0.001))
            .measures(3, new SpeckCount(4, 0.05))
            .measures(1, new Measure.Assay(400, 0.1, 30))
            .measures(5, new SpeckCount(1, 1));
    GoldAccount here = of(bench);
    try (ForkJoinPool four = new ForkJoinPool(4)) {
      assertThat(four.submit(() -> of(bench)).get()).isEqualTo(here);
    }
    try (ForkJoinPool one = new ForkJoinPool(1)) {
      assertThat(one.submit(() -> of(bench)).get()).isEqualTo(here);
    }
  }

  @Test
  void afterTheLastStepTheCumulativeRecoveryIsTheRecovery() {
    Bench bench =
        Bench.started()
            .weighs(1, 8_000)
            .magnet(1)
            .weighs(2, 3_000)
            .weighs(3, 4_980)
            .table(3, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(4, 80)
            .weighs(5, 4_890)
            .finishes(4);
    bench
        .measures(2, new KnownGold(100, 0))
        .measures(5, new KnownGold(300, 0))
        .measures(6, new GoldWeight(1.6, 0))
        .measures(7, new KnownGold(0, 0));
    Network network = Network.of(bench.batch());
    SandAccount sand = SandAccount.of(network);
    GoldMemory memory = new GoldMemory();
    GoldAccount account = GoldAccount.of(network, sand, memory);
    Map<StepId, Recovery> cumulative = GoldDetails.of(network, sand, memory).cumulative();
    assertThat(cumulative.get(new StepId(1)).share()).isEqualTo(1);
    assertThat(cumulative.get(new StepId(2)).share())
        .as("the magnet took 100 of 2,000 mg")
        .isCloseTo(0.95, within(1e-3));
    assertThat(cumulative.get(new StepId(3)).share())
        .as("the table left 300 in the tailings")
        .isCloseTo(0.80, within(1e-3));
    assertThat(cumulative.get(new StepId(4)).share())
        .isCloseTo(account.recovery(Against.FOUND).orElseThrow().share(), within(1e-4));
    assertThat(account.stages().get(new StepId(2)).recovery().orElseThrow().usual())
        .as("the magnet by itself")
        .isCloseTo(0.95, within(1e-3));
    assertThat(account.stages().get(new StepId(3)).recovery().orElseThrow().usual())
        .as("the table by itself")
        .isCloseTo(1_600.0 / 1_900, within(1e-3));
    assertThat(account.stages().get(new StepId(4)).recovery().orElseThrow().usual()).isEqualTo(1);
  }

  @Test
  void everyLotHasItsPlace() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .screens(1, "16", "30")
            .weighs(2, 1_000)
            .table(3, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS)
            .magnet(4);
    assertThat(of(bench).places())
        .extracting(Place::kind)
        .containsExactly(
            Place.Kind.CONCENTRATE,
            Place.Kind.STILL_TO_RUN,
            Place.Kind.MIDDLINGS,
            Place.Kind.MAGNETICS,
            Place.Kind.TAILINGS,
            Place.Kind.OVERSIZE);
  }
}
