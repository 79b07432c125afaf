package jugulum.core.reconcile;

import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * What goes from one node of a network to another.
 *
 * @param from the node it leaves, 0 or more, or {@link #OUTSIDE}
 * @param to the node it enters, 0 or more, or {@link #OUTSIDE}
 * @param measured how much was measured, in any one unit; empty where nobody did
 * @param sd the standard deviation of that, from {@link #LEAST_SD}; of no account where nothing was
 *     measured
 */
public record Flow(int from, int to, OptionalDouble measured, double sd) {
  /** What lies beyond the network: nothing has to add up there. */
  public static final int OUTSIDE = -1;

  /**
   * Nothing is measured without any spread: a standard deviation of 0 would forbid what rounding
   * does.
   */
  public static final double LEAST_SD = 1e-9;

  /** Checks both ends and both values. */
  public Flow {
    Check.inRange("from", from, OUTSIDE, Integer.MAX_VALUE);
    Check.inRange("to", to, OUTSIDE, Integer.MAX_VALUE);
    measured.ifPresent(value -> Check.inRange("measured", value, -1e12, 1e12));
    Check.inRange("sd", sd, LEAST_SD, 1e12);
  }

  /** A flow that was measured. */
  public static Flow measured(int from, int to, double value, double sd) {
    return new Flow(from, to, OptionalDouble.of(value), sd);
  }

  /** A flow nobody measured. */
  public static Flow free(int from, int to) {
    return new Flow(from, to, OptionalDouble.empty(), 1);
  }

  /** The same flow as if nobody had measured it. */
  Flow freed() {
    return free(from, to);
  }

  boolean isMeasured() {
    return measured.isPresent();
  }
}
