package jugulum.core.weighing;

import java.util.List;
import jugulum.core.check.Check;
import org.hipparchus.stat.descriptive.moment.Mean;
import org.hipparchus.stat.descriptive.moment.StandardDeviation;

/**
 * The mean of repeated weighings with its standard uncertainty.
 *
 * <p>u² = s²/n + d²/12 + (c·m)², with s the standard deviation of the n readings, d the resolution
 * of the scale and c its relative calibration uncertainty. Source: JCGM 100:2008 (GUM), 4.2.3 for
 * the repeated readings, 4.3.7 for the resolution, 5.1.2 for adding them. With one reading s is not
 * known and counts as 0.
 *
 * @param meanG the mean, in grams
 * @param spreadG the standard deviation of the readings, in grams; 0 for one reading
 * @param readUncertaintyG what the readings alone leave open, in grams: √(s²/n + d²/12)
 * @param calibrationG what the scale's calibration leaves open, in grams: c·m, shared by all that
 *     is weighed on it
 * @param readings n, at least 1
 */
public record Weighing(
    double meanG, double spreadG, double readUncertaintyG, double calibrationG, int readings) {
  /**
   * Computes the mean and its uncertainty.
   *
   * @param readingsG the readings, in grams, at least one
   * @param resolutionG the size of the scale's last place, in grams, 0 or more
   * @param relativeCalibration the scale's relative calibration uncertainty, from 0 to 1
   * @throws IllegalArgumentException without a reading, or with a value out of range
   */
  public static Weighing of(
      List<Double> readingsG, double resolutionG, double relativeCalibration) {
    if (readingsG.isEmpty()) {
      throw new IllegalArgumentException("a weighing needs at least one reading");
    }
    Check.grams("resolutionG", resolutionG);
    Check.share("relativeCalibration", relativeCalibration);
    double[] values =
        readingsG.stream().mapToDouble(grams -> Check.grams("readingG", grams)).toArray();
    double mean = new Mean().evaluate(values);
    double spread = values.length < 2 ? 0 : new StandardDeviation().evaluate(values);
    double read = Math.sqrt(spread * spread / values.length + resolutionG * resolutionG / 12);
    return new Weighing(mean, spread, read, relativeCalibration * mean, values.length);
  }

  /** u, in grams: of the readings and the calibration together. */
  public double standardUncertaintyG() {
    return Math.hypot(readUncertaintyG, calibrationG);
  }
}
