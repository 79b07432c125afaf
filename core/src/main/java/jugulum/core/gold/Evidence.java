package jugulum.core.gold;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.VisibleGold;
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
   * Assays or smelts of samples.
   *
   * @param fineMg fine gold in the lot by them, in milligrams
   * @param nativeMg native gold in the lot by beads that were not parted and by what was taken out of the samples, in milligrams
   * @param relativeSd the spread of the laboratory or between the smelts, and that of few specks in a small sample, together
   */
  record Assayed(double fineMg, double nativeMg, double relativeSd) implements Evidence {}

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

  /** How far one smelt alone may be off, as a relative standard deviation: an assumption of ours; several tell their own spread. */
  double SMELT_SPREAD = 0.1;

  /** What is known of a lot; empty where nobody looked. */
  static Optional<Evidence> of(Lot lot, Network network, SandAccount sand) {
    Assumptions given = network.batch().assumptions();
    Speck speck = Speck.of(lot.cut(), given);
    return weighed(lot, given)
        .or(() -> lot.latest(Measure.KnownGold.class).map(known -> new Known(known.milligrams(), known.sdMg())))
        .or(() -> lot.latest(Measure.LookedOver.class).map(seen -> new Known(seen.pickersG() * 1000, 0)))
        .or(() -> lot.latest(Measure.Assay.class).filter(Measure.Assay::isValid).flatMap(assay -> assayed(assay, sand.mass(lot.id()), speck)))
        .or(() -> smelted(lot, sand.mass(lot.id()), speck))
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

  private static Optional<Evidence> assayed(Measure.Assay assay, LotMass mass, Speck speck) {
    double before = assay.visible().map(VisibleGold::takenBeforeMg).orElse(0.0);
    double others = assay.composite().isPresent() ? COMPOSITE_SPREAD * COMPOSITE_SPREAD : 0;
    double spread = Math.sqrt(assay.relativeSd() * assay.relativeSd() + others);
    return ofSamples(assay.gramsPerTonne() * assay.sampleG() / 1000, before, assay.sampleG(), spread, mass, speck);
  }

  /** Valid smelts of a lot, together as one sample; between them they tell their own spread. */
  private static Optional<Evidence> smelted(Lot lot, LotMass mass, Speck speck) {
    List<Smelted> smelts = lot.live(Measure.Smelt.class).filter(Measure.Smelt::isValid).map(Smelted::of).toList();
    if (smelts.isEmpty()) {
      return Optional.empty();
    }
    double fine = smelts.stream().mapToDouble(Smelted::fineMg).sum();
    double asNative = smelts.stream().mapToDouble(Smelted::nativeMg).sum();
    double sample = smelts.stream().mapToDouble(Smelted::sampleG).sum();
    return ofSamples(fine, asNative, sample, Smelted.relativeSd(smelts), mass, speck);
  }

  /**
   * CV² = spread² + (1 + cv_m²)/N with N the specks expected in the samples (science of few grains; P. Gy, from memory). No gold in the samples
   * is no speck seen in their share of the lot: a bound, never none.
   */
  private static Optional<Evidence> ofSamples(double fineMg, double nativeMg, double sampleG, double spread, LotMass mass, Speck speck) {
    if (!(mass.grams() > 0)) {
      return Optional.empty();
    }
    double specks = (fineMg + nativeMg) / speck.meanMg();
    if (specks == 0) {
      return Optional.of(new Counted(0, Math.min(1, sampleG / mass.grams()), speck));
    }
    double few = (1 + speck.variance()) / specks;
    double scale = mass.grams() / sampleG;
    return Optional.of(new Assayed(fineMg * scale, nativeMg * scale, Math.min(2, Math.sqrt(spread * spread + few))));
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
