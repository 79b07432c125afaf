package jugulum.core.eye;

import jugulum.core.check.Check;

/**
 * How a person's corrections say how much of what is seen is no gold, or how much gold is not seen:
 * a share with the prior Beta(1, 9), by what was taken out or put in of all that was gone through.
 *
 * @param hits taken out, or put in, 0 or more
 * @param of all gone through, at least the hits
 */
public record Corrected(int hits, int of) {
  /** Nobody corrected anything yet. */
  public static final Corrected NONE = new Corrected(0, 0);

  private static final double PRIOR_HITS = 1;
  private static final double PRIOR_MISSES = 9;

  /** A picture that was gone through one by one has hardly any left. */
  private static final double LOOKED_THROUGH = 60;

  /** Checks both. */
  public Corrected {
    Check.inRange("hits", hits, 0, 1e9);
    Check.inRange("of", of, hits, 1e9);
  }

  /** The shape of the hits of its Beta. */
  public double alpha() {
    return PRIOR_HITS + hits;
  }

  /** The shape of the rest. */
  public double beta() {
    return PRIOR_MISSES + of - hits;
  }

  /** The mean share, 0 to 1. */
  public double mean() {
    return alpha() / (alpha() + beta());
  }

  /** The shape of the rest where a picture was gone through. */
  static double lookedThrough() {
    return LOOKED_THROUGH;
  }
}
