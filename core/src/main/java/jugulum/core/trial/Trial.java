package jugulum.core.trial;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Note;
import jugulum.core.screens.Cut;

/**
 * A trial as recorded.
 *
 * @param id its own, the same wherever it is read in
 * @param name what it is called
 * @param from whose it is, where it was read in from somebody else; empty for one's own
 * @param plan what it was to be
 * @param runs what was done, in order
 * @param notes what was written beside it
 * @param closed whether it is over
 */
public record Trial(
    TrialId id,
    String name,
    Optional<String> from,
    TrialPlan plan,
    List<TrialRun> runs,
    List<Note> notes,
    boolean closed) {
  /** Keeps its own copies. */
  public Trial {
    runs = List.copyOf(runs);
    notes = List.copyOf(notes);
  }

  /** The number of the next run. */
  public int nextRun() {
    return runs.size() + 1;
  }

  /** Whose turn it is by the order that was drawn; empty once all had theirs. */
  public Optional<Integer> nextContender() {
    long done = runs.stream().filter(run -> run.isLive() && !run.isBlank()).count();
    return done < plan.order().size()
        ? Optional.of(plan.order().get((int) done))
        : Optional.empty();
  }

  /** What is to be done next. */
  public Turn turn() {
    return runs.stream()
        .filter(run -> run.isLive() && !run.isDone())
        .findFirst()
        .<Turn>map(Turn.Look::new)
        .or(() -> nextContender().map(contender -> new Turn.Run(contender, nextRun())))
        .orElseGet(Turn.Over::new);
  }

  /** The size classes of a run: those of its spike, of a blank run those of the plan. */
  public List<Cut> classes(TrialRun run) {
    return run.isBlank() ? plan.classes() : run.spikes().stream().map(Spike::cut).toList();
  }

  /** The contender of a run. */
  public Contender contender(TrialRun run) {
    return plan.contenders().get(run.contender());
  }

  /** The same as theirs, whose it is said to be; where that is said already it stays. */
  public Trial signed(String whose) {
    return new Trial(id, name, Optional.of(from.orElse(whose)), plan, runs, notes, closed);
  }

  /** The run of a number. */
  public Optional<TrialRun> run(int number) {
    return runs.stream().filter(run -> run.number() == number).findFirst();
  }
}
