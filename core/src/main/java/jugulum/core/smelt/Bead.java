package jugulum.core.smelt;

import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.ledger.Melting;

/** What the bead of a crucible tells beside its gold. */
public final class Bead {
  /**
   * Under so many steps of the scale a bead is told by the rounding more than by its weight: ours.
   *
   * <p>Off by a half: when buttons are to be joined before they are cupelled.
   */
  public static final int LEAST_STEPS = 20;

  private Bead() {}

  /**
   * Silver by difference: the bead less the gold parted out of it and less what the collector alone
   * leaves. A dull, frosted bead may hold platinum too.
   *
   * @return in mg, 0 or more; empty before the bead is parted
   */
  public static OptionalDouble silverMg(Melting round, Melting.Crucible crucible) {
    OptionalDouble bead = crucible.beadMg();
    OptionalDouble gold = crucible.partedMg();
    if (bead.isEmpty() || gold.isEmpty()) {
      return OptionalDouble.empty();
    }
    double blank = round.blankMg().orElse(0);
    return OptionalDouble.of(Math.max(0, bead.getAsDouble() - gold.getAsDouble() - blank));
  }

  /**
   * Whether a bead is too light for a scale.
   *
   * @param milligrams the bead, in mg, 0 or more
   * @param stepG what the scale shows at least, in grams, above 0
   */
  public static boolean isTooLight(double milligrams, double stepG) {
    Check.inRange("beadMg", milligrams, 0, 1e9);
    Check.inRange("stepG", stepG, 1e-6, 1e4);
    return milligrams < LEAST_STEPS * stepG * 1000;
  }
}
