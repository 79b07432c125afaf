package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.stream.NewNumbers;

/**
 * Whether an edit names the same things in a batch as it was seen and as it is now. Lots, steps and
 * readings are numbered in the order they are made: after an undo, or where somebody else made one
 * first, a number can mean something else.
 *
 * @param seen the batch its sender saw
 * @param now the batch it comes to
 * @param numbers what the sender's numbers are in it
 */
record SameMeaning(Batch seen, Batch now, NewNumbers numbers) {
  boolean holds(Edit edit) {
    return switch (edit) {
      case Edit.StartBatch _, Edit.Adopt _, Edit.CloseBatch _ -> true;
      case Edit.Relabel _ -> seen.label().equals(now.label());
      case Edit.FollowRoute _ -> seen.route().equals(now.route());
      case Edit.Assume _ -> seen.assumptions().equals(now.assumptions());
      case Edit.TakeStep(Process _, List<LotId> inputs, List<Edit.NewLot> _) ->
          inputs.stream().allMatch(this::isSameLot);
      case Edit.AddOutput(StepId step, Edit.NewLot _) -> isSameStep(step);
      case Edit.RecordOnLot(LotId lot, Measure _) -> isSameLot(lot);
      case Edit.RecordOnStep(StepId step, Measure _) -> isSameStep(step);
      case Edit.InsertOnStep(StepId step, ReadingId before, Measure _) ->
          isSameStep(step) && isSameReading(before);
      case Edit.Correct(ReadingId reading, Measure _, String _) -> isSameReading(reading);
      case Edit.Strike(ReadingId reading, String _) -> isSameReading(reading);
      case Edit.Doubt(ReadingId reading, boolean _, String _) -> isSameReading(reading);
      case Edit.AddNote(StepId step, String _) -> isSameStep(step);
      case Edit.FinishStep(StepId step, boolean _) -> isSameStep(step);
      case Edit.WithdrawStep(StepId step, String _) -> isSameStep(step);
    };
  }

  /**
   * A lot that was not seen is one the sender is about to make: it gets the number meant only where
   * nobody made another.
   */
  private boolean isSameLot(LotId id) {
    return !Renumbering.isGone(numbers, id) && isSeenLot(id);
  }

  private boolean isSeenLot(LotId id) {
    return seen.lot(id)
        .map(
            lot ->
                now.lot(Renumbering.lot(numbers, id))
                    .filter(found -> isMadeAlike(lot, found))
                    .isPresent())
        .orElseGet(() -> seen.lots().size() == now.lots().size());
  }

  private boolean isMadeAlike(Lot one, Lot other) {
    return one.material() == other.material()
        && one.cut().equals(other.cut())
        && one.name().equals(other.name())
        && maker(seen, one.id())
            .map(step -> Renumbering.step(numbers, step))
            .equals(maker(now, other.id()));
  }

  private static Optional<StepId> maker(Batch batch, LotId lot) {
    return batch.steps().stream()
        .filter(step -> step.outputs().contains(lot))
        .map(Step::id)
        .findFirst();
  }

  private boolean isSameStep(StepId id) {
    return !Renumbering.isGone(numbers, id) && isSeenStep(id);
  }

  private boolean isSeenStep(StepId id) {
    return seen.step(id)
        .map(
            step ->
                now.step(Renumbering.step(numbers, id))
                    .filter(
                        found ->
                            step.startedAt().equals(found.startedAt())
                                && step.process().equals(found.process()))
                    .isPresent())
        .orElseGet(() -> seen.nextStep().equals(now.nextStep()));
  }

  private boolean isSameReading(ReadingId id) {
    return !Renumbering.isGone(numbers, id) && isSeenReading(id);
  }

  private boolean isSeenReading(ReadingId id) {
    return readings(seen, id)
        .findFirst()
        .map(reading -> isThere(Renumbering.of(reading, numbers)))
        .orElseGet(() -> seen.readings().count() == now.readings().count());
  }

  private boolean isThere(Reading reading) {
    return readings(now, reading.id()).anyMatch(reading::equals);
  }

  private static Stream<Reading> readings(Batch batch, ReadingId id) {
    return batch.readings().filter(reading -> reading.id().equals(id));
  }
}
