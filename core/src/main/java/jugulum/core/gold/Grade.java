package jugulum.core.gold;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Assay;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.VisibleGold;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * What one assay or smelt of a sample got out of it: an assay and a parted bead are fine gold, a
 * bead that was not parted and metal out of the slag count as native.
 *
 * @param sampleG the sample, in grams
 * @param fineMg fine gold got out, in milligrams
 * @param nativeMg native metal got out, in milligrams
 * @param relativeSd the laboratory's relative standard deviation
 * @param isComposite whether the sample was drawn from several lots
 * @param visible what became of gold one could see; empty where nobody said
 * @param isAtLeast whether metal was lost on the way
 */
record Grade(
    double sampleG,
    double fineMg,
    double nativeMg,
    double relativeSd,
    boolean isComposite,
    Optional<VisibleGold> visible,
    boolean isAtLeast) {
  /**
   * How much the grades of lots bagged together may differ from the composite's, as a relative
   * standard deviation: an assumption of ours, wide because nobody assayed them one by one.
   *
   * <p>Off by a half: the width of every lot's range by the assay of its bag, by a half.
   */
  static final double COMPOSITE_SPREAD = 0.5;

  /**
   * How far one smelt alone may be off, as a relative standard deviation: an assumption of ours;
   * several tell their own spread.
   *
   * <p>Off by a half: the width of a grade by one smelt alone.
   */
  static final double SMELT_SPREAD = 0.1;

  static Grade of(Assay assay) {
    return new Grade(
        assay.sampleG(),
        assay.gramsPerTonne() * assay.sampleG() / 1000,
        0,
        assay.relativeSd(),
        assay.composite().isPresent(),
        assay.visible(),
        false);
  }

  static Grade of(Smelt smelt) {
    return new Grade(
        smelt.sampleG(),
        smelt.fineMg(),
        smelt.nativeMg(),
        SMELT_SPREAD,
        false,
        Optional.of(smelt.visible()),
        Smelts.isAtLeast(smelt));
  }

  /** All of a lot that count; a composite only where no sample of the lot alone tells. */
  static List<Grade> of(Lot lot) {
    List<Grade> all =
        Stream.concat(lot.live(Assay.class).map(Grade::of), Smelts.of(lot).stream().map(Grade::of))
            .toList();
    List<Grade> own = all.stream().filter(grade -> !grade.isComposite()).toList();
    return own.isEmpty() ? all : own;
  }

  boolean isApart() {
    return visible.filter(VisibleGold::isApart).isPresent();
  }

  boolean isJudged() {
    return visible.filter(gold -> gold.state() == VisibleGold.State.JUDGED).isPresent();
  }

  /** Native gold to take off what was got out, because one could see it. */
  double visibleInsideMg() {
    return visible
        .filter(gold -> gold.state() == VisibleGold.State.TAKEN_AFTER)
        .map(VisibleGold::milligrams)
        .orElse(0.0);
  }

  /** Visible gold weighed out of the sample, before or after. */
  double visibleWeighedMg() {
    return visible
        .filter(gold -> gold.state().isWeighed())
        .map(VisibleGold::milligrams)
        .orElse(0.0);
  }

  private double perGram() {
    return (fineMg + nativeMg - visibleInsideMg()) / sampleG;
  }

  /**
   * The spread of the mean of several: that between them over √n, but no less than their
   * laboratories' over √n; of one its laboratory's. Lots bagged together may each differ from the
   * composite besides.
   */
  static double relativeSd(List<Grade> grades) {
    StreamingStatistics told = new StreamingStatistics();
    grades.forEach(one -> told.addValue(one.perGram()));
    double laboratory =
        grades.stream().mapToDouble(one -> one.relativeSd() * one.relativeSd()).average().orElse(0)
            / grades.size();
    boolean several = grades.size() > 1 && told.getMean() > 0;
    double between =
        several ? Math.pow(told.getStandardDeviation() / told.getMean(), 2) / grades.size() : 0;
    double others =
        grades.stream().anyMatch(Grade::isComposite) ? COMPOSITE_SPREAD * COMPOSITE_SPREAD : 0;
    return Math.min(2, Math.sqrt(Math.max(laboratory, between) + others));
  }
}
