package jugulum.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.screens.Cut;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.PoissonSampler;
import org.apache.commons.rng.simple.RandomSource;
import org.junit.jupiter.api.Test;

/** Whether a change of a dial lets fewer specks go. */
class FewerTest {
  private static PannedSample sample(double grams, int specks) {
    return new PannedSample(grams, List.of(new PannedSample.Seen(Cut.ALL, specks)));
  }

  /** 66 and then 41 of the same sand: 38 % fewer, by 107 coins of which 41 fell on one side. */
  @Test
  void theRangeIsTheOneOfCoins() {
    Fewer fewer = Fewer.of(sample(212, 66), sample(212, 41));
    assertThat(fewer.ratio()).isCloseTo(41.0 / 66, within(1e-9));
    // Clopper and Pearson, 41 of 107: 0.2907 to 0.4822.
    assertThat(fewer.low()).isCloseTo(0.2907 / 0.7093, within(0.002));
    assertThat(fewer.high()).isCloseTo(0.4822 / 0.5178, within(0.002));
    assertThat(fewer.isFewer()).isTrue();
    assertThat(fewer.isMore()).isFalse();
  }

  @Test
  void twiceTheSandIsTwiceTheSpecks() {
    Fewer same = Fewer.of(sample(100, 30), sample(200, 60));
    assertThat(same.ratio()).isCloseTo(1, within(1e-9));
    assertThat(same.isFewer() || same.isMore()).isFalse();
    Fewer more = Fewer.of(sample(200, 4), sample(100, 30));
    assertThat(more.isMore()).isTrue();
  }

  @Test
  void noneBeforeOrNoneNowStillHasARange() {
    assertThat(Fewer.of(sample(100, 0), sample(100, 6)).high()).isEqualTo(Double.POSITIVE_INFINITY);
    assertThat(Fewer.of(sample(100, 0), sample(100, 6)).isMore()).isTrue();
    assertThat(Fewer.of(sample(100, 6), sample(100, 0)).low()).isZero();
    assertThat(Fewer.of(sample(100, 2), sample(100, 0)).isFewer()).isFalse();
    assertThatThrownBy(() -> Fewer.of(sample(1, 0), sample(1, 0))).isInstanceOf(OutOfRange.class);
  }

  /** Counts that are Poisson: the true ratio lies in the range nineteen times in twenty or more. */
  @Test
  void theRangeHolds() {
    UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(41);
    int held = 0;
    int asked = 0;
    for (double truth : new double[] {0.3, 1, 2.5}) {
      PoissonSampler first = new PoissonSampler(random, 20);
      PoissonSampler second = new PoissonSampler(random, 20 * truth * 150 / 100);
      for (int i = 0; i < 1000; i++) {
        Fewer fewer = Fewer.of(sample(100, first.sample()), sample(150, second.sample()));
        held += fewer.low() <= truth && truth <= fewer.high() ? 1 : 0;
        asked++;
      }
    }
    assertThat(held / (double) asked).isBetween(0.95, 0.99);
  }
}
