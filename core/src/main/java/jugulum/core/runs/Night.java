package jugulum.core.runs;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Overnight;
import jugulum.core.machine.Overnight.Morning;
import jugulum.core.machine.RunLog;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;

/**
 * What was seen of a run that is left alone.
 *
 * @param started when it began; empty while it did not
 * @param chargeG what was laid in, else the sand of its lots, in grams; empty where neither is
 *     known
 * @param ahead how much will have left at the end of a usual night, in grams, once what left was
 *     weighed while it ran
 * @param morning what to change for the next, once what stayed was weighed
 */
public record Night(
    Optional<Instant> started,
    OptionalDouble chargeG,
    Optional<Band> ahead,
    Optional<Morning> morning) {
  private static final double SHORTEST_HOURS = 0.1;

  /** Of a step; empty where somebody stands by. */
  public static Optional<Night> of(Step step, Network network, SandAccount sand) {
    if (!step.process().isOvernight()) {
      return Optional.empty();
    }
    RunLog log = RunLog.of(step);
    Optional<Instant> started =
        log.stretches().isEmpty()
            ? Optional.empty()
            : Optional.of(log.stretches().getFirst().from());
    OptionalDouble charge = charge(step, sand);
    Optional<Band> ahead =
        charge.isPresent() && log.isRunning()
            ? started.flatMap(from -> ahead(from, charge.getAsDouble(), step, network))
            : Optional.empty();
    Optional<Morning> morning =
        charge.isPresent() && !log.isRunning() && started.isPresent()
            ? morning(charge.getAsDouble(), step, network, sand)
            : Optional.empty();
    return Optional.of(new Night(started, charge, ahead, morning));
  }

  private static OptionalDouble charge(Step step, SandAccount sand) {
    double laid = step.laidInG();
    double grams =
        laid > 0 ? laid : step.inputs().stream().mapToDouble(id -> sand.mass(id).grams()).sum();
    return grams >= 1 && grams <= 10_000 ? OptionalDouble.of(grams) : OptionalDouble.empty();
  }

  private static Optional<Band> ahead(Instant from, double charge, Step step, Network network) {
    return network
        .output(step, Material.TAILINGS)
        .flatMap(
            lot ->
                lot.readings().stream()
                    .filter(one -> one.isLive() && one.measure() instanceof Measure.SandWeight)
                    .reduce((_, later) -> later))
        .flatMap(weighed -> ahead(from, charge, weighed));
  }

  private static Optional<Band> ahead(Instant from, double charge, Reading weighed) {
    Measure.SandWeight weight = (Measure.SandWeight) weighed.measure();
    double hours = Duration.between(from, weighed.moment()).toSeconds() / 3600.0;
    double out = (weight.grossG() - weight.tareG()) * (1 - weight.moisture());
    return hours >= SHORTEST_HOURS && hours <= 100 && out >= 0 && out <= charge
        ? Optional.of(Overnight.leaves(charge, out, hours, Overnight.HOURS.usual()))
        : Optional.empty();
  }

  private static Optional<Morning> morning(
      double charge, Step step, Network network, SandAccount sand) {
    return network
        .output(step, Material.CONCENTRATE)
        .map(Lot::id)
        .map(sand::mass)
        .filter(LotMass::isMeasured)
        .map(mass -> Overnight.morning(charge, Math.max(0, mass.grams()), specks(step, network)));
  }

  /** Specks seen in what left and in what stood below to catch it. */
  private static int specks(Step step, Network network) {
    int specks = 0;
    for (LotId id : step.outputs()) {
      Lot lot = network.lot(id).orElseThrow();
      if (lot.material() == Material.TAILINGS || lot.material() == Material.SAFETY_CATCH) {
        for (Reading reading : lot.readings()) {
          if (reading.isLive()) {
            specks =
                Math.min(
                    1_000_000,
                    specks
                        + switch (reading.measure()) {
                          case Measure.PannedSample sample -> sample.specks();
                          case Measure.SpeckCount count -> count.specks();
                          default -> 0;
                        });
          }
        }
      }
    }
    return specks;
  }
}
