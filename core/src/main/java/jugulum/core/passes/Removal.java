package jugulum.core.passes;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * How many specks a heap held before its passes, from what each pass caught.
 *
 * <p>Textbook: every pass catches the same share p of what is left. With catches y1..yk, their sum
 * T and X = Σ(k−i)·yi the likelihood of N specks is ln L(N) = lnΓ(N+1) − lnΓ(N−T+1) + T ln p +
 * (kN−X−T) ln(1−p) at p = T/(kN−X). Source: P. A. P. Moran, Biometrika 38 (1951) 307–311; C.
 * Zippin, Biometrics 12 (1956) 163–189 and Journal of Wildlife Management 22 (1958) 82–90. Used:
 * specks are not alike, so each has its own p, beta-distributed: one that stayed in j passes is
 * caught by the next with μ/(1 + j g) (the beta-geometric law: C. R. Weinberg and B. C. Gladen,
 * Biometrics 42 (1986) 547–560, from memory). μ is the likeliest for each N, g counts with an
 * exponential weight beforehand, g = 0 being the textbook's case. Why: those that go easily go
 * first, and what is left is more than equal shares let expect. The likelihood is maximised over
 * real N ≥ T; the range is that of the profile likelihood, chi-square with one degree of freedom.
 * Catches that were weighed count in mean specks and need not be whole: the factorials are gamma
 * functions.
 *
 * @param state what the passes can tell
 * @param caught T, the specks caught in all
 * @param estimate N, the specks there were before the first pass; empty where the passes cannot
 *     tell
 * @param share p, the share of what was left that a pass caught so far, 0 to 1; empty where the
 *     passes cannot tell
 * @param nextCatch what one more pass would catch, in specks; empty where the passes cannot tell
 * @param low the low end of N's 95 % range, never below T
 * @param high the high end of N's 95 % range; empty where there is none
 */
public record Removal(
    State state,
    double caught,
    OptionalDouble estimate,
    OptionalDouble share,
    OptionalDouble nextCatch,
    double low,
    OptionalDouble high) {

  /** What a set of passes can tell. */
  public enum State {
    /** Fewer than two passes. */
    TOO_FEW_PASSES,
    /** No pass caught anything. */
    NOTHING_CAUGHT,
    /** The catches do not fall, or so little that the range has no upper end. */
    NOT_DECLINING,
    /** The catches fall. */
    DECLINING
  }

  /**
   * Estimates from the catches in order.
   *
   * @param catches specks caught in each pass, first pass first, each 0 to a thousand million
   * @throws jugulum.core.check.OutOfRange for a negative catch
   */
  public static Removal of(List<? extends Number> catches) {
    catches.forEach(caught -> Check.inRange("catch", caught.doubleValue(), 0, 1e9));
    double total = catches.stream().mapToDouble(Number::doubleValue).sum();
    if (catches.size() < 2) {
      return unknown(State.TOO_FEW_PASSES, total);
    }
    if (total == 0) {
      return unknown(State.NOTHING_CAUGHT, total);
    }
    return Likelihood.of(catches).maximum();
  }

  private static Removal unknown(State state, double total) {
    return new Removal(
        state,
        total,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        total,
        OptionalDouble.empty());
  }

  /** N − T, the specks probably still caught; empty where the passes cannot tell. */
  public OptionalDouble left() {
    return minusCaught(estimate);
  }

  /**
   * What one more pass would catch of what somebody else holds for left, in specks: the likeliest
   * number, which is often none, is no mean.
   *
   * @param held N − T as it is held elsewhere, 0 or more; empty for the likeliest
   * @return of the likeliest number where the catches do not fall, whatever is held; empty where
   *     the passes cannot tell
   */
  public OptionalDouble nextCatch(OptionalDouble held) {
    if (state != State.DECLINING || nextCatch.isEmpty() || held.isEmpty()) {
      return nextCatch;
    }
    double likeliest = left().orElse(0);
    double ofIt = likeliest > 0 ? nextCatch.getAsDouble() / likeliest : share.orElse(0);
    return OptionalDouble.of(held.getAsDouble() * Math.min(1, ofIt));
  }

  /** The low end of what is left, 0 or more. */
  public double leftLow() {
    return low - caught;
  }

  /** The high end of what is left; empty where there is none. */
  public OptionalDouble leftHigh() {
    return minusCaught(high);
  }

  private OptionalDouble minusCaught(OptionalDouble specks) {
    return specks.isPresent()
        ? OptionalDouble.of(specks.getAsDouble() - caught)
        : OptionalDouble.empty();
  }
}
