package jugulum.core.runs;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.machine.RunLog;
import jugulum.core.shop.Terms;
import jugulum.core.specks.PoissonRange;

/**
 * What leaves with the tailings of a run, by the last look at them.
 *
 * @param last the last sample panned
 * @param before the one before it; empty for the first
 * @param speckMg what a speck of that cut weighs, in milligrams
 * @param sandKgPerHour how much sand leaves in an hour: as the feed was set, else what was laid in
 *     by the time the machine ran; empty where neither is known
 * @param isRunning whether the machine runs now
 */
public record Leaving(
    PannedSample last,
    Optional<PannedSample> before,
    double speckMg,
    OptionalDouble sandKgPerHour,
    boolean isRunning) {
  private static final double CONFIDENCE = 0.95;
  private static final double SECONDS_PER_HOUR = 3600;

  /** A run shorter than that tells no rate. */
  private static final Duration LEAST_RUN = Duration.ofMinutes(1);

  /** By the samples of a lot; empty where none was panned, or nothing made the lot. */
  public static Optional<Leaving> of(Network network, Lot tailings, Instant now) {
    List<PannedSample> samples = tailings.live(PannedSample.class).toList();
    if (samples.isEmpty()) {
      return Optional.empty();
    }
    Optional<PannedSample> before =
        samples.size() > 1 ? Optional.of(samples.get(samples.size() - 2)) : Optional.empty();
    double speckMg = BatchSpecks.of(network).of(tailings.cut()).meanMg();
    return network
        .maker(tailings.id())
        .map(
            step ->
                new Leaving(
                    samples.getLast(),
                    before,
                    speckMg,
                    rate(step, now),
                    RunLog.of(step).isRunning()));
  }

  private static OptionalDouble rate(Step step, Instant now) {
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

  /** Whether gold was seen leaving. */
  public boolean isLosing() {
    return last.specks() > 0;
  }

  /** What leaves in an hour, in milligrams; empty where the sand of an hour is not known. */
  public OptionalDouble mgPerHour() {
    return perHour(last.specks());
  }

  /** The low end of its 95 % range by the count (Garwood), in milligrams. */
  public OptionalDouble lowMgPerHour() {
    return perHour(PoissonRange.of(last.specks(), CONFIDENCE).low());
  }

  /** The high end of its 95 % range by the count (Garwood), in milligrams. */
  public OptionalDouble highMgPerHour() {
    return perHour(PoissonRange.of(last.specks(), CONFIDENCE).high());
  }

  private OptionalDouble perHour(double specks) {
    return sandKgPerHour.isPresent()
        ? OptionalDouble.of(specks / last.sampleG() * speckMg * 1000 * sandKgPerHour.getAsDouble())
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
