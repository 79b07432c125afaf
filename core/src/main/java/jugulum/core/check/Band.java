package jugulum.core.check;

/**
 * A value that is not known sharply.
 *
 * @param low the lowest it may well be
 * @param usual what it most likely is, from low to high
 * @param high the highest it may well be
 */
public record Band(double low, double usual, double high) {
  /** Checks that the three are in order, so that NaN is refused. */
  public Band {
    Check.inRange("low", low, -Double.MAX_VALUE, Double.MAX_VALUE);
    Check.inRange("usual", usual, low, Double.MAX_VALUE);
    Check.inRange("high", high, usual, Double.MAX_VALUE);
  }

  /** A value known sharply. */
  public static Band sharp(double value) {
    return new Band(value, value, value);
  }

  /**
   * This divided by another, both above 0: the lowest by the highest, the highest by the lowest. It
   * holds every ratio the two bands allow.
   */
  public Band over(Band other) {
    return new Band(low / other.high, usual / other.usual, high / other.low);
  }

  /** Whether it lies wholly above or wholly below 0, so that nothing at all is ruled out. */
  public boolean isAwayFromZero() {
    return low > 0 || high < 0;
  }

  /** Both added: the lows, what is usual, and the highs. */
  public Band plus(Band other) {
    return new Band(low + other.low, usual + other.usual, high + other.high);
  }

  /** Every value times a factor of 0 or more. */
  public Band times(double factor) {
    return new Band(low * factor, usual * factor, high * factor);
  }
}
