package jugulum.core.specks;

import jugulum.core.check.Check;

/**
 * The mean mass of a speck of gold between two screens; with one screen or none: {@link
 * SpeckSizes}.
 *
 * <p>A grain of sieve size d has the volume (π/6)·CSF·d³. With sizes log-uniform between the
 * screens d1 and d2 its mean mass is (π/6)·CSF·ρ·(d2³ − d1³)/(3 ln(d2/d1)). Derived from that
 * assumption; order of magnitude against A. Wells, BLM Technical Bulletin 4 (1969), from memory.
 */
public final class SpeckMass {
  /** The lowest Corey shape factor accepted; thinner flakes are not measured on a bench. */
  public static final double FLATTEST = 0.05;

  /**
   * The flatness of gold of one place is told to about a factor of 1.5 either way, nine in ten: an
   * assumption of ours until grains are measured. This is the standard deviation of its logarithm,
   * and so of the mass of every speck of a batch alike.
   *
   * <p>Off by a half: every range of gold by counted specks, nearly in proportion.
   */
  public static final double FLATNESS_LOG_SD = StrictMath.log(1.5) / 1.645;

  /**
   * The finest speck one sees with a loupe, in mm: an assumption of ours until a shop says
   * otherwise. People win gold of 0.03 to 0.05 mm so.
   *
   * <p>Off by a half: the weight of specks of cuts without a lower screen, up to fourfold.
   */
  public static final double USUAL_FINEST_SEEN_MM = 0.05;

  /** Gold this coarse is seen and picked by eye, in mm: common practice, No. 18 and up. */
  public static final double PICKED_FROM_MM = 1.0;

  private SpeckMass() {}

  /**
   * The mean mass of one speck, in milligrams.
   *
   * @param upperMm the upper screen d2, in millimetres, from 0.001 to 200
   * @param lowerMm the lower screen d1, in millimetres, above 0 and below d2
   * @param flatness the Corey shape factor, from {@link #FLATTEST} to 1
   * @param densityMgPerMm3 the density of the gold, in mg/mm³ (which is g/cm³), from 10 to 20
   * @throws jugulum.core.check.OutOfRange for a value outside its range
   */
  public static double meanMg(
      double upperMm, double lowerMm, double flatness, double densityMgPerMm3) {
    Check.inRange("upperMm", upperMm, 0.001, 200);
    Check.inRange("lowerMm", lowerMm, 1e-6, Math.nextDown(upperMm));
    Check.inRange("flatness", flatness, FLATTEST, 1);
    Check.inRange("densityMgPerMm3", densityMgPerMm3, 10, 20);
    double cubes = StrictMath.pow(upperMm, 3) - StrictMath.pow(lowerMm, 3);
    return Math.PI
        / 6
        * flatness
        * densityMgPerMm3
        * cubes
        / (3 * StrictMath.log(upperMm / lowerMm));
  }

  /**
   * How much the masses of single specks differ: variance over the square of the mean, 0 or more.
   * With sizes log-uniform over the ratio r of its screens it is 3 ln r (r³ + 1)/(2 (r³ − 1)) − 1,
   * from the same assumption as the mean.
   *
   * @param upperMm the upper screen, in mm
   * @param lowerMm the lower screen, in mm, above 0 and below the upper one
   */
  public static double relativeVariance(double upperMm, double lowerMm) {
    double cube = StrictMath.pow(upperMm / lowerMm, 3);
    return Math.max(0, StrictMath.log(cube) * (cube + 1) / (2 * (cube - 1)) - 1);
  }
}
