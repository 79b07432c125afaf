package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.gold.TwoProduct.Grade;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TwoProductTest {
  /**
   * B. A. Wills and J. A. Finch, Wills' Mineral Processing Technology, worked example of the
   * two-product formula, from memory.
   */
  @ParameterizedTest
  @CsvSource({"0.8, 25, 0.15, 0.8174, 38.23", "10, 75, 1, 0.9122, 8.222"})
  void workedExamples(
      double feed, double concentrate, double tailings, double recovery, double ratio) {
    TwoProduct result =
        TwoProduct.of(new Grade(feed, 0), new Grade(concentrate, 0), new Grade(tailings, 0));
    assertThat(result.recovery()).isCloseTo(recovery, within(0.0001));
    assertThat(result.ratio()).isCloseTo(ratio, within(0.005));
    assertThat(result.recoverySd()).isZero();
  }

  /** JCGM 100:2008, 5.1.2, computed independently with another language's numerical library. */
  @Test
  void uncertaintyOfTheGradesCarriesOver() {
    assertThat(
            TwoProduct.of(new Grade(0.80, 0.01), new Grade(25, 0.25), new Grade(0.150, 0.005))
                .recoverySd())
        .isCloseTo(0.00656, within(0.00001));
  }

  @Test
  void gradesThatContradictEachOtherAreRefused() {
    assertThatThrownBy(() -> TwoProduct.of(new Grade(1, 0), new Grade(2, 0), new Grade(1.5, 0)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("1.5");
  }
}
