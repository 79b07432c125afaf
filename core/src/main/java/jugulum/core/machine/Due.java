package jugulum.core.machine;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;

/**
 * What a running machine or a melt asks for next, and when.
 *
 * @param what of a machine a charge or a look at the tailings, of a melt the other things
 * @param at when
 */
public record Due(What what, Instant at) {
  /** The dial that says how long a charge takes. */
  public static final String CHARGE_MINUTES = "charge-time";

  /** The dial that says how often the tailings are looked at. */
  public static final String LOOK_MINUTES = "look-every";

  /**
   * After a look that saw gold leave, the next one tells whether what was changed has helped, in
   * minutes: common practice. A bowl's water and a table's line have followed by then.
   */
  public static final int SECOND_LOOK_MINUTES = 2;

  /** What is asked for. */
  public enum What {
    CHARGE,
    LOOK,
    /** Whether the roast is through. */
    ROASTED,
    /** A quiet melt is poured. */
    POUR,
    /** What was poured is cold, and is knocked out of its slag. */
    BREAK,
    /** The cupel is done. */
    BEAD
  }

  /**
   * What a run asks for, soonest first; nothing while it stands, and no charge once the lot is
   * through.
   */
  public static List<Due> of(Network network, Step step, Sheet sheet, OptionalDouble feedG) {
    RunLog log = RunLog.of(step);
    Optional<Due> charge =
        minutes(step, sheet, CHARGE_MINUTES)
            .filter(_ -> isMoreToCome(step, log, feedG))
            .flatMap(log::chargeDue)
            .map(at -> new Due(What.CHARGE, at));
    Optional<Due> look =
        (step.process().isOvernight() && !sawGold(network, step)
                ? log.lookOvernightDue(looks(network, step))
                : lookDue(network, step, sheet, log))
            .map(at -> new Due(What.LOOK, at));
    return Stream.of(charge, look)
        .flatMap(Optional::stream)
        .sorted(Comparator.comparing(Due::at))
        .toList();
  }

  private static Optional<Instant> lookDue(Network network, Step step, Sheet sheet, RunLog log) {
    return minutes(step, sheet, LOOK_MINUTES)
        .map(
            every -> sawGold(network, step) ? Math.min(every, (double) SECOND_LOOK_MINUTES) : every)
        .flatMap(every -> log.lookDue(looks(network, step), every));
  }

  private static boolean isMoreToCome(Step step, RunLog log, OptionalDouble feedG) {
    if (step.process().isOvernight() && !log.charges().isEmpty()) {
      return false;
    }
    OptionalDouble charge = step.setting("charge");
    return feedG.isEmpty()
        || charge.isEmpty()
        || !(charge.getAsDouble() > 0)
        || log.charges().size() < BenchSums.loads(feedG.getAsDouble(), charge.getAsDouble());
  }

  /** As set, or where it usually stands. */
  private static Optional<Double> minutes(Step step, Sheet sheet, String dial) {
    OptionalDouble set = step.setting(dial);
    return set.isPresent() && set.getAsDouble() > 0
        ? Optional.of(set.getAsDouble())
        : sheet.dial(dial).flatMap(Dial::usual).map(band -> band.usual());
  }

  private static boolean sawGold(Network network, Step step) {
    return lookReadings(network, step)
        .reduce((_, later) -> later)
        .filter(
            reading ->
                switch (reading.measure()) {
                  case Measure.PannedSample sample -> sample.specks() > 0;
                  case Measure.SpeckCount count -> count.specks() > 0;
                  default -> false;
                })
        .isPresent();
  }

  /** When somebody looked at the tailings of a run. */
  private static List<Instant> looks(Network network, Step step) {
    return lookReadings(network, step).map(Reading::at).toList();
  }

  private static Stream<Reading> lookReadings(Network network, Step step) {
    return network.lots(step.outputs()).stream()
        .filter(lot -> lot.material() == Material.TAILINGS)
        .map(Lot::readings)
        .flatMap(List::stream)
        .filter(Reading::isLive)
        .filter(
            reading ->
                reading.measure() instanceof Measure.PannedSample
                    || reading.measure() instanceof Measure.SpeckCount)
        .sorted(Comparator.comparing(Reading::at));
  }

  /** How long until then; negative once it is late. */
  public Duration in(Instant now) {
    return Duration.between(now, at);
  }
}
