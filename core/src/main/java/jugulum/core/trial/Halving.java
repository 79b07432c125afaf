package jugulum.core.trial;

import java.util.function.DoublePredicate;
import java.util.function.IntPredicate;

/** Where something stops, or begins, to hold, found by halving. */
final class Halving {
  /** Halves an interval to the last place of a double. */
  private static final int TIMES = 60;

  private Halving() {}

  /** The largest value, to the last place, for which something holds that holds for small ones. */
  static double last(double low, double high, DoublePredicate holds) {
    double from = low;
    double to = high;
    for (int i = 0; i < TIMES; i++) {
      double middle = (from + to) / 2;
      if (holds.test(middle)) {
        from = middle;
      } else {
        to = middle;
      }
    }
    return (from + to) / 2;
  }

  /**
   * The smallest number above one, up to another, for which something holds that holds for large
   * ones.
   */
  static int first(int above, int upTo, IntPredicate holds) {
    int from = above;
    int to = upTo;
    while (to - from > 1) {
      int middle = (from + to) / 2;
      if (holds.test(middle)) {
        to = middle;
      } else {
        from = middle;
      }
    }
    return to;
  }
}
