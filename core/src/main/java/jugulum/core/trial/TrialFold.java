package jugulum.core.trial;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import jugulum.core.ledger.Note;
import jugulum.core.ledger.Struck;
import jugulum.core.screens.Cut;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;

/** A trial as a stream of edits. */
public final class TrialFold implements Fold<Trial, TrialEdit> {
  @Override
  public Applied<Trial> apply(Optional<Trial> before, TrialEdit edit, Instant at) {
    return refusal(before, edit)
        .<Applied<Trial>>map(Applied.Refused::new)
        .orElseGet(() -> new Applied.Done<>(replay(before, edit, at)));
  }

  private static Optional<Refusal> refusal(Optional<Trial> before, TrialEdit edit) {
    return switch (edit) {
      case TrialEdit.Begin(var _, String name, TrialPlan plan) ->
          before
              .map(_ -> Refusal.of(TrialReason.TRIAL_THERE_ALREADY))
              .or(() -> named(name))
              .or(() -> overlap(plan.classes()));
      case TrialEdit.TakeOver(Trial trial) ->
          before
              .map(_ -> Refusal.of(TrialReason.TRIAL_THERE_ALREADY))
              .or(() -> named(trial.name()))
              .or(() -> unsound(trial));
      default ->
          before
              .map(trial -> refusal(trial, edit))
              .orElse(Optional.of(Refusal.of(TrialReason.TRIAL_NOT_THERE)));
    };
  }

  private static Optional<Refusal> refusal(Trial trial, TrialEdit edit) {
    if (trial.closed() && !(edit instanceof TrialEdit.Close)) {
      return Optional.of(Refusal.of(TrialReason.TRIAL_CLOSED));
    }
    return switch (edit) {
      case TrialEdit.Rename(String name) -> named(name);
      case TrialEdit.Replan(TrialPlan plan) -> overlap(plan.classes());
      case TrialEdit.Run(int contender, var _, List<Spike> spikes, var _) ->
          contender < trial.plan().contenders().size() && contender >= 0
              ? overlap(spikes.stream().map(Spike::cut).toList())
              : Optional.of(Refusal.of(TrialReason.NO_SUCH_CONTENDER));
      case TrialEdit.Find(int number, List<Found> found) ->
          trial
              .run(number)
              .map(run -> notPutIn(trial, run, found))
              .orElse(Optional.of(Refusal.of(TrialReason.NO_SUCH_RUN)));
      case TrialEdit.StrikeRun(int number, String reason) -> strike(trial.run(number), reason);
      case TrialEdit.AddNote _, TrialEdit.Close _, TrialEdit.Begin _, TrialEdit.TakeOver _ ->
          Optional.empty();
    };
  }

  /** What a trial of somebody else must not be, for its runs to mean anything. */
  private static Optional<Refusal> unsound(Trial trial) {
    return overlap(trial.plan().classes())
        .or(() -> trial.runs().stream().flatMap(run -> unsound(trial, run).stream()).findFirst());
  }

  private static Optional<Refusal> unsound(Trial trial, TrialRun run) {
    return run.contender() < trial.plan().contenders().size()
        ? overlap(run.spikes().stream().map(Spike::cut).toList())
            .or(() -> notPutIn(trial, run, run.found()))
        : Optional.of(Refusal.of(TrialReason.NO_SUCH_CONTENDER));
  }

  private static Optional<Refusal> named(String name) {
    return name.isBlank()
        ? Optional.of(Refusal.of(TrialReason.TRIAL_WITHOUT_NAME))
        : Optional.empty();
  }

  private static Optional<Refusal> overlap(List<Cut> classes) {
    for (int i = 0; i < classes.size(); i++) {
      for (Cut other : classes.subList(i + 1, classes.size())) {
        if (classes.get(i).overlaps(other)) {
          return Optional.of(
              Refusal.of(
                  TrialReason.CLASSES_OVERLAP,
                  new Told.Words(classes.get(i).notation()),
                  new Told.Words(other.notation())));
        }
      }
    }
    return Optional.empty();
  }

  /** A blank run has the classes of the plan, another those of its spike. */
  private static Optional<Refusal> notPutIn(Trial trial, TrialRun run, List<Found> found) {
    List<Cut> there = trial.classes(run);
    return found.stream()
        .map(Found::cut)
        .filter(cut -> there.stream().noneMatch(cut::isSameSizes))
        .findFirst()
        .map(cut -> Refusal.of(TrialReason.CLASS_NOT_IN_SPIKE, new Told.Words(cut.notation())));
  }

  private static Optional<Refusal> strike(Optional<TrialRun> run, String reason) {
    if (run.isEmpty()) {
      return Optional.of(Refusal.of(TrialReason.NO_SUCH_RUN));
    }
    if (!run.get().isLive()) {
      return Optional.of(Refusal.of(TrialReason.RUN_STRUCK_ALREADY));
    }
    return reason.isBlank()
        ? Optional.of(Refusal.of(TrialReason.STRIKE_WITHOUT_REASON))
        : Optional.empty();
  }

  @Override
  public Trial replay(Optional<Trial> before, TrialEdit edit, Instant at) {
    return switch (edit) {
      case TrialEdit.Begin(TrialId id, String name, TrialPlan plan) ->
          new Trial(id, name.strip(), Optional.empty(), plan, List.of(), List.of(), false);
      case TrialEdit.TakeOver(Trial whole) -> whole;
      default -> replay(before.orElseThrow(), edit, at);
    };
  }

  private static Trial replay(Trial trial, TrialEdit edit, Instant at) {
    return switch (edit) {
      case TrialEdit.Rename(String name) ->
          with(trial, name.strip(), trial.plan(), trial.runs(), trial.notes(), trial.closed());
      case TrialEdit.Replan(TrialPlan plan) ->
          with(trial, trial.name(), plan, trial.runs(), trial.notes(), trial.closed());
      case TrialEdit.Run(int contender, double sandG, List<Spike> spikes, var of) ->
          withRuns(
              trial,
              Stream.concat(
                      trial.runs().stream(),
                      Stream.of(
                          new TrialRun(
                              trial.nextRun(),
                              contender,
                              sandG,
                              spikes,
                              List.of(),
                              of,
                              at,
                              Optional.empty())))
                  .toList());
      case TrialEdit.Find(int run, List<Found> found) ->
          changed(trial, run, one -> one.with(found));
      case TrialEdit.StrikeRun(int run, String reason) ->
          changed(trial, run, one -> one.struck(new Struck(at, reason.strip())));
      case TrialEdit.AddNote(String text) ->
          with(
              trial,
              trial.name(),
              trial.plan(),
              trial.runs(),
              Stream.concat(trial.notes().stream(), Stream.of(new Note(at, text))).toList(),
              trial.closed());
      case TrialEdit.Close(boolean closed) ->
          with(trial, trial.name(), trial.plan(), trial.runs(), trial.notes(), closed);
      case TrialEdit.Begin _, TrialEdit.TakeOver _ ->
          throw new IllegalArgumentException("begins a trial");
    };
  }

  private static Trial changed(Trial trial, int number, UnaryOperator<TrialRun> change) {
    return withRuns(
        trial,
        trial.runs().stream()
            .map(run -> run.number() == number ? change.apply(run) : run)
            .toList());
  }

  private static Trial withRuns(Trial trial, List<TrialRun> runs) {
    return with(trial, trial.name(), trial.plan(), runs, trial.notes(), trial.closed());
  }

  private static Trial with(
      Trial trial,
      String name,
      TrialPlan plan,
      List<TrialRun> runs,
      List<Note> notes,
      boolean closed) {
    return new Trial(trial.id(), name, trial.from(), plan, runs, notes, closed);
  }

  /**
   * Two benches may add runs and notes beside each other as long as the plan stands; what is said
   * of one run says the same while that run is as it was.
   */
  @Override
  public boolean saysTheSame(Optional<Trial> seen, Optional<Trial> now, List<TrialEdit> edits) {
    if (seen.isEmpty() || now.isEmpty()) {
      return seen.equals(now);
    }
    return edits.stream().allMatch(edit -> saysTheSame(seen.get(), now.get(), edit));
  }

  private static boolean saysTheSame(Trial seen, Trial now, TrialEdit edit) {
    return switch (edit) {
      case TrialEdit.Run _ -> seen.plan().equals(now.plan());
      case TrialEdit.AddNote _ -> true;
      case TrialEdit.Rename _ -> seen.name().equals(now.name());
      case TrialEdit.Replan _ -> seen.plan().equals(now.plan());
      case TrialEdit.Close _ -> seen.equals(now);
      case TrialEdit.Find(int run, var _) -> seen.run(run).equals(now.run(run));
      case TrialEdit.StrikeRun(int run, var _) -> seen.run(run).equals(now.run(run));
      case TrialEdit.Begin _, TrialEdit.TakeOver _ -> false;
    };
  }

  @Override
  public TrialEdit whole(Trial trial) {
    return new TrialEdit.TakeOver(trial);
  }
}
