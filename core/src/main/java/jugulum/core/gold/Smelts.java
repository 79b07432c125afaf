package jugulum.core.gold;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.mass.LotMass;

/** Gold in hand from samples that were smelted: it left the lot, whatever the smelt tells of it. */
final class Smelts {
  /**
   * How closely beads and grains of metal are weighed, as a relative standard deviation: an
   * assumption of ours.
   *
   * <p>Off by a half: the width of a grade by one bead, little.
   */
  private static final double WEIGHED = 0.01;

  private Smelts() {}

  /** Free gold weighed out of the samples, before or after. */
  static Optional<Evidence> visible(List<Smelt> smelts) {
    double metal = smelts.stream().map(Grade::of).mapToDouble(Grade::visibleWeighedMg).sum();
    return inHand(metal);
  }

  /** Beads, less visible gold that was weighed out of them. */
  static Optional<Evidence> inBeads(List<Smelt> smelts) {
    double fine = smelts.stream().mapToDouble(smelt -> Grade.of(smelt).fineMg()).sum();
    double metal =
        smelts.stream()
            .mapToDouble(
                smelt ->
                    Grade.of(smelt).nativeMg()
                        - Grade.of(smelt).visibleInsideMg()
                        - smelt.slagMg().orElse(0))
            .sum();
    return fine > 0 || metal > 0
        ? Optional.of(new Evidence.InHand(fine, metal, WEIGHED))
        : Optional.empty();
  }

  /** Metal got out of the slag. */
  static Optional<Evidence> inSlag(List<Smelt> smelts) {
    return inHand(smelts.stream().mapToDouble(smelt -> smelt.slagMg().orElse(0)).sum());
  }

  private static Optional<Evidence> inHand(double metal) {
    return metal > 0 ? Optional.of(new Evidence.InHand(0, metal, WEIGHED)) : Optional.empty();
  }

  /** The share of a lot that its smelted samples took, 0 to 1. */
  static double shareTaken(Lot lot, LotMass mass) {
    double taken = lot.live(Smelt.class).mapToDouble(Smelt::sampleG).sum();
    return taken > 0 && mass.grams() > 0 ? Math.min(1, taken / mass.grams()) : 0;
  }
}
