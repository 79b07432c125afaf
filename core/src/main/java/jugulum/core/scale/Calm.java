package jugulum.core.scale;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;

/**
 * Whether the last readings stand: over the last second they do not differ; or they differ by one
 * step at most, over a little longer, with hardly a slope (least squares). A second and a slope of
 * a step in it would do for most, but one in a thousand slow trickles in some wind was taken for
 * rest so ({@code SteadyCoverageTest}).
 */
final class Calm {
  /** The readings of a second lie on four fifths of it where it sends five times. */
  private static final double SAME_SECONDS = 0.8;

  private static final double WAVERING_SECONDS = 1.3;

  /** In steps a second. */
  private static final double MOST_SLOPE = 0.35;

  /** What is almost calm is shown so. */
  private static final double ALMOST = 0.9;

  private Calm() {}

  /** A reading with its moment. */
  record Sample(Instant at, double grams, Heard.Steady told) {}

  /** How much of the time it takes has been calm, from 0 to 1; 1 is at rest. */
  static double share(List<Sample> samples, double stepG) {
    if (samples.isEmpty()) {
      return 0;
    }
    double low = samples.getLast().grams();
    double high = low;
    for (int i = samples.size() - 2; i >= 0; i--) {
      low = Math.min(low, samples.get(i).grams());
      high = Math.max(high, samples.get(i).grams());
      double covered = covered(samples, i);
      if (high - low > stepG * ScaleWatch.ROUNDING) {
        return Math.min(covered(samples, i + 1) / WAVERING_SECONDS, ALMOST);
      }
      if (high == low && covered >= SAME_SECONDS) {
        return 1;
      }
      if (covered >= WAVERING_SECONDS) {
        return Math.abs(slope(samples.subList(i, samples.size()))) <= MOST_SLOPE * stepG
            ? 1
            : ALMOST;
      }
    }
    return covered(samples, 0) / (high == low ? SAME_SECONDS : WAVERING_SECONDS);
  }

  private static double covered(List<Sample> samples, int from) {
    return Duration.between(samples.get(from).at(), samples.getLast().at()).toNanos() / 1e9;
  }

  /** The readings of the last second. */
  private static List<Sample> lastSecond(List<Sample> samples) {
    Instant from = samples.getLast().at().minus(ScaleRules.REST);
    int first = samples.size() - 1;
    while (first > 0 && !samples.get(first - 1).at().isBefore(from)) {
      first--;
    }
    return samples.subList(first, samples.size());
  }

  /** In grams a second. */
  private static double slope(List<Sample> samples) {
    Instant from = samples.getFirst().at();
    double meanT = 0;
    double meanG = 0;
    for (Sample one : samples) {
      meanT += seconds(from, one) / samples.size();
      meanG += one.grams() / samples.size();
    }
    double tg = 0;
    double tt = 0;
    for (Sample one : samples) {
      double t = seconds(from, one) - meanT;
      tg += t * (one.grams() - meanG);
      tt += t * t;
    }
    return tt > 0 ? tg / tt : 0;
  }

  private static double seconds(Instant from, Sample one) {
    return Duration.between(from, one.at()).toNanos() / 1e9;
  }

  /** The middle one of the readings of the last second. */
  static double median(List<Sample> samples) {
    double[] grams = lastSecond(samples).stream().mapToDouble(Sample::grams).sorted().toArray();
    return Arrays.stream(grams).skip((grams.length - 1) / 2).findFirst().orElseThrow();
  }
}
