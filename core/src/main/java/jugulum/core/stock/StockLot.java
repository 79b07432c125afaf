package jugulum.core.stock;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;

/**
 * A container that stands in the shop: a lot no step has taken and nobody threw away.
 *
 * @param batch the batch it belongs to
 * @param label what is written on the batch's bucket
 * @param lot the lot
 * @param material what it holds
 * @param cut the sizes of its sand
 * @param name what is written on it, may be empty
 * @param grams its dry mass, in grams; empty where it is not known
 * @param looks what was done to find out about its gold
 * @param gold its gold; empty where nothing tells of it
 * @param bag the bag it is kept in
 */
public record StockLot(
    BatchId batch,
    String label,
    LotId lot,
    Material material,
    Cut cut,
    String name,
    OptionalDouble grams,
    Set<Look> looks,
    Optional<LotGold> gold,
    Optional<String> bag) {
  /** So many signs of a batch's name in the code of a container tell batches apart in a shop. */
  private static final int SIGNS = 6;

  /** Keeps its own copy. */
  public StockLot {
    looks = Set.copyOf(looks);
  }

  /** What stands in the shop of a batch, in the order made. */
  public static List<StockLot> of(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    List<Lot> lots =
        network.endLots().filter(lot -> lot.latest(Measure.Discarded.class).isEmpty()).toList();
    if (lots.isEmpty()) {
      return List.of();
    }
    Map<LotId, LotGold> gold = GoldAccount.lots(network, sand, lots);
    return lots.stream()
        .map(lot -> of(batch, lot, sand.mass(lot.id()), Optional.ofNullable(gold.get(lot.id()))))
        .toList();
  }

  private static StockLot of(Batch batch, Lot lot, LotMass mass, Optional<LotGold> gold) {
    return new StockLot(
        batch.id(),
        batch.label().name(),
        lot.id(),
        lot.material(),
        lot.cut(),
        lot.name(),
        mass.isKnown() ? OptionalDouble.of(mass.grams()) : OptionalDouble.empty(),
        Look.of(lot),
        gold,
        lot.latest(Measure.Bagged.class).map(Measure.Bagged::bag));
  }

  /** What is printed on its label and typed or scanned to find it: "C40012-7". */
  public String code() {
    String id = batch.value().toString().replace("-", "");
    return id.substring(id.length() - SIGNS).toUpperCase(Locale.ROOT) + "-" + lot.number();
  }

  /** Whether a text names it: its code, or a part of what is written on it, its batch or bag. */
  public boolean isNamed(String text) {
    String wanted = text.strip().toLowerCase(Locale.ROOT);
    if (wanted.isEmpty()) {
      return false;
    }
    return code().toLowerCase(Locale.ROOT).equals(wanted)
        || label.toLowerCase(Locale.ROOT).contains(wanted)
        || name.toLowerCase(Locale.ROOT).contains(wanted)
        || bag.filter(one -> one.toLowerCase(Locale.ROOT).contains(wanted)).isPresent();
  }

  /** Whether a text is its code. */
  public boolean isCode(String text) {
    return code().equalsIgnoreCase(text.strip());
  }
}
