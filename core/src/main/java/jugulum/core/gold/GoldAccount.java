package jugulum.core.gold;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.passes.Removal;
import jugulum.core.screens.Cut;

/**
 * How much gold was won, where the rest is, and the recovery, each with a 95 % range. All amounts
 * are native metal in milligrams, as weighed; assays, which tell fine gold, are turned to native
 * metal with the fineness.
 *
 * @param won the gold in hand: weighed, and in beads and slag of samples smelted; empty before the
 *     first
 * @param fineness the fineness used, 0 to 1: the mean of those measured, or the batch's assumption
 * @param finenessMeasured whether any was measured
 * @param head the gold in the feed: all of it by an assay, or the free gold where only that was
 *     told; empty without evidence on it
 * @param recoveries what can be said, at most one of each: of the free gold first, each in the
 *     order of {@link Against}
 * @param byCut recovery of the free gold against the gold found of each cut that has gold lots of
 *     its own, coarse first
 * @param places where the gold is, in the order of {@link Place.Kind}
 * @param lots the gold in each live lot of whose gold anything is known
 * @param stages what each live step that parts gold from sand did to it
 * @param headLeft what the head tells of gold nobody found yet; empty without one
 * @param removals what the passes of each live magnet step tell of what is still caught
 */
public record GoldAccount(
    Optional<GoldRange> won,
    double fineness,
    boolean finenessMeasured,
    Optional<GoldRange> head,
    List<Recovery> recoveries,
    Map<Cut, Recovery> byCut,
    List<Place> places,
    Map<LotId, LotGold> lots,
    Map<StepId, Stage> stages,
    Optional<HeadLeft> headLeft,
    Map<StepId, Removal> removals) {

  /** Works out the gold of a batch. */
  public static GoldAccount of(Network network, SandAccount sand) {
    return of(network, sand, new GoldMemory());
  }

  /** Works out the gold of a batch, the same as without a memory but sooner. */
  public static GoldAccount of(Network network, SandAccount sand, GoldMemory memory) {
    memory.begin();
    GoldAccount account = new GoldWorking(network, sand, memory).account();
    memory.end();
    return account;
  }

  /**
   * The gold of some lots alone, as the whole account tells it; those without evidence are left
   * out.
   */
  public static Map<LotId, LotGold> lots(Network network, SandAccount sand, List<Lot> lots) {
    return new GoldWorking(network, sand, new GoldMemory(), lots).lots();
  }

  /**
   * What stands in the shop of a batch.
   *
   * @param lots the gold in each live lot of whose gold anything is known
   * @param fineness as in the account
   * @param head what the head tells of gold nobody found yet
   */
  public record Standing(Map<LotId, LotGold> lots, double fineness, Optional<HeadLeft> head) {}

  /** What stands in the shop, as the whole account tells it, sooner. */
  public static Standing standing(Network network, SandAccount sand) {
    Set<Lot> lots = new LinkedHashSet<>(network.endLots().toList());
    network.feeds().forEach(lots::add);
    network.lots().stream().filter(Smelts::isAny).forEach(lots::add);
    return new GoldWorking(network, sand, new GoldMemory(), List.copyOf(lots)).standing();
  }

  /**
   * The recovery that rests on most: both combined, else the one against the gold found or the
   * head; empty before gold was weighed.
   */
  public Optional<Recovery> best() {
    return Stream.of(Recovery.Against.BOTH, Recovery.Against.FOUND, Recovery.Against.HEAD)
        .flatMap(against -> recovery(against).stream())
        .findFirst();
  }

  /** The recovery measured so, of the free gold where that can be told, else of all. */
  public Optional<Recovery> recovery(Against against) {
    return recoveries.stream().filter(recovery -> recovery.against() == against).findFirst();
  }

  /** The recovery of that gold measured so, if it can be told. */
  public Optional<Recovery> recovery(Recovery.Of of, Against against) {
    return recoveries.stream()
        .filter(recovery -> recovery.of() == of && recovery.against() == against)
        .findFirst();
  }

  /** The gold known to be in a lot, both kinds together; empty where nothing is known. */
  public Optional<GoldRange> known(LotId lot) {
    return Optional.ofNullable(lots.get(lot)).map(LotGold::all);
  }

  /** The kind of place an end lot is. */
  public static Place.Kind placeOf(Lot lot) {
    return Places.kind(lot);
  }

  /** The end lots nobody looked at, by place. */
  public List<LotId> notLookedAt() {
    return places.stream()
        .filter(place -> place.kind() != Place.Kind.BY_DIFFERENCE)
        .flatMap(place -> place.notLookedAt().stream())
        .toList();
  }

  /** The place of that kind, if it has any lot or gold. */
  public Optional<Place> place(Place.Kind kind) {
    return places.stream().filter(place -> place.kind() == kind).findFirst();
  }
}
