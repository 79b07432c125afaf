package jugulum.core.machine;

import jugulum.core.check.Band;

/**
 * What a machine's own runs and trials let expect of the next run of that cut and kind.
 *
 * @param share the recovery to expect, 0 to 1: the most likely, with the 95 % range of one more run
 * @param runs how many runs of batches that rests on
 * @param tried how many runs of trials
 */
public record Proven(Band share, int runs, int tried) {
  /** How many of both. */
  public int all() {
    return runs + tried;
  }
}
