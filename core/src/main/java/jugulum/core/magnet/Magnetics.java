package jugulum.core.magnet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Bagged;
import jugulum.core.ledger.Measure.Discarded;
import jugulum.core.ledger.Network;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;

/**
 * One lot of magnetics set aside: what it weighs, who looked, and the gold that can still be in it.
 *
 * @param lot which
 * @param mass its dry mass
 * @param looks what was done to find out; nothing where only the passes let expect something
 * @param gold the gold in it, native, with its 95 % range; empty where nobody looked and the passes
 *     cannot tell
 * @param bag the bag it is kept in, if any
 * @param discarded why it was thrown away, if it was; may be empty text
 */
public record Magnetics(
    Lot lot,
    LotMass mass,
    Set<Look> looks,
    Optional<LotGold> gold,
    Optional<String> bag,
    Optional<String> discarded) {
  /** The magnetics of a batch no step has taken, in the order made. */
  public static List<Magnetics> of(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    List<Lot> lots =
        network
            .endLots()
            .filter(lot -> lot.material() == Material.MAGNETICS)
            .filter(lot -> lot.latest(Measure.Pooled.class).isEmpty())
            .toList();
    if (lots.isEmpty()) {
      return List.of();
    }
    Map<LotId, LotGold> gold = GoldAccount.lots(network, sand, lots);
    return lots.stream()
        .map(lot -> of(lot, sand.mass(lot.id()), Optional.ofNullable(gold.get(lot.id()))))
        .toList();
  }

  private static Magnetics of(Lot lot, LotMass mass, Optional<LotGold> gold) {
    return new Magnetics(
        lot,
        mass,
        Look.of(lot),
        gold,
        lot.latest(Bagged.class).map(Bagged::bag),
        lot.latest(Discarded.class).map(Discarded::reason));
  }

  /** Whether someone looked, or its gold is known. */
  public boolean isLookedAt() {
    return !looks.isEmpty();
  }
}
