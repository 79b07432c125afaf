package jugulum.core.schedule;

import java.util.function.BooleanSupplier;
import jugulum.core.check.Check;

/**
 * How far a search goes. It is counted in steps, not in time: so the same day is planned alike on
 * any machine, however busy.
 *
 * @param orders tried of each kind before the solver, 1 to 1,000,000
 * @param nodes of the solver's tree, 0 to 10¹²
 * @param isGivenUp whether nobody waits for the answer any more
 */
public record Budget(int orders, long nodes, BooleanSupplier isGivenUp) {
  /**
   * Enough orders that the solver seldom finds more: ours.
   *
   * <p>Off by a half: how often the solver has to better the first day found.
   */
  private static final int ORDERS = 300;

  private static final double MOST_NODES = 1e12;

  /** Until nothing better is left. */
  public static final Budget ENDLESS = new Budget(ORDERS, (long) MOST_NODES, () -> false);

  /** For a plan nobody asked for, which follows what changed: a tenth or two of a second. */
  public static final Budget SOON = new Budget(30, 500, () -> false);

  /** For a plan somebody asked for and waits for: a second or two. */
  public static final Budget ASKED = new Budget(ORDERS, 3_000, () -> false);

  /** Checks both counts against their ranges. */
  public Budget {
    Check.inRange("orders", orders, 1, 1e6);
    Check.inRange("nodes", (double) nodes, 0, MOST_NODES);
  }

  /** The same, given up when nobody waits any more. */
  public Budget until(BooleanSupplier nobodyWaits) {
    return new Budget(orders, nodes, nobodyWaits);
  }
}
