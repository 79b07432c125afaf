package jugulum.core.look;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.machine.RunLog;
import jugulum.core.shop.Terms;

/**
 * What leaves with the tailings of a run, by the looks at them since it was last changed.
 *
 * @param last the last sample panned
 * @param before the one before it; empty for the first
 * @param seen what was panned since the run was last changed, the last sample with it
 * @param speckMg what a speck of that cut weighs, in milligrams
 * @param sandKgPerHour how much sand leaves in an hour: as the feed was set, else what was laid in
 *     by the time the machine ran, else as fast as the machine usually goes; empty where none of
 *     these is known
 * @param isRunning whether the machine runs now
 */
public record Leaving(
    PannedSample last,
    Optional<PannedSample> before,
    Seen seen,
    double speckMg,
    OptionalDouble sandKgPerHour,
    boolean isRunning) {
  private static final double SECONDS_PER_HOUR = 3600;

  /** A run shorter than that tells no rate. */
  private static final Duration LEAST_RUN = Duration.ofMinutes(1);

  /**
   * By the samples of a lot; empty where none was panned, or nothing made the lot.
   *
   * @param stakes of its run; empty where it cannot be said what pays
   */
  public static Optional<Leaving> of(
      Network network, Lot tailings, Instant now, Optional<Stakes> stakes) {
    List<PannedSample> samples = tailings.live(PannedSample.class).toList();
    if (samples.isEmpty()) {
      return Optional.empty();
    }
    Optional<PannedSample> before =
        samples.size() > 1 ? Optional.of(samples.get(samples.size() - 2)) : Optional.empty();
    double speckMg =
        stakes
            .map(Stakes::speckMg)
            .orElseGet(() -> BatchSpecks.of(network).of(tailings.cut()).meanMg());
    return network
        .maker(tailings.id())
        .map(
            step ->
                new Leaving(
                    samples.getLast(),
                    before,
                    seen(step, tailings, stakes),
                    speckMg,
                    orUsual(rate(step, now), stakes),
                    RunLog.of(step).isRunning()));
  }

  /**
   * What was panned of a lot since a dial of its run was set or the machine was started: what was
   * seen before says nothing of what leaves now. A dial set after the last sample does not hide it.
   * Where a look said that an act pays, the next one begins anew: it looks at what came of it.
   *
   * @param step that makes the lot
   * @param stakes empty where it cannot be said what pays
   */
  static Seen seen(Step step, Lot tailings, Optional<Stakes> stakes) {
    List<Reading> samples =
        tailings.readings().stream()
            .filter(reading -> reading.isLive() && reading.measure() instanceof PannedSample)
            .toList();
    if (samples.isEmpty()) {
      return Seen.NOTHING;
    }
    Instant last = samples.getLast().at();
    Instant since =
        step.readings().stream()
            .filter(reading -> reading.isLive() && changes(reading.measure()))
            .map(Reading::moment)
            .filter(moment -> !moment.isAfter(last))
            .max(Comparator.naturalOrder())
            .orElse(Instant.MIN);
    Seen seen = Seen.NOTHING;
    for (Reading reading : samples) {
      PannedSample sample = (PannedSample) reading.measure();
      Seen before = seen;
      if (!reading.at().isBefore(since)) {
        boolean wasActed = stakes.filter(at -> LookWeighed.of(at, before).isToAct()).isPresent();
        seen = (wasActed ? Seen.NOTHING : before).and(sample.sampleG(), sample.specks());
      }
    }
    return seen;
  }

  private static boolean changes(Measure measure) {
    return switch (measure) {
      case Measure.Setting _ -> true;
      case Measure.Running running -> running.state() == Measure.Running.State.STARTED;
      default -> false;
    };
  }

  private static OptionalDouble orUsual(OptionalDouble own, Optional<Stakes> stakes) {
    return own.isPresent()
        ? own
        : stakes.stream().mapToDouble(at -> at.pace().kgPerHour()).findFirst();
  }

  static OptionalDouble rate(Step step, Instant now) {
    OptionalDouble set = step.setting("feed");
    if (set.isPresent() && set.getAsDouble() > 0) {
      return set;
    }
    double laidInG = step.laidInG();
    Duration ran = RunLog.of(step).ran(now);
    return laidInG > 0 && ran.compareTo(LEAST_RUN) >= 0
        ? OptionalDouble.of(laidInG / 1000 / (ran.toSeconds() / SECONDS_PER_HOUR))
        : OptionalDouble.empty();
  }

  /** Whether the last look saw gold leaving. */
  public boolean isLosing() {
    return last.specks() > 0;
  }

  /** What leaves in an hour, in milligrams; empty where the sand of an hour is not known. */
  public OptionalDouble mgPerHour() {
    return perHour(seen.specks());
  }

  /** The low end of its 95 % range by the count (Garwood), in milligrams. */
  public OptionalDouble lowMgPerHour() {
    return perHour(seen.range().low());
  }

  /** The high end of its 95 % range by the count (Garwood), in milligrams. */
  public OptionalDouble highMgPerHour() {
    return perHour(seen.range().high());
  }

  private OptionalDouble perHour(double specks) {
    return sandKgPerHour.isPresent()
        ? OptionalDouble.of(specks / seen.grams() * speckMg * 1000 * sandKgPerHour.getAsDouble())
        : OptionalDouble.empty();
  }

  /**
   * What that is worth in an hour, in the shop's currency.
   *
   * @param fineness of the gold, 0 to 1
   */
  public OptionalDouble moneyPerHour(Terms terms, double fineness) {
    OptionalDouble mg = mgPerHour();
    return mg.isPresent()
        ? OptionalDouble.of(terms.worth(mg.getAsDouble(), fineness))
        : OptionalDouble.empty();
  }
}
