package jugulum.core.gold;

import java.util.List;
import jugulum.core.ledger.LotId;

/**
 * A place the gold of a batch can be.
 *
 * @param kind which
 * @param gold how much is there, of the lots that were looked at
 * @param lots the lots that make it up
 * @param notLookedAt those of them nobody looked at
 */
public record Place(Kind kind, GoldRange gold, List<LotId> lots, List<LotId> notLookedAt) {
  /** Whether nobody looked at any of its lots, so that nothing can be told of its gold. */
  public boolean isUnseen() {
    return kind != Kind.BY_DIFFERENCE && notLookedAt.size() == lots.size();
  }

  /** The places, in the order they are shown. */
  public enum Kind {
    VIAL,
    /** Beads of samples smelted, and the gold taken out of samples by eye. */
    BEAD,
    /** Metal got out of the slag. */
    SLAG,
    CONCENTRATE,
    /** Sand no machine has had yet. */
    STILL_TO_RUN,
    MIDDLINGS,
    MAGNETICS,
    TAILINGS,
    OVERSIZE,
    RESIDUE,
    /** Gold of the head that no lot looked at explains: in the lots nobody looked at, or gone. */
    BY_DIFFERENCE
  }
}
