package jugulum.core.specks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.check.OutOfRange;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecksTest {
  private static final double TROY_OUNCE_MG = 31103.4768;

  /** Computed independently with another language's numerical library from the same formula. */
  @ParameterizedTest
  @CsvSource({"0.30,0.15,0.03123", "0.60,0.30,0.2499", "0.15,0.075,0.00390", "1.18,0.60,1.933"})
  void meanSpeckMass(double upper, double lower, double milligrams) {
    assertThat(SpeckMass.meanMg(upper, lower, 0.3, 17.5))
        .isCloseTo(milligrams, within(0.002 * milligrams));
  }

  /**
   * A. Wells, BLM Technical Bulletin 4 (1969), from memory: −20 +40 mesh about 12,000 colours to
   * the troy ounce. Colours of that size are chunkier than our usual flake, so a flatness of 0.5 is
   * taken; a factor of 3 either way is agreement.
   */
  @Test
  void agreesWithTheColoursInAnOunce() {
    double perOunce = TROY_OUNCE_MG / SpeckMass.meanMg(0.850, 0.425, 0.5, 17.5);
    assertThat(perOunce).isBetween(12_000 / 3.0, 12_000 * 3.0);
  }

  /** F. Garwood, Biometrika 28 (1936), 95 % limits. */
  @ParameterizedTest
  @CsvSource({"0,0,3.689", "3,0.619,8.767", "7,2.814,14.423"})
  void garwoodLimits(int count, double low, double high) {
    PoissonRange range = PoissonRange.of(count, 0.95);
    assertThat(range.low()).isCloseTo(low, within(0.001));
    assertThat(range.high()).isCloseTo(high, within(0.001));
  }

  /**
   * By definition of the exact limits: each tail of the Poisson law holds 2.5 %. Compared with the
   * library's distribution.
   */
  @Test
  void garwoodTailsHoldTheirShare() {
    PoissonRange range = PoissonRange.of(12, 0.95);
    assertThat(new PoissonDistribution(range.high()).cumulativeProbability(12))
        .isCloseTo(0.025, within(1e-6));
    assertThat(1 - new PoissonDistribution(range.low()).cumulativeProbability(11))
        .isCloseTo(0.025, within(1e-6));
  }

  @Test
  void seeingNoneIsABound() {
    assertThat(PoissonRange.boundWhenNoneSeen(0.95)).isCloseTo(2.996, within(0.001));
  }

  @Test
  void refusesSizesThatAreNone() {
    assertThatThrownBy(() -> SpeckMass.meanMg(0.3, 0.3, 0.3, 17.5))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("lowerMm");
    assertThatThrownBy(() -> SpeckMass.meanMg(0.3, 0.1, Double.NaN, 17.5))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("flatness");
    assertThatThrownBy(() -> PoissonRange.of(-1, 0.95)).isInstanceOf(OutOfRange.class);
  }
}
