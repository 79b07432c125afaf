package jugulum.desk.board;

import java.util.List;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;

/** A place on the board one can walk to and open. */
public sealed interface Station {
  /** Where it is. */
  Cell cell();

  /**
   * Work done, or being done, on one cut: all steps of one kind, reruns included.
   *
   * @param cell where
   * @param steps the steps, in order
   */
  record Work(Cell cell, List<StepId> steps) implements Station {}

  /**
   * A lot that waits for its next step.
   *
   * @param cell where its next step would usually be
   * @param lot the lot
   */
  record Waiting(Cell cell, LotId lot) implements Station {}
}
