package jugulum.core.runs;

import java.util.List;
import jugulum.core.ledger.Machine;
import jugulum.core.trial.TriedRun;

/**
 * All that is known of what the shop's machines win: their runs in batches, and runs of trials.
 *
 * @param runs of every batch; one that was spiked has what came back of it
 * @param tried runs of trials that are of no batch
 */
public record Evidence(List<PastRun> runs, List<TriedRun> tried) {
  /** Nothing yet. */
  public static final Evidence NONE = new Evidence(List.of(), List.of());

  /** Keeps its own copies. */
  public Evidence {
    runs = List.copyOf(runs);
    tried = List.copyOf(tried);
  }

  /** Runs of batches alone. */
  public static Evidence of(List<PastRun> runs) {
    return new Evidence(runs, List.of());
  }

  /** What of it is of one machine. */
  public Evidence of(Machine machine) {
    return new Evidence(
        runs.stream().filter(run -> run.machine().equals(machine)).toList(),
        tried.stream().filter(run -> run.machine().equals(machine)).toList());
  }
}
