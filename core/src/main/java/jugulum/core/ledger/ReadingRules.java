package jugulum.core.ledger;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.ledger.Edit.Correct;
import jugulum.core.ledger.Edit.Doubt;
import jugulum.core.ledger.Edit.InsertOnStep;
import jugulum.core.ledger.Edit.RecordOnLot;
import jugulum.core.ledger.Edit.RecordOnStep;
import jugulum.core.ledger.Edit.Strike;
import jugulum.core.minerals.Mineral;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;

/**
 * What must hold for a reading to be taken. Only what cannot be true is refused: a sum of cuts that
 * does not fit is a finding of the closure, since any of its weights may be the wrong one.
 */
final class ReadingRules {
  private ReadingRules() {}

  static Optional<Refusal> refusal(Batch batch, Edit edit, Instant at) {
    Network network = Network.of(batch);
    return switch (edit) {
      case RecordOnLot(LotId id, Measure measure) ->
          network
              .lot(id)
              .map(lot -> onLot(network, lot, measure, Optional.empty()))
              .orElse(Optional.of(Refusal.of(Reason.NO_SUCH_LOT)));
      case RecordOnStep(StepId id, Measure measure) ->
          onStep(network, id, Optional.empty(), measure)
              .or(() -> RunRules.refusal(network, id, Optional.empty(), measure, at));
      case InsertOnStep(StepId id, ReadingId before, Measure measure) ->
          batch.step(id).stream()
                  .flatMap(step -> step.readings().stream())
                  .anyMatch(reading -> reading.id().equals(before))
              ? onStep(network, id, Optional.of(before), measure)
              : Optional.of(Refusal.of(Reason.NO_SUCH_READING));
      case Correct(ReadingId id, Measure measure, String reason) ->
          struck(batch, id, reason).or(() -> replacement(network, id, measure, at));
      case Strike(ReadingId id, String reason) -> struck(batch, id, reason);
      case Doubt doubt -> doubted(batch, doubt);
      default -> Optional.empty();
    };
  }

  private static Optional<Refusal> struck(Batch batch, ReadingId id, String reason) {
    Optional<Reading> reading = batch.readings().filter(one -> one.id().equals(id)).findFirst();
    if (reading.isEmpty()) {
      return Optional.of(Refusal.of(Reason.NO_SUCH_READING));
    }
    if (!reading.get().isStanding()) {
      return Optional.of(Refusal.of(Reason.READING_ALREADY_STRUCK));
    }
    if (reading.get().measure().isOfPool()) {
      return Optional.of(Refusal.of(Reason.POOL_STANDS));
    }
    return reason.isBlank() ? Optional.of(Refusal.of(Reason.REASON_MISSING)) : Optional.empty();
  }

  /**
   * What was read on a lot can be doubted; passes, charges and settings of a step are corrected or
   * struck.
   */
  private static Optional<Refusal> doubted(Batch batch, Doubt doubt) {
    Optional<Reading> reading =
        batch.lots().stream()
            .flatMap(lot -> lot.readings().stream())
            .filter(one -> one.id().equals(doubt.reading()))
            .findFirst();
    if (reading.isEmpty()) {
      boolean onStep = batch.readings().anyMatch(one -> one.id().equals(doubt.reading()));
      return Optional.of(Refusal.of(onStep ? Reason.MEASURE_NOT_FOR_THIS : Reason.NO_SUCH_READING));
    }
    if (!reading.get().isStanding()) {
      return Optional.of(Refusal.of(Reason.READING_ALREADY_STRUCK));
    }
    if (reading.get().measure().isOfPool()) {
      return Optional.of(Refusal.of(Reason.POOL_STANDS));
    }
    if (reading.get().doubted().isPresent() == doubt.doubted()) {
      return Optional.of(
          Refusal.of(
              doubt.doubted() ? Reason.READING_ALREADY_DOUBTED : Reason.READING_NOT_DOUBTED));
    }
    return doubt.doubted() && doubt.reason().isBlank()
        ? Optional.of(Refusal.of(Reason.REASON_MISSING))
        : Optional.empty();
  }

  private static Optional<Refusal> replacement(
      Network network, ReadingId id, Measure measure, Instant at) {
    for (Lot lot : network.lots()) {
      if (lot.readings().stream().anyMatch(reading -> reading.id().equals(id))) {
        return onLot(network, lot, measure, Optional.of(id));
      }
    }
    return network.steps().stream()
        .filter(step -> step.readings().stream().anyMatch(reading -> reading.id().equals(id)))
        .findFirst()
        .map(
            step ->
                onStep(network, step.id(), Optional.of(id), measure)
                    .or(() -> RunRules.refusal(network, step.id(), Optional.of(id), measure, at)))
        .orElse(Optional.of(Refusal.of(Reason.NO_SUCH_READING)));
  }

  private static Optional<Refusal> onLot(
      Network network, Lot lot, Measure measure, Optional<ReadingId> replaced) {
    return switch (measure) {
      case Measure.SandWeight weight ->
          heavier(
              Reason.HEAVIER_THAN_INPUT,
              withWeightG(lot, weight, replaced),
              madeFromG(network, lot),
              network.batch().assumptions().closureTolerance());
      case Measure.GoldWeight gold ->
          heavier(Reason.GOLD_HEAVIER_THAN_LOT, gold.massG(), massOrInputG(network, lot), 0);
      case Measure.LookedOver seen ->
          heavier(Reason.GOLD_HEAVIER_THAN_LOT, seen.pickersG(), massOrInputG(network, lot), 0);
      case Measure.KnownGold gold ->
          heavier(
              Reason.GOLD_HEAVIER_THAN_LOT,
              gold.milligrams() / 1000,
              massOrInputG(network, lot),
              0);
      case Measure.MagnetTest test ->
          heavier(Reason.HEAVIER_THAN_INPUT, test.sampleG(), massOrInputG(network, lot), 0);
      case Measure.LiftTest test ->
          heavier(Reason.HEAVIER_THAN_INPUT, test.sampleG(), massOrInputG(network, lot), 0);
      case Measure.PannedSample sample ->
          heavier(Reason.HEAVIER_THAN_INPUT, sample.sampleG(), massOrInputG(network, lot), 0);
      case Measure.Smelt smelt ->
          heavier(Reason.HEAVIER_THAN_INPUT, smelt.sampleG(), massOrInputG(network, lot), 0)
              .or(
                  () ->
                      heavier(
                          Reason.GOLD_HEAVIER_THAN_LOT,
                          (smelt.beadMg() + smelt.slagMg().orElse(0) + smelt.visible().milligrams())
                              / 1000,
                          OptionalDouble.of(smelt.sampleG()),
                          0));
      case Measure.Melt melt ->
          MeltRules.refusal(before(lot, replaced), melt, massOrInputG(network, lot));
      case Measure.Bagged(String bag) when bag.isEmpty() ->
          Optional.of(Refusal.of(Reason.BAG_WITHOUT_NAME));
      case Measure.Discarded _, Measure.Pooled _ when network.taker(lot.id()).isPresent() ->
          Optional.of(Refusal.of(Reason.LOT_ALREADY_TAKEN));
      case Measure.Discarded _, Measure.Pooled _
          when lot.latest(Measure.Pooled.class).isPresent() ->
          StepRules.gone(lot);
      case Measure.Pooled pooled -> PoolRules.refusal(network, lot, pooled);
      case Measure.PoolOf pool -> PoolRules.refusal(network, lot, pool);
      case Measure.Discarded(String reason) when reason.isEmpty() && !Look.isAtAll(lot) ->
          Optional.of(Refusal.of(Reason.DISCARDED_UNSEEN));
      case Measure.Discarded(String reason)
          when reason.isEmpty() && lot.material() == Material.MAGNETICS && !Look.isAtHidden(lot) ->
          Optional.of(Refusal.of(Reason.DISCARDED_HIDDEN_OPEN));
      case Measure.Product product
          when product.mineral() == Mineral.GOLD || lot.material() == Material.GOLD ->
          Optional.of(Refusal.of(Reason.GOLD_IS_NO_PRODUCT));
      case Measure.WeighedSpecks specks ->
          heavier(
              Reason.GOLD_HEAVIER_THAN_LOT,
              specks.milligrams() / 1000,
              massOrInputG(network, lot),
              0);
      case Measure.SpeckCount _,
          Measure.Assay _,
          Measure.Fineness _,
          Measure.SpeckTest _,
          Measure.SizeAnalysis _,
          Measure.Bagged _,
          Measure.Product _,
          Measure.Pictured _,
          Measure.Discarded _ ->
          Optional.empty();
      case Measure.Pass _,
          Measure.LastMinute _,
          Measure.FeedRate _,
          Measure.Setting _,
          Measure.Running _,
          Measure.Charge _,
          Measure.Checked _,
          Measure.Finish _ ->
          Optional.of(Refusal.of(Reason.MEASURE_NOT_FOR_THIS));
    };
  }

  /** This weighing, with the other bowls of its lot. */
  private static double withWeightG(
      Lot lot, Measure.SandWeight weight, Optional<ReadingId> replaced) {
    Lot others =
        lot.with(
            readings ->
                readings.stream()
                    .filter(reading -> !replaced.equals(Optional.of(reading.id())))
                    .filter(
                        reading ->
                            !(reading.measure() instanceof Measure.SandWeight other
                                && other.bowlNumber() == weight.bowlNumber()))
                    .toList());
    return weight.dryG() + others.weighedDryG().orElse(0);
  }

  private static OptionalDouble massOrInputG(Network network, Lot lot) {
    OptionalDouble own = lot.weighedDryG();
    return own.isPresent() ? own : madeFromG(network, lot);
  }

  /** The dry mass the lot's step took in, if every input was weighed. */
  private static OptionalDouble madeFromG(Network network, Lot lot) {
    return network
        .maker(lot.id())
        .map(step -> inputG(network, step))
        .orElse(OptionalDouble.empty());
  }

  private static OptionalDouble inputG(Network network, Step step) {
    double sum = 0;
    for (Lot input : network.lots(step.inputs())) {
      OptionalDouble weighed = input.weighedDryG();
      if (weighed.isEmpty()) {
        return OptionalDouble.empty();
      }
      sum += weighed.getAsDouble();
    }
    return step.inputs().isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(sum);
  }

  private static Optional<Refusal> heavier(
      Reason reason, double told, OptionalDouble limit, double tolerance) {
    return limit.isPresent() && told > limit.getAsDouble() * (1 + tolerance)
        ? Optional.of(Refusal.of(reason, new Told.Grams(told), new Told.Grams(limit.getAsDouble())))
        : Optional.empty();
  }

  private static Optional<Refusal> onStep(
      Network network, StepId id, Optional<ReadingId> replaced, Measure measure) {
    Optional<Step> found =
        network.steps().stream().filter(step -> step.id().equals(id)).findFirst();
    if (found.isEmpty()) {
      return Optional.of(Refusal.of(Reason.NO_SUCH_STEP));
    }
    Step step = found.get();
    if (measure instanceof Measure.LastMinute passed
        && step.process() instanceof Process.Screening(var stack, var _)) {
      return stack.contains(passed.screen())
          ? heavier(Reason.HEAVIER_THAN_INPUT, passed.passedG(), inputG(network, step), 0)
          : Optional.of(Refusal.of(Reason.MEASURE_NOT_FOR_THIS));
    }
    if (step.process() instanceof Process.GravityRun) {
      return switch (measure) {
        case Measure.Setting _, Measure.Running _, Measure.Checked _ -> Optional.empty();
        case Measure.Charge charge ->
            heavier(
                Reason.HEAVIER_THAN_INPUT,
                charge.grams().orElse(0),
                inputG(network, step),
                network.batch().assumptions().closureTolerance());
        default -> Optional.of(Refusal.of(Reason.MEASURE_NOT_FOR_THIS));
      };
    }
    if (measure instanceof Measure.Finish(FinishFact fact)
        && step.process() instanceof Process.Finishing) {
      return fact instanceof FinishFact.Turn(double goldMg, var _, int _)
          ? heavier(Reason.GOLD_HEAVIER_THAN_LOT, goldMg / 1000, inputG(network, step), 0)
          : Optional.empty();
    }
    if (step.process() instanceof Process.MagnetRun && isOfAnyMachine(measure)) {
      return Optional.empty();
    }
    if (!(measure instanceof Measure.Pass pass) || !(step.process() instanceof Process.MagnetRun)) {
      return Optional.of(Refusal.of(Reason.MEASURE_NOT_FOR_THIS));
    }
    OptionalDouble heap = before(step, replaced).heapG();
    if (pass.from() == Measure.Pass.From.HEAP && heap.isEmpty()) {
      return Optional.of(Refusal.of(Reason.FIRST_PASS_FROM_HEAP));
    }
    OptionalDouble input = inputG(network, step);
    OptionalDouble there =
        switch (pass.from()) {
          case HEAP -> heap;
          case SAND ->
              input.isPresent() ? OptionalDouble.of(input.getAsDouble() - heap.orElse(0)) : input;
        };
    return heavier(
        Reason.LIFTED_MORE_THAN_THERE,
        pass.liftedG(),
        there,
        network.batch().assumptions().closureTolerance());
  }

  private static boolean isOfAnyMachine(Measure measure) {
    return switch (measure) {
      case Measure.FeedRate _, Measure.Setting _, Measure.Running _, Measure.Checked _ -> true;
      default -> false;
    };
  }

  /** The lot as it was before the reading being replaced. */
  private static Lot before(Lot lot, Optional<ReadingId> replaced) {
    return replaced
        .map(
            id ->
                lot.with(
                    readings ->
                        readings.stream().takeWhile(reading -> !reading.id().equals(id)).toList()))
        .orElse(lot);
  }

  /** The step as it was before the reading being replaced. */
  private static Step before(Step step, Optional<ReadingId> replaced) {
    return replaced
        .map(
            id ->
                step.with(
                    readings ->
                        readings.stream().takeWhile(reading -> !reading.id().equals(id)).toList()))
        .orElse(step);
  }
}
