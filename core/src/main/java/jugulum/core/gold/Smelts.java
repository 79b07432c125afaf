package jugulum.core.gold;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.mass.LotMass;

/** Gold in hand from samples that were smelted: it left the lot, whatever the smelt tells of it. */
final class Smelts {
  /** How closely beads and grains of metal are weighed, as a relative standard deviation: an assumption of ours. */
  private static final double WEIGHED = 0.01;

  private Smelts() {}

  /** Beads, and gold taken out of the samples by eye before. */
  static Optional<Evidence> inBeads(List<Smelt> smelts) {
    double fine = smelts.stream().mapToDouble(smelt -> Smelted.of(smelt).fineMg()).sum();
    double metal = smelts.stream().mapToDouble(smelt -> Smelted.of(smelt).nativeMg() - smelt.slagMg().orElse(0)).sum();
    return fine + metal > 0 ? Optional.of(new Evidence.Assayed(fine, metal, WEIGHED)) : Optional.empty();
  }

  /** Metal got out of the slag. */
  static Optional<Evidence> inSlag(List<Smelt> smelts) {
    double metal = smelts.stream().mapToDouble(smelt -> smelt.slagMg().orElse(0)).sum();
    return metal > 0 ? Optional.of(new Evidence.Assayed(0, metal, WEIGHED)) : Optional.empty();
  }

  /** The share of a lot that its smelted samples took, 0 to 1. */
  static double shareTaken(Lot lot, LotMass mass) {
    double taken = lot.live(Smelt.class).mapToDouble(Smelt::sampleG).sum();
    return taken > 0 && mass.grams() > 0 ? Math.min(1, taken / mass.grams()) : 0;
  }
}
