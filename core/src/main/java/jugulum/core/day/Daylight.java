package jugulum.core.day;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;
import jugulum.core.check.Check;
import jugulum.core.schedule.DayProblem;
import org.shredzone.commons.suncalc.SunTimes;

/**
 * When there is light at a place.
 *
 * @param latitude in degrees, north above 0, -90 to 90
 * @param longitude in degrees, east above 0, -180 to 180
 */
public record Daylight(double latitude, double longitude) {
  private static final int DAY = DayProblem.DAY;

  /** Checks both against their ranges. */
  public Daylight {
    Check.inRange("latitude", latitude, -90, 90);
    Check.inRange("longitude", longitude, -180, 180);
  }

  /**
   * The light of a day.
   *
   * @param from the minute of the day the sun rises
   * @param to the minute of the day it sets
   */
  public record Light(int from, int to) {
    /** A day that is never dark. */
    public static final Light ALWAYS = new Light(0, DAY);
  }

  /**
   * The light of a day: from sunrise to sunset, upper rim of the sun on a level horizon, with
   * refraction (commons-suncalc); empty where the sun does not rise.
   *
   * @param date which day
   * @param zone whose clock counts
   */
  public Optional<Light> on(LocalDate date, ZoneId zone) {
    SunTimes sun =
        SunTimes.compute().at(latitude, longitude).on(date).timezone(zone).oneDay().execute();
    if (sun.isAlwaysUp()) {
      return Optional.of(Light.ALWAYS);
    }
    Optional<ZonedDateTime> rise = Optional.ofNullable(sun.getRise());
    Optional<ZonedDateTime> set = Optional.ofNullable(sun.getSet());
    if (rise.isEmpty() && set.isEmpty()) {
      return Optional.empty();
    }
    int from = rise.map(Daylight::minute).orElse(0);
    int to = set.map(Daylight::minute).orElse(DAY);
    return Optional.of(new Light(from, to > from ? to : DAY));
  }

  private static int minute(ZonedDateTime moment) {
    LocalTime time = moment.toLocalTime();
    return (int) Math.round(time.toSecondOfDay() / 60.0);
  }
}
