package jugulum.core.reconcile;

import java.util.OptionalDouble;

/**
 * What the network lets say of one flow.
 *
 * @param state on what it rests
 * @param value the most likely value; empty where it cannot be determined
 * @param sd its standard deviation, 0 or more; 0 where it cannot be determined
 * @param adjustment value less measured; 0 where nothing was measured or nothing checks it
 * @param measurementTest the adjustment over its own standard deviation, 0 or more: how loudly the
 *     rest of the network contradicts
 */
public record Adjusted(
    State state, OptionalDouble value, double sd, double adjustment, double measurementTest) {
  /** On what a value rests. */
  public enum State {
    /** Measured, and the other flows check it. */
    REDUNDANT,
    /** Measured, and nothing checks it. */
    NONREDUNDANT,
    /** Not measured; it follows from the others. */
    OBSERVABLE,
    /** Not measured, and the others do not tell it. */
    UNOBSERVABLE
  }
}
