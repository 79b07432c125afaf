package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import jugulum.core.screens.Cut;

/**
 * The only ways a batch changes. Each is a sentence of the journal; {@link Ledger} carries it out.
 */
public sealed interface Edit {
  /**
   * A batch begins: one feed lot, received.
   *
   * @param id the new batch
   * @param label what is written on the bucket
   * @param assumptions what is taken as given
   */
  record StartBatch(BatchId id, Label label, Assumptions assumptions) implements Edit {}

  /**
   * A batch comes whole from a file.
   *
   * @param batch as it was read and checked
   */
  record Adopt(Batch batch) implements Edit {}

  /** The writing on the bucket changes. */
  record Relabel(Label label) implements Edit {}

  /** What is taken as given changes. */
  record Assume(Assumptions assumptions) implements Edit {}

  /**
   * A lot to be made.
   *
   * @param material what it holds
   * @param cut its sizes
   * @param name what is written on it, may be empty
   */
  record NewLot(Material material, Cut cut, String name) {}

  /**
   * Work begins: lots are taken and lots are made.
   *
   * @param process what is done
   * @param inputs the lots taken
   * @param outputs the lots made
   */
  record TakeStep(Process process, List<LotId> inputs, List<NewLot> outputs) implements Edit {
    /** Keeps its own copies of the lists. */
    public TakeStep {
      inputs = List.copyOf(inputs);
      outputs = List.copyOf(outputs);
    }
  }

  /** A step turns out to make one more lot. */
  record AddOutput(StepId step, NewLot output) implements Edit {}

  /** Something is read on a lot. */
  record RecordOnLot(LotId lot, Measure measure) implements Edit {}

  /** Something is read on a step. */
  record RecordOnStep(StepId step, Measure measure) implements Edit {}

  /**
   * Something forgotten is read on a step, in its place among the others.
   *
   * @param step the step
   * @param before the reading it came before
   * @param measure what was read
   */
  record InsertOnStep(StepId step, ReadingId before, Measure measure) implements Edit {}

  /** A reading was wrong; this is the right one. */
  record Correct(ReadingId reading, Measure measure, String reason) implements Edit {}

  /** A reading was wrong and nothing replaces it. */
  record Strike(ReadingId reading, String reason) implements Edit {}

  /**
   * A reading is doubted: it stays and does not count; or it is trusted again.
   *
   * @param reading which
   * @param doubted whether it is doubted from now on
   * @param reason why
   */
  record Doubt(ReadingId reading, boolean doubted, String reason) implements Edit {}

  /** A remark on a step. */
  record AddNote(StepId step, String text) implements Edit {}

  /** A step is done, or goes on after all. */
  record FinishStep(StepId step, boolean done) implements Edit {}

  /** A step was taken by mistake; its lots were not used. */
  record WithdrawStep(StepId step, String reason) implements Edit {}

  /**
   * The batch is to go another way.
   *
   * @param route which; empty for none
   */
  record FollowRoute(Optional<Route> route) implements Edit {}

  /** The batch is done, or is opened again. */
  record CloseBatch(boolean closed) implements Edit {}
}
