package jugulum.core.specks;

import jugulum.core.check.Check;
import jugulum.core.screens.Cut;

/**
 * The mass of one speck of gold of some sizes.
 *
 * @param meanMg the mean, in milligrams, above 0
 * @param variance how much single specks differ, as variance over the square of the mean, 0 or more
 * @param logSd how far the mean itself is in doubt, as a standard deviation of its logarithm, 0 or
 *     more
 * @param shared whether that doubt is the flatness of the batch's gold, the same for all its
 *     specks, and not one of these specks alone
 */
public record Speck(double meanMg, double variance, double logSd, boolean shared) {
  /** Checks every value against its range. */
  public Speck {
    Check.inRange("meanMg", meanMg, Double.MIN_NORMAL, 1e9);
    Check.inRange("variance", variance, 0, 1e3);
    Check.inRange("logSd", logSd, 0, 5);
  }

  /** Specks of a cut as flat as is assumed, the flatness in doubt as far as is usual. */
  public static Speck of(Cut cut, double flatness, double densityMgPerMm3) {
    return of(cut, 0, flatness, SpeckMass.FLATNESS_LOG_SD, densityMgPerMm3);
  }

  /**
   * Specks of a cut that are not finer than one sees.
   *
   * @param finestMm the finest that are meant, in mm, below the cut's upper screen; 0 for all
   * @param flatness the Corey shape factor, from {@link SpeckMass#FLATTEST} to 1
   * @param logSd how far that is in doubt, as a standard deviation of its logarithm
   * @param densityMgPerMm3 the density of the gold, in mg/mm³, from 10 to 20
   */
  public static Speck of(
      Cut cut, double finestMm, double flatness, double logSd, double densityMgPerMm3) {
    return new Speck(
        SpeckMass.meanMg(cut, finestMm, flatness, densityMgPerMm3),
        SpeckMass.relativeVariance(cut, finestMm),
        logSd,
        true);
  }

  /**
   * The mean mass of a milligram's speck: heavy specks count by their mass. It decides how a small
   * sample scatters.
   */
  public double massWeightedMg() {
    return meanMg * (1 + variance);
  }
}
