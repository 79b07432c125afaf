package jugulum.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import jugulum.core.schedule.DayProblem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The minutes of a day are those of the clock on the wall, on the days it is changed too. */
class WallClockTest {
  private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

  @ParameterizedTest
  @CsvSource({
    "2026-03-29, 2026-03-29T10:00:00Z, 720",
    "2026-03-29, 2026-03-28T23:30:00Z, 30",
    "2026-10-25, 2026-10-25T11:00:00Z, 720",
    "2026-06-01, 2026-06-01T10:00:00Z, 720",
    "2026-06-01, 2026-05-31T10:00:00Z, 0",
    "2026-06-01, 2026-06-02T10:00:00Z, 1440"
  })
  void areThoseOfTheWall(LocalDate date, Instant moment, int minute) {
    Day day = Day.begun(date, DaySetup.USUAL);
    assertThat(day.minute(moment, BERLIN)).isEqualTo(minute);
    if (minute > 0 && minute < DayProblem.DAY) {
      assertThat(day.moment(minute, BERLIN)).isEqualTo(moment);
    }
  }
}
