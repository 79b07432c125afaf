package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.function.DoubleSupplier;
import java.util.stream.IntStream;
import jugulum.core.check.Band;
import org.hipparchus.distribution.RealDistribution;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.continuous.TriangularDistribution;
import org.hipparchus.stat.inference.KolmogorovSmirnovTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The draws against the distributions of another library, and ranks against sorting. */
class DrawsTest {
  private static final int COUNT = 20_000;

  /**
   * The chance that draws of the very distribution lie as far off, by Kolmogorov and Smirnov; seeds
   * are fixed, so it passes for good.
   */
  private static double chance(RealDistribution distribution, DoubleSupplier next) {
    double[] drawn = new double[COUNT];
    for (int i = 0; i < COUNT; i++) {
      drawn[i] = next.getAsDouble();
    }
    return new KolmogorovSmirnovTest().kolmogorovSmirnovTest(distribution, drawn, false);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.05, 0.25, 0.5, 0.99, 1, 1.5, 4.5, 77.5})
  void countsAreGamma(double shape) {
    assertThat(chance(new GammaDistribution(shape, 20), new Sampler(3).gamma(shape, 20)))
        .isGreaterThan(0.01);
  }

  @Test
  void weighingsAreNormalAndSharesAreTriangular() {
    Sampler sampler = new Sampler(5);
    assertThat(chance(new NormalDistribution(3, 0.2), () -> sampler.normal(3, 0.2)))
        .isGreaterThan(0.01);
    Draws shares = Draws.triangular(9, new Band(0.2, 0.5, 0.9), COUNT);
    TriangularDistribution expected = new TriangularDistribution(0.2, 0.5, 0.9);
    assertThat(shares.range().lowMg())
        .isCloseTo(expected.inverseCumulativeProbability(0.025), within(4 * shares.endSd()));
    assertThat(shares.range().highMg())
        .isCloseTo(expected.inverseCumulativeProbability(0.975), within(4 * shares.endSd()));
    assertThat(shares.mean()).isCloseTo(expected.getNumericalMean(), within(0.005));
  }

  @Test
  void theSameSeedDrawsTheSameAndAnotherSeedSomethingElse() {
    assertThat(new Sampler(7).normal(0, 1))
        .isEqualTo(new Sampler(7).normal(0, 1))
        .isNotEqualTo(new Sampler(8).normal(0, 1));
  }

  @Test
  void ranksAreThoseOfSorting() {
    Random random = new Random(1);
    double[][] samples = {
      random.doubles(5_000).toArray(),
      random.doubles(5_000).map(u -> Math.exp(8 * u)).toArray(),
      random.ints(5_000, 0, 3).asDoubleStream().toArray(),
      new double[] {4, 4, 4, 4},
      new double[] {1},
      random.doubles(5_000).map(u -> u < 0.5 ? 0 : -1 / u).toArray()
    };
    for (double[] sample : samples) {
      double[] sorted = sample.clone();
      Arrays.sort(sorted);
      Ranks ranks = new Ranks(sample);
      int step = 1 + sample.length / 97;
      int[] asked = IntStream.range(0, sample.length).filter(rank -> rank % step == 0).toArray();
      assertThat(ranks.values(asked))
          .containsExactly(Arrays.stream(asked).mapToDouble(rank -> sorted[rank]).toArray());
    }
  }
}
