package jugulum.core.gold;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleSupplier;
import org.hipparchus.random.MersenneTwister;
import org.hipparchus.random.RandomDataGenerator;
import org.hipparchus.util.KthSelector;

/**
 * Random amounts of gold that agree with a piece of evidence.
 *
 * <p>Propagation of distributions by Monte Carlo, JCGM 101:2008, 6.4: weighed gold is normal and cut at 0, a count is gamma with
 * shape n + ½ (the ½ shared between the classes of a count by size), an assay is lognormal, a removal is split normal about its estimate in the logarithm of what is left. Every lot has a
 * seed of its own, so the draws of one lot do not depend on which other lots there are.
 */
final class Draws {
  /** Draws per lot. */
  static final int COUNT = 20_000;

  /** The normal quantile of the ends of a 95 % range. */
  private static final double Z95 = 1.959963984540054;

  /** From so many standard deviations above 0 the cut at 0 does not move the mean. */
  private static final double FAR_FROM_ZERO = 5;

  /** What the selector remembers of its first search for its second; the size its library uses itself. */
  private static final int PIVOTS = 1_023;

  private final double[] milligrams;

  /** The mean, exact where it is known without drawing, else NaN until it is asked for. */
  private double mean;

  private double variance = Double.NaN;
  private GoldRange range;

  private Draws(double[] milligrams) {
    this(milligrams, Double.NaN);
  }

  private Draws(double[] milligrams, double exactMean) {
    this.milligrams = milligrams;
    this.mean = exactMean;
  }

  /**
   * Draws for one piece of evidence.
   *
   * @param evidence what is known
   * @param shared the draws all lots share
   * @param seed the lot's own
   */
  static Draws of(Evidence evidence, Shared shared, long seed) {
    RandomDataGenerator random = RandomDataGenerator.of(new MersenneTwister(seed));
    return switch (evidence) {
      case Evidence.Weighed(var weighing) -> normal(random, weighing.meanG() * 1000, weighing.standardUncertaintyG() * 1000);
      case Evidence.Known(double mg, double sd) -> normal(random, mg, sd);
      case Evidence.Counted(int specks, double share, var speck) ->
          specks(fill(() -> random.nextGamma(specks + 0.5, 1 / share)), specks + 0.5, speck, shared.speckMass(), random);
      case Evidence.Panned(var classes, double share) -> {
        double unseen = 0.5 / classes.size();
        yield sum(
            classes.stream()
                .map(one -> specks(fill(() -> random.nextGamma(one.specks() + unseen, 1 / share)), one.specks() + unseen, one.speck(), shared.speckMass(), random))
                .toList());
      }
      case Evidence.Assayed(double mg, double sd) -> assayed(random, mg, sd, shared.fineness());
      case Evidence.FromPasses(var removal, var speck) -> {
        double left = removal.left().orElse(0);
        double low = Math.log1p(left) - Math.log1p(removal.leftLow());
        double high = Math.log1p(removal.leftHigh().orElse(left)) - Math.log1p(left);
        Draws still =
            fill(
                () -> {
                  double z = random.nextNormal(0, 1 / Z95);
                  return Math.max(0, Math.expm1(Math.log1p(left) + z * (z < 0 ? low : high)));
                });
        yield specks(still, Math.max(1, left), speck, shared.speckMass(), random);
      }
    };
  }

  /**
   * What all lots of a batch share: one gold, as pure and as flat everywhere.
   *
   * @param fineness the native metal's fineness
   * @param speckMass the mass of a speck over the mean that is taken, by its flatness
   */
  record Shared(Draws fineness, Draws speckMass) {}

  /** Turns numbers of specks into milligrams: so many specks weigh together what their mean lets expect, give or take, lognormal. */
  private static Draws specks(Draws counts, double about, Evidence.Speck speck, Draws speckMass, RandomDataGenerator random) {
    double[] mg = new double[COUNT];
    double variance = Math.log1p(speck.variance() / about);
    double scale = Math.sqrt(variance);
    for (int i = 0; i < COUNT; i++) {
      mg[i] = counts.milligrams[i] * speck.meanMg() * speckMass.milligrams[i] * Math.exp(random.nextNormal(-variance / 2, scale));
    }
    return new Draws(mg);
  }

  /** Mean-preserving lognormal factors about 1. */
  static Draws factors(long seed, double logSd) {
    RandomDataGenerator random = RandomDataGenerator.of(new MersenneTwister(seed));
    return fill(() -> Math.exp(random.nextNormal(-logSd * logSd / 2, logSd)));
  }

  static Draws normal(long seed, double mean, double sd) {
    return normal(RandomDataGenerator.of(new MersenneTwister(seed)), mean, sd);
  }

  private static Draws normal(RandomDataGenerator random, double mean, double sd) {
    if (sd == 0) {
      return constant(mean);
    }
    double[] drawn = fill(() -> Math.max(0, random.nextNormal(mean, sd))).milligrams;
    return mean > FAR_FROM_ZERO * sd ? new Draws(drawn, mean) : new Draws(drawn);
  }

  /** Mean-preserving lognormal, turned from fine to native gold. */
  private static Draws assayed(RandomDataGenerator random, double mg, double relativeSd, Draws fineness) {
    double variance = Math.log1p(relativeSd * relativeSd);
    double scale = Math.sqrt(variance);
    double[] drawn = new double[COUNT];
    for (int i = 0; i < COUNT; i++) {
      double spread = scale == 0 ? 1 : Math.exp(random.nextNormal(-variance / 2, scale));
      drawn[i] = mg * spread / fineness.milligrams[i];
    }
    return new Draws(drawn);
  }

  static Draws constant(double value) {
    double[] same = new double[COUNT];
    Arrays.fill(same, value);
    return new Draws(same, value);
  }

  private static Draws fill(DoubleSupplier next) {
    double[] drawn = new double[COUNT];
    for (int i = 0; i < COUNT; i++) {
      drawn[i] = next.getAsDouble();
    }
    return new Draws(drawn);
  }

  /** The sum of several, draw by draw. */
  static Draws sum(List<Draws> parts) {
    double[] total = new double[COUNT];
    double mean = parts.stream().mapToDouble(part -> part.mean).sum();
    for (Draws part : parts) {
      for (int i = 0; i < COUNT; i++) {
        total[i] += part.milligrams[i];
      }
    }
    return new Draws(total, mean);
  }

  /** This less the other, below 0 where the other is more. */
  Draws less(Draws other) {
    return combine(other, (mine, its) -> mine - its);
  }

  Draws times(double factor) {
    return new Draws(Arrays.stream(milligrams).map(value -> value * factor).toArray());
  }

  /** The recovery c(f − t)/(f(c − t)) of grades, draw by draw; 0 where the grades of a draw do not tell one. */
  static Draws twoProduct(Draws feed, Draws concentrate, Draws tailings) {
    double[] recovery = new double[COUNT];
    for (int i = 0; i < COUNT; i++) {
      double f = feed.milligrams[i];
      double c = concentrate.milligrams[i];
      double t = tailings.milligrams[i];
      recovery[i] = f > 0 && c > t ? c * (f - t) / (f * (c - t)) : 0;
    }
    return new Draws(recovery);
  }

  Draws minus(Draws other) {
    return combine(other, (mine, its) -> Math.max(0, mine - its));
  }

  /** This over the other; where both are 0 the draw tells nothing and counts as 0. */
  Draws over(Draws other) {
    return combine(other, (mine, its) -> its > 0 ? mine / its : 0);
  }

  /** The mean of both by weight, draw by draw. */
  Draws weighted(double weight, Draws other, double otherWeight) {
    return combine(other, (mine, its) -> (mine * weight + its * otherWeight) / (weight + otherWeight));
  }

  Draws clamped(double low, double high) {
    return new Draws(Arrays.stream(milligrams).map(value -> Math.clamp(value, low, high)).toArray());
  }

  private Draws combine(Draws other, DoubleBinaryOperator how) {
    double[] both = new double[COUNT];
    for (int i = 0; i < COUNT; i++) {
      both[i] = how.applyAsDouble(milligrams[i], other.milligrams[i]);
    }
    return new Draws(both);
  }

  /** The mean; worked out once. */
  double mean() {
    if (Double.isNaN(mean)) {
      double sum = 0;
      for (double mg : milligrams) {
        sum += mg;
      }
      mean = sum / COUNT;
    }
    return mean;
  }

  /** The variance; worked out once. */
  double variance() {
    if (Double.isNaN(variance)) {
      double mean = mean();
      double sum = 0;
      for (double mg : milligrams) {
        sum += (mg - mean) * (mg - mean);
      }
      variance = sum / (COUNT - 1);
    }
    return variance;
  }

  /** Mean and the 2.5 % and 97.5 % points; worked out once. */
  GoldRange range() {
    if (range == null) {
      double[] work = milligrams.clone();
      int[] pivots = new int[PIVOTS];
      Arrays.fill(pivots, -1);
      KthSelector selector = new KthSelector();
      double low = selector.select(work, pivots, (int) (0.025 * COUNT));
      double high = selector.select(work, pivots, (int) (0.975 * COUNT));
      range = new GoldRange(mean(), low, high);
    }
    return range;
  }
}
