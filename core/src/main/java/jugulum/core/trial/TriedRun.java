package jugulum.core.trial;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine;
import jugulum.core.screens.Cut;
import jugulum.core.trial.TrialPlan.Stuff;

/**
 * What one run of a trial tells of its machine at one size class.
 *
 * @param machine which
 * @param cut the size class
 * @param settings how its dials were set, by their names
 * @param back what came back of the spike, the sand's own gold taken off
 * @param stuff what was put in
 * @param from whose trial it is; empty for one's own
 * @param of the run of a batch it is as well
 */
public record TriedRun(
    Machine machine,
    Cut cut,
    Map<String, Double> settings,
    SpikeBack back,
    Stuff stuff,
    Optional<String> from,
    Optional<RunOf> of) {
  /** Keeps its own copy. */
  public TriedRun {
    settings = Map.copyOf(settings);
  }

  /** The runs of a trial that are done, a size class each. */
  public static List<TriedRun> of(Trial trial) {
    return trial.runs().stream().flatMap(run -> of(trial, run)).toList();
  }

  private static Stream<TriedRun> of(Trial trial, TrialRun run) {
    return trial.classes(run).stream()
        .flatMap(cut -> TrialLine.of(trial, run, cut).stream())
        .map(
            line ->
                new TriedRun(
                    trial.contender(run).machine(),
                    line.cut(),
                    trial.contender(run).settings(),
                    line.net(),
                    trial.plan().stuff(),
                    trial.from(),
                    run.of()));
  }

  /** Whether it may count in the record of one's own machine: gold, and not somebody else's. */
  public boolean isOwnGold() {
    return stuff == Stuff.GOLD && from.isEmpty();
  }

  /** As a result among others. */
  public RandomEffects.Result result() {
    return RandomEffects.Result.logit(Math.min(back.won(), back.in()), back.in());
  }
}
