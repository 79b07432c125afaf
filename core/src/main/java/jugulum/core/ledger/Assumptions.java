package jugulum.core.ledger;

import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.specks.SpeckMass;

/**
 * What is taken as given where nothing was measured. Kept with the batch, so that its figures are
 * the same everywhere.
 *
 * @param closureTolerance how far the sand found may differ from the sand put in, as a share, 0 to
 *     1
 * @param flatness the Corey shape factor of the gold, from {@link SpeckMass#FLATTEST} to 1
 * @param goldDensity the density of the native gold, in g/cm³, from 10 to 20
 * @param fineness the gold's share of the native metal where no fineness was measured, 0 to 1
 * @param finenessSd the standard deviation of that share, 0 to 0.5
 * @param scaleCalibration the relative calibration uncertainty of the scales, 0 to 1
 * @param finestSeen the finest speck one sees when panning, in mm, from 0.005 to 1; empty where
 *     nobody said
 */
public record Assumptions(
    double closureTolerance,
    double flatness,
    double goldDensity,
    double fineness,
    double finenessSd,
    double scaleCalibration,
    OptionalDouble finestSeen) {

  /**
   * Common practice: 1 % for wet bulk work, flaky gold of 0.3, native gold of 17.5 g/cm³ about 900
   * fine, scales good to 0.1 %.
   */
  public static final Assumptions USUAL = new Assumptions(0.01, 0.3, 17.5, 0.90, 0.04, 0.001);

  /** Checks every value against its range. */
  public Assumptions {
    Check.share("closureTolerance", closureTolerance);
    Check.inRange("flatness", flatness, SpeckMass.FLATTEST, 1);
    Check.inRange("goldDensity", goldDensity, 10, 20);
    Check.inRange("fineness", fineness, 0.01, 1);
    Check.inRange("finenessSd", finenessSd, 0, 0.5);
    Check.share("scaleCalibration", scaleCalibration);
    finestSeen.ifPresent(mm -> Check.inRange("finestSeen", mm, 0.005, 1));
  }

  /** Of which nobody said how fine a speck one sees. */
  public Assumptions(
      double closureTolerance,
      double flatness,
      double goldDensity,
      double fineness,
      double finenessSd,
      double scaleCalibration) {
    this(
        closureTolerance,
        flatness,
        goldDensity,
        fineness,
        finenessSd,
        scaleCalibration,
        OptionalDouble.empty());
  }

  /** The finest speck one sees, in mm: finer gold counts as hidden. */
  public double finestSeenMm() {
    return finestSeen.orElse(SpeckMass.USUAL_FINEST_SEEN_MM);
  }
}
