package jugulum.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.advice.Advice.By;
import jugulum.core.advice.Advice.Kind;
import jugulum.core.advice.Advice.Verdict;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.SeenLot;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldDetails;
import jugulum.core.gold.GoldMemory;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.runs.PastRun;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Settlement;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import org.junit.jupiter.api.Test;

class AdvisorTest {
  private static final Terms TERMS =
      new Terms(
          100,
          0.95,
          20,
          6,
          "€",
          LocalDate.of(2026, 3, 1),
          Optional.of(new Fees(2, 18, 200, 90, 35, 4, 0.8)));

  /** Lots 2 concentrate, 3 tailings of 9.7 kg. */
  private static Bench tabled() {
    return Bench.started()
        .weighs(1, 10_000)
        .screens(1, "30")
        .weighs(2, 5_000)
        .weighs(3, 4_990)
        .table(3, Material.CONCENTRATE, Material.TAILINGS)
        .weighs(4, 100)
        .weighs(5, 4_880);
  }

  /** The same a hundred times as heavy: tailings of a season. */
  private static Bench heap() {
    return Bench.started()
        .weighs(1, 1e6)
        .screens(1, "30")
        .weighs(2, 500_000)
        .weighs(3, 499_000)
        .table(3, Material.CONCENTRATE, Material.TAILINGS)
        .weighs(4, 10_000)
        .weighs(5, 488_000);
  }

  private static List<Advice> of(Bench bench, Shop shop, By by) {
    Network network = Network.of(bench.batch());
    SandAccount sand = SandAccount.of(network);
    GoldMemory memory = new GoldMemory();
    GoldAccount gold = GoldAccount.of(network, sand, memory);
    return Advisor.of(
            network,
            sand,
            gold,
            GoldDetails.of(network, sand, memory),
            new Belief(
                new Experience(
                    PastRun.of(network, sand, gold),
                    List.of(),
                    SeenLot.of(network, sand, gold.lots())),
                shop))
        .advice(by);
  }

  private static Advice on(List<Advice> all, int lot) {
    return all.stream()
        .filter(one -> one.lot().equals(new LotId(lot)) && one.kind() != Kind.ASSAY)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void richTailingsAreRunAgainAndTheSumsAddUp() {
    Advice advice =
        on(of(tabled().measures(5, new KnownGold(2_000, 50)), Shop.USUAL.with(TERMS), By.MONEY), 5);
    assertThat(advice.kind()).isEqualTo(Kind.RERUN);
    assertThat(advice.verdict()).isEqualTo(Verdict.DO);
    double won = advice.won().orElseThrow().milligrams();
    assertThat(won / 2_000).isBetween(advice.share().low(), advice.share().high());
    assertThat(advice.money().orElseThrow().brings())
        .as("grams, 900 fine, 95 of 100 paid less 2 for refining")
        .isCloseTo(won / 1_000 * 0.9 * (100 * 0.95 - 2), within(0.5));
    assertThat(advice.money().orElseThrow().wages())
        .isCloseTo(advice.handsMinutes() / 60 * 20, within(1e-9));
    assertThat(advice.moneyPerHour().orElseThrow())
        .isCloseTo(advice.money().orElseThrow().net() / advice.handsMinutes() * 60, within(1e-9));
    assertThat(advice.money().orElseThrow().chance()).isGreaterThan(0.95);
  }

  private static Smelt smelted(double beadMg, VisibleGold visible) {
    OptionalDouble none = OptionalDouble.empty();
    return new Smelt(200, Smelt.Collector.LEAD, none, none, beadMg, none, none, visible, none);
  }

  private static final VisibleGold NONE_SEEN = new VisibleGold(VisibleGold.State.NONE_SEEN, 0);

  /** 40 g/t that nobody can see: a tray wins nothing of it, a smelt does. */
  @Test
  void aLotSmeltedWithNothingVisibleIsNeverSentToATray() {
    List<Advice> all =
        of(tabled().measures(5, smelted(8, NONE_SEEN)), Shop.USUAL.with(TERMS), By.GOLD);
    List<Advice> onIt = all.stream().filter(one -> one.lot().equals(new LotId(5))).toList();
    assertThat(onIt)
        .isNotEmpty()
        .allSatisfy(one -> assertThat(one.kind()).isNotIn(Kind.RUN, Kind.RERUN, Kind.PASS));
  }

  /** The same grade left in and not looked at may be free gold: a tray may be advised. */
  @Test
  void gravityActsOnFreeGoldAloneAndASmeltOnBoth() {
    Bench both = tabled().measures(5, smelted(8, NONE_SEEN)).measures(5, new KnownGold(2_000, 50));
    Advice run = on(of(both, Shop.USUAL.with(TERMS), By.GOLD), 5);
    assertThat(run.kind()).isEqualTo(Kind.RERUN);
    assertThat(run.of()).isEqualTo(Recovery.Of.FREE);
    assertThat(run.there().orElseThrow().milligrams())
        .as("the free gold, less what the sample took along")
        .isCloseTo(2_000 * (1 - 200.0 / 4_880), within(5.0));
    Fees cheap = new Fees(2, 1, 200, 1, 1, 0, 1, Optional.of(new Fees.Sale(0.1, 0)));
    List<Advice> all =
        of(
            both,
            Shop.USUAL.with(
                new Terms(100, 0.95, 20, 6, "€", LocalDate.of(2026, 3, 1), Optional.of(cheap))),
            By.MONEY);
    assertThat(all)
        .filteredOn(one -> one.kind() == Kind.SMELT || one.kind() == Kind.SELL)
        .isNotEmpty()
        .allSatisfy(one -> assertThat(one.of()).isEqualTo(Recovery.Of.ALL));
  }

  /**
   * A buyer who keeps 20 % and pays after a month: where a tray and a smelt win nothing worth it,
   * sale as it is may.
   */
  @Test
  void sandIsSoldAsItIsWhereThatBringsMost() {
    Fees charges = new Fees(2, 500, 200, 75, 38, 6, 0.5, Optional.of(new Fees.Sale(0.2, 30)));
    Shop shop =
        Shop.USUAL.with(
            new Terms(100, 0.95, 20, 6, "€", LocalDate.of(2026, 3, 1), Optional.of(charges)));
    Advice sale = on(of(tabled().measures(5, smelted(8, NONE_SEEN)), shop, By.MONEY), 5);
    assertThat(sale.kind()).isEqualTo(Kind.SELL);
    assertThat(sale.of()).isEqualTo(Recovery.Of.ALL);
    assertThat(sale.won().orElseThrow().milligrams())
        .isCloseTo(
            0.8 * sale.there().orElseThrow().milligrams(),
            within(sale.there().orElseThrow().milligrams() * 0.02));
    Shop noBuyer =
        Shop.USUAL.with(
            new Terms(
                100,
                0.95,
                20,
                6,
                "€",
                LocalDate.of(2026, 3, 1),
                Optional.of(new Fees(2, 500, 200, 75, 38, 6, 0.5, Optional.empty()))));
    assertThat(of(tabled().measures(5, smelted(8, NONE_SEEN)), noBuyer, By.MONEY))
        .extracting(Advice::kind)
        .doesNotContain(Kind.SELL);
  }

  /** 25 smelts of a quarter of an hour are six hours; of an hour they are more than there are. */
  @Test
  void smeltingAllOfItIsNeverFirstBeyondTheHoursThereAre() {
    assertThat(on(of(tabled().measures(5, smelted(8, NONE_SEEN)), dear(15), By.MONEY), 5).kind())
        .isEqualTo(Kind.SMELT);
    assertThat(on(of(tabled().measures(5, smelted(8, NONE_SEEN)), dear(60), By.MONEY), 5).kind())
        .isNotEqualTo(Kind.SMELT);
  }

  /** A shop where gold is dear, a smelt cheap, and a buyer keeps most. */
  private static Shop dear(double smeltMinutes) {
    Fees charges =
        new Fees(2, 1, 200, smeltMinutes, 38, 6, 0.5, Optional.of(new Fees.Sale(0.9, 30)));
    return Shop.USUAL.with(
        new Terms(5_000, 0.95, 20, 6, "€", LocalDate.of(2026, 3, 1), Optional.of(charges)));
  }

  @Test
  void poorTailingsAreLeft() {
    Advice advice =
        on(of(tabled().measures(5, new KnownGold(20, 2)), Shop.USUAL.with(TERMS), By.MONEY), 5);
    assertThat(advice.verdict()).isEqualTo(Verdict.LEAVE);
    assertThat(advice.money().orElseThrow().chance()).isZero();
  }

  @Test
  void whereNobodyLookedTheAdviceIsToLook() {
    List<Advice> all = of(tabled(), Shop.USUAL.with(TERMS), By.MONEY);
    assertThat(on(all, 5).kind()).isEqualTo(Kind.LOOK);
    assertThat(on(all, 5).verdict()).isEqualTo(Verdict.FIND_OUT);
    assertThat(on(all, 5).won()).isEmpty();
  }

  /** About even odds: knowing is worth more than the laboratory takes. Sure odds: it is not. */
  @Test
  void anAssayIsAdvisedWhereItCouldChangeTheDecision() {
    List<Advice> open =
        of(heap().measures(5, new KnownGold(4_500, 4_500)), Shop.USUAL.with(TERMS), By.MONEY);
    Advice assay = open.stream().filter(one -> one.kind() == Kind.ASSAY).findFirst().orElseThrow();
    assertThat(assay.money().orElseThrow().brings()).isGreaterThan(35);
    assertThat(assay.money().orElseThrow().chance()).isBetween(0.1, 0.9);
    List<Advice> sure =
        of(heap().measures(5, new KnownGold(60_000, 300)), Shop.USUAL.with(TERMS), By.MONEY);
    assertThat(sure).noneMatch(one -> one.kind() == Kind.ASSAY);
  }

  @Test
  void withoutTermsGoldIsRankedAndNothingIsCalledNotWorthIt() {
    List<Advice> all =
        of(
            tabled().measures(5, new KnownGold(500, 5)).measures(4, new KnownGold(3_000, 5)),
            Shop.USUAL,
            By.MONEY);
    assertThat(all).allMatch(one -> one.money().isEmpty());
    assertThat(on(all, 4).verdict()).isEqualTo(Verdict.WINS);
    assertThat(all.getFirst().lot()).as("rich and little of it").isEqualTo(new LotId(4));
    assertThat(all.getFirst().kind()).isEqualTo(Kind.RUN);
  }

  @Test
  void magneticsThatStillGiveAreOfferedOneMorePass() {
    Bench bench = Bench.started().weighs(1, 8_000).magnet(1);
    for (int[] pass : new int[][] {{4_316, 212, 460}, {4_104, 71, 210}, {4_033, 30, 90}}) {
      Measure.Pass.From from = pass[2] == 460 ? Measure.Pass.From.SAND : Measure.Pass.From.HEAP;
      bench.does(
          new Edit.RecordOnStep(new StepId(2), new Measure.Pass(from, pass[0], pass[1], pass[2])));
    }
    bench.weighs(2, 4_003);
    Advice pass = on(of(bench, Shop.USUAL.with(TERMS), By.GOLD), 2);
    assertThat(pass.kind()).isEqualTo(Kind.PASS);
    assertThat(pass.minutes()).isEqualTo(6);
    assertThat(pass.won().orElseThrow().milligrams()).isPositive();
  }

  @Test
  void whatIsThrownAwayIsNotAdvisedUpon() {
    Bench bench =
        tabled().measures(5, new KnownGold(2_000, 50)).measures(5, new Measure.Discarded(""));
    assertThat(of(bench, Shop.USUAL.with(TERMS), By.MONEY))
        .noneMatch(one -> one.lot().equals(new LotId(5)));
  }

  /** 18 for the smelt and 90 minutes at 20 an hour are 48; 200 g at 92 % of 93 a gram. */
  @Test
  void theBreakEvenGradeOfSmelting() {
    assertThat(Advisor.breakEvenGramsPerTonne(TERMS).orElseThrow())
        .isCloseTo(48 / (93 * 0.92) / 200 * 1e6, within(1e-6));
    assertThat(Advisor.breakEvenGramsPerTonne(new Terms(0, 1, 20, 6, "", LocalDate.of(2026, 3, 1))))
        .isEmpty();
  }

  @Test
  void aSettlementAddsUp() {
    Settlement settled = Settlement.of(30, 5_000, 0.9, TERMS);
    assertThat(settled.fineG()).isCloseTo(4.5, within(1e-12));
    assertThat(settled.worth()).isCloseTo(4.5 * 93, within(1e-9));
    assertThat(settled.ownersWorth()).isCloseTo(0.8 * 4.5 * 93, within(1e-9));
    assertThat(settled.fee()).isEqualTo(120);
    assertThat(settled.due()).isCloseTo(0.8 * 4.5 * 93 - 120, within(1e-9));
  }
}
