package jugulum.core.gold;

/**
 * An amount of gold with its 95 % range.
 *
 * @param milligrams the most likely amount, native metal, in milligrams
 * @param lowMg the low end, in milligrams
 * @param highMg the high end, in milligrams
 */
public record GoldRange(double milligrams, double lowMg, double highMg) {
  /** None at all. */
  public static final GoldRange NONE = new GoldRange(0, 0, 0);
}
