package jugulum.core.account;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;
import jugulum.core.minerals.Mineral;

/**
 * A lot that is sold as something other than gold: sand and money in the account, never gold.
 *
 * @param lot which
 * @param told what it is sold as
 * @param kg its dry mass, in kg; empty where it was not weighed
 */
public record Product(Lot lot, Measure.Product told, OptionalDouble kg) {
  /** What it brings, in the shop's currency; empty where it was not weighed. */
  public OptionalDouble money() {
    return kg.isPresent()
        ? OptionalDouble.of(kg.getAsDouble() * told.pricePerKg())
        : OptionalDouble.empty();
  }

  /** Whether it is a sulfide nobody had assayed: its gold is hidden, if there is any. */
  public boolean asksForAnAssay() {
    return (told.mineral() == Mineral.PYRITE || told.mineral() == Mineral.GALENA)
        && !Look.isAtHidden(lot);
  }

  /** The products of a batch, in the order made. */
  public static List<Product> of(Network network, SandAccount sand) {
    return network
        .endLots()
        .flatMap(
            lot ->
                lot
                    .latest(Measure.Product.class)
                    .map(told -> new Product(lot, told, kg(sand.mass(lot.id()))))
                    .stream())
        .toList();
  }

  private static OptionalDouble kg(LotMass mass) {
    return mass.isKnown() ? OptionalDouble.of(mass.grams() / 1000) : OptionalDouble.empty();
  }
}
