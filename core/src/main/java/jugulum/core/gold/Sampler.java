package jugulum.core.gold;

import java.util.function.DoubleSupplier;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.AhrensDieterMarsagliaTsangGammaSampler;
import org.apache.commons.rng.sampling.distribution.SharedStateContinuousSampler;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;

/**
 * Random numbers of one lot, the same on every machine: the generator and the samplers are written
 * in Java, and powers are those of {@link StrictMath}, which every machine rounds alike.
 */
final class Sampler {
  private final UniformRandomProvider random;
  private final SharedStateContinuousSampler normal;

  Sampler(long seed) {
    random = RandomSource.XO_SHI_RO_256_PP.create(seed);
    normal = ZigguratSampler.NormalizedGaussian.of(random);
  }

  /** From 0 to 1. */
  double uniform() {
    return random.nextDouble();
  }

  double normal(double mean, double sd) {
    return mean + sd * normal.sample();
  }

  /**
   * Gamma variates. Below a shape of 1 one of shape + 1 times a uniform variate to the power of
   * 1/shape (G. Marsaglia and W. W. Tsang, A Simple Method for Generating Gamma Variables, 2000,
   * section 6; from memory).
   *
   * @param shape above 0
   * @param scale above 0
   */
  DoubleSupplier gamma(double shape, double scale) {
    if (shape >= 1) {
      return AhrensDieterMarsagliaTsangGammaSampler.of(random, shape, scale)::sample;
    }
    SharedStateContinuousSampler more =
        AhrensDieterMarsagliaTsangGammaSampler.of(random, shape + 1, scale);
    return () -> more.sample() * StrictMath.pow(uniform(), 1 / shape);
  }
}
