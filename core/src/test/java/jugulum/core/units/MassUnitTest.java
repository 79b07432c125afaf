package jugulum.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** NIST SP 811 (2008), Appendix B.8; the pound is exactly 453.59237 g by the agreement of 1959. */
class MassUnitTest {
  @ParameterizedTest
  @CsvSource({
    "GRAIN, 0.06479891",
    "PENNYWEIGHT, 1.55517384",
    "TROY_OUNCE, 31.1034768",
    "OUNCE, 28.349523125",
    "POUND, 453.59237",
    "KILOGRAM, 1000",
    "MILLIGRAM, 0.001"
  })
  void hasTheExactSizeInGrams(MassUnit unit, double grams) {
    assertThat(unit.grams()).isCloseTo(grams, within(1e-12 * grams));
    assertThat(unit.fromGrams(unit.toGrams(7.25))).isCloseTo(7.25, within(1e-12));
  }
}
