package jugulum.core.ledger;

import jugulum.core.stream.Refusal;

/** What can be wrong with an edit of a batch. */
public enum Reason implements Refusal.Reason {
  NOT_STARTED,
  ALREADY_STARTED,
  BATCH_CLOSED,
  NAME_MISSING,
  REASON_MISSING,
  NOTE_EMPTY,
  NO_SUCH_LOT,
  NO_SUCH_STEP,
  NO_SUCH_READING,
  READING_ALREADY_STRUCK,
  READING_ALREADY_DOUBTED,
  READING_NOT_DOUBTED,
  LOT_ALREADY_TAKEN,
  LOT_DISCARDED,
  /** Values: the name of the pool. */
  LOT_POOLED,
  /** Values: the name of the lot's batch. */
  POOL_OF_ITSELF,
  /** Values: the name of the lot's batch. */
  POOLED_TWICE,
  /** Only a feed that came in can be a pool, and only once. */
  POOL_NOT_FEED,
  /** A pool is taken back whole, in all its batches. */
  POOL_STANDS,
  /** Nobody looked for gold in it, and no reason is given. */
  DISCARDED_UNSEEN,
  /** Only free gold was looked for in magnetics, and no reason is given. */
  DISCARDED_HIDDEN_OPEN,
  BAG_WITHOUT_NAME,
  /** Gold is won, and sold by its slip. */
  GOLD_IS_NO_PRODUCT,
  NO_INPUT,
  NO_OUTPUT,
  SCREENS_MISSING,
  /** Values: the screen that is not finer than the one above. */
  SCREENS_OUT_OF_ORDER,
  /** Values: a screen that is outside the sizes of the feed. */
  SCREEN_OUTSIDE_FEED,
  MERGE_NEEDS_TWO,
  SPLIT_NEEDS_TWO,
  /** Values: the dry mass told, the dry mass of the input. */
  HEAVIER_THAN_INPUT,
  /** Values: the gold told, the lot's mass. */
  GOLD_HEAVIER_THAN_LOT,
  /** Values: lifted, what there is to lift. */
  LIFTED_MORE_THAN_THERE,
  FIRST_PASS_FROM_HEAP,
  /** Values: the moment told, the moment before which it cannot be. */
  TIME_BACKWARDS,
  /** Values: the moment told, now. */
  TIME_NOT_YET,
  ALREADY_RUNNING,
  NOT_RUNNING,
  MEASURE_NOT_FOR_THIS,
  /** Nobody said yet how much sand was taken to be melted. */
  NOTHING_TO_MELT,
  /** Values: what is left of the sand taken, what was to go into a crucible. */
  CRUCIBLE_TOO_MUCH,
  /** Nothing was charged into that crucible. */
  CRUCIBLE_EMPTY,
  CRUCIBLE_ALREADY_CHARGED,
  /** The crucible was lost, and tells nothing more. */
  CRUCIBLE_SPOILT,
  /** A stop before heat has no yes. */
  STOP_WITHOUT_YES,
  /** Values: the bead told, the button it came out of. */
  BEAD_HEAVIER_THAN_BUTTON,
  /** Values: the gold told, the bead it was parted from. */
  PARTED_HEAVIER_THAN_BEAD,
  /** Nobody weighed a bead of that crucible. */
  NO_BEAD_TO_PART,
  OUTPUT_IN_USE,
  FEED_CANNOT_BE_WITHDRAWN,
  ADOPTED_BATCH_BROKEN
}
