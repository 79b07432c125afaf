package jugulum.core.stock;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Gear;
import jugulum.core.runs.MachineRecord;
import jugulum.core.runs.Pace;
import jugulum.core.runs.PastRun;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;

/**
 * Which container is worth working first, and which one sample would decide most. A container
 * nobody looked at counts by the grades of those of its kind that were: their geometric mean, with
 * their spread, no less than a factor of e either way (ours); where none of its kind was, by those
 * of all.
 */
public final class StockRank {
  private static final double LEAST_SPREAD = 1;

  /** Panning a sample and counting: common practice. */
  private static final double LOOK_MINUTES = 10;

  /** Gold of the shop counts at what native gold usually is, where nobody measured it. */
  private static final double FINENESS = 0.88;

  private final Shop shop;
  private final List<PastRun> runs;
  private final Map<Gear, Pace> paces = new HashMap<>();
  private final Map<Material, Grades> byMaterial = new HashMap<>();
  private final Grades all;

  /** Logarithms of grades, in mg/kg. */
  private record Grades(double mean, double spread, int count) {
    static Grades of(Stream<Double> logs) {
      List<Double> grades = logs.toList();
      int n = grades.size();
      double mean = grades.stream().mapToDouble(log -> log).average().orElse(0);
      double squares = grades.stream().mapToDouble(log -> (log - mean) * (log - mean)).sum();
      double spread = n > 1 ? Math.sqrt(squares / (n - 1)) : 0;
      return new Grades(mean, Math.max(LEAST_SPREAD, spread), n);
    }
  }

  /**
   * A container with what it is worth.
   *
   * @param lot which
   * @param minutes what working it on the machine that suits best takes, in minutes; empty where
   *     its mass is not known
   * @param gear that machine
   * @param freeMg its free gold, in mg; empty where nothing tells of it, not even others
   * @param isByOthers whether that is told by other containers
   * @param mgPerHour what an hour wins, in mg
   * @param moneyPerHour what is left of an hour, in the shop's currency; empty without terms
   * @param sampleWorth what one look is worth beyond its own minutes, at most, in the shop's
   *     currency; empty without terms
   */
  public record Ranked(
      StockLot lot,
      OptionalDouble minutes,
      Optional<Gear> gear,
      OptionalDouble freeMg,
      boolean isByOthers,
      OptionalDouble mgPerHour,
      OptionalDouble moneyPerHour,
      OptionalDouble sampleWorth) {}

  private StockRank(List<StockLot> lots, Shop shop, List<PastRun> runs) {
    this.shop = shop;
    this.runs = runs;
    for (Material material : Material.values()) {
      byMaterial.put(
          material,
          Grades.of(
              lots.stream()
                  .filter(lot -> lot.material() == material)
                  .flatMap(StockRank::logGrade)));
    }
    all = Grades.of(lots.stream().flatMap(StockRank::logGrade));
  }

  /**
   * Ranks containers: what brings most of an hour first, in money where the shop told what gold and
   * time are worth, else in gold; what nothing can be said of last. Won gold is not to be worked.
   *
   * @param runs of all machines, for their pace
   */
  public static List<Ranked> of(List<StockLot> lots, Shop shop, List<PastRun> runs) {
    StockRank rank = new StockRank(lots, shop, runs);
    return lots.stream()
        .map(rank::ranked)
        .sorted(
            Comparator.comparingDouble(
                    (Ranked one) ->
                        -one.moneyPerHour()
                            .orElse(one.mgPerHour().orElse(Double.NEGATIVE_INFINITY)))
                .thenComparing(one -> one.lot().label())
                .thenComparing(one -> one.lot().lot().number()))
        .toList();
  }

  /** The container of which one look would decide most; empty where none is worth its minutes. */
  public static Optional<Ranked> decides(List<Ranked> ranked) {
    return ranked.stream()
        .filter(one -> one.sampleWorth().orElse(0) > 0)
        .max(Comparator.comparingDouble(one -> one.sampleWorth().getAsDouble()));
  }

  private static Stream<Double> logGrade(StockLot lot) {
    double grams = lot.grams().orElse(0);
    double mg = lot.looks().isEmpty() ? 0 : free(lot).map(GoldRange::milligrams).orElse(0.0);
    return lot.material() != Material.GOLD && grams > 0 && mg > 0
        ? Stream.of(Math.log(mg / grams * 1000))
        : Stream.empty();
  }

  private static Optional<GoldRange> free(StockLot lot) {
    return lot.gold().flatMap(gold -> gold.isTogether() ? Optional.of(gold.all()) : gold.free());
  }

  /** What is thought of a container's gold: its mean, in mg, and the spread of its logarithm. */
  private record Thought(double meanMg, double sigma, boolean isByOthers) {}

  private Optional<Thought> thought(StockLot lot, double grams) {
    Optional<GoldRange> told = free(lot);
    if (told.isPresent()) {
      double mg = told.get().milligrams();
      double high = Math.max(mg, told.get().highMg());
      return Optional.of(
          mg > 0
              ? new Thought(mg, SampleWorth.sigma(mg, high), false)
              // Nothing was seen: a third of what it may be at most, and as good as anything.
              : new Thought(high / 3, LEAST_SPREAD, false));
    }
    Grades own = byMaterial.getOrDefault(lot.material(), all);
    Grades grades = own.count() > 0 ? own : all;
    double mean = Math.exp(grades.mean() + grades.spread() * grades.spread() / 2);
    return grades.count() > 0
        ? Optional.of(new Thought(mean * grams / 1000, grades.spread(), true))
        : Optional.empty();
  }

  private Ranked ranked(StockLot lot) {
    double grams = lot.grams().orElse(0);
    if (lot.material() == Material.GOLD || !(grams > 0)) {
      return new Ranked(
          lot,
          OptionalDouble.empty(),
          Optional.empty(),
          mg(free(lot)),
          false,
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty());
    }
    Gear gear = gear(lot);
    double minutes = paces.computeIfAbsent(gear, one -> Pace.of(one, runs)).minutes(grams);
    Optional<Thought> thought = thought(lot, grams);
    if (thought.isEmpty()) {
      return new Ranked(
          lot,
          OptionalDouble.of(minutes),
          Optional.of(gear),
          OptionalDouble.empty(),
          false,
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty());
    }
    PastRun.Kind kind = lot.material().isSetAside() ? PastRun.Kind.RERUN : PastRun.Kind.FIRST;
    Band share = MachineRecord.practice(gear, lot.cut(), kind);
    double won = thought.get().meanMg() * (share.low() + share.usual() + share.high()) / 3;
    Optional<Terms> terms = shop.terms();
    return new Ranked(
        lot,
        OptionalDouble.of(minutes),
        Optional.of(gear),
        OptionalDouble.of(thought.get().meanMg()),
        thought.get().isByOthers(),
        OptionalDouble.of(won / minutes * 60),
        terms
            .map(
                given ->
                    OptionalDouble.of(
                        (given.worth(won, FINENESS) - given.cost(minutes)) / minutes * 60))
            .orElse(OptionalDouble.empty()),
        terms
            .map(
                given ->
                    OptionalDouble.of(
                        SampleWorth.of(
                                given.worth(won, FINENESS),
                                thought.get().sigma(),
                                given.cost(minutes))
                            - given.cost(LOOK_MINUTES)))
            .orElse(OptionalDouble.empty()));
  }

  private static OptionalDouble mg(Optional<GoldRange> gold) {
    return gold.stream().mapToDouble(GoldRange::milligrams).findFirst();
  }

  private Gear gear(StockLot lot) {
    return shop.gearToChoose().stream()
        .min(
            Comparator.comparing((Gear gear) -> gear.sheet().fit(lot.cut()))
                .thenComparing(gear -> -gear.sheet().expected(lot.cut()).usual()))
        .orElseThrow();
  }
}
