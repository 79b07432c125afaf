package jugulum.core.gold;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;
import jugulum.core.passes.Removal;
import jugulum.core.screens.Cut;
import jugulum.core.specks.SpeckMass;
import jugulum.core.weighing.Weighing;

/**
 * What is known of the gold in one lot, as native metal.
 *
 * <p>Where a lot carries several kinds the strongest speaks: weighed, then known, looked over, assayed, panned in samples, counted, and last what the magnet's
 * passes let expect. Of one kind the latest reading speaks, but weighings are averaged.
 */
public sealed interface Evidence {
  /**
   * Weighed gold.
   *
   * @param weighing in grams
   */
  record Weighed(Weighing weighing) implements Evidence {}

  /**
   * Gold known to be there.
   *
   * @param milligrams how much, in milligrams
   * @param sdMg its standard deviation, in milligrams
   */
  record Known(double milligrams, double sdMg) implements Evidence {}

  /**
   * Specks counted in a share of the lot.
   *
   * @param specks how many were seen
   * @param shareChecked in what share of the lot, 0 to 1
   * @param speck the mass of one
   */
  record Counted(int specks, double shareChecked, Speck speck) implements Evidence {}

  /**
   * Specks counted by size in a share of the lot.
   *
   * @param classes the specks of each size, at least one
   * @param shareChecked in what share of the lot, 0 to 1
   */
  record Panned(List<Class> classes, double shareChecked) implements Evidence {
    /** Keeps its own copy. */
    public Panned {
      classes = List.copyOf(classes);
    }

    /**
     * Specks of one size.
     *
     * @param specks how many were seen
     * @param speck the mass of one
     */
    public record Class(int specks, Speck speck) {}
  }

  /**
   * The mass of a speck of a cut.
   *
   * @param meanMg the mean, in milligrams, with the batch's flatness
   * @param variance how much single specks differ, as variance over the square of the mean
   */
  record Speck(double meanMg, double variance) {
    static Speck of(Cut cut, Assumptions given) {
      return new Speck(SpeckMass.meanMg(cut, given.flatness(), given.goldDensity()), SpeckMass.relativeVariance(cut));
    }
  }

  /**
   * An assay of a sample, fine gold.
   *
   * @param fineMg fine gold in the lot, in milligrams
   * @param relativeSd the laboratory's spread and the spread of few specks in a small sample, together
   */
  record Assayed(double fineMg, double relativeSd) implements Evidence {}

  /**
   * What the catches of the passes let expect is still caught.
   *
   * @param removal the estimate
   * @param speck the mass of one speck
   */
  record FromPasses(Removal removal, Speck speck) implements Evidence {}

  /**
   * How much the grades of lots bagged together may differ from the composite's, as a relative standard deviation: an assumption of ours,
   * wide because nobody assayed them one by one.
   */
  double COMPOSITE_SPREAD = 0.5;

  /** What is known of a lot; empty where nobody looked. */
  static Optional<Evidence> of(Lot lot, Network network, SandAccount sand) {
    Assumptions given = network.batch().assumptions();
    Speck speck = Speck.of(lot.cut(), given);
    return weighed(lot, given)
        .or(() -> lot.latest(Measure.KnownGold.class).map(known -> new Known(known.milligrams(), known.sdMg())))
        .or(() -> lot.latest(Measure.LookedOver.class).map(seen -> new Known(seen.pickersG() * 1000, 0)))
        .or(() -> lot.latest(Measure.Assay.class).flatMap(assay -> assayed(assay, sand.mass(lot.id()), speck)))
        .or(() -> panned(lot, sand.mass(lot.id()), given))
        .or(() -> lot.latest(Measure.SpeckCount.class).map(count -> new Counted(count.specks(), count.shareChecked(), speck)))
        .or(() -> fromPasses(lot, network, speck));
  }

  private static Optional<Evidence> weighed(Lot lot, Assumptions given) {
    List<Measure.GoldWeight> weights = lot.live(Measure.GoldWeight.class).toList();
    if (weights.isEmpty()) {
      return Optional.empty();
    }
    double resolution = weights.stream().mapToDouble(Measure.GoldWeight::resolutionG).max().orElseThrow();
    List<Double> grams = weights.stream().map(Measure.GoldWeight::massG).toList();
    return Optional.of(new Weighed(Weighing.of(grams, resolution, given.scaleCalibration())));
  }

  /** CV² = lab² + (1 + cv_m²)/N with N the specks expected in the sample (science of few grains; P. Gy, from memory). */
  private static Optional<Evidence> assayed(Measure.Assay assay, LotMass mass, Speck speck) {
    if (!mass.isKnown()) {
      return Optional.empty();
    }
    double fineMg = assay.gramsPerTonne() * mass.grams() / 1000;
    double specksInSample = assay.gramsPerTonne() * assay.sampleG() / 1000 / speck.meanMg();
    double few = specksInSample > 0 ? (1 + speck.variance()) / specksInSample : 0;
    double others = assay.composite().isPresent() ? COMPOSITE_SPREAD * COMPOSITE_SPREAD : 0;
    return Optional.of(new Assayed(fineMg, Math.min(2, Math.sqrt(assay.relativeSd() * assay.relativeSd() + few + others))));
  }

  /** All samples of a lot together; only where the lot's mass is known does a sample tell a share of it. */
  private static Optional<Evidence> panned(Lot lot, LotMass mass, Assumptions given) {
    List<Measure.PannedSample> samples = lot.live(Measure.PannedSample.class).toList();
    if (samples.isEmpty() || !(mass.grams() > 0)) {
      return Optional.empty();
    }
    Map<Cut, Integer> specks = new TreeMap<>(Cut.COARSE_FIRST);
    samples.stream().flatMap(sample -> sample.seen().stream()).forEach(seen -> specks.merge(seen.cut(), seen.specks(), Integer::sum));
    double share = Math.min(1, samples.stream().mapToDouble(Measure.PannedSample::sampleG).sum() / mass.grams());
    return Optional.of(new Panned(specks.entrySet().stream().map(one -> new Panned.Class(one.getValue(), Speck.of(one.getKey(), given))).toList(), share));
  }

  private static Optional<Evidence> fromPasses(Lot lot, Network network, Speck speck) {
    if (lot.material() != Material.MAGNETICS) {
      return Optional.empty();
    }
    return network
        .maker(lot.id())
        .filter(step -> step.process() instanceof Process.MagnetRun)
        .map(step -> removal(step, speck.meanMg()))
        .filter(removal -> removal.state() == Removal.State.DECLINING)
        .map(removal -> new FromPasses(removal, speck));
  }

  /**
   * The removal estimate of a magnet step from what its passes freed.
   *
   * @param speckMg the mean mass of a speck, in milligrams, for catches that were weighed
   */
  static Removal removal(Step step, double speckMg) {
    return Removal.of(step.catches(speckMg));
  }
}
