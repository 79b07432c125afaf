package jugulum.practice.drill;

/**
 * What a run comes to.
 *
 * @param goldLost the share of the gold lost, 0 to 1
 * @param sandOut the share of the sand that is where it is to be, 0 to 1
 * @param minutes how long it took
 * @param isReached whether what was asked for was reached
 */
public record Score(double goldLost, double sandOut, double minutes, boolean isReached) {
  /**
   * A minute is worth as much as that share of the gold: ours, for comparing runs.
   *
   * <p>Off by a half: whether a slow or a quick run of practice is called better.
   */
  private static final double MINUTE = 0.001;

  /** What is not reached is worse than any gold lost. */
  private static final double NOT_REACHED = 1;

  /** What it cost, for comparing runs: gold first, then minutes. Lower is better. */
  public double cost() {
    return goldLost + MINUTE * minutes + (isReached ? 0 : NOT_REACHED * (1 - sandOut) + 0.1);
  }
}
