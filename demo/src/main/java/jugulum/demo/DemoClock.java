package jugulum.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** Tells the time of made-up work: a few minutes between one reading and the next. */
final class DemoClock extends Clock {
  private Duration between = Duration.ofMinutes(4);

  private Instant now;

  DemoClock(String start) {
    now = Instant.parse(start);
  }

  void jumpTo(String moment) {
    now = Instant.parse(moment);
  }

  /** So many minutes go by between one reading and the next, from now on. */
  void steps(int minutes) {
    between = Duration.ofMinutes(minutes);
  }

  void goesOn(int minutes) {
    now = now.plus(Duration.ofMinutes(minutes));
  }

  @Override
  public Instant instant() {
    now = now.plus(between);
    return now;
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return this;
  }
}
