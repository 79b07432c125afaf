package jugulum.core.belief;

import jugulum.core.gold.GoldRange;

/**
 * What is thought of one kind of gold in a lot.
 *
 * @param gold its mean and 95 % range, native, in mg
 * @param medianMg as likely to be more as less: what is shown of a lot nobody looked at
 * @param logVariance the variance of its logarithm, 0 or more
 * @param by on what it rests
 * @param others how many lots of its kind were looked at: of no meaning where it was looked at
 *     itself
 */
public record Thought(GoldRange gold, double medianMg, double logVariance, By by, int others) {
  /**
   * A mean so many times the middle says more of what is not known than of gold: ours.
   *
   * <p>Off by a half: from where on it is said of a lot nobody looked at.
   */
  private static final double WIDE = 3;

  /** On what it rests. */
  public enum By {
    /** On a look at the lot itself. */
    LOOK,
    /** On other lots. */
    OTHERS,
    /** On other lots and on the head of its batch. */
    HEAD,
    /** On other lots: head and lots of its batch do not agree. */
    DISAGREES
  }

  /** Whether nobody looked at the lot itself. */
  public boolean isUnseen() {
    return by != By.LOOK;
  }

  /** Whether its mean is mostly not knowing: more than three times the middle, ours. */
  public boolean isMostlyNotKnowing() {
    return isUnseen() && gold.milligrams() > WIDE * medianMg;
  }
}
