package jugulum.core.trial;

import java.util.List;
import java.util.Optional;

/**
 * The only ways a trial changes. Each is a sentence of its journal; {@link TrialFold} carries it
 * out.
 */
public sealed interface TrialEdit {
  /** A trial is begun. */
  record Begin(TrialId id, String name, TrialPlan plan) implements TrialEdit {}

  /** A trial is taken over whole, from a file or a rescue. */
  record TakeOver(Trial trial) implements TrialEdit {}

  /** It is called otherwise. */
  record Rename(String name) implements TrialEdit {}

  /** It is planned otherwise; what was done stays. */
  record Replan(TrialPlan plan) implements TrialEdit {}

  /**
   * A run is begun.
   *
   * @param contender which, from 0
   * @param sandG its sand, in grams
   * @param spikes what is put in; empty for a blank run
   * @param of the run of a batch it is as well
   */
  record Run(int contender, double sandG, List<Spike> spikes, Optional<RunOf> of)
      implements TrialEdit {
    /** Keeps its own copy. */
    public Run {
      spikes = List.copyOf(spikes);
    }

    /** Of sand of no batch. */
    public Run(int contender, double sandG, List<Spike> spikes) {
      this(contender, sandG, spikes, Optional.empty());
    }
  }

  /** What was found again of a run, in place of what was told before. */
  record Find(int run, List<Found> found) implements TrialEdit {
    /** Keeps its own copy. */
    public Find {
      found = List.copyOf(found);
    }
  }

  /** A run does not count. */
  record StrikeRun(int run, String reason) implements TrialEdit {}

  /** Something is written beside it. */
  record AddNote(String text) implements TrialEdit {}

  /** It is over, or goes on. */
  record Close(boolean closed) implements TrialEdit {}
}
