package jugulum.core.specks;

import jugulum.core.check.Check;
import jugulum.core.screens.Cut;

/**
 * The mean mass of a speck of gold in a cut.
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

  /** Where a cut has no lower screen its specks are taken down to this part of the upper one. */
  private static final double OPEN_END = 0.5;

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
   * The mean mass of one speck of a cut, in milligrams. An open end is closed at half (or twice)
   * the other screen; sand that no screen has seen is taken as −30 +60 mesh, 0.25 to 0.60 mm, since
   * most of the gold concerned is finer than 30 mesh.
   *
   * @param cut the cut
   * @param flatness the Corey shape factor, from {@link #FLATTEST} to 1
   * @param densityMgPerMm3 the density of the gold, in mg/mm³, from 10 to 20
   */
  public static double meanMg(Cut cut, double flatness, double densityMgPerMm3) {
    return meanMg(cut, 0, flatness, densityMgPerMm3);
  }

  /**
   * The mean mass of those specks of a cut one can see, in milligrams.
   *
   * @param finestMm the finest one sees, in mm, below the cut's upper screen; 0 for all
   */
  static double meanMg(Cut cut, double finestMm, double flatness, double densityMgPerMm3) {
    Ends ends = Ends.of(cut, finestMm);
    return meanMg(ends.upperMm(), ends.lowerMm(), flatness, densityMgPerMm3);
  }

  /**
   * How much the masses of single specks of a cut differ: variance over the square of the mean, 0
   * or more. With sizes log-uniform over the ratio r of its screens it is 3 ln r (r³ + 1)/(2 (r³ −
   * 1)) − 1, from the same assumption as the mean.
   */
  public static double relativeVariance(Cut cut) {
    return relativeVariance(cut, 0);
  }

  static double relativeVariance(Cut cut, double finestMm) {
    Ends ends = Ends.of(cut, finestMm);
    double cube = StrictMath.pow(ends.upperMm() / ends.lowerMm(), 3);
    return Math.max(0, StrictMath.log(cube) * (cube + 1) / (2 * (cube - 1)) - 1);
  }

  private record Ends(double upperMm, double lowerMm) {
    static Ends of(Cut cut, double finestMm) {
      if (cut.isAll()) {
        return new Ends(0.60, Math.max(0.25, finestMm));
      }
      double lower = cut.retained().isPresent() ? cut.lowerMm() : cut.upperMm() * OPEN_END;
      double upper = cut.passing().isPresent() ? cut.upperMm() : cut.lowerMm() / OPEN_END;
      return new Ends(upper, Math.max(lower, finestMm));
    }
  }
}
