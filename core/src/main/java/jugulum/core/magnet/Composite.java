package jugulum.core.magnet;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Check;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure.Assay;
import jugulum.core.ledger.Measure.VisibleGold;

/**
 * One assay of a sample drawn from all lots of a bag. Every lot gets the gold its mass has at that
 * grade: nobody knows how the grades of the lots differ, so each share carries a wide spread of its
 * own, while the sum is the composite's.
 *
 * @param bag what is written on the bag
 * @param gramsPerTonne fine gold, in g/t, 0 to 1e6
 * @param relativeSd the laboratory's relative standard deviation, 0 to 2
 * @param sampleG the sample's mass, in grams
 * @param visible what became of gold one could see; empty where nobody said
 */
public record Composite(
    String bag,
    double gramsPerTonne,
    double relativeSd,
    double sampleG,
    Optional<VisibleGold> visible) {
  /** Checks the values by making the assay once. */
  public Composite {
    new Assay(gramsPerTonne, relativeSd, sampleG, Optional.of(bag), visible);
  }

  /** Of which nobody said what became of visible gold. */
  public Composite(String bag, double gramsPerTonne, double relativeSd, double sampleG) {
    this(bag, gramsPerTonne, relativeSd, sampleG, Optional.empty());
  }

  /** What every lot gets written down. */
  public Edit share(LotId lot) {
    return new Edit.RecordOnLot(
        lot, new Assay(gramsPerTonne, relativeSd, sampleG, Optional.of(bag), visible));
  }

  /**
   * The fine gold in lots of these masses, in mg each.
   *
   * @param grams dry masses, in grams, 0 or more
   */
  public List<Double> sharesMg(List<Double> grams) {
    return grams.stream().map(mass -> Check.grams("mass", mass) * gramsPerTonne / 1000).toList();
  }
}
