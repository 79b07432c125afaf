package jugulum.core.marks;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * Feed against setting as a straight line by least squares, from minutes that were weighed. It is
 * told between the lowest and the highest of them, and nowhere else: below, the sand stands still
 * at once.
 *
 * @param at feed at a setting of 0 along the line, in kg/h; may be below 0
 * @param perStep more feed for one more of the setting, in kg/h, above 0
 * @param lowest the lowest setting weighed
 * @param highest the highest setting weighed
 * @param scatter how far minutes lie off the line, in kg/h, as a standard deviation; empty for two
 */
public record FeedLine(
    double at, double perStep, double lowest, double highest, OptionalDouble scatter) {
  /** Three settings make a line one can see a bend in: common practice. */
  public static final int ENOUGH = 3;

  /**
   * The line through some minutes; empty where they are of one setting, or where more setting gives
   * no more feed.
   */
  public static Optional<FeedLine> of(List<FeedMark> marks) {
    SimpleRegression line = new SimpleRegression();
    marks.forEach(mark -> line.addData(mark.setting(), mark.kgPerHour()));
    double lowest = marks.stream().mapToDouble(FeedMark::setting).min().orElse(0);
    double highest = marks.stream().mapToDouble(FeedMark::setting).max().orElse(0);
    if (!(lowest < highest) || !(line.getSlope() > 0)) {
      return Optional.empty();
    }
    return Optional.of(
        new FeedLine(
            line.getIntercept(),
            line.getSlope(),
            lowest,
            highest,
            marks.size() >= ENOUGH
                ? OptionalDouble.of(Math.sqrt(Math.max(0, line.getMeanSquareError())))
                : OptionalDouble.empty()));
  }

  /** The feed at a setting, in kg/h; empty outside what was weighed. */
  public OptionalDouble kgPerHour(double setting) {
    Check.inRange("setting", setting, 0, 100_000);
    return setting >= lowest && setting <= highest
        ? OptionalDouble.of(Math.max(0, at + perStep * setting))
        : OptionalDouble.empty();
  }

  /**
   * What to set for a feed; empty where that lies outside what was weighed.
   *
   * @param kgPerHour wanted, 0 to 10,000
   */
  public OptionalDouble setting(double kgPerHour) {
    double found = (Check.inRange("kgPerHour", kgPerHour, 0, 10_000) - at) / perStep;
    return found >= lowest && found <= highest ? OptionalDouble.of(found) : OptionalDouble.empty();
  }
}
