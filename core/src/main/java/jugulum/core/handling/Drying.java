package jugulum.core.handling;

import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * Whether sand is dry and how long it still takes, by two weighings. Dry means constant mass: two
 * weighings an hour apart within 0.1 % (common practice, as in ASTM D2216 and C566; from memory).
 *
 * @param earlierG the earlier weighing, without its container, in grams
 * @param laterG the later one, in grams, at most the earlier
 * @param hours between them, in hours, from 0.05 to 240
 */
public record Drying(double earlierG, double laterG, double hours) {
  /** The share of its mass dry sand may still lose in an hour. */
  public static final double CONSTANT_MASS = 0.001;

  private static final double SHORTEST_HOURS = 0.05;

  /** Checks every value against its range. */
  public Drying {
    Check.grams("earlierG", earlierG);
    Check.inRange("laterG", laterG, Double.MIN_NORMAL, earlierG);
    Check.inRange("hours", hours, SHORTEST_HOURS, 240);
  }

  /** The water that leaves, in g/h. */
  public double gramsPerHour() {
    return (earlierG - laterG) / hours;
  }

  /** What left in an hour, as a share of the later mass. */
  public double sharePerHour() {
    return gramsPerHour() / laterG;
  }

  /** Whether the mass is constant. */
  public boolean isDry() {
    return sharePerHour() <= CONSTANT_MASS;
  }

  /**
   * The hours until all the water is gone at the present rate, a least time: the last water leaves
   * more slowly. Empty if nothing leaves.
   *
   * @param moisture the water's share at the later weighing, 0 to 0.99
   */
  public OptionalDouble hoursLeft(double moisture) {
    double water = laterG * Check.inRange("moisture", moisture, 0, 0.99);
    return gramsPerHour() > 0 ? OptionalDouble.of(water / gramsPerHour()) : OptionalDouble.empty();
  }
}
