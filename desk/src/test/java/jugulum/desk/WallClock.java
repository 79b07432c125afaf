package jugulum.desk;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that goes when it is told to. */
public final class WallClock extends Clock {
  private volatile Instant now;

  /** Stands at a moment. */
  public WallClock(String moment) {
    now = Instant.parse(moment);
  }

  /** Goes on, or is set back. */
  public void goes(Duration time) {
    now = now.plus(time);
  }

  @Override
  public Instant instant() {
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
