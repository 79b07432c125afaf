package jugulum.core.plan;

import java.util.List;
import java.util.Optional;

/**
 * Bench hours against gold: the best stack for each number of screens, and the one that is
 * proposed.
 *
 * @param points the best stack of each number of screens, the fewest first
 * @param proposed which of them is worth most when its hours are paid, by its place; -1 where no
 *     stack is possible
 */
public record StackTrade(List<Point> points, int proposed) {
  /** Keeps its own copy. */
  public StackTrade {
    points = List.copyOf(points);
  }

  /**
   * A stack, beside the one with one screen less.
   *
   * @param plan the stack with its cuts
   * @param moreMg what it wins more than that in the mean, native, in mg; below 0 where it wins
   *     less
   * @param moreMinutes the hands' time it takes more
   */
  public record Point(Plan plan, double moreMg, double moreMinutes) {
    /** What its extra time wins an hour, native, in mg; empty where it takes no longer. */
    public Optional<Double> moreMgPerHour() {
      return moreMinutes > 0 ? Optional.of(moreMg / moreMinutes * 60) : Optional.empty();
    }
  }

  /** The stack proposed. */
  public Optional<Point> proposal() {
    return proposed < 0 ? Optional.empty() : Optional.of(points.get(proposed));
  }
}
