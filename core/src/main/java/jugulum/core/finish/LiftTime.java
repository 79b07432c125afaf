package jugulum.core.finish;

import java.util.List;
import jugulum.core.ledger.FinishFact;

/**
 * How long the last lift of a bowl is: one second more where sand stayed and the catch was clean,
 * one less from then on where a speck went over. Common practice: 3 to 8 s.
 */
public final class LiftTime {
  /** Where one begins, in seconds: common practice. */
  public static final double FIRST = 3;

  private static final double SHORTEST = 1;
  private static final double STEP = 1;

  private LiftTime() {}

  /**
   * The next one, in seconds, after those before, in order.
   *
   * @param lifts of bowls with sand of that cut
   */
  public static double after(List<FinishFact.Lift> lifts) {
    double next = FIRST;
    double most = Double.POSITIVE_INFINITY;
    for (FinishFact.Lift lift : lifts) {
      switch (lift.saw()) {
        case CLEAN -> next = lift.seconds();
        case SAND_LEFT -> next = lift.seconds() + STEP;
        case SPECK -> {
          most = Math.min(most, lift.seconds() - STEP);
          next = lift.seconds() - STEP;
        }
      }
      next = Math.max(SHORTEST, Math.min(next, most));
    }
    return next;
  }
}
