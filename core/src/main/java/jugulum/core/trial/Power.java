package jugulum.core.trial;

import java.util.OptionalDouble;
import java.util.stream.IntStream;
import jugulum.core.check.Check;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * Which difference between two machines so many specks would settle. The chance is summed over
 * quantiles of what may be found of the better one, by the very rule that reads the trial
 * afterwards ({@link Comparison}); where runs differ, all specks together are worth fewer.
 */
public final class Power {
  /** So often the difference told would be settled. */
  public static final double PROMISE = 0.8;

  private static final int PARTS = 40;

  /** Differences are told to a tenth of a point. */
  private static final int STEPS = 1000;

  private final double share;

  /** So many specks of one run alone would tell as much as all of them. */
  private final int specks;

  private final RunScatter rest;
  private final double confidence;

  /** For each of what may be found of the better one, the most of the other that settles it. */
  private final int[] most;

  private Power(double share, int specks, RunScatter scatter, double confidence) {
    this.share = Check.inRange("share", share, 0.01, 1);
    Check.inRange("specks", specks, 1, SpecksNeeded.MOST);
    this.confidence = Check.inRange("confidence", confidence, 0.5, 0.99999);
    this.specks = (int) Math.max(1, Math.round(specks / Math.max(1, scatter.dispersion())));
    this.rest = new RunScatter(1, scatter.degrees());
    BinomialDistribution found = new BinomialDistribution(this.specks, share);
    this.most =
        IntStream.range(0, PARTS)
            .map(i -> most(found.inverseCumulativeProbability((i + 0.5) / PARTS)))
            .toArray();
  }

  /** −1 where not even none of the other does. */
  private int most(int found) {
    return Halving.first(-1, found + 1, other -> !isSettled(found, other)) - 1;
  }

  private boolean isSettled(int found, int other) {
    return other <= specks
        && ShareDifference.of(found, specks, other, specks, rest, confidence).low() > 0;
  }

  private double settles(double difference) {
    BinomialDistribution other = new BinomialDistribution(specks, Math.max(0, share - difference));
    return IntStream.of(most)
        .mapToDouble(least -> least < 0 ? 0 : other.cumulativeProbability(least))
        .average()
        .orElseThrow();
  }

  /**
   * The chance that the better of two machines is called better, 0 to 1.
   *
   * @param share what the better one wins, 0.01 to 1
   * @param difference by how much the other wins less, 0 to the share
   * @param specks put into each, all its runs together, from 1
   * @param scatter how runs differ ({@link RunScatter#expected})
   * @param confidence of what is settled, 0.95 where two are compared at one size
   */
  public static double settles(
      double share, double difference, int specks, RunScatter scatter, double confidence) {
    Power power = new Power(share, specks, scatter, confidence);
    return power.settles(Check.inRange("difference", difference, 0, share));
  }

  /**
   * The smallest difference that is settled in 8 of 10 trials, to a tenth of a point; empty where
   * none is.
   *
   * @param share what the better one wins, 0.01 to 1
   * @param specks put into each, all its runs together, from 1
   * @param scatter how runs differ ({@link RunScatter#expected})
   * @param confidence of what is settled, 0.95 where two are compared at one size
   */
  public static OptionalDouble smallest(
      double share, int specks, RunScatter scatter, double confidence) {
    Power power = new Power(share, specks, scatter, confidence);
    if (power.settles(share) < PROMISE) {
      return OptionalDouble.empty();
    }
    int steps = (int) Math.ceil(share * STEPS);
    return OptionalDouble.of(
        Halving.first(0, steps, step -> power.settles((double) step / STEPS) >= PROMISE)
            / (double) STEPS);
  }
}
