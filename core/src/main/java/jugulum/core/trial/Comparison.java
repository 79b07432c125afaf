package jugulum.core.trial;

/**
 * Which of two machines wins more of one size.
 *
 * @param difference first less second, with its 95 % range
 * @param verdict what that says
 * @param more so many more specks in each spike would settle it if it goes on like this; 0 where it
 *     is settled, {@link #NEVER} where not even {@link #MOST} would
 */
public record Comparison(ShareDifference difference, Verdict verdict, int more) {
  /** Machines whose shares surely differ by less are alike: nobody changes a machine for that. */
  public static final double ALIKE_WITHIN = 0.05;

  /** Nobody counts out more specks than that. */
  public static final int MOST = 20_000;

  /** Not settled by any number of specks one could count. */
  public static final int NEVER = -1;

  private static final double CONFIDENCE = 0.95;

  /** What a comparison says. */
  public enum Verdict {
    FIRST,
    SECOND,
    ALIKE,
    NOT_SETTLED
  }

  /** Compares; parameters as {@link ShareDifference#of}. */
  public static Comparison of(int found1, int all1, int found2, int all2) {
    ShareDifference difference = ShareDifference.of(found1, all1, found2, all2, CONFIDENCE);
    Verdict verdict = verdict(difference);
    return new Comparison(
        difference, verdict, verdict == Verdict.NOT_SETTLED ? more(found1, all1, found2, all2) : 0);
  }

  private static Verdict verdict(ShareDifference difference) {
    if (difference.low() > 0) {
      return Verdict.FIRST;
    }
    if (difference.high() < 0) {
      return Verdict.SECOND;
    }
    return difference.low() > -ALIKE_WITHIN && difference.high() < ALIKE_WITHIN
        ? Verdict.ALIKE
        : Verdict.NOT_SETTLED;
  }

  /** The fewest more, in each spike, with which the same shares would settle it. */
  private static int more(int found1, int all1, int found2, int all2) {
    return isSettled(found1, all1, found2, all2, MOST)
        ? Halving.first(0, MOST, more -> isSettled(found1, all1, found2, all2, more))
        : NEVER;
  }

  private static boolean isSettled(int found1, int all1, int found2, int all2, int more) {
    int one = all1 + more;
    int two = all2 + more;
    int first = (int) Math.round((double) found1 / all1 * one);
    int second = (int) Math.round((double) found2 / all2 * two);
    return verdict(ShareDifference.of(first, one, second, two, CONFIDENCE)) != Verdict.NOT_SETTLED;
  }
}
