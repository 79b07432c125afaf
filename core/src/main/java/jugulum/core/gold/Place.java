package jugulum.core.gold;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.LotId;

/**
 * A place the gold of a batch can be.
 *
 * @param kind which
 * @param gold how much is there as far as anything is known, free and hidden together
 * @param free the free gold there, of the lots whose free gold was told apart; empty where none was
 * @param hidden the hidden gold there, of the lots whose hidden gold was measured; empty where none
 *     was
 * @param lots the lots that make it up
 * @param notLookedAt those of them nobody looked at
 * @param hiddenOpen those of them whose hidden gold nobody measured
 * @param isByHead whether part of it is what the head tells beyond all that was found
 */
public record Place(
    Kind kind,
    GoldRange gold,
    Optional<GoldRange> free,
    Optional<GoldRange> hidden,
    List<LotId> lots,
    List<LotId> notLookedAt,
    List<LotId> hiddenOpen,
    boolean isByHead) {
  /** Whether nobody looked at any of its lots, so that nothing can be told of its gold. */
  public boolean isUnseen() {
    return !isByHead && notLookedAt.size() == lots.size() && !lots.isEmpty();
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
    /**
     * Gold of the head that nothing looked at explains, when nothing is left to run: in the lots
     * nobody looked at, or gone.
     */
    BY_DIFFERENCE;

    /** Whether such sand waits to be run. */
    public boolean isWaiting() {
      return this == CONCENTRATE || this == STILL_TO_RUN || this == MIDDLINGS;
    }
  }
}
