package jugulum.core.gold;

import java.util.Arrays;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * Single values of a sorted order without sorting: values are counted into bins of equal width, and
 * only the bin a rank falls into is sorted. Exact; for tens of thousands of draws several times as
 * fast as a selection by pivots, and asked for all ranks at once.
 */
final class Ranks {
  private static final int MOST_BINS = 2_048;

  /** So few values in a bin are sorted in no time; more bins than that are walked for nothing. */
  private static final int VALUES_A_BIN = 8;

  private final double[] values;
  private final double low;
  private final double perWidth;
  private final int bins;
  private final int[] upTo;

  /** Counts the values, none of which is NaN; they are not changed. */
  Ranks(double[] values) {
    this.values = values;
    bins = Math.clamp(values.length / VALUES_A_BIN, 1, MOST_BINS);
    upTo = new int[bins + 1];
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    for (double value : values) {
      least = Math.min(least, value);
      most = Math.max(most, value);
    }
    low = least;
    perWidth = most > least ? bins / (most - least) : 0;
    for (double value : values) {
      upTo[bin(value) + 1]++;
    }
    for (int i = 0; i < bins; i++) {
      upTo[i + 1] += upTo[i];
    }
  }

  private int bin(double value) {
    return Math.min(bins - 1, (int) ((value - low) * perWidth));
  }

  /** The values of ranks, 0 for the least, all in one pass. */
  double[] values(int... ranks) {
    double[][] parts = new double[bins][];
    int[] at = new int[bins];
    for (int rank : ranks) {
      int bin = binOf(rank);
      parts[bin] = new double[upTo[bin + 1] - upTo[bin]];
    }
    for (double value : values) {
      int bin = bin(value);
      if (parts[bin] != null) {
        parts[bin][at[bin]++] = value;
      }
    }
    Stream.of(parts).filter(Objects::nonNull).forEach(Arrays::sort);
    return Arrays.stream(ranks)
        .mapToDouble(rank -> parts[binOf(rank)][rank - upTo[binOf(rank)]])
        .toArray();
  }

  private int binOf(int rank) {
    int first = 0;
    int last = bins - 1;
    while (first < last) {
      int middle = (first + last) >>> 1;
      if (upTo[middle + 1] <= rank) {
        first = middle + 1;
      } else {
        last = middle;
      }
    }
    return first;
  }
}
