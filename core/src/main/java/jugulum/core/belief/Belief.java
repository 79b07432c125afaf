package jugulum.core.belief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LogGold;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.shop.Shop;

/** What is in a lot, what a machine does with it, and which way is best: every room asks here. */
public final class Belief {
  private final Experience experience;
  private final Shop shop;
  private final GradeModel free;
  private final GradeModel hidden;
  private final MachineBelief machines;
  private final Ways ways;

  /** Of a shop that has seen something. */
  public Belief(Experience experience, Shop shop) {
    this.experience = experience;
    this.shop = shop;
    this.free =
        GradeModel.of(
            GradeTable.FREE,
            experience.lots().stream().flatMap(lot -> lot.freeGrade().stream()).toList());
    this.hidden =
        GradeModel.of(
            GradeTable.HIDDEN,
            experience.lots().stream().flatMap(lot -> lot.hiddenGrade().stream()).toList());
    this.machines = new MachineBelief(experience);
    this.ways = new Ways(machines);
  }

  private Belief(Belief of, Shop shop) {
    this.experience = of.experience;
    this.shop = shop;
    this.free = of.free;
    this.hidden = of.hidden;
    this.machines = of.machines;
    this.ways = of.ways;
  }

  /** The same with another shop: other machines, other prices. */
  public Belief with(Shop other) {
    return new Belief(this, other);
  }

  /** All that was seen. */
  public Experience experience() {
    return experience;
  }

  /** The shop. */
  public Shop shop() {
    return shop;
  }

  /** How fast sand of a cut goes over a machine. */
  public Pace pace(Gear gear, Cut cut) {
    return machines.pace(gear, cut);
  }

  /** What is thought of the free gold of sand nobody looked at. */
  public GradeBelief grade(Kin kin) {
    return free.of(kin);
  }

  /** The same with a person's own word as one more observation. */
  public GradeBelief grade(SeenGrade word) {
    return free.of(word);
  }

  /** How many lots of a kind tell it. */
  public int seen(LotKind kind) {
    return free.seen(kind);
  }

  /** What gold and hours are worth, by the fineness of a lot's gold. */
  public Value value(double fineness) {
    return new Value(shop.terms(), fineness);
  }

  /** What the lots of one batch that stand in the shop hold, and what to do with them. */
  public List<LotBelief> of(List<StockLot> batch) {
    Map<StockLot, BatchHead.Told> byHead = BatchHead.of(free, batch);
    List<LotBelief> all = new ArrayList<>();
    for (StockLot lot : batch) {
      all.add(of(lot, Optional.ofNullable(byHead.get(lot))));
    }
    return all;
  }

  private LotBelief of(StockLot lot, Optional<BatchHead.Told> byHead) {
    Value value = value(lot.fineness());
    if (lot.material() == Material.GOLD) {
      return new LotBelief(
          lot,
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          List.of(),
          Optional.empty(),
          value);
    }
    Optional<Thought> gold = freeOf(lot, byHead);
    Optional<Thought> locked = hiddenOf(lot);
    Optional<Ways.Machines> machines =
        gold.filter(_ -> lot.sand().grams() > 0)
            .map(told -> machines(lot.sand(), told.gold().milligrams(), value));
    List<Way> all = machines.isPresent() ? LotWays.of(lot, gold, machines, shop, value) : List.of();
    LotBelief plain = new LotBelief(lot, gold, locked, machines, all, Optional.empty(), value);
    return plain.looking(FirstLook.of(plain, shop));
  }

  /**
   * The machines for sand of a lot, the first first: those the shop counts on, then others it might
   * choose.
   *
   * @param others machines beside the shop's own
   */
  public List<MachineWay> toChoose(LotBelief lot, List<Gear> others) {
    List<MachineWay> all =
        new ArrayList<>(lot.machines().map(Ways.Machines::byNet).orElse(List.of()));
    List<Gear> more = new ArrayList<>(others);
    more.removeIf(gear -> all.stream().anyMatch(way -> way.gear().equals(gear)));
    double mg = lot.free().map(gold -> gold.gold().milligrams()).orElse(0.0);
    all.addAll(ways.machines(lot.lot().sand(), mg, more, lot.value()).byNet());
    return all;
  }

  /** The machines of the shop for sand that holds so much free gold, in mg. */
  public Ways.Machines machines(Sand sand, double freeMg, Value value) {
    return ways.machines(sand, freeMg, shop.gearCountedOn(), value);
  }

  private Optional<Thought> freeOf(StockLot lot, Optional<BatchHead.Told> byHead) {
    return lot.gold()
        .flatMap(gold -> gold.isTogether() ? Optional.of(gold.all()) : gold.free())
        .map(gold -> seen(gold, lot.gold().orElseThrow().freeLog()))
        .or(() -> byHead.map(told -> told.thought(free.seen(lot.kin().orElseThrow().kind()))))
        .or(() -> thought(free, lot));
  }

  private Optional<Thought> hiddenOf(StockLot lot) {
    return lot.gold()
        .flatMap(gold -> gold.hidden().map(told -> seen(told, gold.hiddenLog())))
        .or(
            () ->
                thought(hidden, lot)
                    // Measured together with the free it is in that already.
                    .filter(_ -> lot.gold().filter(gold -> gold.isTogether()).isEmpty()));
  }

  private static Thought seen(GoldRange gold, Optional<LogGold> log) {
    return new Thought(
        gold,
        log.map(told -> Math.exp(told.mean())).orElse(gold.milligrams()),
        log.map(LogGold::variance).orElse(0.0),
        Thought.By.LOOK,
        0);
  }

  private static Optional<Thought> thought(GradeModel model, StockLot lot) {
    double kg = lot.sand().grams() / 1000;
    return lot.kin()
        .filter(_ -> kg > 0)
        .map(
            kin -> {
              GradeBelief told = model.of(kin);
              return new Thought(
                  new GoldRange(
                      told.meanMgPerKg() * kg, told.lowMgPerKg() * kg, told.highMgPerKg() * kg),
                  told.medianMgPerKg() * kg,
                  told.variance(),
                  Thought.By.OTHERS,
                  model.seen(kin.kind()));
            });
  }
}
