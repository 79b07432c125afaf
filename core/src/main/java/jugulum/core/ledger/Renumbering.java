package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import jugulum.core.stream.Fold;
import jugulum.core.stream.NewNumbers;

/** Lots, steps and readings by the numbers they have now, where others made some meanwhile. */
final class Renumbering {
  private static final String LOT = "lot";
  private static final String STEP = "step";
  private static final String READING = "reading";

  private Renumbering() {}

  static LotId lot(NewNumbers numbers, LotId id) {
    return new LotId(numbers.now(LOT, id.number()));
  }

  static StepId step(NewNumbers numbers, StepId id) {
    return new StepId(numbers.now(STEP, id.number()));
  }

  static ReadingId reading(NewNumbers numbers, ReadingId id) {
    return new ReadingId(numbers.now(READING, id.number()));
  }

  static boolean isGone(NewNumbers numbers, LotId id) {
    return numbers.isGone(LOT, id.number());
  }

  static boolean isGone(NewNumbers numbers, StepId id) {
    return numbers.isGone(STEP, id.number());
  }

  static boolean isGone(NewNumbers numbers, ReadingId id) {
    return numbers.isGone(READING, id.number());
  }

  /** An edit in the numbers of now; what names nothing stays what it is. */
  static Edit of(Edit edit, NewNumbers numbers) {
    return switch (edit) {
      case Edit.StartBatch _,
          Edit.Adopt _,
          Edit.Relabel _,
          Edit.Assume _,
          Edit.FollowRoute _,
          Edit.CloseBatch _ ->
          edit;
      case Edit.TakeStep(Process process, List<LotId> inputs, List<Edit.NewLot> outputs) ->
          new Edit.TakeStep(
              process, inputs.stream().map(lot -> lot(numbers, lot)).toList(), outputs);
      case Edit.AddOutput(StepId step, Edit.NewLot output) ->
          new Edit.AddOutput(step(numbers, step), output);
      case Edit.RecordOnLot(LotId lot, Measure measure) ->
          new Edit.RecordOnLot(lot(numbers, lot), measure);
      case Edit.RecordOnStep(StepId step, Measure measure) ->
          new Edit.RecordOnStep(step(numbers, step), measure);
      case Edit.InsertOnStep(StepId step, ReadingId before, Measure measure) ->
          new Edit.InsertOnStep(step(numbers, step), reading(numbers, before), measure);
      case Edit.Correct(ReadingId reading, Measure measure, String reason) ->
          new Edit.Correct(reading(numbers, reading), measure, reason);
      case Edit.Strike(ReadingId reading, String reason) ->
          new Edit.Strike(reading(numbers, reading), reason);
      case Edit.Doubt(ReadingId reading, boolean doubted, String reason) ->
          new Edit.Doubt(reading(numbers, reading), doubted, reason);
      case Edit.AddNote(StepId step, String text) -> new Edit.AddNote(step(numbers, step), text);
      case Edit.FinishStep(StepId step, boolean done) ->
          new Edit.FinishStep(step(numbers, step), done);
      case Edit.WithdrawStep(StepId step, String reason) ->
          new Edit.WithdrawStep(step(numbers, step), reason);
    };
  }

  /** What the numbers are after an edit that was carried out on two states of a batch. */
  static NewNumbers after(
      NewNumbers before, Fold.Between<Batch> seen, Optional<Fold.Between<Batch>> now) {
    return before
        .and(LOT, made(seen, Renumbering::lots), madeNow(now, Renumbering::lots))
        .and(STEP, made(seen, Renumbering::steps), madeNow(now, Renumbering::steps))
        .and(READING, made(seen, Renumbering::readings), madeNow(now, Renumbering::readings));
  }

  private static List<Integer> made(
      Fold.Between<Batch> states, Function<Batch, List<Integer>> numbers) {
    Set<Integer> there = states.before().map(numbers).map(Set::copyOf).orElse(Set.of());
    return numbers.apply(states.after()).stream()
        .filter(number -> !there.contains(number))
        .sorted()
        .toList();
  }

  private static List<Integer> madeNow(
      Optional<Fold.Between<Batch>> states, Function<Batch, List<Integer>> numbers) {
    return states.map(both -> made(both, numbers)).orElse(List.of());
  }

  private static List<Integer> lots(Batch batch) {
    return batch.lots().stream().map(lot -> lot.id().number()).toList();
  }

  private static List<Integer> steps(Batch batch) {
    return batch.steps().stream().map(step -> step.id().number()).toList();
  }

  private static List<Integer> readings(Batch batch) {
    return batch.readings().map(reading -> reading.id().number()).toList();
  }

  /** A reading in the numbers of now. */
  static Reading of(Reading reading, NewNumbers numbers) {
    Optional<ReadingId> replaces = reading.replaces().map(id -> reading(numbers, id));
    return reading.numbered(reading(numbers, reading.id()), replaces);
  }
}
