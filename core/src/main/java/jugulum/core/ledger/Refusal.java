package jugulum.core.ledger;

import java.time.Instant;
import java.util.List;

/**
 * Why an edit was not carried out: a reason and the values a sentence about it needs. Nothing has changed.
 *
 * @param reason what is wrong
 * @param values in the order the reason tells
 */
public record Refusal(Reason reason, List<Told> values) {
  /** Keeps its own copy of the values. */
  public Refusal {
    values = List.copyOf(values);
  }

  static Refusal of(Reason reason, Told... values) {
    return new Refusal(reason, List.of(values));
  }

  /** What can be wrong with an edit. */
  public enum Reason {
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
    /** Nobody looked for gold in it, and no reason is given. */
    DISCARDED_UNSEEN,
    /** Only free gold was looked for in magnetics, and no reason is given. */
    DISCARDED_HIDDEN_OPEN,
    BAG_WITHOUT_NAME,
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
    OUTPUT_IN_USE,
    FEED_CANNOT_BE_WITHDRAWN,
    ADOPTED_BATCH_BROKEN
  }

  /** A value told in a refusal; the window gives it its unit and language. */
  public sealed interface Told {
    /** A mass, in grams. */
    record Grams(double grams) implements Told {}

    /** A point in time. */
    record Moment(Instant at) implements Told {}

    /** A name or a writing. */
    record Words(String text) implements Told {}
  }
}
