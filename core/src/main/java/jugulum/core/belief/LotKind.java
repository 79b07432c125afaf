package jugulum.core.belief;

import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;

/**
 * What a lot is, as far as its grade goes by that.
 *
 * <p>Of each kind stands how much its grade differs from that of feed where nobody looked, as a
 * logarithm: free gold, then hidden gold. All are ours, rounded from common practice; a shop's own
 * lots soon tell better.
 */
public enum LotKind {
  FEED(0, 0),
  CUT(0, 0),
  /** What stayed on the coarsest screen. */
  OVERSIZE(-2, 0),
  NON_MAGNETICS(0.4, 0),
  MAGNETICS(-3, 0.7),
  MIDDLINGS(0, 0),
  SAFETY_CATCH(0, 0),
  CONCENTRATE(3, 0),
  SECOND_CONCENTRATE(1.5, 0),
  TAILINGS(-2.5, 0),
  RESIDUE(-0.5, 0),
  /** Lots put together, and parts of them. */
  MIXED(0, 0);

  private final double freeLog;
  private final double hiddenLog;

  LotKind(double freeLog, double hiddenLog) {
    this.freeLog = freeLog;
    this.hiddenLog = hiddenLog;
  }

  /** The kind of a lot of that material and cut. */
  public static LotKind of(Material material, Cut cut) {
    return switch (material) {
      case FEED -> FEED;
      case CUT -> cut.isOversize() ? OVERSIZE : CUT;
      case MAGNETICS -> MAGNETICS;
      case NON_MAGNETICS -> NON_MAGNETICS;
      case CONCENTRATE -> CONCENTRATE;
      case SECOND_CONCENTRATE -> SECOND_CONCENTRATE;
      case MIDDLINGS -> MIDDLINGS;
      case SAFETY_CATCH -> SAFETY_CATCH;
      case TAILINGS -> TAILINGS;
      case RESIDUE -> RESIDUE;
      case MERGED, PART -> MIXED;
      case GOLD -> throw new IllegalArgumentException("won gold has no grade");
    };
  }

  double freeLog() {
    return freeLog;
  }

  double hiddenLog() {
    return hiddenLog;
  }
}
