package jugulum.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import jugulum.core.check.OutOfRange;
import org.junit.jupiter.api.Test;

class WeighingTest {
  /**
   * JCGM 100:2008, 4.2.3 and 4.3.7, by hand: s² = 1e-6, so u² = 1e-6/3 + 1e-6/12 + (0.001 ·
   * 3.934)².
   */
  @Test
  void addsSpreadResolutionAndCalibration() {
    Weighing weighing = Weighing.of(List.of(3.933, 3.934, 3.935), 0.001, 0.001);
    assertThat(weighing.meanG()).isCloseTo(3.934, within(1e-12));
    assertThat(weighing.spreadG()).isCloseTo(0.001, within(1e-9));
    assertThat(weighing.standardUncertaintyG())
        .isCloseTo(Math.sqrt(1e-6 / 3 + 1e-6 / 12 + 0.003934 * 0.003934), within(1e-9));
    assertThat(weighing.readings()).isEqualTo(3);
  }

  @Test
  void oneReadingHasNoSpread() {
    assertThat(Weighing.of(List.of(2.5), 0.1, 0).standardUncertaintyG())
        .isCloseTo(0.1 / Math.sqrt(12), within(1e-12));
  }

  @Test
  void refusesNothingAndNonsense() {
    assertThatThrownBy(() -> Weighing.of(List.of(), 0.1, 0))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Weighing.of(List.of(Double.NaN), 0.1, 0))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> Weighing.of(List.of(-1.0), 0.1, 0)).isInstanceOf(OutOfRange.class);
  }
}
