package jugulum.core.gold;

import java.util.Optional;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.specks.Speck;

/**
 * How far the gold left in the sand of a batch is off together with that of other batches of its
 * source: nobody measured how flat the gold of the place is, nor how coarse, and it is the same in
 * all of them.
 */
public final class SpecksAlike {
  private SpecksAlike() {}

  /**
   * The free gold told by counted specks in the sand of a batch that nothing took further, each lot
   * by the doubt of its speck's mass.
   *
   * @return in mg, as a standard deviation, 0 or more; 0 where the batch's own gold was measured
   */
  public static double sdMg(Network network, SandAccount sand, GoldAccount gold) {
    BatchSpecks specks = BatchSpecks.of(network);
    if (specks.isMeasured()) {
      return 0;
    }
    Removals removals = Removals.of(network);
    return network
        .endLots()
        .filter(lot -> lot.material() != Material.GOLD)
        .mapToDouble(
            lot ->
                LotEvidence.of(lot, network, sand, specks, removals)
                    .free()
                    .flatMap(SpecksAlike::doubt)
                    .map(doubt -> doubt * freeMg(lot, gold))
                    .orElse(0.0))
        .sum();
  }

  private static double freeMg(Lot lot, GoldAccount gold) {
    return Optional.ofNullable(gold.lots().get(lot.id()))
        .flatMap(LotGold::free)
        .map(GoldRange::milligrams)
        .orElse(0.0);
  }

  private static Optional<Double> doubt(Evidence evidence) {
    return evidence.countedBy().stream().findFirst().filter(Speck::shared).map(Speck::logSd);
  }
}
