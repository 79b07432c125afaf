package jugulum.core.ledger;

/**
 * A machine that sorts by weight in water.
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
    CLEANUP_SLUICE
  }
}
