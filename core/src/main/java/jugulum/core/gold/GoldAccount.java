package jugulum.core.gold;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.specks.SpeckMass;
import jugulum.core.screens.Cut;

/**
 * How much gold was won, where the rest is, and the recovery, each with a 95 % range. All amounts are native metal in milligrams, as
 * weighed; assays, which tell fine gold, are turned to native metal with the fineness.
 *
 * @param won the gold weighed; empty before the first weighing
 * @param fineness the fineness used, 0 to 1: the mean of those measured, or the batch's assumption
 * @param finenessMeasured whether any was measured
 * @param head the gold in the feed; empty without evidence on it
 * @param recoveries what can be said, at most one of each kind, in the order of {@link Against}
 * @param byCut recovery against the gold found of each cut that has gold lots of its own, coarse first
 * @param places where the gold is, in the order of {@link Place.Kind}
 * @param lots the gold in each live lot that has evidence
 * @param stages what each live run over a machine did to the gold
 */
public record GoldAccount(
    Optional<GoldRange> won,
    double fineness,
    boolean finenessMeasured,
    Optional<GoldRange> head,
    List<Recovery> recoveries,
    Map<Cut, Recovery> byCut,
    List<Place> places,
    Map<LotId, GoldRange> lots,
    Map<StepId, Stage> stages) {

  /** Works out the gold of a batch. */
  public static GoldAccount of(Network network, SandAccount sand) {
    return of(network, sand, new GoldMemory());
  }

  /** Works out the gold of a batch, the same as without a memory but sooner. */
  public static GoldAccount of(Network network, SandAccount sand, GoldMemory memory) {
    return new Work(network, sand, memory).account();
  }

  /** The gold of some lots alone, as the whole account tells it; those without evidence are left out. */
  public static Map<LotId, GoldRange> ranges(Network network, SandAccount sand, List<Lot> lots) {
    return new Work(network, sand, new GoldMemory(), lots).ranges();
  }

  /** The recovery measured so, if it can be told. */
  public Optional<Recovery> recovery(Against against) {
    return recoveries.stream().filter(recovery -> recovery.against() == against).findFirst();
  }

  /** The end lots nobody looked at, by place. */
  public List<LotId> notLookedAt() {
    return places.stream().filter(place -> place.kind() != Place.Kind.BY_DIFFERENCE).flatMap(place -> place.notLookedAt().stream()).toList();
  }

  /** The place of that kind, if it has any lot or gold. */
  public Optional<Place> place(Place.Kind kind) {
    return places.stream().filter(place -> place.kind() == kind).findFirst();
  }

  private static final class Work {
    private static final long FINENESS_SEED = 0x6a756775L;
    private static final long FLATNESS_SEED = 0x6c756d20L;

    /** Below that it is no native gold. */
    private static final double LOWEST_FINENESS = 0.3;

    private final GoldMemory memory;
    private final Network network;
    private final SandAccount sand;
    private final Draws.Shared shared;
    private final boolean finenessMeasured;
    private final Map<LotId, Draws> draws = new HashMap<>();
    private final List<Lot> ends;

    /** What the draws of a lot depend on. */
    private record OfLot(Evidence evidence, Draws.Shared shared, long seed) {}

    private record Both(Draws found, Draws head) {}

    private record Rest(Draws fed, Draws found) {}

    Work(Network network, SandAccount sand, GoldMemory memory) {
      this(network, sand, memory, network.lots());
    }

    Work(Network network, SandAccount sand, GoldMemory memory, List<Lot> lots) {
      this.memory = memory;
      memory.begin();
      this.network = network;
      this.sand = sand;
      this.ends = network.endLots().toList();
      List<Measure.Fineness> measured = network.lots().stream().flatMap(lot -> lot.live(Measure.Fineness.class)).toList();
      this.finenessMeasured = !measured.isEmpty();
      Measure.Fineness purity = fineness(network.batch().assumptions(), measured);
      Evidence known = new Evidence.Known(purity.fraction(), purity.sd());
      Draws fineness = memory.recall(known, () -> Draws.normal(FINENESS_SEED, purity.fraction(), purity.sd()).clamped(LOWEST_FINENESS, 1));
      this.shared = new Draws.Shared(fineness, memory.recall(SpeckMass.class, () -> Draws.factors(FLATNESS_SEED, SpeckMass.FLATNESS_LOG_SD)));
      for (Lot lot : lots) {
        long seed = lot.id().number();
        Evidence.of(lot, network, sand)
            .map(evidence -> memory.recall(new OfLot(evidence, shared, seed), () -> Draws.of(evidence, shared, seed)))
            .ifPresent(drawn -> draws.put(lot.id(), drawn));
      }
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
      Optional<Draws> won = sum(gold);
      Optional<Draws> head = sum(network.feeds().toList());
      List<LotId> notLookedAt = notLookedAt(ends);
      Draws found = sum(ends).orElse(Draws.constant(0));
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

    Map<LotId, GoldRange> ranges() {
      Map<LotId, GoldRange> lots = new TreeMap<>();
      draws.forEach((id, drawn) -> lots.put(id, drawn.range()));
      return lots;
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
      return new Recovery(against, share, range.lowMg(), range.highMg(), notLookedAt);
    }

    /** Only for cuts whose gold was kept apart: with one vial for several cuts nobody can say which it came from. */
    private Map<Cut, Recovery> byCut(List<Lot> gold) {
      Map<Cut, Recovery> all = new TreeMap<>(Cut.COARSE_FIRST);
      for (Cut cut : gold.stream().map(Lot::cut).distinct().toList()) {
        boolean apart = gold.stream().map(Lot::cut).noneMatch(other -> !other.equals(cut) && other.overlaps(cut));
        Optional<Draws> won = sum(gold.stream().filter(lot -> lot.cut().equals(cut)).toList());
        if (apart && won.isPresent() && !cut.isAll()) {
          List<Lot> its = ends.stream().filter(lot -> lot.cut().equals(cut)).toList();
          all.put(cut, recovery(Against.FOUND, won.get(), sum(its).orElseThrow(), notLookedAt(its)));
        }
      }
      return all;
    }

    private List<Place> places(Draws found, Optional<Draws> head, List<LotId> notLookedAt) {
      Map<Place.Kind, List<Lot>> byKind = new EnumMap<>(Place.Kind.class);
      ends.forEach(lot -> byKind.computeIfAbsent(kind(lot), _ -> new ArrayList<>()).add(lot));
      List<Place> places = new ArrayList<>();
      byKind.forEach(
          (kind, lots) -> {
            GoldRange range = sum(lots).map(Draws::range).orElse(GoldRange.NONE);
            places.add(new Place(kind, range, lots.stream().map(Lot::id).toList(), notLookedAt(lots)));
          });
      head.map(fed -> memory.recall(new Rest(fed, found), () -> fed.minus(found)).range())
          .filter(range -> range.highMg() > 0)
          .ifPresent(range -> places.add(new Place(Place.Kind.BY_DIFFERENCE, range, notLookedAt, notLookedAt)));
      return places;
    }

    private static Place.Kind kind(Lot lot) {
      return switch (lot.material()) {
        case GOLD -> Place.Kind.VIAL;
        case MAGNETICS -> Place.Kind.MAGNETICS;
        case TAILINGS -> Place.Kind.TAILINGS;
        case RESIDUE -> Place.Kind.RESIDUE;
        case FEED, CUT, NON_MAGNETICS, CONCENTRATE, SECOND_CONCENTRATE, MIDDLINGS, MERGED, PART -> Place.Kind.STILL_TO_RUN;
      };
    }

    private List<LotId> notLookedAt(List<Lot> lots) {
      return lots.stream().map(Lot::id).filter(id -> !draws.containsKey(id)).toList();
    }

    private Optional<Draws> sum(List<Lot> lots) {
      return memory.sum(lots.stream().map(lot -> draws.get(lot.id())).filter(Objects::nonNull).toList());
    }
  }
}
