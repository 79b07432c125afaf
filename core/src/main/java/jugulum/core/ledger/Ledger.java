package jugulum.core.ledger;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.core.ledger.Edit.AddNote;
import jugulum.core.ledger.Edit.AddOutput;
import jugulum.core.ledger.Edit.Adopt;
import jugulum.core.ledger.Edit.Assume;
import jugulum.core.ledger.Edit.CloseBatch;
import jugulum.core.ledger.Edit.Correct;
import jugulum.core.ledger.Edit.Doubt;
import jugulum.core.ledger.Edit.FinishStep;
import jugulum.core.ledger.Edit.FollowRoute;
import jugulum.core.ledger.Edit.InsertOnStep;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.Edit.RecordOnLot;
import jugulum.core.ledger.Edit.RecordOnStep;
import jugulum.core.ledger.Edit.Relabel;
import jugulum.core.ledger.Edit.StartBatch;
import jugulum.core.ledger.Edit.Strike;
import jugulum.core.ledger.Edit.TakeStep;
import jugulum.core.ledger.Edit.WithdrawStep;
import jugulum.core.screens.Cut;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Refusal;

/** Turns one batch into the next by an edit, or says why not. The one way in. */
public final class Ledger {
  private final Batch batch;
  private final Instant at;

  private Ledger(Batch batch, Instant at) {
    this.batch = batch;
    this.at = at;
  }

  /**
   * Carries out an edit.
   *
   * @param before the batch so far; empty before its start
   * @param edit what is to change
   * @param at when
   */
  public static Applied<Batch> apply(Optional<Batch> before, Edit edit, Instant at) {
    Optional<Refusal> refusal =
        before.isPresent() ? refusal(before.get(), edit, at) : beginning(edit);
    if (refusal.isPresent()) {
      return new Applied.Refused<>(refusal.get());
    }
    return new Applied.Done<>(replay(before, edit, at));
  }

  /** The batch after one more edit that stood once, not asked again. */
  public static Batch replay(Optional<Batch> before, Edit edit, Instant at) {
    return before.isPresent() ? new Ledger(before.get(), at).after(edit) : begin(edit, at);
  }

  private static Optional<Refusal> beginning(Edit edit) {
    return switch (edit) {
      case StartBatch start when start.label().name().isEmpty() ->
          Optional.of(Refusal.of(Reason.NAME_MISSING));
      case Adopt adopt when !NetworkCheck.findings(adopt.batch()).isEmpty() ->
          Optional.of(Refusal.of(Reason.ADOPTED_BATCH_BROKEN));
      case StartBatch _, Adopt _ -> Optional.empty();
      default -> Optional.of(Refusal.of(Reason.NOT_STARTED));
    };
  }

  private static Optional<Refusal> refusal(Batch batch, Edit edit, Instant at) {
    if (batch.closed() && !(edit instanceof CloseBatch) && !isAfterwards(edit)) {
      return Optional.of(Refusal.of(Reason.BATCH_CLOSED));
    }
    return switch (edit) {
      case StartBatch _, Adopt _ -> Optional.of(Refusal.of(Reason.ALREADY_STARTED));
      case Relabel(Label label) when label.name().isEmpty() ->
          Optional.of(Refusal.of(Reason.NAME_MISSING));
      case Relabel _, Assume _, CloseBatch _, FollowRoute _ -> Optional.empty();
      case TakeStep step -> StepRules.refusal(Network.of(batch), step);
      case AddOutput add -> StepRules.missing(batch, add.step());
      case FinishStep finish -> StepRules.missing(batch, finish.step());
      case AddNote note when note.text().isBlank() -> Optional.of(Refusal.of(Reason.NOTE_EMPTY));
      case AddNote note -> StepRules.missing(batch, note.step());
      case WithdrawStep withdraw -> StepRules.refusal(Network.of(batch), withdraw);
      case RecordOnLot _, RecordOnStep _, InsertOnStep _, Correct _, Strike _, Doubt _ ->
          ReadingRules.refusal(batch, edit, at);
    };
  }

  /**
   * What becomes of material set aside, what a bag assays and what a laboratory parted is learnt
   * when a batch has long been closed.
   */
  private static boolean isAfterwards(Edit edit) {
    return edit instanceof RecordOnLot(var _, Measure measure)
        && (measure instanceof Measure.Bagged
            || measure instanceof Measure.Discarded
            || measure instanceof Measure.Pooled
            || measure instanceof Measure.Melt(int _, MeltFact.Parted _)
            || measure instanceof Measure.Assay assay && assay.composite().isPresent());
  }

  private static Batch begin(Edit edit, Instant at) {
    return switch (edit) {
      case StartBatch start -> {
        Batch empty =
            new Batch(
                start.id(),
                start.label(),
                start.assumptions(),
                List.of(),
                List.of(),
                false,
                Optional.empty());
        NewLot feed = new NewLot(Material.FEED, Cut.ALL, "");
        yield new Ledger(empty, at)
            .take(new TakeStep(new Process.Receive(), List.of(), List.of(feed)));
      }
      case Adopt adopt -> adopt.batch();
      default -> throw new IllegalStateException("refused before");
    };
  }

  private Batch after(Edit edit) {
    return switch (edit) {
      case StartBatch _, Adopt _ -> throw new IllegalStateException("refused before");
      case Relabel(Label label) -> batch.withLabel(label);
      case Assume(Assumptions assumptions) -> batch.withAssumptions(assumptions);
      case CloseBatch(boolean closed) -> batch.withClosed(closed);
      case FollowRoute(Optional<Route> route) -> batch.withRoute(route);
      case TakeStep step -> take(step);
      case AddOutput(StepId step, NewLot output) -> {
        Lot lot = lot(nextLot(), output);
        yield batch
            .withLots(lots -> Stream.concat(lots.stream(), Stream.of(lot)).toList())
            .with(step(step).withOutput(lot.id()));
      }
      case RecordOnLot(LotId id, Measure measure) ->
          batch.with(batch.lot(id).orElseThrow().with(append(measure, Optional.empty())));
      case RecordOnStep(StepId id, Measure measure) ->
          batch.with(step(id).with(append(measure, Optional.empty())));
      case InsertOnStep(StepId id, ReadingId before, Measure measure) ->
          batch.with(step(id).with(insertBefore(before, measure)));
      case Correct(ReadingId id, Measure measure, String reason) -> {
        Function<List<Reading>, List<Reading>> correct =
            strike(id, reason).andThen(insertAfter(id, measure));
        yield onOwner(id, correct);
      }
      case Strike(ReadingId id, String reason) -> onOwner(id, strike(id, reason));
      case Doubt(ReadingId id, boolean doubted, String reason) ->
          onOwner(
              id,
              changed(
                  id,
                  reading ->
                      reading.doubted(
                          doubted
                              ? Optional.of(new Struck(at, reason.strip()))
                              : Optional.empty())));
      case AddNote(StepId id, String text) ->
          batch.with(step(id).withNote(new Note(at, text.strip())));
      case FinishStep(StepId id, boolean done) ->
          batch.with(step(id).finished(done ? Optional.of(at) : Optional.empty()));
      case WithdrawStep(StepId id, String reason) ->
          batch.with(step(id).withdrawn(new Struck(at, reason.strip())));
    };
  }

  private Batch take(TakeStep take) {
    int first = nextLot();
    List<Lot> made =
        IntStream.range(0, take.outputs().size())
            .mapToObj(i -> lot(first + i, take.outputs().get(i)))
            .toList();
    StepId id = batch.nextStep();
    List<LotId> outputs = made.stream().map(Lot::id).toList();
    Step step =
        new Step(
            id,
            take.process(),
            take.inputs(),
            outputs,
            List.of(),
            List.of(),
            at,
            Optional.empty(),
            Optional.empty());
    return batch
        .withLots(lots -> Stream.concat(lots.stream(), made.stream()).toList())
        .withSteps(steps -> Stream.concat(steps.stream(), Stream.of(step)).toList());
  }

  private int nextLot() {
    return batch.lots().stream().mapToInt(lot -> lot.id().number()).max().orElse(0) + 1;
  }

  private static Lot lot(int number, NewLot made) {
    return new Lot(new LotId(number), made.material(), made.cut(), made.name().strip(), List.of());
  }

  private Step step(StepId id) {
    return batch.step(id).orElseThrow();
  }

  private Reading reading(Measure measure, Optional<ReadingId> replaces) {
    int number = batch.readings().mapToInt(reading -> reading.id().number()).max().orElse(0) + 1;
    return new Reading(new ReadingId(number), at, measure, Optional.empty(), replaces);
  }

  private UnaryOperator<List<Reading>> append(Measure measure, Optional<ReadingId> replaces) {
    return readings ->
        Stream.concat(readings.stream(), Stream.of(reading(measure, replaces))).toList();
  }

  private Function<List<Reading>, List<Reading>> strike(ReadingId id, String reason) {
    return changed(id, reading -> reading.strike(new Struck(at, reason.strip())));
  }

  private static Function<List<Reading>, List<Reading>> changed(
      ReadingId id, UnaryOperator<Reading> how) {
    return readings ->
        readings.stream()
            .map(reading -> reading.id().equals(id) ? how.apply(reading) : reading)
            .toList();
  }

  /**
   * The right reading takes the wrong one's place in the order: passes count in the order they were
   * made.
   */
  private Function<List<Reading>, List<Reading>> insertAfter(ReadingId id, Measure measure) {
    return readings ->
        readings.stream()
            .flatMap(
                old ->
                    old.id().equals(id)
                        ? Stream.of(old, reading(measure, Optional.of(id)))
                        : Stream.of(old))
            .toList();
  }

  private UnaryOperator<List<Reading>> insertBefore(ReadingId id, Measure measure) {
    return readings ->
        readings.stream()
            .flatMap(
                one ->
                    one.id().equals(id)
                        ? Stream.of(reading(measure, Optional.empty()), one)
                        : Stream.of(one))
            .toList();
  }

  private Batch onOwner(ReadingId id, Function<List<Reading>, List<Reading>> change) {
    for (Lot lot : batch.lots()) {
      if (lot.readings().stream().anyMatch(reading -> reading.id().equals(id))) {
        return batch.with(lot.with(change::apply));
      }
    }
    Step owner =
        batch.steps().stream()
            .filter(step -> step.readings().stream().anyMatch(reading -> reading.id().equals(id)))
            .findFirst()
            .orElseThrow();
    return batch.with(owner.with(change::apply));
  }
}
