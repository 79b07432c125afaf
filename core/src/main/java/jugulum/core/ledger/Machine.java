package jugulum.core.ledger;

/**
 * A machine that sorts sand, by weight in water or by a magnet, or feeds one that does.
 *
 * @param kind what kind it is
 * @param name the owner's name for it, may be empty
 */
public record Machine(Kind kind, String name) {
  /** The kinds of machine. */
  public enum Kind {
    SHAKER_TABLE,
    VORTEX_BOWL,
    FINISHING_TABLE,
    MAT_SLUICE,
    FLUID_BED_TRAP,
    PIPE_TRAP,
    STACKED_TRAY,
    /** A pan of which nobody said what form it has. */
    PAN,
    RIFFLED_PAN,
    FLAT_PAN,
    CONICAL_PAN,
    /** A bowl that a hopper with fine nozzles feeds by itself. */
    HOPPER_BOWL,
    /** A short sluice for concentrates, fed by the spoon. */
    CLEANUP_SLUICE,
    /** A sluice with riffles over carpet, in running water outdoors. */
    RIFFLE_SLUICE,
    /** A magnet in the hand that lets go of what it lifted. */
    HAND_MAGNET,
    /** A magnet behind a cover one pulls it out of. */
    COVERED_MAGNET,
    /** A wide magnet moved over spread sand. */
    LIFTING_MAGNET,
    /** A turning drum with a magnet inside. */
    DRUM_SEPARATOR,
    /** A stronger magnet past which runs what the first left. */
    SECOND_STAGE,
    /** What feeds a machine evenly, and sorts nothing. */
    FEEDER
  }
}
