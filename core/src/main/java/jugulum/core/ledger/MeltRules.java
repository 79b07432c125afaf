package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.MeltFact.Stop;
import jugulum.core.ledger.Melting.Crucible;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;

/** What must hold for a fact of a melt to be taken. */
final class MeltRules {
  /** Two weighings of one heap differ by so much. */
  private static final double WEIGHED_AGAIN = 0.02;

  private MeltRules() {}

  /**
   * Why it cannot be.
   *
   * @param lot as it stands before
   * @param lotG what the lot weighs, dry, where that is known
   */
  static Optional<Refusal> refusal(Lot lot, Measure.Melt melt, OptionalDouble lotG) {
    List<Melting> rounds = Melting.of(lot);
    if (melt.fact() instanceof MeltFact.Taken taken) {
      return taken(rounds, taken, lotG);
    }
    if (rounds.isEmpty()) {
      return Optional.of(Refusal.of(Reason.NOTHING_TO_MELT));
    }
    Optional<Melting> of =
        rounds.stream().filter(one -> one.crucible(melt.crucible()).isPresent()).findFirst();
    Melting round = of.orElse(rounds.getLast());
    return melt.fact().isOfOneCrucible() ? ofCrucible(round, melt) : ofAll(round, melt.fact());
  }

  private static Optional<Refusal> taken(
      List<Melting> rounds, MeltFact.Taken taken, OptionalDouble lotG) {
    double before = rounds.stream().mapToDouble(one -> one.taken().sampleG()).sum();
    if (lotG.isPresent()) {
      double there = Math.max(0, lotG.getAsDouble() * (1 + WEIGHED_AGAIN) - before);
      if (taken.sampleG() > there) {
        return Optional.of(
            Refusal.of(
                Reason.HEAVIER_THAN_INPUT,
                new Told.Grams(taken.sampleG()),
                new Told.Grams(Math.max(0, lotG.getAsDouble() - before))));
      }
    }
    return taken.visible().milligrams() / 1000 > taken.sampleG()
        ? Optional.of(
            Refusal.of(
                Reason.GOLD_HEAVIER_THAN_LOT,
                new Told.Grams(taken.visible().milligrams() / 1000),
                new Told.Grams(taken.sampleG())))
        : Optional.empty();
  }

  private static Optional<Refusal> ofAll(Melting round, MeltFact fact) {
    return fact instanceof MeltFact.Begun
        ? withoutYes(round.said(), Stop.NO_MERCURY)
        : Optional.empty();
  }

  private static Optional<Refusal> ofCrucible(Melting round, Measure.Melt melt) {
    Optional<Crucible> there = round.crucible(melt.crucible());
    if (there.flatMap(Crucible::spoilt).isPresent()) {
      return Optional.of(Refusal.of(Reason.CRUCIBLE_SPOILT));
    }
    Optional<MeltFact.Charged> charged = there.flatMap(Crucible::charged);
    if (melt.fact() instanceof MeltFact.Charged now) {
      return charge(round, charged, now);
    }
    if (charged.isEmpty()) {
      return Optional.of(Refusal.of(Reason.CRUCIBLE_EMPTY));
    }
    return ofCharged(round, there.orElseThrow(), charged.get(), melt.fact());
  }

  private static Optional<Refusal> charge(
      Melting round, Optional<MeltFact.Charged> before, MeltFact.Charged now) {
    if (before.isPresent()) {
      return Optional.of(Refusal.of(Reason.CRUCIBLE_ALREADY_CHARGED));
    }
    double left = round.leftG() + WEIGHED_AGAIN * round.thereG();
    return now.sandG() > left
        ? Optional.of(
            Refusal.of(
                Reason.CRUCIBLE_TOO_MUCH,
                new Told.Grams(round.leftG()),
                new Told.Grams(now.sandG())))
        : Optional.empty();
  }

  private static Optional<Refusal> ofCharged(
      Melting round, Crucible crucible, MeltFact.Charged charged, MeltFact fact) {
    return switch (fact) {
      case MeltFact.Begun(Phase phase) when phase == Phase.MELT ->
          withoutYes(round.said(), Stop.NO_MERCURY)
              .or(() -> withoutYes(round.said(), Stop.DRY))
              .or(() -> melts(crucible, charged));
      case MeltFact.Bead(double mg)
          when crucible.buttonG().isPresent() && mg / 1000 > crucible.buttonG().getAsDouble() ->
          heavier(Reason.BEAD_HEAVIER_THAN_BUTTON, mg / 1000, crucible.buttonG().getAsDouble());
      case MeltFact.Parted _ when crucible.beadMg().isEmpty() ->
          Optional.of(Refusal.of(Reason.NO_BEAD_TO_PART));
      case MeltFact.Parted(double mg) when mg > crucible.beadMg().getAsDouble() ->
          heavier(
              Reason.PARTED_HEAVIER_THAN_BEAD, mg / 1000, crucible.beadMg().getAsDouble() / 1000);
      case MeltFact.Spoilt(String reason) when reason.isEmpty() ->
          Optional.of(Refusal.of(Reason.REASON_MISSING));
      default -> Optional.empty();
    };
  }

  private static Optional<Refusal> melts(Crucible crucible, MeltFact.Charged charged) {
    for (Stop stop : Stop.values()) {
      if (stop.isOfOneCrucible() && isAsked(stop, charged)) {
        Optional<Refusal> missing = withoutYes(crucible.said(), stop);
        if (missing.isPresent()) {
          return missing;
        }
      }
    }
    return Optional.empty();
  }

  /** Whether a crucible so charged has that stop: without a collector none can be forgotten. */
  static boolean isAsked(Stop stop, MeltFact.Charged charged) {
    return stop != Stop.COLLECTOR_IN || charged.collector() != Measure.Smelt.Collector.NONE;
  }

  private static Optional<Refusal> heavier(Reason reason, double toldG, double limitG) {
    return Optional.of(Refusal.of(reason, new Told.Grams(toldG), new Told.Grams(limitG)));
  }

  private static Optional<Refusal> withoutYes(Melting.Said said, Stop stop) {
    return said.isSure(stop) ? Optional.empty() : Optional.of(Refusal.of(Reason.STOP_WITHOUT_YES));
  }
}
