package jugulum.practice;

import java.util.function.LongToDoubleFunction;
import java.util.stream.LongStream;
import org.hipparchus.distribution.continuous.TDistribution;

/** What many runs, each of its own seed, show together. */
final class Seeds {
  private Seeds() {}

  /** The value that the mean of a quantity is above, with 99 % of confidence (Student's t). */
  static double atLeast(int runs, LongToDoubleFunction quantity) {
    double[] values = LongStream.range(0, runs).mapToDouble(quantity).toArray();
    double mean = 0;
    for (double value : values) {
      mean += value / runs;
    }
    double squares = 0;
    for (double value : values) {
      squares += (value - mean) * (value - mean);
    }
    double error = Math.sqrt(squares / (runs - 1) / runs);
    return mean - new TDistribution(runs - 1).inverseCumulativeProbability(0.99) * error;
  }
}
