package jugulum.core.gold;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import jugulum.core.check.Normal;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.WeighedSpecks;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.ReadOn;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.specks.Speck;
import jugulum.core.specks.SpeckMass;
import jugulum.core.specks.SpeckSizes;

/**
 * What the specks of one batch weigh.
 *
 * <p>Without more, a speck of a cut weighs what {@link SpeckMass} says for the assumed flatness.
 * Specks counted out and weighed replace that: those of a cut with two screens tell the flatness of
 * the whole batch's gold, f = (mg ÷ n) ÷ (mean mass at f = 1), and its doubt, √(v/n + (d²/12)/mg² +
 * s²) in the logarithm, with v the variance of single specks, d the resolution and s = {@link
 * #OTHER_CUTS} for how other cuts may differ; those of an open cut tell the mass of its specks
 * alone, where no screen does. Several are averaged in the logarithm by the inverse of their
 * variances. What nobody weighed of an open cut weighs what the sizes of the batch's gold let
 * expect ({@link SizesSeen}).
 *
 * <p>For one thread at a time.
 */
public final class BatchSpecks {
  /**
   * How far the flatness of one cut's gold tells that of another: an assumption of ours, as a
   * standard deviation of the logarithm.
   *
   * <p>Off by a half: how much a weighed handful of one cut narrows the ranges of the others.
   */
  static final double OTHER_CUTS = 0.1;

  /**
   * Gold of which nothing is known yet may be from so fine to so coarse, in mm: an assumption of
   * ours.
   *
   * <p>Off by a half: the weight of specks of gold nobody sized, up to eightfold.
   */
  private static final Cut UNKNOWN =
      new Cut(Optional.of(new Screen("0.85 mm", 0.85)), Optional.of(new Screen("0.15 mm", 0.15)));

  private final Assumptions given;
  private final Network network;
  private final List<Told> closed = new ArrayList<>();
  private final List<Told> open = new ArrayList<>();
  private final double flatness;
  private final double logSd;

  /** What is known of the sizes; worked out when an open cut is asked for. */
  private Optional<SpeckSizes> sizes = Optional.empty();

  /** Specks that were counted out and weighed. */
  private record Told(Cut cut, WeighedSpecks specks) {
    double meanMg() {
      return specks.milligrams() / specks.specks();
    }

    /** The variance of the logarithm of that mean. */
    double logVariance() {
      double read = specks.resolutionMg() / specks.milligrams();
      double zero = specks.on().map(ReadOn::zeroSdG).orElse(0.0) * 1000 / specks.milligrams();
      return StrictMath.log1p(differ(cut) / specks.specks()) + read * read / 12 + zero * zero;
    }
  }

  /** How much single specks of a cut differ, whatever is known of the batch. */
  private static double differ(Cut cut) {
    return Speck.of(cut, SpeckMass.FLATTEST, Assumptions.USUAL.goldDensity()).variance();
  }

  /** Several averaged in the logarithm by the inverse of their variances. */
  private record Mean(double value, double logVariance) {
    static Mean of(List<Told> all, ToDoubleFunction<Told> what) {
      double weights = all.stream().mapToDouble(told -> 1 / told.logVariance()).sum();
      double log =
          all.stream()
              .mapToDouble(told -> Math.log(what.applyAsDouble(told)) / told.logVariance())
              .sum();
      return new Mean(Math.exp(log / weights), 1 / weights);
    }
  }

  private BatchSpecks(Network network) {
    this.network = network;
    this.given = network.batch().assumptions();
    for (Lot lot : network.lots()) {
      lot.live(WeighedSpecks.class)
          .map(specks -> new Told(lot.cut(), specks))
          .forEach(lot.cut().isClosed() ? closed::add : open::add);
    }
    Mean mean =
        Mean.of(
            closed, told -> told.meanMg() / Speck.of(told.cut(), 1, given.goldDensity()).meanMg());
    this.flatness =
        closed.isEmpty() ? given.flatness() : Math.clamp(mean.value(), SpeckMass.FLATTEST, 1);
    this.logSd =
        closed.isEmpty()
            ? SpeckMass.FLATNESS_LOG_SD
            : Math.min(
                SpeckMass.FLATNESS_LOG_SD, Math.sqrt(mean.logVariance() + OTHER_CUTS * OTHER_CUTS));
  }

  private SizesSeen sizesSeen() {
    double mgPerMm3 = Math.PI / 6 * flatness * given.goldDensity();
    return new SizesSeen(
        SizesSeen.samples(network.lots(), given.finestSeenMm()),
        wonByCut(Cut.ALL).entrySet().stream()
            .filter(one -> one.getKey().isClosed())
            .map(one -> new SizesSeen.Won(between(one.getKey()), one.getValue()))
            .toList(),
        open.stream()
            .map(
                told ->
                    new SizesSeen.Handful(
                        between(told.cut()),
                        told.meanMg() / mgPerMm3,
                        told.logVariance() + logSd * logSd))
            .toList());
  }

  private static Speck.Between between(Cut cut) {
    return new Speck.Between(cut.lowerMm(), cut.upperMm());
  }

  /** What is known of the specks of a batch. */
  public static BatchSpecks of(Network network) {
    return new BatchSpecks(network);
  }

  /** The flatness of the batch's gold: measured, or as assumed. */
  public double flatness() {
    return flatness;
  }

  /** How far that is in doubt, as a standard deviation of its logarithm. */
  public double logSd() {
    return logSd;
  }

  /** Whether it was measured. */
  public boolean isMeasured() {
    return !closed.isEmpty();
  }

  /** What is known of the sizes of the batch's gold. */
  public SpeckSizes sizes() {
    if (sizes.isEmpty()) {
      sizes = Optional.of(sizesSeen().sizes());
    }
    return sizes.get();
  }

  /** A speck of a cut; of one a screen bounds on one side only, one that can be seen. */
  public Speck of(Cut cut) {
    return of(cut, cut.isClosed() ? 0 : given.finestSeenMm());
  }

  private Speck of(Cut cut, double finestMm) {
    List<Told> its = open.stream().filter(told -> told.cut().isSameSizes(cut)).toList();
    if (its.isEmpty()) {
      return Speck.of(
          cut,
          finestMm,
          flatness,
          logSd,
          given.goldDensity(),
          cut.isClosed() ? SpeckSizes.BEFOREHAND : sizes());
    }
    Mean mean = Mean.of(its, Told::meanMg);
    return new Speck(mean.value(), differ(cut), Math.sqrt(mean.logVariance()), false);
  }

  /**
   * What one of such specks weighs in the mean, with its 95 % range, as the logarithm is in doubt.
   */
  public static GoldRange range(Speck speck) {
    double sd = speck.logSd();
    double middle = speck.meanMg() * StrictMath.exp(-sd * sd / 2);
    double factor = StrictMath.exp(Normal.Z95 * sd);
    return new GoldRange(speck.meanMg(), middle / factor, middle * factor);
  }

  /** A speck of a cut that one can see; empty where none of its sizes can be seen. */
  public Optional<Speck> seen(Cut cut) {
    return cut.upperMm() > given.finestSeenMm()
        ? Optional.of(of(cut, given.finestSeenMm()))
        : Optional.empty();
  }

  /**
   * The gold of a sample by mass: how coarse it is decides how small samples scatter. Of a cut with
   * two screens its own specks; of wider sand by the gold the batch won cut by cut; before that
   * evenly by the cuts it was screened into; before that {@link #UNKNOWN}.
   */
  Speck sampled(Cut cut) {
    if (cut.isClosed()) {
      return byMass(Map.of(cut, 1.0));
    }
    Map<Cut, Double> shares = wonByCut(cut);
    if (shares.isEmpty()) {
      cuts(cut).forEach(one -> shares.put(one, 1.0));
    }
    if (shares.isEmpty()) {
      shares.put(cut.isAll() ? UNKNOWN : cut, 1.0);
    }
    return byMass(shares);
  }

  private Speck byMass(Map<Cut, Double> shares) {
    double all = shares.values().stream().mapToDouble(Double::doubleValue).sum();
    double mean =
        shares.entrySet().stream()
            .mapToDouble(one -> one.getValue() * of(one.getKey()).massWeightedMg())
            .sum();
    return new Speck(mean / all, 0, logSd, true);
  }

  private Map<Cut, Double> wonByCut(Cut within) {
    Map<Cut, Double> won = new TreeMap<>(Cut.COARSE_FIRST);
    for (Lot lot : network.lots()) {
      if (lot.material() == Material.GOLD && !lot.cut().isAll() && lot.cut().overlaps(within)) {
        lot.live(GoldWeight.class)
            .mapToDouble(GoldWeight::massG)
            .average()
            .ifPresent(grams -> won.merge(lot.cut(), grams, Double::sum));
      }
    }
    won.values().removeIf(grams -> !(grams > 0));
    return won;
  }

  /** The cuts sand was screened into, but for the oversize and what was screened again. */
  private List<Cut> cuts(Cut within) {
    return network.lots().stream()
        .filter(
            lot ->
                lot.material() == Material.CUT && !lot.isOversize() && lot.cut().overlaps(within))
        .filter(
            lot ->
                network
                    .taker(lot.id())
                    .filter(step -> step.process() instanceof Process.Screening)
                    .isEmpty())
        .map(Lot::cut)
        .distinct()
        .toList();
  }

  /** A grain too fine to see: what an assay or a smelt of gold nobody sees counts by. */
  Speck hiddenGrain() {
    double finest = given.finestSeenMm();
    double mg = Math.PI / 6 * flatness * given.goldDensity() * finest * finest * finest;
    return new Speck(Math.max(LEAST_BEAD_MG / 2, mg), 0, 0, true);
  }

  /**
   * A bead so small is not read: an assumption of ours, in milligrams.
   *
   * <p>Off by a half: nothing a shop's scale shows.
   */
  private static final double LEAST_BEAD_MG = 0.01;
}
