package jugulum.core.gold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.gold.Recovery.Of;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;
import jugulum.core.specks.SpeckSizes;

/** Works out the gold of a batch: the draws of every lot, and what is made of them. */
final class GoldWorking {
  private static final long FINENESS_SEED = 0x6a756775L;
  private static final long FLATNESS_SEED = 0x6c756d20L;

  private static final long SIZES_SEED = 0x73697a65L;
  private static final long SHARE_SEED = 0x73686172L;

  /**
   * Lots have their own numbers for seeds; their other kinds of gold, and what was taken out of
   * them, begin beyond all of those.
   */
  private static final long BEAD_SEEDS = 1L << 33;

  private static final long SLAG_SEEDS = 1L << 34;
  private static final long HIDDEN_SEEDS = 1L << 35;
  private static final long TOGETHER_SEEDS = 1L << 36;
  private static final long VISIBLE_SEEDS = 1L << 37;

  /** Below that it is no native gold. */
  private static final double LOWEST_FINENESS = 0.3;

  private final GoldMemory memory;
  private final Network network;
  private final SandAccount sand;
  private final Draws.Shared shared;
  private final boolean finenessMeasured;
  private final Map<LotId, LotDraws> known = new HashMap<>();

  /** Free gold weighed out of samples that were smelted. */
  private final Map<LotId, Draws> visible = new TreeMap<>();

  private final Map<LotId, Draws> beads = new TreeMap<>();
  private final Map<LotId, Draws> slag = new TreeMap<>();
  private final List<Lot> ends;
  private final Removals removals;

  /** What draws depend on. */
  private record OfLot(Evidence evidence, Draws.Shared shared, long seed) {}

  private record Flatness(double logSd) {}

  private record Both(Draws found, Draws head) {}

  private record Left(Draws gold, double share) {}

  GoldWorking(Network network, SandAccount sand, GoldMemory memory) {
    this(network, sand, memory, network.lots());
  }

  GoldWorking(Network network, SandAccount sand, GoldMemory memory, List<Lot> lots) {
    this.memory = memory;
    this.network = network;
    this.sand = sand;
    this.ends = network.endLots().toList();
    BatchSpecks specks = BatchSpecks.of(network);
    this.removals = new Removals(network, specks, memory);
    List<Measure.Fineness> measured =
        network.lots().stream().flatMap(lot -> lot.live(Measure.Fineness.class)).toList();
    this.finenessMeasured = !measured.isEmpty();
    Measure.Fineness purity = fineness(network.batch().assumptions(), measured);
    Evidence pure = new Evidence.Known(purity.fraction(), purity.sd());
    Draws fineness =
        memory.recall(
            pure,
            () ->
                Draws.normal(FINENESS_SEED, purity.fraction(), purity.sd(), memory.count())
                    .clamped(LOWEST_FINENESS, 1));
    Map<LotId, LotEvidence> told = new TreeMap<>();
    for (Lot lot : lots) {
      Optional.of(LotEvidence.of(lot, network, sand, specks, removals))
          .filter(evidence -> !evidence.isEmpty())
          .ifPresent(evidence -> told.put(lot.id(), evidence));
    }
    boolean anyOpen =
        told.values().stream().flatMap(LotEvidence::all).anyMatch(Evidence::restsOnSizes);
    this.shared =
        new Draws.Shared(
            fineness,
            memory.recall(
                new Flatness(specks.logSd()),
                () -> Draws.factors(FLATNESS_SEED, specks.logSd(), memory.count())),
            anyOpen ? Optional.of(sizes(specks.sizes())) : Optional.empty());
    memory.recallAll(
        told.entrySet().stream().flatMap(one -> keys(one.getKey(), one.getValue())).toList(),
        key -> Draws.of(key.evidence(), key.shared(), key.seed()));
    told.forEach((lot, evidence) -> known.put(lot, draws(lot, evidence)));
    for (Lot lot : lots) {
      inHand(lot, Smelts::visible, VISIBLE_SEEDS).ifPresent(gold -> visible.put(lot.id(), gold));
      inHand(lot, Smelts::inBeads, BEAD_SEEDS).ifPresent(gold -> beads.put(lot.id(), gold));
      inHand(lot, Smelts::inSlag, SLAG_SEEDS).ifPresent(gold -> slag.put(lot.id(), gold));
    }
  }

  private Draws.Sizes sizes(SpeckSizes known) {
    return new Draws.Sizes(
        known, memory.recall(known, () -> Draws.laws(SIZES_SEED, known, memory.count())));
  }

  private Stream<OfLot> keys(LotId lot, LotEvidence told) {
    long seed = lot.number();
    return Stream.of(
            told.free().map(one -> key(one, seed)),
            told.hidden().map(one -> key(one, HIDDEN_SEEDS + seed)),
            told.together().map(one -> key(one, TOGETHER_SEEDS + seed)))
        .flatMap(Optional::stream);
  }

  private OfLot key(Evidence evidence, long seed) {
    return new OfLot(evidence, shared.under(evidence), seed);
  }

  private Draws drawn(Evidence evidence, long seed) {
    OfLot key = key(evidence, seed);
    return memory.recall(key, () -> Draws.of(evidence, key.shared(), seed));
  }

  private LotDraws draws(LotId lot, LotEvidence told) {
    long seed = lot.number();
    return new LotDraws(
        told.free().map(one -> drawn(one, seed)),
        told.hidden().map(one -> drawn(one, HIDDEN_SEEDS + seed)),
        told.together().map(one -> drawn(one, TOGETHER_SEEDS + seed)),
        told);
  }

  /** Gold in hand from the samples of a lot that were smelted. */
  private Optional<Draws> inHand(Lot lot, Function<Lot, Optional<Evidence>> which, long seeds) {
    return which.apply(lot).map(evidence -> drawn(evidence, seeds + lot.id().number()));
  }

  /** The mean of the measured ones, or what is assumed. */
  private static Measure.Fineness fineness(Assumptions given, List<Measure.Fineness> measured) {
    if (measured.isEmpty()) {
      return new Measure.Fineness(given.fineness(), given.finenessSd());
    }
    double mean = measured.stream().mapToDouble(Measure.Fineness::fraction).average().orElseThrow();
    double sd =
        Math.sqrt(measured.stream().mapToDouble(one -> one.sd() * one.sd()).sum())
            / measured.size();
    return new Measure.Fineness(mean, sd);
  }

  GoldAccount account() {
    List<Lot> gold = ends.stream().filter(lot -> lot.material() == Material.GOLD).toList();
    Optional<Draws> won = won(gold, network.lots());
    Optional<Draws> head = wholeHead();
    Draws found = found(Of.ALL);
    return new GoldAccount(
        won.map(Draws::range),
        shared.fineness().mean(),
        finenessMeasured,
        head.or(this::freeHead).map(Draws::range),
        won.map(product -> recoveries(product, gold, head)).orElse(List.of()),
        byCut(gold),
        new Places(this, memory).all(ends, found, head),
        lots(),
        new Stages(network, sand, freeAtMost(), allTogether(), whole(), memory).all(),
        headLeft(head, found),
        removals.all());
  }

  /** Of all gold where that was told, else of the free gold. */
  private Optional<HeadLeft> headLeft(Optional<Draws> head, Draws found) {
    return head.map(fed -> headLeft(fed, found))
        .orElseGet(() -> freeHead().flatMap(fed -> headLeft(fed, found(Of.FREE))));
  }

  private static Optional<HeadLeft> headLeft(Draws head, Draws found) {
    return head.log()
        .map(log -> new HeadLeft(log, found.mean(), Math.sqrt(Math.max(0, found.variance()))));
  }

  GoldAccount.Standing standing() {
    return new GoldAccount.Standing(
        lots(), shared.fineness().mean(), headLeft(wholeHead(), found(Of.ALL)));
  }

  private Optional<Draws> wholeHead() {
    return sum(
        network.feeds().toList(),
        lot -> known(lot).filter(LotDraws::isWhole).map(told -> told.all(memory)));
  }

  private Optional<Draws> freeHead() {
    return sum(network.feeds().toList(), lot -> known(lot).flatMap(LotDraws::free));
  }

  Optional<LotDraws> known(LotId lot) {
    return Optional.ofNullable(known.get(lot));
  }

  private Optional<LotDraws> known(Lot lot) {
    return known(lot.id());
  }

  /** What counts as free gold in each lot, at most. */
  private Map<LotId, Draws> freeAtMost() {
    Map<LotId, Draws> free = new HashMap<>();
    known.forEach(
        (lot, told) ->
            told.freeAtMost()
                .filter(_ -> !told.evidence().finerOpen())
                .ifPresent(gold -> free.put(lot, gold)));
    return free;
  }

  private Map<LotId, Draws> whole() {
    Map<LotId, Draws> whole = new HashMap<>();
    known.forEach(
        (lot, told) ->
            Optional.of(told)
                .filter(LotDraws::isWhole)
                .ifPresent(both -> whole.put(lot, both.all(memory))));
    return whole;
  }

  private List<LotId> allTogether() {
    return known.entrySet().stream()
        .filter(one -> one.getValue().isTogether())
        .map(Map.Entry::getKey)
        .sorted(Comparator.comparingInt(LotId::number))
        .toList();
  }

  /**
   * All gold found of a kind: what lies in end lots, and what is in hand of lots that were run on.
   */
  Draws found(Of of) {
    return found(of, ends, network.lots()).orElseGet(() -> Draws.constant(0, memory.count()));
  }

  private Optional<Draws> found(Of of, List<Lot> left, List<Lot> smelted) {
    Optional<Draws> inLots = sum(left, lot -> left(lot.id(), of));
    return of == Of.FREE
        ? added(List.of(inLots, sum(smelted, lot -> taken(lot, visible))))
        : added(
            List.of(
                inLots,
                sum(smelted, lot -> taken(lot, visible)),
                sum(smelted, lot -> taken(lot, beads)),
                sum(smelted, lot -> taken(lot, slag))));
  }

  private static Optional<Draws> taken(Lot lot, Map<LotId, Draws> gold) {
    return Optional.ofNullable(gold.get(lot.id()));
  }

  /** Gold in hand: weighed, and of smelts. */
  private Optional<Draws> won(List<Lot> gold, List<Lot> smelted) {
    return added(
        List.of(
            wonFree(gold, smelted),
            sum(smelted, lot -> taken(lot, beads)),
            sum(smelted, lot -> taken(lot, slag))));
  }

  private Optional<Draws> wonFree(List<Lot> gold, List<Lot> smelted) {
    return added(
        List.of(
            sum(gold, lot -> known(lot).flatMap(LotDraws::free)),
            sum(smelted, lot -> taken(lot, visible))));
  }

  Map<LotId, Draws> visible() {
    return visible;
  }

  Map<LotId, Draws> beads() {
    return beads;
  }

  Map<LotId, Draws> slag() {
    return slag;
  }

  Optional<Draws> added(List<Optional<Draws>> parts) {
    return memory.sum(parts.stream().flatMap(Optional::stream).toList());
  }

  /**
   * The gold of a kind still in a lot; empty where nothing is known of it. Free gold that was not
   * told apart counts as all of it.
   */
  Optional<Draws> left(LotId id, Of of) {
    return known(id)
        .flatMap(told -> of == Of.FREE ? told.freeAtMost() : Optional.of(told.all(memory)))
        .map(gold -> still(id, gold));
  }

  /** Free gold still in a lot that was told apart; hidden gold still in it that was measured. */
  Optional<Draws> free(LotId id) {
    return known(id).flatMap(LotDraws::free).map(gold -> still(id, gold));
  }

  Optional<Draws> hidden(LotId id) {
    return known(id).flatMap(told -> told.hiddenGold(memory)).map(gold -> still(id, gold));
  }

  /** Samples that were smelted took theirs along. */
  private Draws still(LotId id, Draws gold) {
    double taken = network.lot(id).map(lot -> Smelts.shareTaken(lot, sand.mass(id))).orElse(0.0);
    return taken == 0
        ? gold
        : memory.recall(new Left(gold, 1 - taken), () -> gold.times(1 - taken));
  }

  Map<LotId, LotGold> lots() {
    Map<LotId, LotGold> lots = new TreeMap<>();
    known.forEach(
        (id, told) -> {
          Draws all = left(id, Of.ALL).orElseThrow();
          Optional<Draws> free = free(id);
          Optional<Draws> hidden = hidden(id);
          lots.put(
              id,
              new LotGold(
                  free.map(Draws::range),
                  told.evidence().finerOpen(),
                  hidden.map(Draws::range),
                  all.range(),
                  told.isWhole(),
                  told.evidence().isNothingSeen(),
                  told.evidence().isAtLeast(),
                  free.or(() -> Optional.of(all).filter(_ -> told.isTogether()))
                      .flatMap(Draws::log),
                  hidden.flatMap(Draws::log)));
        });
    return lots;
  }

  /**
   * After each step the share of all free gold found that was not set aside by it or a step before:
   * what is in hand or still to be run. The last one is the recovery where nothing is left to run.
   */
  Map<StepId, Recovery> cumulative() {
    Draws found = found(Of.FREE);
    List<Lot> lost = new ArrayList<>();
    Optional<Draws> lostGold = Optional.empty();
    List<Kept> kept = new ArrayList<>(List.of(new Kept(found, List.of(), List.of())));
    Map<StepId, Integer> stands = new LinkedHashMap<>();
    for (Step step : network.steps()) {
      List<Lot> gone =
          network.lots(step.outputs()).stream()
              .filter(lot -> network.taker(lot.id()).isEmpty() && lot.isSetAside())
              .toList();
      if (!gone.isEmpty()) {
        lost.addAll(gone);
        lostGold = added(List.of(lostGold, sum(gone, lot -> left(lot.id(), Of.FREE))));
        Draws left = lostGold.map(away -> memory.minus(found, away)).orElse(found);
        kept.add(new Kept(left, open(lost, Of.FREE), together(lost)));
      }
      stands.put(step.id(), kept.size() - 1);
    }
    List<Draws> shares = kept.stream().map(one -> memory.share(one.gold(), found)).toList();
    shares.parallelStream().forEach(Draws::range);
    Map<StepId, Recovery> after = new LinkedHashMap<>();
    stands.forEach(
        (step, at) ->
            after.put(
                step,
                recovery(
                    Of.FREE,
                    Against.FOUND,
                    kept.get(at).gold(),
                    found,
                    kept.get(at).open(),
                    kept.get(at).together())));
    return after;
  }

  /** What is not set aside yet. */
  private record Kept(Draws gold, List<LotId> open, List<LotId> together) {}

  /** Shares to be won: one doubt for all lots it is asked for. */
  Draws triangular(Band band) {
    return memory.recall(band, () -> Draws.triangular(SHARE_SEED, band, memory.count()));
  }

  private List<Recovery> recoveries(Draws won, List<Lot> gold, Optional<Draws> head) {
    List<Recovery> all = new ArrayList<>();
    Optional<Draws> wonFree = wonFree(gold, network.lots());
    wonFree.ifPresent(
        product ->
            all.addAll(
                recoveries(Of.FREE, product, head.isPresent() ? Optional.empty() : freeHead())));
    boolean measured =
        ends.stream()
            .anyMatch(
                lot ->
                    lot.material() != Material.GOLD
                        && known(lot).filter(LotDraws::isWhole).isPresent());
    List<Recovery> whole = measured || head.isPresent() ? recoveries(Of.ALL, won, head) : List.of();
    whole.stream()
        .filter(recovery -> measured || recovery.against() == Against.HEAD)
        .forEach(all::add);
    return all;
  }

  private List<Recovery> recoveries(Of of, Draws won, Optional<Draws> head) {
    List<Recovery> all = new ArrayList<>();
    Draws found = found(of);
    List<LotId> open = open(ends, of);
    List<LotId> together = of == Of.FREE ? together(ends) : List.of();
    all.add(recovery(of, Against.FOUND, won, found, open, together));
    head.filter(fed -> fed.mean() > 0)
        .ifPresent(fed -> all.add(recovery(of, Against.HEAD, won, fed, open, together)));
    boolean told = open.isEmpty() && together.isEmpty();
    if (told && head.filter(fed -> fed.variance() > 0 && found.variance() > 0).isPresent()) {
      Draws both =
          memory.recall(
              new Both(found, head.get()),
              () -> found.weighted(1 / found.variance(), head.get(), 1 / head.get().variance()));
      all.add(recovery(of, Against.BOTH, won, both, open, together));
    }
    return all;
  }

  private Recovery recovery(
      Of kind, Against against, Draws won, Draws of, List<LotId> open, List<LotId> together) {
    GoldRange range = memory.share(won, of).range();
    double share = of.mean() > 0 ? won.mean() / of.mean() : 0;
    return new Recovery(
        kind,
        against,
        share,
        range.lowMg(),
        range.highMg(),
        memory.share(won, of).endSd(),
        open,
        together);
  }

  /**
   * Only for cuts whose gold was kept apart: with one vial for several cuts nobody can say which it
   * came from.
   */
  private Map<Cut, Recovery> byCut(List<Lot> gold) {
    Map<Cut, OfCut> told = new TreeMap<>(Cut.COARSE_FIRST);
    for (Cut cut : gold.stream().map(Lot::cut).distinct().toList()) {
      boolean apart =
          gold.stream().map(Lot::cut).noneMatch(other -> !other.equals(cut) && other.overlaps(cut));
      List<Lot> smelted = network.lots().stream().filter(lot -> lot.cut().equals(cut)).toList();
      Optional<Draws> won =
          wonFree(gold.stream().filter(lot -> lot.cut().equals(cut)).toList(), smelted);
      if (apart && won.isPresent() && !cut.isAll()) {
        List<Lot> its = ends.stream().filter(lot -> lot.cut().equals(cut)).toList();
        told.put(
            cut,
            new OfCut(
                won.get(),
                found(Of.FREE, its, smelted).orElseThrow(),
                open(its, Of.FREE),
                together(its)));
      }
    }
    told.values().stream()
        .map(cut -> memory.share(cut.won(), cut.found()))
        .toList()
        .parallelStream()
        .forEach(Draws::range);
    Map<Cut, Recovery> all = new TreeMap<>(Cut.COARSE_FIRST);
    told.forEach(
        (cut, of) ->
            all.put(
                cut,
                recovery(Of.FREE, Against.FOUND, of.won(), of.found(), of.open(), of.together())));
    return all;
  }

  private record OfCut(Draws won, Draws found, List<LotId> open, List<LotId> together) {}

  /**
   * Lots of whose gold of that kind nothing is known, or not all: those smelted whole have none any
   * more.
   */
  List<LotId> open(List<Lot> lots, Of of) {
    return lots.stream()
        .filter(lot -> Smelts.shareTaken(lot, sand.mass(lot.id())) < 1)
        .filter(
            lot ->
                known(lot)
                    .map(told -> of == Of.FREE ? told.isFreeOpen() : !told.isWhole())
                    .orElse(true))
        .map(Lot::id)
        .toList();
  }

  private List<LotId> together(List<Lot> lots) {
    return lots.stream()
        .filter(lot -> known(lot).filter(LotDraws::isTogether).isPresent())
        .map(Lot::id)
        .toList();
  }

  Optional<Draws> sum(List<Lot> lots, Function<Lot, Optional<Draws>> gold) {
    return memory.sum(lots.stream().map(gold).flatMap(Optional::stream).toList());
  }
}
