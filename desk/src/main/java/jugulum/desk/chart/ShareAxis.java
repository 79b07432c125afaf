package jugulum.desk.chart;

import java.util.stream.DoubleStream;

/**
 * An axis of shares up to all, from a whole tenth below the lowest shown.
 *
 * @param from where it begins, 0 to 0.8
 */
public record ShareAxis(double from) {
  private static final double TENTH = 0.1;

  /** One that shows shares down to the lowest of these, 0 to 1. */
  public static ShareAxis below(DoubleStream shares) {
    double lowest = shares.min().orElse(0);
    return new ShareAxis(Math.clamp(Math.floor(lowest / TENTH) * TENTH, 0, 1 - 2 * TENTH));
  }

  /** Where a share stands: 0 at the beginning of the axis, 1 at its end. */
  public double place(double share) {
    return (share - from) / (1 - from);
  }
}
