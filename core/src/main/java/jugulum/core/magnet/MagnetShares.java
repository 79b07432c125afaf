package jugulum.core.magnet;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jugulum.core.check.Check;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.MagnetTest;
import jugulum.core.minerals.Mineral;

/**
 * What a sand is made of as two magnets see it. From the bench test: the weak magnet takes the
 * magnetite, the strong one hematite, ilmenite, garnet and the like, the rest is not magnetic
 * (common practice).
 *
 * @param magnetite the share the weak magnet takes, 0 to 1
 * @param weakly the share the strong one takes of the whole after that, 0 to 1
 */
public record MagnetShares(double magnetite, double weakly) {
  /**
   * A share below that cannot leave a grain in every spoonful: an assumption of ours for what
   * counts as there.
   *
   * <p>Off by a half: from where on a mineral is named in the sand.
   */
  public static final double THERE = 0.01;

  /** Checks both shares. */
  public MagnetShares {
    Check.share("magnetite", magnetite);
    Check.inRange("weakly", weakly, 0, 1 - magnetite + 1e-12);
  }

  /** The shares of a test. */
  public static MagnetShares of(MagnetTest test) {
    return new MagnetShares(test.byWeakG() / test.sampleG(), test.byStrongG() / test.sampleG());
  }

  /** The shares of a lot's last test; empty if it was never tested. */
  public static Optional<MagnetShares> of(Lot lot) {
    return lot.latest(MagnetTest.class).map(MagnetShares::of);
  }

  /** The share no magnet takes, 0 to 1. */
  public double notMagnetic() {
    return Math.max(0, 1 - magnetite - weakly);
  }

  /**
   * The shares once some magnetite is out.
   *
   * @param left the magnetite left, as a share of what the sand weighed before, 0 to the magnetite
   *     there was
   */
  public MagnetShares withMagnetite(double left) {
    double kept = Math.clamp(left, 0, magnetite);
    double all = kept + weakly + notMagnetic();
    return all > 0 ? new MagnetShares(kept / all, weakly / all) : this;
  }

  /**
   * Of the minerals that may be there, those the test leaves: what no magnet takes stays, for the
   * test says nothing of it.
   */
  public Set<Mineral> among(Set<Mineral> possible) {
    Set<Mineral> there = EnumSet.noneOf(Mineral.class);
    for (Mineral mineral : possible) {
      boolean is =
          switch (mineral.response()) {
            case STRONG -> magnetite >= THERE;
            case WEAK -> weakly >= THERE;
            case NONE -> true;
          };
      if (is) {
        there.add(mineral);
      }
    }
    return there;
  }
}
