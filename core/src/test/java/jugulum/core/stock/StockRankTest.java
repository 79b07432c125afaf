package jugulum.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.stock.StockRank.Ranked;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.distribution.continuous.LogNormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StockRankTest {
  private static final Cut FINE =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));
  private static final Shop SHOP =
      Shop.USUAL
          .with(new Terms(100, 0.95, 20, 6, "", LocalDate.of(2026, 1, 1)))
          .with(
              new Gear(
                  "garden bowl",
                  Machine.Kind.VORTEX_BOWL,
                  Optional.empty(),
                  Map.of(),
                  OptionalDouble.empty(),
                  OptionalDouble.empty(),
                  OptionalDouble.empty()));

  private static StockLot lot(int number, Material material, double grams, GoldRange free) {
    return new StockLot(
        new BatchId(UUID.fromString("00000000-0000-4000-8000-000000c40012")),
        "Cindermoor 3",
        new LotId(number),
        material,
        FINE,
        "",
        OptionalDouble.of(grams),
        Set.of(Look.PANNED),
        Optional.of(
            new LotGold(Optional.of(free), false, Optional.empty(), free, false, false, false)),
        Optional.of("season bag 1"));
  }

  private static StockLot unseen(int number, Material material, double grams) {
    StockLot seen = lot(number, material, grams, GoldRange.NONE);
    return new StockLot(
        seen.batch(),
        seen.label(),
        seen.lot(),
        material,
        FINE,
        "",
        seen.grams(),
        Set.of(),
        Optional.empty(),
        Optional.empty());
  }

  /** The mean above a cost by quadrature of the density, tool: Hipparchus. */
  @ParameterizedTest
  @CsvSource({"100, 0.5, 100", "40, 1.2, 100", "300, 0.9, 100", "5, 1.9, 60"})
  void theValueOfKnowingIsThatOfTheIntegral(double mean, double sigma, double cost) {
    LogNormalDistribution worth =
        new LogNormalDistribution(Math.log(mean) - sigma * sigma / 2, sigma);
    double above =
        new IterativeLegendreGaussIntegrator(16, 1e-10, 1e-12)
            .integrate(
                5_000_000,
                t -> Math.exp(t) * (Math.exp(t) - cost) * worth.density(Math.exp(t)),
                Math.log(cost),
                Math.log(cost) + 25);
    assertThat(SampleWorth.of(mean, sigma, cost))
        .isCloseTo(above - Math.max(0, mean - cost), within(1e-6 * mean));
  }

  @Test
  void knowingIsWorthNothingWhereItChangesNothing() {
    assertThat(SampleWorth.of(100, 0, 50)).isZero();
    assertThat(SampleWorth.of(100, 1, 0)).isZero();
    assertThat(SampleWorth.of(0, 1, 50)).isZero();
    assertThat(SampleWorth.of(1e6, 0.2, 1)).isCloseTo(0, within(1e-9));
    double even = SampleWorth.of(100, 1, 100);
    assertThat(even)
        .isGreaterThan(SampleWorth.of(300, 1, 100))
        .isGreaterThan(SampleWorth.of(20, 1, 100));
    assertThatThrownBy(() -> SampleWorth.of(Double.NaN, 1, 1)).hasMessageContaining("mean");
  }

  @ParameterizedTest
  @CsvSource({"0.2", "0.7", "1.5"})
  void theSpreadIsReadFromTheHighEnd(double sigma) {
    LogNormalDistribution gold = new LogNormalDistribution(2, sigma);
    assertThat(SampleWorth.sigma(gold.getNumericalMean(), gold.inverseCumulativeProbability(0.975)))
        .isCloseTo(sigma, within(1e-9));
  }

  @Test
  void whatBringsMostOfAnHourComesFirst() {
    List<StockLot> lots =
        List.of(
            lot(1, Material.TAILINGS, 4000, new GoldRange(10, 2, 30)),
            lot(2, Material.CONCENTRATE, 400, new GoldRange(300, 200, 420)),
            lot(3, Material.NON_MAGNETICS, 4000, new GoldRange(200, 100, 400)));
    List<Ranked> ranked = StockRank.of(lots, SHOP, List.of());
    assertThat(ranked).extracting(one -> one.lot().lot().number()).containsExactly(2, 3, 1);
    assertThat(ranked.getFirst().moneyPerHour().orElseThrow()).isPositive();
    assertThat(ranked.getLast().moneyPerHour().orElseThrow())
        .isLessThan(ranked.get(1).moneyPerHour().orElseThrow());
  }

  @Test
  void whatNobodyLookedAtCountsByItsKindAndIsWorthALook() {
    List<StockLot> lots =
        List.of(
            lot(1, Material.MAGNETICS, 4000, new GoldRange(160, 100, 250)),
            lot(2, Material.MAGNETICS, 2000, new GoldRange(320, 200, 500)),
            unseen(3, Material.MAGNETICS, 6000),
            lot(4, Material.CONCENTRATE, 100, new GoldRange(900, 890, 910)));
    List<Ranked> ranked = StockRank.of(lots, SHOP, List.of());
    Ranked unseen =
        ranked.stream().filter(one -> one.lot().lot().number() == 3).findFirst().orElseThrow();
    assertThat(unseen.isByOthers()).isTrue();
    // Geometric mean of 40 and 160 mg/kg is 80; the spread of the two lifts the mean.
    double spread = Math.max(1, Math.log(4) / Math.sqrt(2));
    assertThat(unseen.freeMg().orElseThrow())
        .isCloseTo(80 * Math.exp(spread * spread / 2) * 6, within(1e-9));
    assertThat(StockRank.decides(ranked).orElseThrow().lot().lot().number()).isEqualTo(3);
  }

  @Test
  void ofNothingNothingIsSaid() {
    Ranked alone =
        StockRank.of(List.of(unseen(1, Material.CUT, 500)), Shop.USUAL, List.of()).getFirst();
    assertThat(alone.minutes()).isPresent();
    assertThat(alone.mgPerHour()).isEmpty();
    assertThat(StockRank.decides(List.of(alone))).isEmpty();
    assertThat(StockRank.of(List.of(), SHOP, List.of())).isEmpty();
  }

  @Test
  void aBatchTellsWhatStandsOfIt() {
    Bench bench = Bench.started().weighs(1, 9000).screens(1, "30", "100");
    bench.weighs(2, 3000).measures(2, new Measure.Bagged("oversize"));
    bench.weighs(3, 4000).measures(3, new Measure.KnownGold(40, 5));
    bench.measures(4, new Measure.Discarded("spilt"));
    List<StockLot> stock = StockLot.of(bench.batch());
    assertThat(stock).extracting(one -> one.lot().number()).containsExactly(2, 3);
    assertThat(stock.getFirst().bag()).contains("oversize");
    assertThat(stock.getLast().looks()).containsExactly(Look.KNOWN);
    assertThat(stock.getLast().gold().orElseThrow().all().milligrams()).isCloseTo(40, within(1.0));
  }

  @Test
  void itIsFoundByItsCodeOrByWhatIsWrittenOnIt() {
    StockLot lot = lot(7, Material.CUT, 10, GoldRange.NONE);
    assertThat(lot.code()).isEqualTo("C40012-7");
    assertThat(lot.isCode(" c40012-7 ")).isTrue();
    assertThat(lot.isNamed("c40012-7")).isTrue();
    assertThat(lot.isNamed("c40012-77")).isFalse();
    assertThat(lot.isNamed("cinder")).isTrue();
    assertThat(lot.isNamed("BAG 1")).isTrue();
    assertThat(lot.isNamed("  ")).isFalse();
  }
}
