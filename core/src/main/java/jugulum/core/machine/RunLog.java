package jugulum.core.machine;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;

/**
 * When a machine ran and what went in when, from what was recorded of the run. Nothing counts down:
 * what is due is worked out from these moments and the time now, so it is right after the window
 * was hidden or the program was closed.
 *
 * @param stretches when it ran, in order; the last has no end while it runs
 * @param charges when each charge went in, in order
 */
public record RunLog(List<Stretch> stretches, List<Instant> charges) {
  /** Keeps its own copies. */
  public RunLog {
    stretches = List.copyOf(stretches);
    charges = List.copyOf(charges);
  }

  /**
   * From a start to a stop.
   *
   * @param from when it started
   * @param to when it stopped; empty while it runs
   */
  public record Stretch(Instant from, Optional<Instant> to) {
    Duration until(Instant now) {
      Instant end = to.orElse(now);
      return end.isBefore(from) ? Duration.ZERO : Duration.between(from, end);
    }
  }

  /**
   * The log of a step; a step that is done no longer runs. A start while it runs, or a stop while
   * it stands, changes nothing.
   */
  public static RunLog of(Step step) {
    List<Stretch> stretches = new ArrayList<>();
    Optional<Instant> since = Optional.empty();
    for (Reading reading : step.live(Measure.Running.class).toList()) {
      boolean starts =
          ((Measure.Running) reading.measure()).state() == Measure.Running.State.STARTED;
      if (starts && since.isEmpty()) {
        since = Optional.of(reading.moment());
      } else if (!starts && since.isPresent()) {
        stretches.add(new Stretch(since.get(), Optional.of(reading.moment())));
        since = Optional.empty();
      }
    }
    since.ifPresent(from -> stretches.add(new Stretch(from, step.finishedAt())));
    return new RunLog(stretches, step.live(Measure.Charge.class).map(Reading::moment).toList());
  }

  /** Whether it runs. */
  public boolean isRunning() {
    return !stretches.isEmpty() && stretches.getLast().to().isEmpty();
  }

  /** How long it ran, in minutes; empty where nobody started a watch, and while it runs. */
  public OptionalDouble minutes() {
    return stretches.isEmpty() || isRunning()
        ? OptionalDouble.empty()
        : OptionalDouble.of(ran(Instant.MAX).toSeconds() / 60.0);
  }

  /** How long it ran until now. */
  public Duration ran(Instant now) {
    return stretches.stream()
        .map(stretch -> stretch.until(now))
        .reduce(Duration.ZERO, Duration::plus);
  }

  /**
   * When the next charge is due: so long after the last one, or after the start of this stretch
   * where none went in since. Empty while it stands.
   *
   * @param minutes a charge takes, above 0
   */
  public Optional<Instant> chargeDue(double minutes) {
    return isRunning() ? Optional.of(after(lastSinceStart(charges), minutes)) : Optional.empty();
  }

  /**
   * When the tailings are to be looked at next. Empty while it stands.
   *
   * @param looks when they were looked at, in order
   * @param minutes between two looks, above 0
   */
  public Optional<Instant> lookDue(List<Instant> looks, double minutes) {
    return isRunning() ? Optional.of(after(lastSinceStart(looks), minutes)) : Optional.empty();
  }

  /**
   * When the tailings of a run that is left alone are to be looked at next. Empty while it stands,
   * and once it was looked at often enough.
   *
   * @param looks when they were looked at, in order
   */
  Optional<Instant> lookOvernightDue(List<Instant> looks) {
    if (!isRunning()) {
      return Optional.empty();
    }
    Instant start = stretches.getLast().from();
    OptionalInt next =
        Overnight.nextLook((int) looks.stream().filter(look -> !look.isBefore(start)).count());
    return next.isPresent() ? Optional.of(after(start, next.getAsInt())) : Optional.empty();
  }

  private Instant lastSinceStart(List<Instant> moments) {
    Instant start = stretches.getLast().from();
    return moments.stream()
        .filter(moment -> !moment.isBefore(start))
        .reduce(start, (_, later) -> later);
  }

  private static Instant after(Instant moment, double minutes) {
    return moment.plus(Duration.ofSeconds(Math.round(minutes * 60)));
  }
}
