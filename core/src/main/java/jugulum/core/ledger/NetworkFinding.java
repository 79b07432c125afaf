package jugulum.core.ledger;

/**
 * Something in a batch that breaks the network.
 *
 * @param kind what is wrong
 * @param where the place, as a JSON pointer into the batch: {@code /steps/2/inputs/0}
 * @param value the value there
 */
public record NetworkFinding(Kind kind, String where, String value) {
  /** What can be wrong with a network. */
  public enum Kind {
    NAME_MISSING,
    NUMBER_TWICE,
    NO_SUCH_LOT,
    LOT_MADE_TWICE,
    LOT_NEVER_MADE,
    LOT_TAKEN_TWICE,
    /** A step takes a lot that is made only later: the network would run in a circle. */
    LOT_TAKEN_BEFORE_MADE,
    MEASURE_NOT_FOR_THIS,
    REASON_MISSING
  }
}
