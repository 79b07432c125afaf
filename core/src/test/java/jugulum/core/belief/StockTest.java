package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.shop.Shop;
import org.junit.jupiter.api.Test;

/** What stands in the shop, what is worth working first, and which look decides most. */
class StockTest {
  private static List<LotBelief> ranked(List<StockLot> lots, Shop shop) {
    return Stock.ranked(new Belief(Lots.taught(lots), shop), lots);
  }

  private static LotBelief of(List<LotBelief> all, int number) {
    return all.stream().filter(one -> one.lot().lot().number() == number).findFirst().orElseThrow();
  }

  @Test
  void whatLeavesMostOfAnHourOfHandsComesFirst() {
    List<LotBelief> ranked =
        ranked(
            List.of(
                Lots.seen(1, Material.TAILINGS, 4000, new GoldRange(10, 2, 30)),
                Lots.seen(2, Material.CONCENTRATE, 400, new GoldRange(300, 200, 420)),
                Lots.seen(3, Material.NON_MAGNETICS, 4000, new GoldRange(200, 100, 400))),
            Lots.SHOP);
    assertThat(ranked).extracting(one -> one.lot().lot().number()).containsExactly(2, 3, 1);
    assertThat(ranked.getFirst().netPerHour().orElseThrow()).isPositive();
    assertThat(ranked.getLast().isLeft()).isTrue();
    for (LotBelief one : ranked) {
      Way first = one.first().orElseThrow();
      assertThat(first.net())
          .as("what is left is what it brings less the hands")
          .isCloseTo(
              first.wonMg() / 1000 * 0.9 * 95 - first.handsMinutes() / 60 * 20, within(1e-6));
      assertThat(one.netPerHour().orElseThrow())
          .isCloseTo(first.net() / first.handsMinutes() * 60, within(1e-9));
    }
  }

  /** Two lots of its kind at 4 and 16 mg/kg: it is thought of between them, and wide. */
  @Test
  void whatNobodyLookedAtIsThoughtOfByOthersAndIsWorthALook() {
    List<StockLot> lots =
        List.of(
            Lots.seen(1, Material.MAGNETICS, 40_000, new GoldRange(160, 100, 250)),
            Lots.seen(2, Material.MAGNETICS, 20_000, new GoldRange(320, 200, 500)),
            Lots.unseen(3, Material.MAGNETICS, 60_000),
            Lots.seen(4, Material.CONCENTRATE, 100, new GoldRange(900, 890, 910)));
    List<LotBelief> ranked = ranked(lots, Lots.SHOP);
    Thought unseen = of(ranked, 3).free().orElseThrow();
    assertThat(unseen.by()).isEqualTo(Thought.By.OTHERS);
    assertThat(unseen.others()).isEqualTo(2);
    assertThat(unseen.medianMg() / 60).isBetween(4.0, 16.0);
    assertThat(unseen.gold().lowMg()).isLessThan(unseen.medianMg());
    assertThat(unseen.gold().milligrams()).isBetween(unseen.medianMg(), unseen.gold().highMg());
    assertThat(Stock.decides(ranked).orElseThrow().lot().lot().number()).isEqualTo(3);
    FirstLook look = of(ranked, 3).look().orElseThrow();
    assertThat(look.kind()).isEqualTo(FirstLook.Kind.PAN);
    assertThat(look.grams()).isLessThanOrEqualTo(30_000);
    assertThat(of(ranked, 4).look()).as("as good as known").isEmpty();
  }

  @Test
  void aLotThatWasLookedAtIsNotDrawnToTheOthers() {
    List<StockLot> lots =
        List.of(
            Lots.seen(1, Material.TAILINGS, 4000, new GoldRange(400, 300, 520)),
            Lots.seen(2, Material.TAILINGS, 4000, new GoldRange(1, 0.5, 2)));
    Thought first = of(ranked(lots, Lots.SHOP), 1).free().orElseThrow();
    assertThat(first.by()).isEqualTo(Thought.By.LOOK);
    assertThat(first.gold()).isEqualTo(new GoldRange(400, 300, 520));
  }

  /** No look, no price, no mass: wide ranges and sentences, never an exception. */
  @Test
  void ofNothingMuchIsSaidAndNothingBreaks() {
    List<StockLot> lots =
        List.of(
            Lots.unseen(1, Material.CUT, 500),
            Lots.unseen(2, Material.CUT, 0),
            Lots.unseen(3, Material.GOLD, 0));
    List<LotBelief> ranked = ranked(lots, Shop.USUAL);
    LotBelief alone = of(ranked, 1);
    assertThat(alone.free().orElseThrow().others()).isZero();
    assertThat(alone.free().orElseThrow().gold().highMg())
        .isGreaterThan(10 * alone.free().orElseThrow().medianMg());
    assertThat(alone.value().isMoney()).isFalse();
    assertThat(alone.machine()).isPresent();
    assertThat(of(ranked, 2).free()).isEmpty();
    assertThat(of(ranked, 2).ways()).isEmpty();
    assertThat(of(ranked, 3).first()).isEmpty();
    assertThat(Stock.ranked(new Belief(Experience.NONE, Lots.SHOP), List.of())).isEmpty();
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
    assertThat(stock.getFirst().kin().orElseThrow().kind()).isEqualTo(LotKind.OVERSIZE);
    assertThat(stock.getLast().looks()).containsExactly(Look.KNOWN);
    assertThat(stock.getLast().gold().orElseThrow().all().milligrams()).isCloseTo(40, within(1.0));
    assertThat(stock.getLast().gold().orElseThrow().freeLog().orElseThrow().mean())
        .isCloseTo(Math.log(40) - 0.008, within(0.01));
  }

  @Test
  void itIsFoundByItsCodeOrByWhatIsWrittenOnIt() {
    StockLot lot = Lots.lot(7, Material.CUT, 10, Optional.of(GoldRange.NONE));
    assertThat(lot.code()).isEqualTo("C40012-7");
    assertThat(lot.isCode(" c40012-7 ")).isTrue();
    assertThat(lot.isNamed("c40012-7")).isTrue();
    assertThat(lot.isNamed("c40012-77")).isFalse();
    assertThat(lot.isNamed("cinder")).isTrue();
    assertThat(lot.isNamed("BAG 1")).isTrue();
    assertThat(lot.isNamed("  ")).isFalse();
  }
}
