package jugulum.core.gold;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.gold.Place.Kind;
import jugulum.core.gold.Recovery.Of;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;

/** Works out where the gold is. */
final class Places {
  private final GoldWorking working;
  private final GoldMemory memory;

  Places(GoldWorking working, GoldMemory memory) {
    this.working = working;
    this.memory = memory;
  }

  /** The kind of place an end lot is: the one grouping for all who show it. */
  static Kind kind(Lot lot) {
    return switch (lot.material()) {
      case GOLD -> Kind.VIAL;
      case MAGNETICS -> Kind.MAGNETICS;
      case TAILINGS -> Kind.TAILINGS;
      case RESIDUE -> Kind.RESIDUE;
      case CONCENTRATE -> Kind.CONCENTRATE;
      case MIDDLINGS, SAFETY_CATCH, SECOND_CONCENTRATE -> Kind.MIDDLINGS;
      case CUT -> lot.isOversize() ? Kind.OVERSIZE : Kind.STILL_TO_RUN;
      case FEED, NON_MAGNETICS, MERGED, PART -> Kind.STILL_TO_RUN;
    };
  }

  /**
   * The places in order. What the head tells beyond all that was found is first of all in sand
   * nobody looked at that waits to be run; only where none waits is it not found.
   */
  List<Place> all(List<Lot> ends, Draws found, Optional<Draws> head) {
    Map<Kind, List<Lot>> byKind = new EnumMap<>(Kind.class);
    ends.forEach(lot -> byKind.computeIfAbsent(kind(lot), _ -> new ArrayList<>()).add(lot));
    Optional<Draws> rest =
        head.map(fed -> memory.minus(fed, found)).filter(more -> more.range().highMg() > 0);
    List<Lot> waiting =
        ends.stream()
            .filter(lot -> kind(lot).isWaiting() && working.known(lot.id()).isEmpty())
            .toList();
    Optional<Kind> holds =
        rest.flatMap(
            _ ->
                waiting.stream()
                    .map(Places::kind)
                    .max(
                        (one, other) ->
                            Boolean.compare(one == Kind.STILL_TO_RUN, other == Kind.STILL_TO_RUN)));
    List<Place> places = new ArrayList<>();
    for (Kind kind : Kind.values()) {
      Optional<Draws> more = holds.equals(Optional.of(kind)) ? rest : Optional.empty();
      switch (kind) {
        case BEAD ->
            inHand(kind, List.of(working.visible(), working.beads())).ifPresent(places::add);
        case SLAG -> inHand(kind, List.of(Map.of(), working.slag())).ifPresent(places::add);
        case BY_DIFFERENCE ->
            rest.filter(_ -> holds.isEmpty())
                .ifPresent(gold -> places.add(byDifference(ends, gold)));
        default ->
            Optional.ofNullable(byKind.get(kind))
                .ifPresent(lots -> places.add(place(kind, lots, more)));
      }
    }
    return places;
  }

  private Place byDifference(List<Lot> ends, Draws rest) {
    List<LotId> open = working.open(ends, Of.ALL);
    return new Place(
        Kind.BY_DIFFERENCE,
        rest.range(),
        Optional.empty(),
        Optional.empty(),
        open,
        working.open(ends, Of.FREE),
        List.of(),
        true);
  }

  private Place place(Kind kind, List<Lot> lots, Optional<Draws> more) {
    Optional<Draws> known = working.sum(lots, lot -> working.left(lot.id(), Of.ALL));
    List<LotId> hiddenOpen =
        lots.stream()
            .filter(
                lot ->
                    lot.material() != Material.GOLD
                        && working.open(List.of(lot), Of.ALL).contains(lot.id()))
            .map(Lot::id)
            .toList();
    return new Place(
        kind,
        working.added(List.of(known, more)).map(Draws::range).orElse(GoldRange.NONE),
        working.sum(lots, lot -> working.free(lot.id())).map(Draws::range),
        working.sum(lots, lot -> working.hidden(lot.id())).map(Draws::range),
        lots.stream().map(Lot::id).toList(),
        working.open(lots, Of.FREE),
        hiddenOpen,
        more.isPresent());
  }

  private Optional<Place> inHand(Kind kind, List<Map<LotId, Draws>> freeAndHidden) {
    Optional<Draws> free = memory.sum(List.copyOf(freeAndHidden.getFirst().values()));
    Optional<Draws> hidden = memory.sum(List.copyOf(freeAndHidden.getLast().values()));
    List<LotId> lots =
        freeAndHidden.stream()
            .flatMap(gold -> gold.keySet().stream())
            .distinct()
            .sorted((one, other) -> Integer.compare(one.number(), other.number()))
            .toList();
    return working
        .added(List.of(free, hidden))
        .map(
            all ->
                new Place(
                    kind,
                    all.range(),
                    free.map(Draws::range),
                    hidden.map(Draws::range),
                    lots,
                    List.of(),
                    List.of(),
                    false));
  }
}
