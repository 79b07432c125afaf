package jugulum.core.eye;

import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.AhrensDieterMarsagliaTsangGammaSampler;
import org.apache.commons.rng.sampling.distribution.SharedStateContinuousSampler;

/** A share drawn from its Beta: a gamma over the sum of two. */
final class BetaShare {
  private final SharedStateContinuousSampler hits;
  private final SharedStateContinuousSampler rest;

  BetaShare(UniformRandomProvider random, double alpha, double beta) {
    hits = AhrensDieterMarsagliaTsangGammaSampler.of(random, alpha, 1);
    rest = AhrensDieterMarsagliaTsangGammaSampler.of(random, beta, 1);
  }

  BetaShare(UniformRandomProvider random, Corrected corrected) {
    this(random, corrected.alpha(), corrected.beta());
  }

  double next() {
    double some = hits.sample();
    return some / (some + rest.sample());
  }
}
