package jugulum.core.trial;

/** Shares as logits, and back. */
public final class Logit {
  private Logit() {}

  /**
   * The logit of a share.
   *
   * @param share 0 to 1
   * @param edge no share is taken closer to none or all than that, above 0 to 0.5
   */
  public static double of(double share, double edge) {
    double inside = Math.clamp(share, edge, 1 - edge);
    return Math.log(inside / (1 - inside));
  }

  /** The share of a logit, 0 to 1. */
  public static double share(double logit) {
    return 1 / (1 + Math.exp(-logit));
  }
}
