package jugulum.practice.law;

/**
 * Water over a round lip, as a weir: Poleni, Q = 2/3 · 0.6 · 2πr √(2g) H^1.5.
 *
 * @param radiusM of the lip, in m
 */
public record RoundWeir(double radiusM) {
  private static final double CONTRACTION = 0.6;

  private double perHead() {
    return 2.0 / 3 * CONTRACTION * 2 * Math.PI * radiusM * Math.sqrt(2 * Film.G);
  }

  /**
   * What runs over.
   *
   * @param headM the water over the lip, in m; none below it
   * @return in m³/s
   */
  public double flowM3S(double headM) {
    double head = Math.max(0, headM);
    return perHead() * head * Math.sqrt(head);
  }

  /**
   * How deep water stands on the lip while so much runs over.
   *
   * @param flowM3S in m³/s, from 0
   * @return in m
   */
  public double headM(double flowM3S) {
    double root = StrictMath.cbrt(flowM3S / perHead());
    return root * root;
  }
}
