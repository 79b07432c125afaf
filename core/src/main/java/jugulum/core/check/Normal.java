package jugulum.core.check;

/** Numbers of the normal distribution. */
public final class Normal {
  /** The quantile of the ends of a 95 % range, in standard deviations. */
  public static final double Z95 = 1.959963984540054;

  private Normal() {}
}
