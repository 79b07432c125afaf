package jugulum.core.belief;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.HeadLeft;
import jugulum.core.gold.LogGold;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Gear;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.window.Conditions;

/** Made-up lots and a made-up shop for the tests of belief. */
final class Lots {
  static final Cut FINE = cut("50", "100");
  static final Conditions NO_MAGNETITE =
      Conditions.usual(Assumptions.USUAL, Conditions.USUAL_HEAVIES, true);
  static final Gear DECK = gear("long deck", Machine.Kind.SHAKER_TABLE);
  static final Gear BOWL = gear("garden bowl", Machine.Kind.VORTEX_BOWL);
  static final Gear PAN = gear("green pan", Machine.Kind.RIFFLED_PAN);
  static final Terms TERMS = new Terms(100, 0.95, 20, 6, "", LocalDate.of(2026, 1, 1));
  static final Shop SHOP = Shop.USUAL.with(TERMS).with(DECK).with(BOWL).with(PAN);
  static final Shop NO_PRICE = Shop.USUAL.with(DECK).with(BOWL).with(PAN);
  static final BatchId BATCH = new BatchId(UUID.fromString("00000000-0000-4000-8000-000000c40012"));

  private Lots() {}

  static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  static Gear gear(String name, Machine.Kind kind) {
    return new Gear(
        name,
        kind,
        Optional.empty(),
        Map.of(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  static Sand sand(Cut cut, double grams) {
    return new Sand(cut, grams, PastRun.Kind.FIRST, NO_MAGNETITE, Optional.empty());
  }

  static StockLot lot(int number, Material material, double grams, Optional<GoldRange> free) {
    return new StockLot(
        BATCH,
        "Cindermoor 3",
        new LotId(number),
        material,
        "",
        grams > 0,
        sand(FINE, grams),
        Optional.of(material)
            .filter(one -> one != Material.GOLD)
            .map(one -> new Kin("cinder", BATCH, LotKind.of(one, FINE), SizeClass.of(FINE))),
        0.9,
        0.05,
        free.isPresent() ? Set.of(Look.PANNED) : Set.of(),
        free.map(Lots::gold),
        Optional.empty(),
        Optional.of("season bag 1"));
  }

  static StockLot seen(int number, Material material, double grams, GoldRange free) {
    return lot(number, material, grams, Optional.of(free));
  }

  static StockLot unseen(int number, Material material, double grams) {
    return lot(number, material, grams, Optional.empty());
  }

  static StockLot withHead(StockLot lot, HeadLeft head) {
    return new StockLot(
        lot.batch(),
        lot.label(),
        lot.lot(),
        lot.material(),
        lot.name(),
        lot.isWeighed(),
        lot.sand(),
        lot.kin(),
        lot.fineness(),
        lot.speckMg(),
        lot.looks(),
        lot.gold(),
        Optional.of(head),
        lot.bag());
  }

  static LotGold gold(GoldRange free) {
    double sd = free.milligrams() > 0 ? Math.log(free.highMg() / free.milligrams()) / 1.96 : 0;
    return new LotGold(
        Optional.of(free),
        false,
        Optional.empty(),
        free,
        false,
        false,
        false,
        free.milligrams() > 0
            ? Optional.of(new LogGold(Math.log(free.milligrams()) - sd * sd / 2, sd * sd))
            : Optional.empty(),
        Optional.empty());
  }

  /** What lots that were looked at teach. */
  static Experience taught(List<StockLot> lots) {
    return new Experience(
        List.of(),
        List.of(),
        lots.stream()
            .flatMap(
                lot ->
                    lot
                        .gold()
                        .flatMap(LotGold::freeLog)
                        .map(
                            log ->
                                new SeenLot(
                                    lot.kin().orElseThrow(),
                                    Optional.of(
                                        new LogGold(
                                            log.mean() - Math.log(lot.sand().grams() / 1000),
                                            log.variance())),
                                    Optional.empty()))
                        .stream())
            .toList());
  }
}
