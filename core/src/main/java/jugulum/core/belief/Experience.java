package jugulum.core.belief;

import java.util.List;
import jugulum.core.ledger.Machine;
import jugulum.core.runs.PastRun;
import jugulum.core.trial.TriedRun;

/**
 * All that a shop has seen: what its machines win, and what is in its lots.
 *
 * @param runs of every batch; one that was spiked has what came back of it
 * @param tried runs of trials that are of no batch
 * @param lots of every batch that were looked at
 */
public record Experience(List<PastRun> runs, List<TriedRun> tried, List<SeenLot> lots) {
  /** Nothing yet. */
  public static final Experience NONE = new Experience(List.of(), List.of(), List.of());

  /** Keeps its own copies. */
  public Experience {
    runs = List.copyOf(runs);
    tried = List.copyOf(tried);
    lots = List.copyOf(lots);
  }

  /** Of machines alone. */
  public Experience(List<PastRun> runs, List<TriedRun> tried) {
    this(runs, tried, List.of());
  }

  /** Runs of batches alone. */
  public static Experience of(List<PastRun> runs) {
    return new Experience(runs, List.of());
  }

  /** What of it is of one machine. */
  public Experience of(Machine machine) {
    return new Experience(
        runs.stream().filter(run -> run.machine().equals(machine)).toList(),
        tried.stream().filter(run -> run.machine().equals(machine)).toList(),
        List.of());
  }
}
