package jugulum.core.belief;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.gold.Recovery.Of;
import jugulum.core.machine.BenchSums;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.smelt.WholeLot;

/** The ways to win the gold of one lot. */
public final class LotWays {
  /** What a smelt gathers of the gold in it: common practice. */
  public static final Band SMELTED = new Band(0.80, WholeLot.WON, 0.98);

  /** Splitting a sample down, drying and packing it for laboratory or buyer: common practice. */
  public static final double SAMPLE_MINUTES = 20;

  private LotWays() {}

  /** Those of a lot of known mass, what leaves most first; what takes too long last. */
  static List<Way> of(
      StockLot lot,
      Optional<Thought> free,
      Optional<Ways.Machines> machines,
      Shop shop,
      Value value) {
    double freeMg = free.map(Thought::gold).map(GoldRange::milligrams).orElse(0.0);
    double allMg =
        lot.gold()
            .filter(LotGold::isWhole)
            .map(gold -> gold.all().milligrams())
            // Hidden gold nobody measured is no reason to smelt: an assay first, where it may pay.
            .orElse(freeMg);
    return Stream.of(
            machine(lot, freeMg, machines).stream(),
            smelt(lot, allMg, shop, value).stream(),
            sale(allMg, shop, value).stream())
        .flatMap(part -> part)
        .sorted(
            Comparator.comparing(Way::isTooLong)
                .thenComparing(Comparator.comparingDouble(Way::net).reversed())
                .thenComparing(Way::kind))
        .toList();
  }

  /**
   * Machines win free gold, so a lot in which somebody looked and saw none is not sent to one, nor
   * is what was set aside and not told apart.
   */
  private static Optional<Way> machine(
      StockLot lot, double freeMg, Optional<Ways.Machines> machines) {
    boolean hasNone =
        lot.gold()
            .filter(gold -> gold.isTogether() ? lot.material().isSetAside() : gold.isNothingSeen())
            .isPresent();
    return machines
        .flatMap(Ways.Machines::first)
        .filter(_ -> !hasNone)
        .map(
            one ->
                new Way(
                    Way.Kind.MACHINE,
                    lot.gold().filter(LotGold::isTogether).map(_ -> Of.ALL).orElse(Of.FREE),
                    Optional.of(one),
                    one.share().share(),
                    one.share().all(),
                    freeMg,
                    one.minutes(),
                    one.handsMinutes(),
                    0,
                    one.net()));
  }

  /** What flux and fuel cost nobody knows where the shop told no charges. */
  private static Optional<Way> smelt(StockLot lot, double allMg, Shop shop, Value value) {
    return shop.terms()
        .flatMap(Terms::charges)
        .map(
            charges -> {
              int smelts = BenchSums.loads(lot.sand().grams(), charges.smeltG());
              return way(
                  Way.Kind.SMELT,
                  SMELTED,
                  allMg,
                  smelts * charges.smeltMinutes(),
                  smelts * charges.smeltCost(),
                  value);
            });
  }

  private static Optional<Way> sale(double allMg, Shop shop, Value value) {
    return shop.terms()
        .map(Terms::charged)
        .flatMap(Fees::sale)
        .map(
            sale ->
                way(
                    Way.Kind.SELL,
                    Band.sharp(1 - sale.commission()),
                    allMg,
                    SAMPLE_MINUTES,
                    0,
                    value));
  }

  private static Way way(
      Way.Kind kind, Band share, double allMg, double minutes, double costs, Value value) {
    return new Way(
        kind,
        Of.ALL,
        Optional.empty(),
        share,
        0,
        allMg,
        minutes,
        minutes,
        costs,
        value.net(allMg * MachineWay.mean(share), minutes, costs));
  }
}
