package jugulum.core.gold;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Check;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.VisibleGold;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * What one smelt of a sample tells: the bead after parting is fine gold, one that was not parted
 * counts as native metal, as does what came out of the slag and what was taken out by eye.
 *
 * @param sampleG the sample, in grams
 * @param fineMg fine gold got out, in milligrams
 * @param nativeMg native metal got out, in milligrams
 * @param visibleMg how much of both one could see, native, in milligrams
 */
public record Smelted(double sampleG, double fineMg, double nativeMg, double visibleMg) {
  /**
   * Grams per tonne in one troy ounce per short ton: 31.1034768 g over 0.90718474 t, both exact
   * (NIST SP 811).
   */
  public static final double GRAMS_PER_TONNE_OF_AN_OUNCE = 31.1034768 / 0.90718474;

  /** What a smelt tells. */
  public static Smelted of(Measure.Smelt smelt) {
    VisibleGold visible = smelt.visible();
    return new Smelted(
        smelt.sampleG(),
        smelt.fineMg(),
        smelt.nativeMg() + visible.takenBeforeMg(),
        visible.milligrams());
  }

  /**
   * All gold of the sample, in fine grams per tonne.
   *
   * @param fineness the native gold's, 0 to 1
   */
  public double gramsPerTonne(double fineness) {
    return (fineMg + nativeMg * Check.share("fineness", fineness)) / sampleG * 1000;
  }

  /**
   * The gold one could not see, in fine grams per tonne; 0 where taking the visible gold off leaves
   * nothing.
   *
   * @param fineness the native gold's, 0 to 1
   */
  public double hiddenGramsPerTonne(double fineness) {
    return Math.max(0, gramsPerTonne(fineness) - visibleMg * fineness / sampleG * 1000);
  }

  /**
   * The mean of several smelts.
   *
   * @param gramsPerTonne hidden fine gold, in g/t
   * @param sd the standard deviation of that mean by their own spread, in g/t
   * @param smelts how many, 2 or more
   */
  public record Mean(double gramsPerTonne, double sd, int smelts) {}

  /**
   * The mean hidden gold of several smelts with its spread; empty for fewer than two.
   *
   * @param fineness the native gold's, 0 to 1
   */
  public static Optional<Mean> mean(List<Smelted> smelts, double fineness) {
    StreamingStatistics grades = new StreamingStatistics();
    smelts.forEach(one -> grades.addValue(one.hiddenGramsPerTonne(fineness)));
    return smelts.size() < 2
        ? Optional.empty()
        : Optional.of(
            new Mean(
                grades.getMean(),
                grades.getStandardDeviation() / Math.sqrt(smelts.size()),
                smelts.size()));
  }
}
