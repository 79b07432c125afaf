package jugulum.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.check.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WaterTest {
  /** IAPWS SR6-08(2011), values of the viscosity at 0.1 MPa. */
  @ParameterizedTest
  @CsvSource({"25, 0.8900", "20, 1.0016", "10, 1.3059", "5, 1.5182"})
  void viscosityIsThatOfTheRelease(double temperatureC, double milliPascalSeconds) {
    assertThat(new Water(temperatureC).viscosityPaS() * 1e3)
        .isCloseTo(milliPascalSeconds, within(6e-5));
  }

  /** Kell 1975, to the hundredth of a kilogram the tables of later scales agree within. */
  @ParameterizedTest
  @CsvSource({"4, 999.973", "20, 998.204", "25, 997.045"})
  void densityIsThatOfTheTables(double temperatureC, double kgM3) {
    assertThat(new Water(temperatureC).densityKgM3()).isCloseTo(kgM3, within(0.005));
  }

  @Test
  void waterIsHeaviestAtFourDegrees() {
    assertThat(new Water(4).densityKgM3())
        .isGreaterThan(new Water(2).densityKgM3())
        .isGreaterThan(new Water(6).densityKgM3());
  }

  @ParameterizedTest
  @ValueSource(doubles = {-0.1, 60.1, Double.NaN, Double.POSITIVE_INFINITY})
  void iceAndSteamAreRefused(double temperatureC) {
    assertThatThrownBy(() -> new Water(temperatureC))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("temperatureC")
        .hasMessageContaining("60");
  }
}
