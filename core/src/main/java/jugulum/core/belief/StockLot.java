package jugulum.core.belief;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.HeadLeft;
import jugulum.core.gold.LotGold;
import jugulum.core.gold.Smelts;
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
 * A container that stands in the shop, with all that decides what is thought of it: a lot no step
 * has taken and nobody threw away.
 *
 * @param batch the batch it belongs to
 * @param label what is written on the batch's bucket
 * @param lot the lot
 * @param material what it holds
 * @param name what is written on it, may be empty
 * @param isWeighed whether its dry mass is known
 * @param sand it as ways to win its gold see it; of no mass where that is not known
 * @param kin what it has in common with others; empty for won gold
 * @param fineness of its gold, 0 to 1
 * @param speckMg what a speck of its gold weighs, by mass, in mg, above 0
 * @param looks what was done to find out about its gold
 * @param gold its gold; empty where nothing tells of it
 * @param head what the head of its batch tells of gold nobody found yet
 * @param bag the bag it is kept in
 */
public record StockLot(
    BatchId batch,
    String label,
    LotId lot,
    Material material,
    String name,
    boolean isWeighed,
    Sand sand,
    Optional<Kin> kin,
    double fineness,
    double speckMg,
    Set<Look> looks,
    Optional<LotGold> gold,
    Optional<HeadLeft> head,
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
    return standing(network, sand).isEmpty()
        ? List.of()
        : of(network, sand, GoldAccount.standing(network, sand));
  }

  /** What stands in the shop of a batch that was worked out, as {@link #of(Batch)} tells it. */
  public static List<StockLot> of(Network network, SandAccount sand, GoldAccount gold) {
    return of(
        network, sand, new GoldAccount.Standing(gold.lots(), gold.fineness(), gold.headLeft()));
  }

  private static List<StockLot> of(Network network, SandAccount sand, GoldAccount.Standing gold) {
    BatchSpecks specks = BatchSpecks.of(network);
    return standing(network, sand).stream()
        .map(lot -> of(network, lot, sand.mass(lot.id()), gold, specks))
        .toList();
  }

  private static List<Lot> standing(Network network, SandAccount sand) {
    return network
        .endLots()
        .filter(lot -> !lot.isGone())
        .filter(lot -> !Smelts.isSmeltedWhole(lot, sand.mass(lot.id())))
        .toList();
  }

  private static StockLot of(
      Network network, Lot lot, LotMass mass, GoldAccount.Standing gold, BatchSpecks specks) {
    Batch batch = network.batch();
    return new StockLot(
        batch.id(),
        batch.label().name(),
        lot.id(),
        lot.material(),
        lot.name(),
        mass.isKnown(),
        Sand.of(network, lot, mass.isKnown() ? Math.max(0, mass.grams()) : 0),
        Optional.of(lot)
            .filter(one -> one.material() != Material.GOLD)
            .map(one -> Kin.of(batch, one)),
        gold.fineness(),
        specks.of(lot.cut()).massWeightedMg(),
        Look.of(lot),
        Optional.ofNullable(gold.lots().get(lot.id())),
        gold.head(),
        lot.latest(Measure.Bagged.class).map(Measure.Bagged::bag));
  }

  /** The sizes of its sand. */
  public Cut cut() {
    return sand.cut();
  }

  /** Its dry mass, in grams; empty where it is not known. */
  public OptionalDouble grams() {
    return isWeighed ? OptionalDouble.of(sand.grams()) : OptionalDouble.empty();
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
