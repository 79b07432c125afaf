package jugulum.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.distribution.continuous.LogNormalDistribution;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

class NormalMixtureTest {
  private static final double[] WEIGHTS = {0.5, 0.3, 0.2};
  private static final double[] MEANS = {1, 4, 4.2};
  private static final double[] SDS = {0.2, 1.5, 0.01};

  @Test
  void oneNormalIsThatNormal() {
    NormalMixture one = new NormalMixture(new double[] {1}, new double[] {3}, new double[] {0.5});
    NormalDistribution normal = new NormalDistribution(3, 0.5);
    for (double probability : new double[] {1e-9, 0.025, 0.5, 0.975, 1 - 1e-9}) {
      assertThat(one.quantile(probability))
          .isCloseTo(normal.inverseCumulativeProbability(probability), within(1e-10));
    }
    assertThat(one.mean()).isEqualTo(3);
    assertThat(one.variance()).isCloseTo(0.25, within(1e-12));
  }

  /** Against a library's solver on a library's normals, over mixtures wide apart and narrow. */
  @Test
  void itsQuantilesAreThoseOfTheSum() {
    UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(3);
    for (int i = 0; i < 60; i++) {
      int parts = 1 + random.nextInt(9);
      double[] raw = random.doubles(parts).toArray();
      double all = Arrays.stream(raw).sum();
      double[] weights = Arrays.stream(raw).map(one -> one / all).toArray();
      double[] means = random.doubles(parts, -20, 20).toArray();
      double[] sds = random.doubles(parts, -3, 2).map(Math::exp).toArray();
      double probability = i % 3 == 0 ? 0.025 : i % 3 == 1 ? 0.5 : 0.975;
      double expected =
          new BracketingNthOrderBrentSolver(1e-13, 1e-13, 5)
              .solve(
                  10_000,
                  x ->
                      IntStream.range(0, parts)
                              .mapToDouble(
                                  k ->
                                      weights[k]
                                          * new NormalDistribution(means[k], sds[k])
                                              .cumulativeProbability(x))
                              .sum()
                          - probability,
                  -200,
                  200);
      double told = new NormalMixture(weights, means, sds).quantile(probability);
      // Between two normals far apart the sum is flat, and any place there is right.
      double below =
          IntStream.range(0, parts)
              .mapToDouble(
                  k ->
                      weights[k]
                          * new NormalDistribution(means[k], sds[k]).cumulativeProbability(told))
              .sum();
      assertThat(Math.min(Math.abs(told - expected), Math.abs(below - probability)))
          .as("mixture " + i)
          .isLessThan(1e-9);
    }
  }

  @Test
  void aNumberAmongThemIsAStep() {
    NormalMixture one =
        new NormalMixture(new double[] {0.4, 0.6}, new double[] {0, 2}, new double[] {0, 0});
    assertThat(one.quantile(0.3)).isCloseTo(0, within(1e-11));
    assertThat(one.quantile(0.5)).isCloseTo(2, within(1e-11));
    assertThat(one.meanExpAtMost(1)).isCloseTo(0.4 + 0.6 * Math.E, within(1e-12));
  }

  /** Against draws and against the integral of a library's log-normal. */
  @Test
  void theMeanOfTheExponentialEndsWhereTold() {
    NormalMixture mixture = new NormalMixture(WEIGHTS, MEANS, SDS);
    double end = mixture.quantile(0.9);
    double expected = 0;
    for (int i = 0; i < WEIGHTS.length; i++) {
      LogNormalDistribution one = new LogNormalDistribution(MEANS[i], SDS[i]);
      double most = Math.exp(end);
      double least = Math.exp(MEANS[i] - 9 * SDS[i]);
      double within =
          most <= least
              ? 0
              : new IterativeLegendreGaussIntegrator(20, 1e-9, 1e-9)
                  .integrate(
                      1_000_000,
                      log -> {
                        double x = Math.exp(log);
                        return x * one.density(x) * x;
                      },
                      Math.log(least),
                      end);
      expected += WEIGHTS[i] * (within + most * (1 - one.cumulativeProbability(most)));
    }
    assertThat(mixture.meanExpAtMost(end)).isCloseTo(expected, within(expected * 1e-7));
    assertThat(drawnMean(end)).isCloseTo(expected, within(expected * 0.01));
  }

  private static double drawnMean(double end) {
    UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(5);
    ZigguratSampler.NormalizedGaussian normal = ZigguratSampler.NormalizedGaussian.of(random);
    double all = 0;
    int draws = 300_000;
    for (int i = 0; i < draws; i++) {
      double which = random.nextDouble();
      int part = which < 0.5 ? 0 : which < 0.8 ? 1 : 2;
      all += Math.exp(Math.min(end, MEANS[part] + SDS[part] * normal.sample()));
    }
    return all / draws;
  }

  @Test
  void noProbabilityIsRefusedByName() {
    NormalMixture mixture = new NormalMixture(WEIGHTS, MEANS, SDS);
    for (double probability : new double[] {0, 1, Double.NaN, -1}) {
      assertThatThrownBy(() -> mixture.quantile(probability))
          .isInstanceOf(OutOfRange.class)
          .hasMessageContaining("probability");
    }
  }
}
