package jugulum.core.handling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvaporationTest {
  /** At 20 °C, 50 % and still air: ASHRAE's law gives 4.60e-5 kg/(m² s). */
  @Test
  void stillAirAtTwentyDegreesTakesASixthOfAKilogramAnHour() {
    assertThat(Evaporation.saturationKPa(20)).isCloseTo(2.333, within(0.001));
    Evaporation air = new Evaporation(20, 0.5, 0);
    assertThat(air.kgPerM2Hour() / 3600).isCloseTo(4.60e-5, within(0.005e-5));
    assertThat(air.kgPerM2Hour()).isCloseTo(0.166, within(0.0005));
  }

  /** Vapour pressure in hPa, WMO and Smithsonian tables, from memory. */
  @ParameterizedTest
  @CsvSource({"0, 6.11", "10, 12.27", "20, 23.37", "30, 42.43", "40, 73.78"})
  void vapourPressureIsThatOfTheTables(double celsius, double hPa) {
    assertThat(10 * Evaporation.saturationKPa(celsius)).isCloseTo(hPa, within(0.006 * hPa));
  }

  @Test
  void windAndDryAirHelpAndFrostStopsIt() {
    Evaporation still = new Evaporation(12, 0.6, 0);
    assertThat(new Evaporation(12, 0.6, 2).kgPerM2Hour()).isGreaterThan(2 * still.kgPerM2Hour());
    assertThat(new Evaporation(12, 0.3, 0).kgPerM2Hour()).isGreaterThan(still.kgPerM2Hour());
    assertThat(new Evaporation(12, 1, 0).hours(1, 1)).isEmpty();
    assertThat(new Evaporation(0, 0.3, 2).hours(1, 1)).isEmpty();
    assertThat(new Evaporation(0, 0.3, 2).isFrost()).isTrue();
  }

  @Test
  void waterGoesByItsMassAndTheRoomItHas() {
    Evaporation air = new Evaporation(20, 0.5, 0);
    assertThat(air.hours(0.5, 0.6).orElseThrow()).isCloseTo(0.5 / (0.6 * 0.1656), within(0.01));
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new Evaporation(Double.NaN, 0.5, 0)).hasMessageContaining("celsius");
    assertThatThrownBy(() -> new Evaporation(20, 1.2, 0)).hasMessageContaining("humidity");
    assertThatThrownBy(() -> new Evaporation(20, 0.5, -1)).hasMessageContaining("windMs");
  }
}
