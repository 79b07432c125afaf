package jugulum.core.gold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import jugulum.core.check.Band;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.specks.SpeckMass;
import jugulum.core.screens.Cut;

/** Works out the gold of a batch: the draws of every lot, and what is made of them. */
final class GoldWorking {
  private static final long FINENESS_SEED = 0x6a756775L;
  private static final long FLATNESS_SEED = 0x6c756d20L;

  private static final long SHARE_SEED = 0x73686172L;

  /** Lots have their own numbers for seeds; what was taken out of them begins beyond all of those. */
  private static final long BEAD_SEEDS = 1L << 33;

  private static final long SLAG_SEEDS = 1L << 34;

  /** Below that it is no native gold. */
  private static final double LOWEST_FINENESS = 0.3;

  private final GoldMemory memory;
  private final Network network;
  private final SandAccount sand;
  private final Draws.Shared shared;
  private final boolean finenessMeasured;
  private final Map<LotId, Draws> draws = new HashMap<>();

  /** Beads, and what was taken out of samples by eye. */
  private final Map<LotId, Draws> beads = new TreeMap<>();

  private final Map<LotId, Draws> slag = new TreeMap<>();
  private final List<Lot> ends;

  /** What the draws of a lot depend on. */
  private record OfLot(Evidence evidence, Draws.Shared shared, long seed) {}

  private record Both(Draws found, Draws head) {}

  private record Rest(Draws fed, Draws found) {}

  private record Left(Draws gold, double share) {}

  GoldWorking(Network network, SandAccount sand, GoldMemory memory) {
    this(network, sand, memory, network.lots());
  }

  GoldWorking(Network network, SandAccount sand, GoldMemory memory, List<Lot> lots) {
    this.memory = memory;
    this.network = network;
    this.sand = sand;
    this.ends = network.endLots().toList();
    List<Measure.Fineness> measured = network.lots().stream().flatMap(lot -> lot.live(Measure.Fineness.class)).toList();
    this.finenessMeasured = !measured.isEmpty();
    Measure.Fineness purity = fineness(network.batch().assumptions(), measured);
    Evidence pure = new Evidence.Known(purity.fraction(), purity.sd());
    Draws fineness = memory.recall(pure, () -> Draws.normal(FINENESS_SEED, purity.fraction(), purity.sd(), memory.count()).clamped(LOWEST_FINENESS, 1));
    this.shared = new Draws.Shared(fineness, memory.recall(SpeckMass.class, () -> Draws.factors(FLATNESS_SEED, SpeckMass.FLATNESS_LOG_SD, memory.count())));
    Map<LotId, OfLot> known = new TreeMap<>();
    for (Lot lot : lots) {
      Evidence.of(lot, network, sand).ifPresent(evidence -> known.put(lot.id(), new OfLot(evidence, shared, lot.id().number())));
    }
    memory.recallAll(List.copyOf(known.values()), key -> Draws.of(key.evidence(), key.shared(), key.seed()));
    known.forEach((lot, key) -> draws.put(lot, memory.recall(key, () -> Draws.of(key.evidence(), key.shared(), key.seed()))));
    for (Lot lot : lots) {
      inHand(lot, Smelts::inBeads, BEAD_SEEDS).ifPresent(gold -> beads.put(lot.id(), gold));
      inHand(lot, Smelts::inSlag, SLAG_SEEDS).ifPresent(gold -> slag.put(lot.id(), gold));
    }
  }

  /** Gold in hand from the samples of a lot that were smelted. */
  private Optional<Draws> inHand(Lot lot, Function<List<Measure.Smelt>, Optional<Evidence>> which, long seeds) {
    long seed = seeds + lot.id().number();
    return which.apply(lot.live(Measure.Smelt.class).toList()).map(evidence -> memory.recall(new OfLot(evidence, shared, seed), () -> Draws.of(evidence, shared, seed)));
  }

  /** The mean of the measured ones, or what is assumed. */
  private static Measure.Fineness fineness(Assumptions given, List<Measure.Fineness> measured) {
    if (measured.isEmpty()) {
      return new Measure.Fineness(given.fineness(), given.finenessSd());
    }
    double mean = measured.stream().mapToDouble(Measure.Fineness::fraction).average().orElseThrow();
    double sd = Math.sqrt(measured.stream().mapToDouble(one -> one.sd() * one.sd()).sum()) / measured.size();
    return new Measure.Fineness(mean, sd);
  }

  GoldAccount account() {
    List<Lot> gold = ends.stream().filter(lot -> lot.material() == Material.GOLD).toList();
    Optional<Draws> won = won(gold, network.lots());
    Optional<Draws> head = sum(network.feeds().toList(), draws::get);
    List<LotId> notLookedAt = notLookedAt(ends);
    Draws found = found();
    return new GoldAccount(
        won.map(Draws::range),
        shared.fineness().mean(),
        finenessMeasured,
        head.map(Draws::range),
        won.map(product -> recoveries(product, found, head, notLookedAt)).orElse(List.of()),
        byCut(gold),
        places(found, head, notLookedAt),
        ranges(),
        new Stages(network, sand, draws, memory).all());
  }

  /** All gold found: what lies in end lots, and what is in hand of lots that were run on. */
  Draws found() {
    return found(ends, network.lots()).orElseGet(() -> Draws.constant(0, memory.count()));
  }

  private Optional<Draws> found(List<Lot> left, List<Lot> smelted) {
    return together(List.of(sum(left, this::left), sum(smelted, beads::get), sum(smelted, slag::get)));
  }

  /** Gold in hand: weighed, and of smelts. */
  private Optional<Draws> won(List<Lot> gold, List<Lot> smelted) {
    return together(List.of(sum(gold, draws::get), sum(smelted, beads::get), sum(smelted, slag::get)));
  }

  private Optional<Draws> together(List<Optional<Draws>> parts) {
    return memory.sum(parts.stream().flatMap(Optional::stream).toList());
  }

  /** The gold still in a lot, or null where nobody looked: samples that were smelted took theirs along. */
  private Draws left(LotId id) {
    Draws gold = draws.get(id);
    double taken = network.lot(id).map(lot -> Smelts.shareTaken(lot, sand.mass(id))).orElse(0.0);
    return gold == null || taken == 0 ? gold : memory.recall(new Left(gold, 1 - taken), () -> gold.times(1 - taken));
  }

  /** The gold still in a lot; empty where nobody looked. */
  Optional<Draws> leftIn(LotId lot) {
    return Optional.ofNullable(left(lot));
  }

  Map<LotId, GoldRange> ranges() {
    Map<LotId, GoldRange> lots = new TreeMap<>();
    draws.keySet().forEach(id -> lots.put(id, left(id).range()));
    return lots;
  }

  /**
   * After each step the share of all gold found that was not set aside by it or a step before: what is in hand or still to be run. The last one
   * is the recovery where nothing is left to run.
   */
  Map<StepId, Recovery> cumulative() {
    Draws found = found();
    List<Lot> lost = new ArrayList<>();
    Optional<Draws> lostGold = Optional.empty();
    List<Kept> kept = new ArrayList<>(List.of(new Kept(found, List.of())));
    Map<StepId, Integer> stands = new LinkedHashMap<>();
    for (Step step : network.steps()) {
      List<Lot> gone = network.lots(step.outputs()).stream().filter(lot -> network.taker(lot.id()).isEmpty() && lot.isSetAside()).toList();
      if (!gone.isEmpty()) {
        lost.addAll(gone);
        lostGold = together(List.of(lostGold, sum(gone, this::left)));
        Draws left = lostGold.map(away -> memory.recall(new Rest(found, away), () -> found.minus(away))).orElse(found);
        kept.add(new Kept(left, notLookedAt(lost)));
      }
      stands.put(step.id(), kept.size() - 1);
    }
    List<Draws> shares = kept.stream().map(one -> memory.share(one.gold(), found)).toList();
    shares.parallelStream().forEach(Draws::range);
    Map<StepId, Recovery> after = new LinkedHashMap<>();
    stands.forEach((step, at) -> after.put(step, recovery(Against.FOUND, kept.get(at).gold(), found, kept.get(at).notLookedAt())));
    return after;
  }

  /** What is not set aside yet. */
  private record Kept(Draws gold, List<LotId> notLookedAt) {}

  /** Shares to be won: one doubt for all lots it is asked for. */
  Draws triangular(Band band) {
    return memory.recall(band, () -> Draws.triangular(SHARE_SEED, band, memory.count()));
  }

  private List<Recovery> recoveries(Draws won, Draws found, Optional<Draws> head, List<LotId> notLookedAt) {
    List<Recovery> all = new ArrayList<>();
    all.add(recovery(Against.FOUND, won, found, notLookedAt));
    head.filter(fed -> fed.mean() > 0).ifPresent(fed -> all.add(recovery(Against.HEAD, won, fed, notLookedAt)));
    boolean everyLotKnown = notLookedAt.isEmpty();
    if (everyLotKnown && head.filter(fed -> fed.variance() > 0 && found.variance() > 0).isPresent()) {
      Draws both = memory.recall(new Both(found, head.get()), () -> found.weighted(1 / found.variance(), head.get(), 1 / head.get().variance()));
      all.add(recovery(Against.BOTH, won, both, notLookedAt));
    }
    return all;
  }

  private Recovery recovery(Against against, Draws won, Draws of, List<LotId> notLookedAt) {
    GoldRange range = memory.share(won, of).range();
    double share = of.mean() > 0 ? won.mean() / of.mean() : 0;
    return new Recovery(against, share, range.lowMg(), range.highMg(), memory.share(won, of).endSd(), notLookedAt);
  }

  /** Only for cuts whose gold was kept apart: with one vial for several cuts nobody can say which it came from. */
  private Map<Cut, Recovery> byCut(List<Lot> gold) {
    Map<Cut, OfCut> told = new TreeMap<>(Cut.COARSE_FIRST);
    for (Cut cut : gold.stream().map(Lot::cut).distinct().toList()) {
      boolean apart = gold.stream().map(Lot::cut).noneMatch(other -> !other.equals(cut) && other.overlaps(cut));
      List<Lot> smelted = network.lots().stream().filter(lot -> lot.cut().equals(cut)).toList();
      Optional<Draws> won = won(gold.stream().filter(lot -> lot.cut().equals(cut)).toList(), smelted);
      if (apart && won.isPresent() && !cut.isAll()) {
        List<Lot> its = ends.stream().filter(lot -> lot.cut().equals(cut)).toList();
        told.put(cut, new OfCut(won.get(), found(its, smelted).orElseThrow(), notLookedAt(its)));
      }
    }
    told.values().stream().map(cut -> memory.share(cut.won(), cut.found())).toList().parallelStream().forEach(Draws::range);
    Map<Cut, Recovery> all = new TreeMap<>(Cut.COARSE_FIRST);
    told.forEach((cut, of) -> all.put(cut, recovery(Against.FOUND, of.won(), of.found(), of.notLookedAt())));
    return all;
  }

  private record OfCut(Draws won, Draws found, List<LotId> notLookedAt) {}

  private List<Place> places(Draws found, Optional<Draws> head, List<LotId> notLookedAt) {
    Map<Place.Kind, List<Lot>> byKind = new EnumMap<>(Place.Kind.class);
    ends.forEach(lot -> byKind.computeIfAbsent(kind(lot), _ -> new ArrayList<>()).add(lot));
    List<Place> places = new ArrayList<>();
    byKind.forEach((kind, lots) -> places.add(place(kind, lots)));
    inHand(Place.Kind.BEAD, beads).ifPresent(places::add);
    inHand(Place.Kind.SLAG, slag).ifPresent(places::add);
    places.sort(Comparator.comparing(Place::kind));
    head.map(fed -> memory.recall(new Rest(fed, found), () -> fed.minus(found)).range())
        .filter(range -> range.highMg() > 0)
        .ifPresent(range -> places.add(new Place(Place.Kind.BY_DIFFERENCE, range, notLookedAt, notLookedAt)));
    return places;
  }

  private Place place(Place.Kind kind, List<Lot> lots) {
    GoldRange range = sum(lots, this::left).map(Draws::range).orElse(GoldRange.NONE);
    return new Place(kind, range, lots.stream().map(Lot::id).toList(), notLookedAt(lots));
  }

  private Optional<Place> inHand(Place.Kind kind, Map<LotId, Draws> gold) {
    return memory.sum(List.copyOf(gold.values())).map(sum -> new Place(kind, sum.range(), List.copyOf(gold.keySet()), List.of()));
  }

  private static Place.Kind kind(Lot lot) {
    return switch (lot.material()) {
      case GOLD -> Place.Kind.VIAL;
      case MAGNETICS -> Place.Kind.MAGNETICS;
      case TAILINGS -> Place.Kind.TAILINGS;
      case RESIDUE -> Place.Kind.RESIDUE;
      case CONCENTRATE, SECOND_CONCENTRATE -> Place.Kind.CONCENTRATE;
      case MIDDLINGS -> Place.Kind.MIDDLINGS;
      case CUT -> lot.isOversize() ? Place.Kind.OVERSIZE : Place.Kind.STILL_TO_RUN;
      case FEED, NON_MAGNETICS, MERGED, PART -> Place.Kind.STILL_TO_RUN;
    };
  }

  private List<LotId> notLookedAt(List<Lot> lots) {
    return lots.stream().map(Lot::id).filter(id -> !draws.containsKey(id)).toList();
  }

  private Optional<Draws> sum(List<Lot> lots, Function<LotId, Draws> gold) {
    return memory.sum(lots.stream().map(lot -> gold.apply(lot.id())).filter(Objects::nonNull).toList());
  }
}
