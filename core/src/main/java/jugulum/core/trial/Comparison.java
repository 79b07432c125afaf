package jugulum.core.trial;

/**
 * Which of two machines wins more of one size.
 *
 * @param difference first less second, with its range: 95 %, of several pairs for all together
 * @param verdict what that says
 * @param more so many more specks for each would settle it, in runs like these, if it goes on like
 *     this; 0 where it is settled, {@link #NEVER} where not even {@link #MOST} would
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

  /** Compares two that differ by nothing but their specks; parameters as ShareDifference.of. */
  public static Comparison of(int found1, int all1, int found2, int all2) {
    return of(found1, all1, found2, all2, RunScatter.NONE, CONFIDENCE);
  }

  /**
   * Compares; parameters as {@link ShareDifference#of(int, int, int, int, RunScatter, double)}.
   *
   * @param confidence above 0.95 where several are compared and none may be called better by chance
   */
  static Comparison of(
      int found1, int all1, int found2, int all2, RunScatter scatter, double confidence) {
    ShareDifference difference =
        ShareDifference.of(found1, all1, found2, all2, scatter, confidence);
    Verdict verdict = verdict(difference);
    return new Comparison(
        difference,
        verdict,
        verdict == Verdict.NOT_SETTLED
            ? new More(found1, all1, found2, all2, scatter, confidence).more()
            : 0);
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

  /** What would settle it, in runs like those there were. */
  private record More(
      int found1, int all1, int found2, int all2, RunScatter scatter, double confidence) {
    /** The fewest more for each with which the same shares would settle it. */
    int more() {
      return isSettled(MOST) ? Halving.first(0, MOST, this::isSettled) : NEVER;
    }

    private boolean isSettled(int more) {
      int one = all1 + more;
      int two = all2 + more;
      int first = (int) Math.round((double) found1 / all1 * one);
      int second = (int) Math.round((double) found2 / all2 * two);
      return verdict(ShareDifference.of(first, one, second, two, scatter, confidence))
          != Verdict.NOT_SETTLED;
    }
  }
}
