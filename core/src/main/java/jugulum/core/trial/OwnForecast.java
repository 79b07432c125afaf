package jugulum.core.trial;

import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.check.Normal;

/**
 * The recovery to expect of the next run of a machine: common practice as long as nothing of its
 * own is known, its own record more and more as it grows.
 *
 * <p>Common practice from a to b is a logit normal with a and b as ends of its 90 % range, of mean
 * m₀ and variance s₀². Half of that variance is the machine, half the run (an assumption of ours).
 * The mean of the machine's own runs and that of common practice are averaged by the inverse of
 * their variances; where they lie further apart than both allow, common practice counts the less
 * (its variance times the square of how many standard deviations it is off), else a good machine
 * would be told worse than it is for long. The next run lies around that by half of s₀² while fewer
 * than {@link #LEAST} runs tell the machine's own scatter, and then by whatever scatter goes with
 * them ({@link RandomEffects#next}).
 *
 * @param recovery of the next run: the most likely, with its 95 % range, 0 to 1
 * @param own the share its own runs have in it, 0 to 1, were their scatter that of common practice
 * @param runs how many runs of its own
 */
public record OwnForecast(Band recovery, double own, int runs) {
  /** From so many runs on they tell by themselves how far they lie apart. */
  public static final int LEAST = 4;

  /** The quantile of the ends of a 90 % range. */
  private static final double Z90 = 1.6448536269514722;

  private static final double HALF = 0.5;
  private static final double EDGE = 1e-4;

  /**
   * Of runs of one size and kind.
   *
   * @param practice common practice, 0 to 1
   * @param results the machine's own, as logits
   */
  public static OwnForecast of(Band practice, List<RandomEffects.Result> results) {
    double lowest = Logit.of(Check.share("low", practice.low()), EDGE);
    double highest = Logit.of(Check.share("high", practice.high()), EDGE);
    double m0 = (lowest + highest) / 2;
    double s0 = Math.max(EDGE, (highest - lowest) / 2 / Z90);
    if (results.isEmpty()) {
      return new OwnForecast(band(m0, s0 * Normal.Z95), 0, 0);
    }
    // Of common practice, one half is the machine's and the other the run's.
    double machine = HALF * s0 * s0;
    RandomEffects runs = RandomEffects.of(results, machine);
    double off = square(runs.mean() - m0) / (machine + square(runs.se()));
    Ahead.Prior practicePrior = new Ahead.Prior(m0, 1 / (machine * Math.max(1, off)));
    double ownPrecision = 1 / square(runs.se());
    double precision = ownPrecision + practicePrior.precision();
    double own = ownPrecision / precision;
    if (results.size() >= LEAST) {
      Band next = Ahead.next(results, practicePrior);
      return new OwnForecast(
          new Band(Logit.share(next.low()), Logit.share(next.usual()), Logit.share(next.high())),
          own,
          results.size());
    }
    double mean = own * runs.mean() + (1 - own) * m0;
    double half = Normal.Z95 * Math.sqrt(runs.tau2() + 1 / precision);
    return new OwnForecast(band(mean, half), own, results.size());
  }

  private static double square(double value) {
    return value * value;
  }

  private static Band band(double mean, double half) {
    return new Band(Logit.share(mean - half), Logit.share(mean), Logit.share(mean + half));
  }
}
