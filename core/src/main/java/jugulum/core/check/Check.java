package jugulum.core.check;

/** Range checks at the edge of the model. Each tests the valid range, so NaN never passes. */
public final class Check {
  /** The heaviest container of material the model takes, in grams: ten tonnes. */
  public static final double HEAVIEST_G = 1e7;

  private Check() {}

  /**
   * Gives the value back if it lies in the closed range.
   *
   * @throws OutOfRange if it does not, or is NaN
   */
  public static double inRange(String quantity, double value, double low, double high) {
    if (value >= low && value <= high) {
      return value;
    }
    throw new OutOfRange(quantity, low, high, value);
  }

  /**
   * Gives the mass back if it is from 0 to {@link #HEAVIEST_G} grams.
   *
   * @throws OutOfRange if it is not, or is NaN
   */
  public static double grams(String quantity, double grams) {
    return inRange(quantity, grams, 0, HEAVIEST_G);
  }

  /**
   * Gives the share back if it is from 0 to 1.
   *
   * @throws OutOfRange if it is not, or is NaN
   */
  public static double share(String quantity, double share) {
    return inRange(quantity, share, 0, 1);
  }
}
