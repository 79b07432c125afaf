package jugulum.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DaylightTest {
  /**
   * Greenwich at the solstices and Reykjavik at midsummer: sunrise and sunset as almanacs and
   * newspapers print them (HM Nautical Almanac Office, from memory), to two minutes.
   */
  @ParameterizedTest
  @CsvSource({
    "51.48, 0, 2026-06-21, Europe/London, 04:43, 21:21",
    "51.48, 0, 2026-12-21, Europe/London, 08:04, 15:53",
    "64.15, -21.94, 2026-12-21, Atlantic/Reykjavik, 11:22, 15:30",
    "40.71, -74.01, 2026-03-20, America/New_York, 06:59, 19:09",
  })
  void theSunRisesAndSetsWhenAlmanacsSay(
      double latitude,
      double longitude,
      LocalDate date,
      ZoneId zone,
      LocalTime rise,
      LocalTime set) {
    Daylight.Light light = new Daylight(latitude, longitude).on(date, zone).orElseThrow();
    assertThat(light.from()).isBetween(minute(rise) - 2, minute(rise) + 2);
    assertThat(light.to()).isBetween(minute(set) - 2, minute(set) + 2);
  }

  private static int minute(LocalTime time) {
    return time.toSecondOfDay() / 60;
  }

  @Test
  void farNorthItIsLightAllDayOrNever() {
    Daylight north = new Daylight(71, 25);
    ZoneId zone = ZoneId.of("Europe/Oslo");
    assertThat(north.on(LocalDate.parse("2026-06-21"), zone)).contains(Daylight.Light.ALWAYS);
    assertThat(north.on(LocalDate.parse("2026-12-21"), zone)).isEmpty();
  }

  @Test
  void aPlaceThatIsNoneIsRefused() {
    assertThatThrownBy(() -> new Daylight(91, 0)).hasMessageContaining("latitude");
    assertThatThrownBy(() -> new Daylight(0, Double.NaN)).hasMessageContaining("longitude");
  }
}
