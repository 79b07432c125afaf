package jugulum.core.gold;

import java.util.List;
import java.util.Random;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.mass.SandAccount;
import jugulum.core.simulated.Coverage;
import jugulum.core.specks.SpeckMass;
import jugulum.core.specks.SpeckSizes;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Batches with a known truth and noisy looks at their tailings: the 95 % range must hold the truth
 * about 95 times in a hundred.
 */
@Tag("simulated")
class CoverageTest {
  private static final int BATCHES = 1_000;
  private static final double SHARE = 0.05;

  /** So many tell the ends of a range to a hundredth of it. */
  private static final int DRAWS = Coverage.THOROUGH ? 20_000 : 2_000;

  @Test
  void theRangeOfRecoveryHoldsTheTruthAsOftenAsItSays() {
    Random random = new Random(42);
    // That sizes may not be log-normal is in the range and not in the truth here.
    Coverage.upTo(0.99, "recovery", BATCHES)
        .asking(
            () -> {
              double expectedSpecks = 40 + random.nextInt(400);
              double wonG = 0.5 + random.nextDouble();
              int seen = sample(random, expectedSpecks * SHARE);
              double lostMg = specksMg(random, sample(random, expectedSpecks * (1 - SHARE)) + seen);
              double truth = wonG * 1000 / (wonG * 1000 + lostMg);
              Recovery recovery = recovery(wonG * (1 + 0.001 * random.nextGaussian()), seen);
              return recovery.low() <= truth && truth <= recovery.high();
            });
  }

  /**
   * So many specks of sand no screen has seen, of the sizes of this place, from what one sees to
   * what is picked, all as flat as its gold is.
   */
  private static double specksMg(Random random, int specks) {
    double flatness =
        0.3
            * Math.exp(
                SpeckMass.FLATNESS_LOG_SD * random.nextGaussian()
                    - Math.pow(SpeckMass.FLATNESS_LOG_SD, 2) / 2);
    double median = Math.log(SpeckSizes.MEDIAN_MM) + 0.5 * random.nextGaussian();
    double sigma = Math.clamp(SpeckSizes.SIGMA + 0.15 * random.nextGaussian(), 0.3, 1.3);
    double sum = 0;
    for (int i = 0; i < specks; i++) {
      double mm;
      do {
        mm = Math.exp(median + sigma * random.nextGaussian());
      } while (mm < SpeckMass.USUAL_FINEST_SEEN_MM || mm > SpeckMass.PICKED_FROM_MM);
      sum += Math.PI / 6 * flatness * 17.5 * mm * mm * mm;
    }
    return sum;
  }

  /** A Poisson count by the inverse of its distribution function, from the library. */
  private static int sample(Random random, double mean) {
    return new PoissonDistribution(mean).inverseCumulativeProbability(random.nextDouble());
  }

  private static Recovery recovery(double wonG, int seen) {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .runs(new Process.Finishing(), List.of(1), Material.GOLD, Material.RESIDUE);
    bench
        .measures(2, new Measure.GoldWeight(wonG, 0.001))
        .measures(3, new Measure.SpeckCount(seen, SHARE));
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network), new GoldMemory(DRAWS))
        .recovery(Against.FOUND)
        .orElseThrow();
  }
}
