package jugulum.core.schedule;

/** How long a search may go on. */
@FunctionalInterface
public interface Budget {
  /** No end. */
  Budget ENDLESS = () -> 0;

  /**
   * How much of it is spent, as a share: 1 and more where it is, or nobody waits for the answer any
   * more.
   */
  double spent();

  /** Whether nothing is left. */
  default boolean isSpent() {
    return spent() >= 1;
  }
}
