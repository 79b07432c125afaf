package jugulum.core.simulated;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.BooleanSupplier;

/**
 * Counts how often a range holds its truth, until it is known whether it does so in 95 of 100.
 *
 * <p>Two sequential tests of a share run side by side, 0.95 against 0.92 and 0.95 against 0.98: A.
 * Wald, Ann. Math. Stat. 16 (1945) 117–186, with three hypotheses as M. Sobel and A. Wald, Ann.
 * Math. Stat. 20 (1949) 502–522. Either goes wrong in one of ten thousand. A count ends early only
 * where both speak for 0.95; one that looks bad, or is not decided, goes on to the full count and
 * is judged by its plain share, which has to lie between the two. {@link #THOROUGH} counts are
 * always full.
 */
public final class Coverage {
  /** Whether nobody waits: every count is full. */
  public static final boolean THOROUGH = Boolean.getBoolean("jugulum.thorough");

  private static final double CLAIMED = 0.95;
  private static final double TOO_LOW = 0.92;
  static final double TOO_HIGH = 0.98;
  private static final double ERROR = 1e-4;

  /** Wald's bounds, equal to either side since both errors are. */
  private static final double BOUND = Math.log((1 - ERROR) / ERROR);

  private final String what;
  private final int full;
  private final double most;
  private final boolean isThorough;
  private int all;
  private int held;

  /** As always, or to the full count though it may be known before. */
  Coverage(String what, int full, double most, boolean isThorough) {
    this.what = what;
    this.full = full;
    this.most = most;
    this.isThorough = isThorough;
  }

  /** Of a range that holds neither less nor more than it says. */
  public static Coverage of(String what, int full) {
    return new Coverage(what, full, TOO_HIGH, THOROUGH);
  }

  /**
   * Of a range that may err to the wide side.
   *
   * @param most the share of truths it may hold at most, 1 where any will do
   */
  public static Coverage upTo(double most, String what, int full) {
    return new Coverage(what, full, most, THOROUGH);
  }

  /** Asks as often as it takes, and says whether that was as often as it has to be. */
  public static void holds(String what, int full, BooleanSupplier isHeld) {
    of(what, full).asking(isHeld);
  }

  /** The same, of this range. */
  public void asking(BooleanSupplier isHeld) {
    while (isOpen()) {
      note(isHeld.getAsBoolean());
    }
    System.out.println(this);
    mustHold();
  }

  /** One truth more: whether it was in its range. */
  public void note(boolean isHeld) {
    all++;
    held += isHeld ? 1 : 0;
  }

  /** Whether more truths have to be asked for. */
  public boolean isOpen() {
    if (all >= full) {
      return false;
    }
    return isThorough
        || against(TOO_LOW) > -BOUND
        || most <= TOO_HIGH && against(TOO_HIGH) > -BOUND;
  }

  /** By how much, as a logarithm of odds, the other share explains the count better than ours. */
  private double against(double other) {
    return held * Math.log(other / CLAIMED) + (all - held) * Math.log((1 - other) / (1 - CLAIMED));
  }

  @Override
  public String toString() {
    return "%s: held in %.1f %% of %d".formatted(what, 100.0 * held / all, all);
  }

  /** Says what was counted, and that it is as it has to be. */
  public void mustHold() {
    double share = (double) held / all;
    assertThat(share).as(what).isBetween(TOO_LOW, most);
  }
}
