package jugulum.core.handling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.check.OutOfRange;
import org.junit.jupiter.api.Test;

class HandlingTest {
  @Test
  void waterAndTimeOfWetScreening() {
    WetScreening needed = WetScreening.of(12, 5, 17.03);
    assertThat(needed.litres()).isEqualTo(60);
    assertThat(needed.minutes()).isCloseTo(60 / 17.03, within(1e-12));
    assertThatThrownBy(() -> WetScreening.of(12, 5, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("litresPerMinute");
  }

  @Test
  void aWetHeapIsMoreLiftsThanADryOne() {
    assertThat(Lifts.count(38.36, 0, 0.7, 16)).isEqualTo(3);
    assertThat(Lifts.count(38.36, 0.2, 0.7, 16)).isEqualTo(4);
    assertThat(Lifts.count(0, 0, 0.7, 16)).isZero();
    assertThatThrownBy(() -> Lifts.count(10, 1.0, 0.7, 16))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("moisture");
    assertThatThrownBy(() -> Lifts.count(10, 0, 16, 16))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("bucketKg");
  }

  /** Common practice: dry is two weighings an hour apart within 0.1 %. */
  @Test
  void constantMassIsATenthOfAPercentInAnHour() {
    assertThat(new Drying(5_000, 4_995.1, 1).isDry()).isTrue();
    assertThat(new Drying(5_000, 4_990, 1).isDry()).isFalse();
    assertThat(new Drying(5_000, 4_990, 3).isDry()).as("the same loss over three hours").isTrue();
  }

  @Test
  void theTimeLeftIsTheWaterOverTheRate() {
    Drying drying = new Drying(6_000, 5_700, 1.5);
    assertThat(drying.gramsPerHour()).isEqualTo(200);
    assertThat(drying.hoursLeft(0.05).orElseThrow()).isCloseTo(5_700 * 0.05 / 200, within(1e-12));
    assertThat(new Drying(5_000, 5_000, 1).hoursLeft(0.05)).isEmpty();
    assertThatThrownBy(() -> new Drying(5_000, 5_100, 1))
        .as("sand does not gain")
        .isInstanceOf(OutOfRange.class);
  }
}
