package jugulum.core.trial;

import java.util.Arrays;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * Which difference between two machines so many specks would settle. The chance is summed over
 * quantiles of what may be found of either, by the very rule that reads the trial afterwards
 * ({@link Comparison}).
 */
public final class Power {
  /** So often the difference told would be settled. */
  public static final double PROMISE = 0.8;

  private static final double CONFIDENCE = 0.95;
  private static final int PARTS = 40;

  private Power() {}

  /**
   * The chance that the better of two machines is called better, 0 to 1.
   *
   * @param share what the better one wins, 0.01 to 1
   * @param difference by how much the other wins less, 0 to the share
   * @param specks put into each, from 1
   */
  public static double settles(double share, double difference, int specks) {
    Check.inRange("share", share, 0.01, 1);
    Check.inRange("difference", difference, 0, share);
    Check.inRange("specks", specks, 1, SpecksNeeded.MOST);
    int[] better = quantiles(specks, share);
    int[] other = quantiles(specks, share - difference);
    long settled = 0;
    for (int one : better) {
      settled +=
          Arrays.stream(other)
              .filter(two -> ShareDifference.of(one, specks, two, specks, CONFIDENCE).low() > 0)
              .count();
    }
    return settled / (double) (PARTS * PARTS);
  }

  private static int[] quantiles(int specks, double share) {
    BinomialDistribution found = new BinomialDistribution(specks, Math.max(0, share));
    int[] quantiles = new int[PARTS];
    for (int i = 0; i < PARTS; i++) {
      quantiles[i] = found.inverseCumulativeProbability((i + 0.5) / PARTS);
    }
    return quantiles;
  }

  /**
   * The smallest difference that is settled in 8 of 10 trials; empty where none is.
   *
   * @param share what the better one wins, 0.01 to 1
   * @param specks put into each, from 1
   */
  public static OptionalDouble smallest(double share, int specks) {
    return settles(share, share, specks) < PROMISE
        ? OptionalDouble.empty()
        : OptionalDouble.of(
            Halving.last(0, share, difference -> settles(share, difference, specks) < PROMISE));
  }
}
