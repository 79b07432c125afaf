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
import jugulum.core.belief.Belief;
import jugulum.core.belief.FirstLook;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.LotWays;
import jugulum.core.belief.MachineWay;
import jugulum.core.belief.StockLot;
import jugulum.core.belief.Thought;
import jugulum.core.belief.Value;
import jugulum.core.belief.Way;
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
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Gear;
import jugulum.core.mass.SandAccount;
import jugulum.core.passes.NextPass;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;
import org.hipparchus.distribution.continuous.NormalDistribution;

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
  private static final NormalDistribution NORMAL = new NormalDistribution();

  /**
   * Panning a measured sample and counting its specks, of a lot nobody weighed: common practice.
   */
  static final double LOOK_MINUTES = 10;

  private final Network network;
  private final GoldAccount gold;
  private final GoldDetails details;
  private final Shop shop;
  private final BatchSpecks specks;
  private final Value value;
  private final Map<LotId, LotBelief> beliefs = new HashMap<>();

  /** What was drawn for a way, whichever list it is for. */
  private final Map<Drawn, Odds> drawn = new HashMap<>();

  private record Drawn(LotId lot, Way way) {}

  private Advisor(
      Network network, SandAccount sand, GoldAccount gold, GoldDetails details, Belief belief) {
    this.network = network;
    this.gold = gold;
    this.details = details;
    this.shop = belief.shop();
    this.specks = BatchSpecks.of(network);
    this.value = belief.value(gold.fineness());
    belief.of(StockLot.of(network, sand, gold)).forEach(one -> beliefs.put(one.lot().lot(), one));
  }

  /**
   * For a batch.
   *
   * @param belief what is thought of lots and machines
   */
  public static Advisor of(
      Network network, SandAccount sand, GoldAccount gold, GoldDetails details, Belief belief) {
    return new Advisor(network, sand, gold, details, belief);
  }

  /**
   * The best thing to do with every end lot that is still there, the best first, and before it an
   * assay or a look where that comes first.
   */
  public List<Advice> advice(Advice.By by) {
    return network
        .endLots()
        .filter(Advisor::isThere)
        .flatMap(lot -> forLot(lot).stream())
        .sorted(Advice.bestFirst(by))
        .toList();
  }

  private static boolean isThere(Lot lot) {
    return lot.material() != Material.GOLD && !lot.isGone();
  }

  private List<Advice> forLot(Lot lot) {
    Optional<LotGold> there = Optional.ofNullable(gold.lots().get(lot.id()));
    if (there.isEmpty()) {
      return List.of(lot.isSetAside() ? look(lot) : goOn(lot));
    }
    Optional<Advice> way =
        Check.known(beliefs, lot.id()).ways().stream()
            .flatMap(one -> winning(lot, one).stream())
            .findFirst();
    Optional<Advice> best =
        Stream.concat(way.stream(), pass(lot, there.get()).stream()).min(BEST_FIRST);
    Stream<Advice> untold =
        Stream.of(look(lot)).filter(_ -> lot.isSetAside() && there.get().isTogether());
    Stream<Advice> told =
        best.stream().flatMap(one -> Stream.concat(assay(lot, one).stream(), Stream.of(one)));
    return Stream.concat(untold, told).toList();
  }

  /** Of what can be done with one lot: what leaves most, whatever it is ranked by among lots. */
  private static final Comparator<Advice> BEST_FIRST =
      Comparator.comparing(Advice::verdict)
          .thenComparing(
              Comparator.comparingDouble(
                      (Advice one) ->
                          one.money()
                              .map(Money::net)
                              .orElseGet(() -> one.won().map(GoldRange::milligrams).orElse(0.0)))
                  .reversed());

  /** A sample first: how much, and what that is worth, where its sand is weighed. */
  private Advice look(Lot lot) {
    LotBelief thought = Check.known(beliefs, lot.id());
    double minutes = thought.look().map(FirstLook::minutes).orElse(LOOK_MINUTES);
    return unseen(
        lot,
        Kind.LOOK,
        thought,
        minutes,
        minutes,
        Optional.empty(),
        thought
            .look()
            .filter(_ -> value.isMoney())
            .map(
                one ->
                    new Money(
                        one.worth() + value.hands(minutes),
                        value.hands(minutes),
                        0,
                        chance(thought))));
  }

  /** It goes on as the figures say; what that brings is only thought. */
  private Advice goOn(Lot lot) {
    LotBelief thought = Check.known(beliefs, lot.id());
    Optional<MachineWay> way = thought.machine();
    double hands = way.map(MachineWay::handsMinutes).orElse(LOOK_MINUTES);
    Optional<GoldRange> won =
        way.flatMap(
            one ->
                thought
                    .free()
                    .map(
                        there ->
                            new GoldRange(
                                one.wonMg(),
                                there.gold().lowMg() * one.share().share().low(),
                                there.gold().highMg() * one.share().share().high())));
    return unseen(
        lot,
        Kind.GO_ON,
        thought,
        way.map(MachineWay::minutes).orElse(LOOK_MINUTES),
        hands,
        won,
        way.filter(_ -> value.isMoney())
            .map(one -> new Money(value.of(one.wonMg()), value.hands(hands), 0, chance(thought))));
  }

  /** The chance that running a lot brings more than it costs, by what is thought of its gold. */
  private double chance(LotBelief thought) {
    return thought
        .machine()
        .flatMap(
            way ->
                thought
                    .free()
                    .filter(there -> there.logVariance() > 0 && way.wonMg() > 0)
                    .map(
                        there ->
                            1
                                - NORMAL.cumulativeProbability(
                                    Math.log(
                                            value.hands(way.handsMinutes())
                                                / Math.max(
                                                    Double.MIN_NORMAL,
                                                    value.of(
                                                        there.medianMg()
                                                            * way.share().share().usual())))
                                        / Math.sqrt(there.logVariance()))))
        .orElse(0.0);
  }

  private static Advice unseen(
      Lot lot,
      Kind kind,
      LotBelief thought,
      double minutes,
      double handsMinutes,
      Optional<GoldRange> won,
      Optional<Money> money) {
    return new Advice(
        kind,
        lot.id(),
        thought.machine().map(MachineWay::gear).map(Gear::machine),
        Of.FREE,
        thought.free().map(Thought::gold),
        thought.free(),
        thought.machine().map(way -> way.share().share()).orElse(Band.sharp(0)),
        thought.machine().map(way -> way.share().all()).orElse(0),
        won,
        minutes,
        handsMinutes,
        0,
        money,
        kind == Kind.LOOK ? thought.look() : Optional.empty());
  }

  /** The gold a way acts on; empty where nothing is known of it. */
  private static Optional<GoldRange> there(LotGold lot, Of of) {
    return of == Of.ALL ? Optional.of(lot.all()) : lot.free();
  }

  private static Kind kind(Lot lot, Way way) {
    return switch (way.kind()) {
      case MACHINE -> lot.isSetAside() ? Kind.RERUN : Kind.RUN;
      case SMELT -> Kind.SMELT;
      case SELL -> Kind.SELL;
    };
  }

  private Optional<Advice> winning(Lot lot, Way way) {
    double least =
        shop.terms().map(terms -> breakEvenMg(terms, way.handsMinutes(), way.costs())).orElse(0.0);
    Optional<Odds> odds =
        Optional.ofNullable(
            drawn.computeIfAbsent(
                new Drawn(lot.id(), way),
                _ -> details.odds(lot.id(), way.of(), way.share(), least).orElse(null)));
    return odds.map(
        told ->
            new Advice(
                kind(lot, way),
                lot.id(),
                way.machine().map(MachineWay::gear).map(Gear::machine),
                way.of(),
                there(Check.known(gold.lots(), lot.id()), way.of()),
                Optional.empty(),
                way.share(),
                way.runs(),
                Optional.of(told.won()),
                way.minutes(),
                way.handsMinutes(),
                way.costs(),
                shop.terms()
                    .map(
                        terms ->
                            new Money(
                                terms.worth(told.won().milligrams(), gold.fineness()),
                                terms.cost(way.handsMinutes()),
                                way.costs(),
                                told.chance())),
                Optional.empty()));
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
        step -> there.flatMap(free -> pass(lot, free, nextPass(step, specks.of(lot.cut()), free))));
  }

  private NextPass nextPass(Step step, Speck speck, GoldRange there) {
    return NextPass.of(
        step,
        Check.known(gold.removals(), step.id()),
        OptionalDouble.of(there.milligrams() / speck.meanMg()),
        speck,
        gold.fineness(),
        shop.terms(),
        shop.stopRule());
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
            Optional.empty(),
            Band.sharp(share),
            0,
            Optional.of(won),
            next.minutes().getAsDouble(),
            next.minutes().getAsDouble(),
            0,
            money,
            Optional.empty()));
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
          double breakEven = breakEvenMg(told, way.handsMinutes(), way.costs());
          Odds odds = details.odds(lot.id(), way.of(), way.share(), breakEven).orElseThrow();
          double knowingMg = odds.meanAboveMg() - Math.max(0, odds.won().milligrams() - breakEven);
          Money money =
              new Money(
                  told.worth(knowingMg, gold.fineness()),
                  told.cost(LotWays.SAMPLE_MINUTES),
                  told.charged().assayCost(),
                  odds.chance());
          return Optional.of(
                  new Advice(
                      Kind.ASSAY,
                      lot.id(),
                      Optional.empty(),
                      way.of(),
                      way.there(),
                      Optional.empty(),
                      way.share(),
                      0,
                      Optional.empty(),
                      LotWays.SAMPLE_MINUTES,
                      LotWays.SAMPLE_MINUTES,
                      told.charged().assayCost(),
                      Optional.of(money),
                      Optional.empty()))
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
        ? OptionalDouble.of(
            costs / (terms.netPerGram() * LotWays.SMELTED.usual()) / charges.smeltG() * 1e6)
        : OptionalDouble.empty();
  }
}
