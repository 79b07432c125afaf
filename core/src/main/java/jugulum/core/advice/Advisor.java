package jugulum.core.advice;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.advice.Advice.Kind;
import jugulum.core.advice.Advice.Money;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldDetails;
import jugulum.core.gold.GoldDetails.Odds;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.gold.Recovery.Of;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.machine.Sheet;
import jugulum.core.mass.SandAccount;
import jugulum.core.passes.NextPass;
import jugulum.core.runs.Evidence;
import jugulum.core.runs.MachineRecord;
import jugulum.core.runs.Pace;
import jugulum.core.runs.PastRun;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;

/**
 * What to do next with every end lot of a batch, with its sums.
 *
 * <p>Worth = gold expected · fineness · (price · payable − refining) − minutes · hourly rate −
 * other costs; the chance that it pays is the share of the draws of the lot's gold and of the share
 * won that bring more than it costs. An assay is worth what knowing the gold beforehand would save
 * or win, at most: the mean of what the draws bring above the cost, less what deciding without it
 * brings (expected value of perfect information; H. Raiffa and R. Schlaifer, Applied Statistical
 * Decision Theory, 1961, from memory).
 */
public final class Advisor {
  /** Panning a measured sample and counting its specks: common practice. */
  static final double LOOK_MINUTES = 10;

  /** Splitting a sample down, drying and packing it for the laboratory: common practice. */
  static final double SAMPLE_MINUTES = 20;

  /** What a smelt gathers of the gold in it: common practice. */
  public static final Band SMELTED = new Band(0.80, 0.92, 0.98);

  private final Network network;
  private final SandAccount sand;
  private final GoldAccount gold;
  private final GoldDetails details;
  private final Shop shop;
  private final BatchSpecks specks;
  private final Evidence evidence;
  private final Map<Gear, Pace> paces = new HashMap<>();

  /** What each machine has shown, told apart once for all lots. */
  private final Map<Machine, Evidence> shown = new HashMap<>();

  /** What was drawn for a way, whichever list it is for. */
  private final Map<Way, Odds> drawn = new HashMap<>();

  private Advisor(
      Network network,
      SandAccount sand,
      GoldAccount gold,
      GoldDetails details,
      Shop shop,
      Evidence evidence) {
    this.network = network;
    this.sand = sand;
    this.gold = gold;
    this.details = details;
    this.shop = shop;
    this.specks = BatchSpecks.of(network);
    this.evidence = evidence;
  }

  /**
   * For a batch.
   *
   * @param evidence what the shop's machines have shown, in all batches and trials
   */
  public static Advisor of(
      Network network,
      SandAccount sand,
      GoldAccount gold,
      GoldDetails details,
      Shop shop,
      Evidence evidence) {
    return new Advisor(network, sand, gold, details, shop, evidence);
  }

  /**
   * The best thing to do with every end lot that is still there, the best first, and before it an
   * assay or a look where that comes first.
   */
  public List<Advice> advice(Advice.By by) {
    return network
        .endLots()
        .filter(Advisor::isThere)
        .flatMap(lot -> forLot(lot, by).stream())
        .sorted(Advice.bestFirst(by))
        .toList();
  }

  private static boolean isThere(Lot lot) {
    return lot.material() != Material.GOLD && lot.latest(Measure.Discarded.class).isEmpty();
  }

  private List<Advice> forLot(Lot lot, Advice.By by) {
    Optional<LotGold> there = Optional.ofNullable(gold.lots().get(lot.id()));
    if (there.isEmpty()) {
      return List.of(look(lot, lot.isSetAside() ? Kind.LOOK : Kind.GO_ON));
    }
    Optional<Advice> best =
        Stream.concat(
                ways(lot, there.get())
                    .min(bestFirst(by, there.get()))
                    .flatMap(this::winning)
                    .stream(),
                pass(lot, there.get()).stream())
            .min(Advice.bestFirst(by));
    Stream<Advice> untold =
        Stream.of(look(lot, Kind.LOOK)).filter(_ -> lot.isSetAside() && there.get().isTogether());
    Stream<Advice> told =
        best.stream().flatMap(way -> Stream.concat(assay(lot, way).stream(), Stream.of(way)));
    return Stream.concat(untold, told).toList();
  }

  private static Advice look(Lot lot, Kind kind) {
    return new Advice(
        kind,
        lot.id(),
        Optional.empty(),
        Of.FREE,
        Optional.empty(),
        Band.sharp(0),
        0,
        Optional.empty(),
        LOOK_MINUTES,
        0,
        Optional.empty());
  }

  /** The gold a way acts on; empty where nothing is known of it. */
  private static Optional<GoldRange> there(LotGold lot, Of of) {
    return of == Of.ALL ? Optional.of(lot.all()) : lot.free();
  }

  /**
   * A way to win gold out of a lot.
   *
   * @param of which gold it wins
   * @param costs what it costs beside the time, in the shop's currency
   */
  private record Way(
      Kind kind,
      Lot lot,
      Of of,
      Optional<Gear> gear,
      Band share,
      int runs,
      double minutes,
      double costs) {
    /** The mean of the triangle over the band. */
    double meanShare() {
      return (share.low() + share.usual() + share.high()) / 3;
    }
  }

  /**
   * Machines win free gold, so a lot in which nobody saw any is not sent to one; fire and buyer
   * take all of it.
   */
  private Stream<Way> ways(Lot lot, LotGold there) {
    double grams = sand.mass(lot.id()).grams();
    if (!(grams > 0)) {
      return Stream.empty();
    }
    Of of = there.isTogether() ? Of.ALL : Of.FREE;
    boolean run =
        there.isTogether() ? !lot.isSetAside() : there.free().isPresent() && !there.isNothingSeen();
    Stream<Way> machines =
        run ? suited(lot).map(gear -> overMachine(lot, of, gear, grams)) : Stream.empty();
    return Stream.of(machines, Stream.of(smelt(lot, grams)), sale(lot)).flatMap(part -> part);
  }

  private Stream<Way> sale(Lot lot) {
    return shop
        .terms()
        .map(Terms::charged)
        .flatMap(Fees::sale)
        .map(
            sale ->
                new Way(
                    Kind.SELL,
                    lot,
                    Of.ALL,
                    Optional.empty(),
                    Band.sharp(1 - sale.commission()),
                    0,
                    SAMPLE_MINUTES,
                    0))
        .stream();
  }

  /** By their means, which need no draws: only the best is drawn. */
  private Comparator<Way> bestFirst(Advice.By by, LotGold there) {
    return Comparator.<Way, Boolean>comparing(
            way -> shop.terms().isPresent() && !(net(way, there) > 0))
        .thenComparing(
            way ->
                -(by == Advice.By.MONEY && shop.terms().isPresent()
                        ? net(way, there)
                        : there(there, way.of()).orElseThrow().milligrams() * way.meanShare())
                    / way.minutes())
        .thenComparing(Way::kind);
  }

  private double net(Way way, LotGold there) {
    return shop.terms()
        .map(
            terms ->
                terms.worth(
                        there(there, way.of()).orElseThrow().milligrams() * way.meanShare(),
                        gold.fineness())
                    - terms.cost(way.minutes())
                    - way.costs())
        .orElse(0.0);
  }

  /** The machines whose sizes suit it, or suit it in part where none does better. */
  private Stream<Gear> suited(Lot lot) {
    List<Gear> all = shop.gearToChoose();
    Optional<Sheet.Fit> best =
        all.stream().map(gear -> gear.sheet().fit(lot.cut())).min(Comparator.naturalOrder());
    return all.stream().filter(gear -> Optional.of(gear.sheet().fit(lot.cut())).equals(best));
  }

  /**
   * A record of reruns tells of reruns; without one a machine wins less of what was set aside than
   * of fresh sand.
   */
  private Way overMachine(Lot lot, Of of, Gear gear, double grams) {
    PastRun.Kind kind = PastRun.Kind.of(lot, network.maker(lot.id()));
    boolean setAside = lot.isSetAside();
    Optional<Proven> record = MachineRecord.expected(shown(gear), gear, lot.cut(), kind);
    Band expected =
        record
            .map(Proven::share)
            .orElseGet(
                () ->
                    MachineRecord.practice(gear, lot.cut(), setAside ? PastRun.Kind.RERUN : kind));
    double minutes = pace(gear).minutes(grams);
    return new Way(
        setAside ? Kind.RERUN : Kind.RUN,
        lot,
        of,
        Optional.of(gear),
        expected,
        record.map(Proven::all).orElse(0),
        minutes,
        0);
  }

  private Evidence shown(Gear gear) {
    return shown.computeIfAbsent(gear.machine(), evidence::of);
  }

  private Pace pace(Gear gear) {
    return paces.computeIfAbsent(gear, one -> Pace.of(one, shown(one).runs()));
  }

  private Way smelt(Lot lot, double grams) {
    Fees charges = shop.terms().map(Terms::charged).orElse(Fees.NONE);
    int smelts = BenchSums.loads(grams, charges.smeltG());
    return new Way(
        Kind.SMELT,
        lot,
        Of.ALL,
        Optional.empty(),
        SMELTED,
        0,
        smelts * charges.smeltMinutes(),
        smelts * charges.smeltCost());
  }

  private Optional<Advice> winning(Way way) {
    Lot lot = way.lot();
    double least =
        shop.terms().map(terms -> breakEvenMg(terms, way.minutes(), way.costs())).orElse(0.0);
    Optional<Odds> odds =
        Optional.ofNullable(
            drawn.computeIfAbsent(
                way, _ -> details.odds(lot.id(), way.of(), way.share(), least).orElse(null)));
    return odds.map(
        told ->
            new Advice(
                way.kind(),
                lot.id(),
                way.gear().map(Gear::machine),
                way.of(),
                there(Check.known(gold.lots(), lot.id()), way.of()),
                way.share(),
                way.runs(),
                Optional.of(told.won()),
                way.minutes(),
                way.costs(),
                shop.terms()
                    .map(
                        terms ->
                            new Money(
                                terms.worth(told.won().milligrams(), gold.fineness()),
                                terms.cost(way.minutes()),
                                way.costs(),
                                told.chance()))));
  }

  /** The native gold that pays for time and costs, in mg; no price, no such mass. */
  private double breakEvenMg(Terms terms, double minutes, double costs) {
    double perMg = terms.worth(1, gold.fineness());
    return perMg > 0 ? (terms.cost(minutes) + costs) / perMg : Double.MAX_VALUE;
  }

  private Optional<Advice> pass(Lot lot, LotGold all) {
    Optional<GoldRange> there = all.free();
    Optional<Step> magnet =
        network
            .maker(lot.id())
            .filter(
                step ->
                    lot.material() == Material.MAGNETICS
                        && step.process() instanceof Process.MagnetRun);
    return magnet.flatMap(
        step ->
            there.flatMap(
                free ->
                    pass(
                        lot,
                        free,
                        NextPass.of(
                            step,
                            Check.known(gold.removals(), step.id()),
                            specks.of(lot.cut()),
                            gold.fineness(),
                            shop.terms(),
                            shop.stopRule()))));
  }

  private static Optional<Advice> pass(Lot lot, GoldRange there, NextPass next) {
    OptionalDouble mg = next.nextMg();
    if (mg.isEmpty() || next.minutes().isEmpty() || !(there.milligrams() > 0)) {
      return Optional.empty();
    }
    double share = Math.min(1, mg.getAsDouble() / there.milligrams());
    Optional<Money> money =
        next.money().map(told -> new Money(told.brings(), told.costs(), 0, told.chance()));
    GoldRange won =
        new GoldRange(mg.getAsDouble(), 0, Math.max(mg.getAsDouble(), share * there.highMg()));
    return Optional.of(
        new Advice(
            Kind.PASS,
            lot.id(),
            Optional.empty(),
            Of.FREE,
            Optional.of(there),
            Band.sharp(share),
            0,
            Optional.of(won),
            next.minutes().getAsDouble(),
            0,
            money));
  }

  /**
   * Where it is open whether the best way pays, and knowing is worth more than the laboratory
   * takes.
   */
  private Optional<Advice> assay(Lot lot, Advice way) {
    boolean assayed = Look.isAtHidden(lot);
    Optional<Terms> terms =
        shop.terms().filter(_ -> !assayed && lot.isSetAside() && way.kind() != Kind.PASS);
    return terms.flatMap(
        told -> {
          double breakEven = breakEvenMg(told, way.minutes(), way.costs());
          Odds odds = details.odds(lot.id(), way.of(), way.share(), breakEven).orElseThrow();
          double knowingMg = odds.meanAboveMg() - Math.max(0, odds.won().milligrams() - breakEven);
          Money money =
              new Money(
                  told.worth(knowingMg, gold.fineness()),
                  told.cost(SAMPLE_MINUTES),
                  told.charged().assayCost(),
                  odds.chance());
          return Optional.of(
                  new Advice(
                      Kind.ASSAY,
                      lot.id(),
                      Optional.empty(),
                      way.of(),
                      way.there(),
                      way.share(),
                      0,
                      Optional.empty(),
                      SAMPLE_MINUTES,
                      told.charged().assayCost(),
                      Optional.of(money)))
              .filter(one -> money.net() > 0);
        });
  }

  /**
   * The grade from which smelting pays, in g/t of fine gold: what one smelt and its time cost over
   * what it takes, at the share it gathers; empty where gold brings nothing.
   */
  public static OptionalDouble breakEvenGramsPerTonne(Terms terms) {
    Fees charges = terms.charged();
    double costs = charges.smeltCost() + terms.cost(charges.smeltMinutes());
    return terms.netPerGram() > 0
        ? OptionalDouble.of(costs / (terms.netPerGram() * SMELTED.usual()) / charges.smeltG() * 1e6)
        : OptionalDouble.empty();
  }
}
