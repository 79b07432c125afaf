package jugulum.core.mass;

import java.util.List;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;

/**
 * How the sand of one step adds up.
 *
 * @param step the step
 * @param inG the dry sand put in, in grams
 * @param outG the dry sand found, in grams, as far as it was measured
 * @param tolerance how far it may differ, as a share of what went in
 * @param state the verdict
 * @param notWeighed the lots without a measured mass
 */
public record StepClosure(
    StepId step, double inG, double outG, double tolerance, State state, List<LotId> notWeighed) {
  /** The verdict on a step's sand. */
  public enum State {
    /** Inside the tolerance. */
    CLOSES,
    SHORT,
    OVER,
    /** Not every lot was measured: nothing can be said yet. */
    NOT_ALL_WEIGHED,
    /** A step that takes nothing in. */
    NOTHING_TO_CLOSE
  }

  /** Sand found ÷ sand put in; NaN where nothing was put in. */
  public double ratio() {
    return outG / inG;
  }

  /** Sand found less sand put in, in grams: negative for a loss. */
  public double differenceG() {
    return outG - inG;
  }
}
