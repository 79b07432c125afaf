package jugulum.core.gold;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleSupplier;
import java.util.function.IntSupplier;
import java.util.function.IntToDoubleFunction;
import jugulum.core.check.Band;
import jugulum.core.check.Normal;
import jugulum.core.specks.Speck;
import jugulum.core.specks.SpeckSizes;
import org.hipparchus.distribution.continuous.TriangularDistribution;

/**
 * Random amounts of gold that agree with a piece of evidence.
 *
 * <p>Propagation of distributions by Monte Carlo, JCGM 101:2008, 6.4: weighed gold is normal and
 * cut at 0, a count is gamma with shape n + ½ (the ½ shared between the classes of a count by
 * size), what samples hold is gamma by their grains and lognormal by the laboratory, a removal is
 * split normal about its estimate in the logarithm of what is left. Every lot has a seed of its
 * own, so the draws of one lot do not depend on which other lots there are, nor on how many threads
 * draw. Exponentials and logarithms are those of {@link StrictMath}: others may differ in the last
 * place from one machine to the next.
 */
final class Draws {
  /** The ends of a 95 % range. */
  private static final double LOW = 0.025;

  private static final double HIGH = 0.975;

  /** From so many standard deviations above 0 the cut at 0 does not move the mean. */
  private static final double FAR_FROM_ZERO = 5;

  /** So many draws tell the logarithm well enough: to a fiftieth of its own spread. */
  private static final int LOGS = 4_000;

  /** A draw so much below the mean is as good as none, and none has no logarithm. */
  private static final double LEAST = 1e-3;

  private static final double SHAPE = SpeckSizes.SHAPE_LOG_SD * SpeckSizes.SHAPE_LOG_SD;

  private final double[] milligrams;

  /** The mean, exact where it is known without drawing, else NaN until it is asked for. */
  private double mean;

  private double variance = Double.NaN;
  private double endSd;
  private Optional<GoldRange> range = Optional.empty();
  private Optional<LogGold> log = Optional.empty();

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
    Sampler random = new Sampler(seed);
    int count = shared.fineness().milligrams.length;
    return switch (evidence) {
      case Evidence.Weighed(var weighing) ->
          normal(random, weighing.meanG() * 1000, weighing.standardUncertaintyG() * 1000, count);
      case Evidence.Known(double mg, double sd) -> normal(random, mg, sd, count);
      case Evidence.Counted(int specks, double share, var speck) ->
          specks(
              fill(count, random.gamma(specks + 0.5, 1 / share)),
              specks + 0.5,
              speck,
              shared,
              random);
      case Evidence.Panned(var classes, double share) -> {
        double unseen = 0.5 / classes.size();
        yield sum(
            classes.stream()
                .map(
                    one ->
                        specks(
                            fill(count, random.gamma(one.specks() + unseen, 1 / share)),
                            one.specks() + unseen,
                            one.speck(),
                            shared,
                            random))
                .toList());
      }
      case Evidence.Picked(double found, var speck) -> {
        Draws missed = specks(fill(count, random.gamma(0.5, 1)), 0.5, speck, shared, random);
        yield sum(List.of(constant(found, count), missed));
      }
      // The same seed again would make share and count rise and fall together.
      case Evidence.Proven proven ->
          proven(new Sampler(~seed), proven, of(proven.counted(), shared, seed));
      case Evidence.Sampled sampled -> sampled(random, sampled, shared);
      case Evidence.Judged(double low, double high) ->
          fill(count, () -> low + (high - low) * random.uniform());
      case Evidence.InHand(double fine, double metal, double sd) ->
          metal(random, fine, metal, sd, shared.fineness());
      case Evidence.FromPasses(var removal, var speck) -> {
        double left = removal.left().orElse(0);
        double low = StrictMath.log1p(left) - StrictMath.log1p(removal.leftLow());
        double high = StrictMath.log1p(removal.leftHigh().orElse(left)) - StrictMath.log1p(left);
        Draws still =
            fill(
                count,
                () -> {
                  double z = random.normal(0, 1 / Normal.Z95);
                  return Math.max(
                      0, StrictMath.expm1(StrictMath.log1p(left) + z * (z < 0 ? low : high)));
                });
        yield specks(still, Math.max(1, left), speck, shared, random);
      }
    };
  }

  /**
   * What all lots of a batch share: one gold, as pure and as flat everywhere.
   *
   * @param fineness the native metal's fineness
   * @param speckMass the mass of a speck over the mean that is taken, by its flatness
   * @param sizes the sizes of its specks; empty where nothing rests on them
   */
  record Shared(Draws fineness, Draws speckMass, Optional<Sizes> sizes) {
    /** As much of it as that evidence rests on: what does not is not drawn anew with it. */
    Shared under(Evidence evidence) {
      return evidence.restsOnSizes() ? this : new Shared(fineness, speckMass, Optional.empty());
    }

    /** What specks weigh over the mean that is taken, draw by draw. */
    private IntToDoubleFunction mass(Speck speck) {
      if (!speck.shared()) {
        return _ -> 1;
      }
      return speck
          .open()
          .map(open -> sizes.orElseThrow().known().factors(open))
          .<IntToDoubleFunction>map(
              byLaw -> {
                double[] law = sizes.orElseThrow().law().milligrams;
                return i -> speckMass.milligrams[i] * byLaw[(int) law[i]];
              })
          .orElse(i -> speckMass.milligrams[i]);
    }
  }

  /**
   * The sizes of specks.
   *
   * @param known what is known of them
   * @param law which of its laws is so, draw by draw
   */
  record Sizes(SpeckSizes known, Draws law) {}

  /** Which law of sizes is so, draw by draw. */
  static Draws laws(long seed, SpeckSizes sizes, int count) {
    IntSupplier law = sizes.drawn(new Sampler(seed)::uniform);
    return fill(count, law::getAsInt);
  }

  /**
   * Turns numbers of specks into milligrams: so many specks weigh together what their mean lets
   * expect, give or take, lognormal.
   */
  private static Draws specks(
      Draws counts, double about, Speck speck, Shared shared, Sampler random) {
    double[] mg = new double[counts.milligrams.length];
    double variance =
        StrictMath.log1p(speck.variance() / about)
            + (speck.shared() ? 0 : speck.logSd() * speck.logSd())
            + (speck.open().isPresent() ? SHAPE : 0);
    double scale = Math.sqrt(variance);
    IntToDoubleFunction mass = shared.mass(speck);
    for (int i = 0; i < mg.length; i++) {
      mg[i] =
          counts.milligrams[i]
              * speck.meanMg()
              * mass.applyAsDouble(i)
              * StrictMath.exp(random.normal(-variance / 2, scale));
    }
    return new Draws(mg);
  }

  /** Mean-preserving lognormal factors about 1. */
  static Draws factors(long seed, double logSd, int count) {
    Sampler random = new Sampler(seed);
    return fill(count, () -> StrictMath.exp(random.normal(-logSd * logSd / 2, logSd)));
  }

  static Draws normal(long seed, double mean, double sd, int count) {
    return normal(new Sampler(seed), mean, sd, count);
  }

  /** From a band: triangular, most likely what is usual. */
  static Draws triangular(long seed, Band band, int count) {
    if (!(band.high() > band.low())) {
      return constant(band.usual(), count);
    }
    Sampler random = new Sampler(seed);
    TriangularDistribution spread =
        new TriangularDistribution(band.low(), band.usual(), band.high());
    return fill(count, () -> spread.inverseCumulativeProbability(random.uniform()));
  }

  private static Draws normal(Sampler random, double mean, double sd, int count) {
    if (sd == 0) {
      return constant(mean, count);
    }
    double[] drawn = fill(count, () -> Math.max(0, random.normal(mean, sd))).milligrams;
    return mean > FAR_FROM_ZERO * sd ? new Draws(drawn, mean) : new Draws(drawn);
  }

  /** Mean-preserving lognormal; what was told as fine gold is turned to native. */
  private static Draws metal(
      Sampler random, double fineMg, double nativeMg, double relativeSd, Draws fineness) {
    double variance = StrictMath.log1p(relativeSd * relativeSd);
    double scale = Math.sqrt(variance);
    double[] drawn = new double[fineness.milligrams.length];
    for (int i = 0; i < drawn.length; i++) {
      double spread = scale == 0 ? 1 : StrictMath.exp(random.normal(-variance / 2, scale));
      drawn[i] = Math.max(0, fineMg / fineness.milligrams[i] + nativeMg) * spread;
    }
    return new Draws(drawn);
  }

  /**
   * The share of specks that are gold is a beta variate of gold + ½ and other + ½ (Jeffreys), made
   * of two gamma variates (textbook).
   */
  private static Draws proven(Sampler random, Evidence.Proven of, Draws counted) {
    DoubleSupplier gold = random.gamma(of.gold() + 0.5, 1);
    DoubleSupplier other = random.gamma(of.tested() - of.gold() + 0.5, 1);
    double[] scaled = counted.milligrams.clone();
    for (int i = 0; i < scaled.length; i++) {
      double one = gold.getAsDouble();
      scaled[i] *= one / (one + other.getAsDouble());
    }
    return new Draws(scaled);
  }

  /**
   * What the samples tell of the whole lot. A sample holds n = mg ÷ (mass of a grain, by mass)
   * grains, as if all were alike, and the lot gamma(n + ½) of them for each share that was taken;
   * of the grains in the sample itself nothing is open, so the doubt is that of the rest.
   */
  private static Draws sampled(Sampler random, Evidence.Sampled of, Shared shared) {
    int count = shared.fineness().milligrams.length;
    Draws inSample = metal(random, of.fineMg(), of.nativeMg(), of.relativeSd(), shared.fineness());
    if (of.share() >= 1) {
      return inSample;
    }
    double grain = of.grain().meanMg();
    double grains = inSample.mean() / grain;
    DoubleSupplier more = random.gamma(grains + 0.5, 1 / (grains + 0.5));
    double rest = 1 / of.share() - 1;
    double[] drawn = new double[count];
    for (int i = 0; i < count; i++) {
      drawn[i] =
          inSample.milligrams[i] + (inSample.milligrams[i] + grain / 2) * more.getAsDouble() * rest;
    }
    return new Draws(drawn);
  }

  static Draws constant(double value, int count) {
    double[] same = new double[count];
    Arrays.fill(same, value);
    return new Draws(same, value);
  }

  private static Draws fill(int count, DoubleSupplier next) {
    double[] drawn = new double[count];
    for (int i = 0; i < count; i++) {
      drawn[i] = next.getAsDouble();
    }
    return new Draws(drawn);
  }

  /** The sum of several, at least one, draw by draw. */
  static Draws sum(List<Draws> parts) {
    double[] total = new double[parts.getFirst().milligrams.length];
    double mean = parts.stream().mapToDouble(part -> part.mean).sum();
    for (Draws part : parts) {
      for (int i = 0; i < total.length; i++) {
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
    return new Draws(
        Arrays.stream(milligrams).map(value -> value * factor).toArray(), mean * factor);
  }

  /**
   * The recovery c(f − t)/(f(c − t)) of grades, draw by draw; 0 where the grades of a draw do not
   * tell one.
   */
  static Draws twoProduct(Draws feed, Draws concentrate, Draws tailings) {
    double[] recovery = new double[feed.milligrams.length];
    for (int i = 0; i < recovery.length; i++) {
      double f = feed.milligrams[i];
      double c = concentrate.milligrams[i];
      double t = tailings.milligrams[i];
      recovery[i] = f > 0 && c > t ? c * (f - t) / (f * (c - t)) : 0;
    }
    return new Draws(recovery);
  }

  /** Times the other, draw by draw. */
  Draws times(Draws other) {
    return combine(other, (mine, its) -> mine * its);
  }

  /** The share of the draws above a limit. */
  double shareAbove(double limit) {
    int above = 0;
    for (double value : milligrams) {
      above += value > limit ? 1 : 0;
    }
    return above / (double) milligrams.length;
  }

  /** The mean of what the draws have above a limit. */
  double meanAbove(double limit) {
    double sum = 0;
    for (double value : milligrams) {
      sum += Math.max(0, value - limit);
    }
    return sum / milligrams.length;
  }

  /** Whichever is more, draw by draw. */
  Draws orMore(Draws other) {
    return combine(other, Math::max);
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
    return combine(
        other, (mine, its) -> (mine * weight + its * otherWeight) / (weight + otherWeight));
  }

  Draws clamped(double low, double high) {
    return new Draws(
        Arrays.stream(milligrams).map(value -> Math.clamp(value, low, high)).toArray());
  }

  private Draws combine(Draws other, DoubleBinaryOperator how) {
    double[] both = new double[milligrams.length];
    for (int i = 0; i < both.length; i++) {
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
      mean = sum / milligrams.length;
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
      variance = sum / (milligrams.length - 1);
    }
    return variance;
  }

  /** Mean and the 2.5 % and 97.5 % points; worked out once. */
  GoldRange range() {
    if (range.isEmpty()) {
      int count = milligrams.length;
      double ranks = Math.sqrt(LOW * HIGH * count);
      double[] at =
          new Ranks(milligrams)
              .values(
                  (int) (LOW * count),
                  (int) (HIGH * count),
                  (int) (LOW * count - ranks),
                  (int) (LOW * count + ranks),
                  (int) (HIGH * count - ranks),
                  (int) (HIGH * count + ranks));
      range = Optional.of(new GoldRange(mean(), at[0], at[1]));
      endSd = Math.max(at[3] - at[2], at[5] - at[4]) / 2;
    }
    return range.orElseThrow();
  }

  /** Mean and variance of the logarithm; empty where none is there. Worked out once. */
  Optional<LogGold> log() {
    if (log.isEmpty() && mean() > 0) {
      int count = Math.min(LOGS, milligrams.length);
      double least = mean() * LEAST;
      double sum = 0;
      double squares = 0;
      for (int i = 0; i < count; i++) {
        double one = StrictMath.log(Math.max(milligrams[i], least));
        sum += one;
        squares += one * one;
      }
      double middle = sum / count;
      log = Optional.of(new LogGold(middle, Math.max(0, squares / count - middle * middle)));
    }
    return log;
  }

  /**
   * How far the worse end of the range would scatter if all were drawn anew, as a standard
   * deviation; worked out with it. As many draws as lie below an end are binomial, so one standard
   * deviation of that number to either side shows it. JCGM 101:2008, 7.9, asks for it.
   */
  double endSd() {
    range();
    return endSd;
  }
}
