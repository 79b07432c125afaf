package jugulum.core.specks;

import java.util.Optional;
import jugulum.core.check.Check;
import jugulum.core.screens.Cut;

/**
 * The mass of one speck of gold of some sizes.
 *
 * @param meanMg the mean, in milligrams, above 0
 * @param variance how much single specks differ, as variance over the square of the mean, 0 to
 *     {@link #MOST_VARIANCE}
 * @param logSd how far the mean itself is in doubt, as a standard deviation of its logarithm, 0 or
 *     more
 * @param shared whether that doubt is the flatness of the batch's gold, the same for all its
 *     specks, and not one of these specks alone
 * @param open between which sizes the batch's {@link SpeckSizes} tell what they weigh, and are in
 *     doubt with it; empty where two screens or a balance tell it
 */
public record Speck(
    double meanMg, double variance, double logSd, boolean shared, Optional<Between> open) {
  /** Single specks that differ by more differ without end: one nugget is most of the gold. */
  public static final double MOST_VARIANCE = 1e3;

  /**
   * Specks of the oversize are no coarser than so many times its screen: an assumption of ours.
   *
   * <p>Off by a half: the weight of pieces of the oversize that were counted and not weighed.
   */
  static final double OVERSIZE = 2;

  /**
   * Sizes a screen bounds on one side at most.
   *
   * @param fromMm the finest, in mm, 0 or more
   * @param toMm the coarsest, in mm, above it; may be infinite
   */
  public record Between(double fromMm, double toMm) {
    /** Checks both sizes. */
    public Between {
      Check.inRange("fromMm", fromMm, 0, 200);
      if (!(toMm > fromMm)) {
        throw new IllegalArgumentException("no size lies between " + fromMm + " and " + toMm);
      }
    }
  }

  /** Checks every value against its range. */
  public Speck {
    Check.inRange("meanMg", meanMg, Double.MIN_NORMAL, 1e9);
    Check.inRange("variance", variance, 0, MOST_VARIANCE);
    Check.inRange("logSd", logSd, 0, 5);
  }

  /** A speck whose sizes two screens or a balance tell. */
  public Speck(double meanMg, double variance, double logSd, boolean shared) {
    this(meanMg, variance, logSd, shared, Optional.empty());
  }

  /** Specks of a cut as flat as is assumed, the flatness in doubt as far as is usual. */
  public static Speck of(Cut cut, double flatness, double densityMgPerMm3) {
    return of(
        cut,
        cut.isClosed() ? 0 : SpeckMass.USUAL_FINEST_SEEN_MM,
        flatness,
        SpeckMass.FLATNESS_LOG_SD,
        densityMgPerMm3,
        SpeckSizes.BEFOREHAND);
  }

  /**
   * Specks of a cut: between two screens by {@link SpeckMass}; where a screen bounds them on one
   * side only or none does by what is known of the sizes of the batch's gold, down to the finest
   * one sees and up to what an eye picks: that is picked and weighed, not counted. Where all of the
   * cut is so coarse, up to {@link #OVERSIZE} times its screen. Without an end one nugget nobody
   * saw would be most of what a count tells.
   *
   * @param finestMm the finest that are meant, in mm; all of the cut where all of it is finer
   * @param flatness the Corey shape factor, from {@link SpeckMass#FLATTEST} to 1
   * @param logSd how far that is in doubt, as a standard deviation of its logarithm
   * @param densityMgPerMm3 the density of the gold, in mg/mm³, from 10 to 20
   * @param sizes what is known of the sizes of the batch's gold
   */
  public static Speck of(
      Cut cut,
      double finestMm,
      double flatness,
      double logSd,
      double densityMgPerMm3,
      SpeckSizes sizes) {
    double from = finestMm < cut.upperMm() ? Math.max(cut.lowerMm(), finestMm) : cut.lowerMm();
    if (cut.isClosed()) {
      return new Speck(
          SpeckMass.meanMg(cut.upperMm(), from, flatness, densityMgPerMm3),
          SpeckMass.relativeVariance(cut.upperMm(), from),
          logSd,
          true);
    }
    Between open = new Between(from, coarsest(cut));
    SpeckSizes.Cubes cubes = sizes.cubes(open);
    return new Speck(
        Math.PI / 6 * flatness * densityMgPerMm3 * cubes.meanMm3(),
        Math.min(MOST_VARIANCE, cubes.variance()),
        Math.sqrt(logSd * logSd + cubes.logSd() * cubes.logSd()),
        true,
        Optional.of(open));
  }

  private static double coarsest(Cut cut) {
    return cut.passing().isPresent()
        ? cut.upperMm()
        : Math.max(SpeckMass.PICKED_FROM_MM, OVERSIZE * cut.lowerMm());
  }

  /**
   * The mean mass of a milligram's speck: heavy specks count by their mass. It decides how a small
   * sample scatters.
   */
  public double massWeightedMg() {
    return meanMg * (1 + variance);
  }
}
