package jugulum.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.StepId;
import jugulum.core.pool.Later;
import jugulum.core.pool.Pool;
import jugulum.core.pool.PoolShare;
import jugulum.core.pool.Pools;
import jugulum.core.season.PoolAccount.Group;
import jugulum.core.shop.Shop;
import org.junit.jupiter.api.Test;

/** What comes out of a pool is carried back to what went in. */
class PoolAccountTest {
  private static final Machine DECK = new Machine(Machine.Kind.SHAKER_TABLE, "long deck");

  private static PoolPart part(BatchResult of, double kg, OptionalDouble mgPerKg) {
    return part(of, 5, kg, mgPerKg);
  }

  private static PoolPart part(BatchResult of, int lot, double kg, OptionalDouble mgPerKg) {
    return new PoolPart(
        of.id(),
        new LotId(lot),
        of.name(),
        of.source(),
        Material.TAILINGS,
        Optional.of(new StepId(1)),
        Optional.of(DECK),
        kg * 1000,
        mgPerKg);
  }

  private static BatchResult pool(double wonMg, double hours, List<PoolPart> parts) {
    BatchResult one = MadeUp.batch("", wonMg, hours);
    return new BatchResult(
        one.id(),
        "autumn pool",
        "",
        one.received(),
        true,
        one.feedG(),
        one.won(),
        one.fineness(),
        one.share(),
        false,
        0,
        one.minutes(),
        List.of(),
        parts);
  }

  private static final BatchResult ALDER = MadeUp.batch("Alder bend", 1500, 10);
  private static final BatchResult BRIAR = MadeUp.batch("Briar flat", 400, 5);
  private static final BatchResult CLEFT = MadeUp.batch("Cleft pool", 900, 5);
  private static final BatchResult POOL =
      pool(
          180,
          2.5,
          List.of(
              part(ALDER, 4, OptionalDouble.of(30)),
              part(BRIAR, 2.5, OptionalDouble.of(12)),
              part(CLEFT, 6, OptionalDouble.empty())));
  private static final List<BatchResult> ALL = List.of(ALDER, BRIAR, CLEFT, POOL);

  private static PoolAccount account() {
    return PoolAccount.of(ALL, Season.NOTHING).getFirst();
  }

  /** 4, 2.5 and 6 kg at 30, 12 and unknown mg/kg, 180 mg won. */
  @Test
  void goldIsSharedByWhatWasExpected() {
    List<PoolShare> shares = account().shares();
    assertThat(shares.get(2).mgPerKg()).isCloseTo(19.0, within(0.05));
    assertThat(shares).extracting(PoolShare::isJudged).containsExactly(false, false, true);
    assertThat(shares.get(0).milligrams()).isCloseTo(81.9, within(0.05));
    assertThat(shares.get(1).milligrams()).isCloseTo(20.5, within(0.05));
    assertThat(shares.get(2).milligrams()).isCloseTo(77.7, within(0.05));
    assertThat(shares.get(0).byMassMg()).isCloseTo(57.6, within(1e-9));
    assertThat(shares.get(1).byMassMg()).isCloseTo(36, within(1e-9));
    assertThat(shares.get(2).byMassMg()).isCloseTo(86.4, within(1e-9));
    assertThat(shares.get(0).minutes()).as("hours by mass").isCloseTo(48, within(1e-9));
  }

  @Test
  void whatWasPassedOverIsToldByBatchSourceAndMethod() {
    PoolAccount one = account();
    assertThat(one.byBatch())
        .extracting(group -> Math.round(1000 * group.passedOver().orElseThrow().usual()) / 10.0)
        .containsExactly(5.2, 4.9, 7.9);
    assertThat(one.bySource()).extracting(Group::name).contains("Alder bend");
    assertThat(one.byMethod()).hasSize(1);
    Group method = one.byMethod().getFirst();
    assertThat(method.milligrams().usual()).isCloseTo(180, within(1e-9));
    assertThat(method.passedOver()).as("no run of theirs is known").isEmpty();
  }

  @Test
  void ofAMethodTheStepsThatMadeThePartsCountOnce() {
    PartingStep run = MadeUp.part(MadeUp.DAY, 2, 500);
    BatchResult batch = MadeUp.batch("Alder bend", MadeUp.DAY, 450, 4, List.of(run));
    BatchResult pool =
        pool(
            20,
            1,
            List.of(
                part(batch, 5, 4, OptionalDouble.of(3)), part(batch, 6, 2, OptionalDouble.of(4))));
    Group method =
        PoolAccount.of(List.of(batch, pool), Season.NOTHING).getFirst().byMethod().getFirst();
    assertThat(method.wonMg()).isCloseTo(run.wonMg(), within(1e-9));
    assertThat(method.passedOver().orElseThrow().usual())
        .isCloseTo(20 / (run.wonMg() + 20), within(1e-12));
  }

  @Test
  void aClosedBatchGetsItWithBothEnds() {
    Later later = PoolAccount.pools(ALL).later(ALDER.id());
    assertThat(later.milligrams().low()).isCloseTo(57.6, within(1e-9));
    assertThat(later.milligrams().usual()).isCloseTo(81.9, within(0.05));
    assertThat(later.milligrams().high()).isEqualTo(later.milligrams().usual());
    assertThat(later.passedOver(1500).usual()).isCloseTo(0.052, within(5e-4));
    assertThat(later.pools()).containsExactly("autumn pool");
    assertThat(PoolAccount.pools(ALL).later(POOL.id()).isAny()).isFalse();
  }

  /** Gold of a pool is its sources' gold: told with their batches, and not beside them. */
  @Test
  void aSourceGetsWhatWasWonLaterAndThePoolIsNoSource() {
    SeasonAccount season =
        SeasonAccount.of(
            ALL, Season.NOTHING, Shop.USUAL, OptionalInt.empty(), java.time.ZoneOffset.UTC);
    List<SourceRate> rates = season.rates(SourceRate.Of.HOUR);
    assertThat(rates)
        .extracting(SourceRate::source)
        .containsExactlyInAnyOrder("Alder bend", "Briar flat", "Cleft pool");
    SourceRate alder =
        rates.stream().filter(one -> one.source().equals("Alder bend")).findFirst().orElseThrow();
    assertThat(alder.wonMg()).isCloseTo(1581.9, within(0.05));
    assertThat(alder.spent()).isCloseTo(10.8, within(1e-9));
    assertThat(season.sum().wonMg()).as("counted once").isCloseTo(2980, within(1e-9));
    assertThat(season.pools()).hasSize(1);
  }

  /** What was run before says nothing of habits and of machines over time. */
  @Test
  void runsOfAPoolAreNotComparedWithOthers() {
    PartingStep run = MadeUp.part(MadeUp.DAY, 2, 500);
    BatchResult washed = MadeUp.batch("Alder bend", MadeUp.DAY, 450, 4, List.of(run));
    BatchResult again = MadeUp.batch("", MadeUp.DAY.plusDays(9), 20, 1, List.of(run));
    BatchResult pool =
        new BatchResult(
            again.id(),
            "pool",
            "",
            again.received(),
            true,
            again.feedG(),
            again.won(),
            again.fineness(),
            again.share(),
            false,
            0,
            again.minutes(),
            again.parts(),
            List.of(part(washed, 4, OptionalDouble.of(3))));
    SeasonAccount season =
        SeasonAccount.of(
            List.of(washed, pool),
            Season.NOTHING,
            Shop.USUAL,
            OptionalInt.empty(),
            java.time.ZoneOffset.UTC);
    assertThat(season.tracks())
        .allSatisfy(
            track -> assertThat(track.seen()).noneMatch(seen -> seen.batch().equals("pool")));
    assertThat(season.batches()).hasSize(2);
  }

  /** What a pool let go went into another: carried back through both, and nothing is lost. */
  @Test
  void poolsInPools() {
    BatchResult first =
        pool(
            100,
            1,
            List.of(part(ALDER, 2, OptionalDouble.of(10)), part(BRIAR, 2, OptionalDouble.of(30))));
    BatchResult second =
        pool(
            40,
            1,
            List.of(part(first, 3, OptionalDouble.of(5)), part(CLEFT, 1, OptionalDouble.of(5))));
    Pools pools = PoolAccount.pools(List.of(ALDER, BRIAR, CLEFT, first, second));
    assertThat(pools.later(first.id()).milligrams().usual()).isCloseTo(30, within(1e-9));
    assertThat(pools.later(ALDER.id()).milligrams().usual()).isCloseTo(32.5, within(1e-9));
    assertThat(pools.later(BRIAR.id()).milligrams().usual()).isCloseTo(97.5, within(1e-9));
    assertThat(pools.later(CLEFT.id()).milligrams().usual()).isCloseTo(10, within(1e-9));
  }

  /** Only a file that was tampered with leads in a circle. */
  @Test
  void aCircleGivesNothingAndEnds() {
    BatchId one = ALDER.id();
    BatchId two = BRIAR.id();
    Pools pools =
        Pools.of(
            List.of(
                new Pool(one, "a", List.of(part(BRIAR, 1, OptionalDouble.of(1)))),
                new Pool(two, "b", List.of(part(ALDER, 1, OptionalDouble.of(1))))),
            Map.of(one, new Pools.Gave(10, 1), two, new Pools.Gave(20, 1)));
    assertThat(pools.later(one).milligrams().usual()).isCloseTo(20, within(1e-9));
  }

  @Test
  void sharesAlwaysAddUp() {
    SplittableRandom random = new SplittableRandom(7);
    for (int run = 0; run < 500; run++) {
      List<PoolPart> parts = new ArrayList<>();
      int many = 1 + random.nextInt(12);
      IntStream.range(0, many)
          .forEach(
              i ->
                  parts.add(
                      part(
                          ALDER,
                          i + 1,
                          random.nextDouble(0.01, 30),
                          random.nextInt(3) == 0
                              ? OptionalDouble.empty()
                              : OptionalDouble.of(
                                  random.nextInt(5) == 0 ? 0 : random.nextDouble(400)))));
      double won = random.nextDouble(5000);
      List<PoolShare> shares = PoolShare.of(parts, won, 90);
      assertThat(shares.stream().mapToDouble(PoolShare::milligrams).sum())
          .isCloseTo(won, within(1e-9 * Math.max(1, won)));
      assertThat(shares.stream().mapToDouble(PoolShare::byMassMg).sum())
          .isCloseTo(won, within(1e-9 * Math.max(1, won)));
      assertThat(shares).allMatch(share -> share.milligrams() >= 0 && share.byMassMg() >= 0);
    }
  }

  @Test
  void whereNobodySawAnythingMassIsAllThereIs() {
    List<PoolShare> shares =
        PoolShare.of(
            List.of(part(ALDER, 1, OptionalDouble.of(0)), part(BRIAR, 3, OptionalDouble.empty())),
            40,
            0);
    assertThat(shares).extracting(PoolShare::milligrams).containsExactly(10.0, 30.0);
    assertThatThrownBy(() -> PoolShare.of(List.of(part(ALDER, 1, OptionalDouble.of(1))), -1, 0))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> part(ALDER, Double.NaN, OptionalDouble.of(1)))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> part(ALDER, 1, OptionalDouble.of(Double.NaN)))
        .isInstanceOf(OutOfRange.class);
  }
}
