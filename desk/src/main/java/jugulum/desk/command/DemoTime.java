package jugulum.desk.command;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;

/** What the clock shows where the made-up batches are looked at: the middle of their day. */
final class DemoTime {
  /** Just after the last thing that was recorded in the demo book. */
  static final Instant MOMENT = Instant.parse("2026-11-17T10:40:00Z");

  private DemoTime() {}

  /** A clock that shows that moment now, and goes on from there. */
  static Clock goingOn(Clock real) {
    return Clock.offset(real, Duration.between(real.instant(), MOMENT)).withZone(ZoneOffset.UTC);
  }

  /** A clock that always shows it. */
  static Clock standing() {
    return Clock.fixed(MOMENT, ZoneOffset.UTC);
  }
}
