package jugulum.core.passes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;
import jugulum.core.specks.SpeckMass;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.hipparchus.random.RandomDataGenerator;
import org.hipparchus.special.Gamma;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NextCatchTest {
  /** Points over what is left, in the logarithm, over all of its range. */
  private static final int POINTS = 2_000;

  private static final double[] UNLIKE = {0, 0.05, 0.12, 0.25, 0.5};

  /**
   * The same law of total probability, added up anew: the likelihood by log gamma functions, the
   * likeliest share by trisection, the catch by the library's Poisson distribution.
   *
   * @param mean what the next pass catches, for each number left
   * @param weight how much each counts
   */
  private record Sum(double[] mean, double[] weight) {
    static Sum of(List<Double> catches) {
      double total = catches.stream().mapToDouble(Double::doubleValue).sum();
      double end = Math.log1p(1e6 * total);
      double[] log = new double[POINTS + 1];
      double[] mean = new double[POINTS + 1];
      for (int i = 0; i <= POINTS; i++) {
        double left = Math.expm1(end * i / POINTS);
        double there = total + left;
        double[] logs = new double[UNLIKE.length];
        double[] nexts = new double[UNLIKE.length];
        for (int k = 0; k < UNLIKE.length; k++) {
          double from = k == 0 ? 0 : (UNLIKE[k - 1] + UNLIKE[k]) / 2;
          double to = k + 1 == UNLIKE.length ? 1e9 : (UNLIKE[k] + UNLIKE[k + 1]) / 2;
          double share = likeliest(catches, there, UNLIKE[k]);
          logs[k] =
              Math.log(Math.exp(-from / 0.1) - Math.exp(-to / 0.1))
                  + log(catches, there, share, UNLIKE[k]);
          nexts[k] = share / (1 + catches.size() * UNLIKE[k]) * left;
        }
        double top = DoubleStream.of(logs).max().orElseThrow();
        double all = 0;
        for (int k = 0; k < UNLIKE.length; k++) {
          all += Math.exp(logs[k] - top);
          mean[i] += Math.exp(logs[k] - top) * nexts[k];
        }
        mean[i] /= all;
        log[i] = logOfRatio(there, total) + top + Math.log(all) + Math.log((1 + left) / there);
      }
      double most = DoubleStream.of(log).max().orElseThrow();
      double[] weight = DoubleStream.of(log).map(one -> Math.exp(one - most)).toArray();
      double weights = DoubleStream.of(weight).sum();
      return new Sum(mean, DoubleStream.of(weight).map(one -> one / weights).toArray());
    }

    double chance(int specks) {
      double sum = 0;
      for (int i = 0; i <= POINTS; i++) {
        sum +=
            weight[i] < 1e-12 || mean[i] == 0
                ? 0
                : weight[i]
                    * (1 - new PoissonDistribution(mean[i]).cumulativeProbability(specks - 1));
      }
      return sum;
    }
  }

  private static double log(List<Double> catches, double there, double share, double unlike) {
    double log = 0;
    double left = there;
    for (int pass = 0; pass < catches.size(); pass++) {
      double here = share / (1 + pass * unlike);
      left -= catches.get(pass);
      log += catches.get(pass) * Math.log(here) + (left > 1e-12 ? left * Math.log1p(-here) : 0);
    }
    return log;
  }

  private static double likeliest(List<Double> catches, double there, double unlike) {
    double low = -40;
    double high = -1e-12;
    for (int i = 0; i < 60; i++) {
      double one = low + (high - low) / 3;
      double two = high - (high - low) / 3;
      if (log(catches, there, Math.exp(one), unlike) < log(catches, there, Math.exp(two), unlike)) {
        low = one;
      } else {
        high = two;
      }
    }
    return Math.exp((low + high) / 2);
  }

  /** lnΓ(N+1) − lnΓ(N−T+1), by Stirling's series where both are large. */
  private static double logOfRatio(double there, double total) {
    double rest = there - total;
    if (rest < 1e6) {
      return Gamma.logGamma(there + 1) - Gamma.logGamma(rest + 1);
    }
    return there * Math.log(there)
        - rest * Math.log(rest)
        - total
        + 0.5 * Math.log(there / rest)
        + (1 / there - 1 / rest) / 12;
  }

  @ParameterizedTest
  @ValueSource(ints = {10, 30, 100, 400, 1_000, 3_000, 10_000, 30_000, 100_000})
  void theChanceOfACatchIsThatOfAnIndependentSum(int first) {
    List<Double> catches = List.of((double) first, Math.rint(0.6 * first), Math.rint(0.4 * first));
    NextCatch next = NextCatch.after(catches);
    Sum anew = Sum.of(catches);
    for (double share : List.of(0.05, 0.15, 0.25, 0.4)) {
      int specks = (int) Math.max(1, share * first);
      assertThat(next.chanceOf(specks))
          .as("%d specks or more after %s", specks, catches)
          .isCloseTo(anew.chance(specks), within(0.01));
    }
  }

  /**
   * Heaps of which nobody knows beforehand how much is in them nor how well a pass frees it: where
   * a chance of one more speck is said, it comes about as often where specks are as unlike as is
   * taken for usual; where all are alike it is said too high, by no more than that.
   */
  @Tag("simulated")
  @ParameterizedTest
  @CsvSource({
    "10, 300, 0.2, 0.7, 0.1, 0.16",
    "20, 1000, 0.3, 0.6, 0.1, 0.16",
    "20, 1000, 0.1, 0.9, 0.1, 0.16",
    "20, 1000, 0.3, 0.6, 0, 0.24"
  })
  void theChanceOfOneMoreSpeckComesTrueAsOftenAsItIsSaid(
      int fewest, int most, double worst, double best, double unlike, double over) {
    Random random = new Random(3);
    RandomDataGenerator beta = new RandomDataGenerator(3);
    int bands = 5;
    double[] said = new double[bands];
    double[] came = new double[bands];
    int[] many = new int[bands];
    for (int i = 0; i < 1_000; i++) {
      double heap = fewest * Math.pow((double) most / fewest, random.nextDouble());
      double share = worst + (best - worst) * random.nextDouble();
      List<Integer> catches = new ArrayList<>();
      int left = (int) Math.rint(heap);
      double spread = -unlike * Math.log(1 - random.nextDouble());
      double[] shares =
          DoubleStream.generate(
                  () -> spread > 1e-6 ? beta.nextBeta(share / spread, (1 - share) / spread) : share)
              .limit(left)
              .toArray();
      for (int pass = 3 + random.nextInt(4); pass >= 0; pass--) {
        double[] stay =
            DoubleStream.of(shares).filter(each -> random.nextDouble() >= each).toArray();
        catches.add(shares.length - stay.length);
        shares = stay;
      }
      int next = catches.removeLast();
      if (catches.stream().mapToInt(Integer::intValue).sum() > 0) {
        double chance = NextCatch.after(catches).chanceOf(1);
        int band = (int) Math.min(bands - 1, chance * bands);
        said[band] += chance;
        came[band] += next > 0 ? 1 : 0;
        many[band]++;
      }
    }
    for (int band = 0; band < bands; band++) {
      if (many[band] > 60) {
        assertThat(came[band] / many[band])
            .as("said %.2f", said[band] / many[band])
            .isBetween(said[band] / many[band] - over, said[band] / many[band] + 0.12);
      }
    }
    double all = IntStream.range(1, bands).mapToDouble(band -> said[band]).sum();
    assertThat(IntStream.range(1, bands).mapToDouble(band -> came[band]).sum() / all)
        .as("on the whole")
        .isCloseTo(1, within(over / 2));
  }

  /**
   * Specks drawn one by one: a Poisson number, each of a size of its own, all as flat as this
   * place's gold is.
   */
  @ParameterizedTest
  @ValueSource(ints = {60, 600, 2_400})
  void theChanceOfAMassIsThatOfSpecksDrawnOneByOne(int first) {
    List<Double> catches = List.of((double) first, Math.rint(0.6 * first), Math.rint(0.36 * first));
    NextCatch next = NextCatch.after(catches);
    Cut cut = new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));
    double speckMg = Speck.of(cut, 0.3, 17.5).meanMg();
    List<Likelihood.Weighted> left = Likelihood.of(catches).nextCatches(240);
    Random random = new Random(first);
    double mg = 0.2 * first * speckMg;
    int draws = 4_000;
    int reached = 0;
    for (int i = 0; i < draws; i++) {
      double at = random.nextDouble();
      double mean = 0;
      for (Likelihood.Weighted one : left) {
        at -= one.weight();
        mean = one.meanCatch();
        if (at < 0) {
          break;
        }
      }
      int specks =
          mean > 0
              ? new PoissonDistribution(mean).inverseCumulativeProbability(random.nextDouble())
              : 0;
      double flat =
          Math.exp(
              SpeckMass.FLATNESS_LOG_SD * random.nextGaussian()
                  - SpeckMass.FLATNESS_LOG_SD * SpeckMass.FLATNESS_LOG_SD / 2);
      double sum = 0;
      for (int k = 0; k < specks; k++) {
        double mm = 0.15 * Math.pow(2, random.nextDouble());
        sum += Math.PI / 6 * 0.3 * 17.5 * mm * mm * mm * flat;
      }
      reached += sum >= mg ? 1 : 0;
    }
    assertThat(next.chanceOfMass(mg, Speck.of(cut, 0.3, 17.5)))
        .isCloseTo(reached / (double) draws, within(0.02));
  }

  /**
   * Weighed passes of as much gold as 1,200, 900 and 660 specks: a pass that brings 0.17 and costs
   * 3.33 hardly ever pays.
   */
  @Test
  void manySpecksAreNoCertainty() {
    Cut fine = new Cut(StandardScreens.numbered("100"), StandardScreens.numbered("200"));
    Terms terms = new Terms(80, 0.95, 33.3, 6, "", LocalDate.EPOCH);
    NextPass next =
        NextPass.of(
            List.of(1_200.0, 900.0, 660.0),
            OptionalDouble.of(6),
            Speck.of(fine, 0.3, 17.5),
            0.9,
            Optional.of(terms),
            StopRule.USUAL);
    NextPass.Money money = next.money().orElseThrow();
    assertThat(money.brings()).isLessThan(0.2);
    assertThat(money.costs()).isCloseTo(3.33, within(0.001));
    assertThat(money.chance()).isLessThan(0.01);
  }

  @Test
  void aMassOfNothingIsCertainAndAnEndlessOneNever() {
    NextCatch next = NextCatch.after(List.of(46.0, 21.0, 9.0));
    Speck speck = new Speck(0.03, 0.4, 0.2, true);
    assertThat(next.chanceOfMass(0, speck)).isEqualTo(1);
    assertThat(next.chanceOfMass(1e6, speck)).isZero();
    assertThat(next.chanceOf(0)).isEqualTo(1);
    assertThat(next.chanceOf(1_000_000)).isLessThan(1e-6);
  }
}
