package jugulum.core.gold;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;
import jugulum.core.passes.Removal;
import jugulum.core.screens.Cut;
import jugulum.core.specks.Speck;
import jugulum.core.weighing.ScaleDoubt;
import jugulum.core.weighing.Weighing;

/**
 * What is known of the two kinds of gold in one lot: free gold, which a pan or a machine parts and
 * an eye sees, and hidden gold, locked in grains or too fine to see.
 *
 * <p>Of free gold the strongest speaks: weighed, then known, visible gold weighed out of samples or
 * specks counted in them, whichever looked through more, then counted in a share, picked by eye,
 * judged, and last what the magnet's passes let expect. Of hidden gold speak assays and smelts of
 * which it was told that visible gold was out or weighed apart, or that there was none; all of them
 * together. Those of which nobody told speak of both kinds together.
 *
 * @param free evidence on free gold
 * @param finerOpen whether that speaks of the coarser pieces only, so that finer free gold may be
 *     there besides
 * @param hidden evidence on hidden gold
 * @param together evidence on both, not told apart
 * @param isAtLeast whether the sum may be more than told, because visible gold was judged and not
 *     weighed, or a melt lost metal
 */
public record LotEvidence(
    Optional<Evidence> free,
    boolean finerOpen,
    Optional<Evidence> hidden,
    Optional<Evidence> together,
    boolean isAtLeast) {
  /** Whether somebody looked for free gold and saw none. */
  boolean isNothingSeen() {
    return free.map(
            told ->
                switch (told) {
                  case Evidence.Counted counted -> counted.specks() == 0;
                  case Evidence.Proven(Evidence.Counted counted, int _, int _) ->
                      counted.specks() == 0;
                  case Evidence.Panned panned ->
                      panned.classes().stream().allMatch(one -> one.specks() == 0);
                  case Evidence.Proven(Evidence.Panned panned, int _, int _) ->
                      panned.classes().stream().allMatch(one -> one.specks() == 0);
                  case Evidence.Picked picked -> picked.milligrams() == 0;
                  case Evidence.Known known -> known.milligrams() == 0 && known.sdMg() == 0;
                  default -> false;
                })
        .orElse(false);
  }

  /** All that is known, of whichever gold. */
  Stream<Evidence> all() {
    return Stream.of(free, hidden, together).flatMap(Optional::stream);
  }

  /** Whether nothing is known of its gold. */
  boolean isEmpty() {
    return free.isEmpty() && hidden.isEmpty() && together.isEmpty();
  }

  /** The weighings of the gold in a lot, together; empty where it was not weighed. */
  public static Optional<Weighing> weighing(Lot lot, Assumptions given) {
    List<Measure.GoldWeight> weights = lot.live(Measure.GoldWeight.class).toList();
    if (weights.isEmpty()) {
      return Optional.empty();
    }
    double resolution =
        weights.stream().mapToDouble(Measure.GoldWeight::resolutionG).max().orElseThrow();
    List<Double> grams = weights.stream().map(Measure.GoldWeight::massG).toList();
    double calibration =
        ScaleDoubt.calibration(
            weights.stream().map(Measure.GoldWeight::on).toList(), given.scaleCalibration());
    return Optional.of(Weighing.of(grams, resolution, calibration));
  }

  /** What is known of a lot. */
  public static LotEvidence of(
      Lot lot, Network network, SandAccount sand, BatchSpecks specks, Removals removals) {
    return new Reading(lot, network, sand.mass(lot.id()), specks, removals).evidence();
  }

  /** One lot with all it takes to read its evidence. */
  private record Reading(
      Lot lot, Network network, LotMass mass, BatchSpecks specks, Removals removals) {
    LotEvidence evidence() {
      List<Grade> grades = mass.grams() > 0 ? Grade.of(lot) : List.of();
      List<Grade> apart = grades.stream().filter(Grade::isApart).toList();
      List<Grade> mixed = grades.stream().filter(grade -> !grade.isApart()).toList();
      Optional<Grade> judged = mixed.stream().filter(Grade::isJudged).reduce((_, later) -> later);
      Optional<Evidence> free = free(apart).or(() -> judged.map(this::judged)).or(this::fromPasses);
      Optional<Evidence> pieces = free.isEmpty() ? pieces() : Optional.empty();
      Optional<Evidence> hidden =
          apart.isEmpty()
              ? none()
              : Optional.of(sampled(apart, Grade::visibleInsideMg, specks.hiddenGrain()));
      Optional<Evidence> together =
          apart.isEmpty() && !mixed.isEmpty()
              ? Optional.of(sampled(mixed, _ -> 0, specks.sampled(lot.cut())))
              : Optional.empty();
      return new LotEvidence(
          free.or(() -> pieces),
          pieces.isPresent(),
          hidden,
          together,
          apart.isEmpty() && judged.isPresent() || grades.stream().anyMatch(Grade::isAtLeast));
    }

    /** Won gold hides none. */
    private Optional<Evidence> none() {
      return lot.material() == Material.GOLD
          ? Optional.of(new Evidence.Known(0, 0))
          : Optional.empty();
    }

    private Optional<Evidence> free(List<Grade> apart) {
      return weighed()
          .or(
              () ->
                  lot.latest(Measure.KnownGold.class)
                      .map(known -> new Evidence.Known(known.milligrams(), known.sdMg())))
          .or(() -> samples(apart))
          .or(
              () ->
                  lot.latest(Measure.SpeckCount.class)
                      .flatMap(
                          count ->
                              specks
                                  .seen(lot.cut())
                                  .map(
                                      speck ->
                                          proven(
                                              new Evidence.Counted(
                                                  count.specks(), count.shareChecked(), speck)))))
          .or(this::picked);
    }

    private Optional<Evidence> weighed() {
      return weighing(lot, network.batch().assumptions()).map(Evidence.Weighed::new);
    }

    /**
     * Samples whose free gold was weighed, or those whose specks were counted: whichever are more
     * sand. Assayed sand in which none was seen counts as looked over, unless the pan lets so many
     * be expected in it that it was what a pan had left ({@link #LET_EXPECT}).
     */
    private Optional<Evidence> samples(List<Grade> apart) {
      List<Grade> weighed = apart.stream().filter(grade -> grade.visibleWeighedMg() > 0).toList();
      double weighedG = weighed.stream().mapToDouble(Grade::sampleG).sum();
      double unseenG =
          apart.stream()
              .filter(grade -> grade.visibleWeighedMg() == 0)
              .mapToDouble(Grade::sampleG)
              .sum();
      List<Measure.PannedSample> panned = lot.live(Measure.PannedSample.class).toList();
      double pannedG = panned.stream().mapToDouble(Measure.PannedSample::sampleG).sum();
      int seen = panned.stream().mapToInt(Measure.PannedSample::specks).sum();
      boolean isOfALook = pannedG == 0 || seen * unseenG < LET_EXPECT * pannedG;
      double countedG = pannedG + (isOfALook ? unseenG : 0);
      if (weighedG > 0 && weighedG >= countedG) {
        double mg = weighed.stream().mapToDouble(Grade::visibleWeighedMg).sum();
        return Optional.of(
            new Evidence.Sampled(0, mg, WEIGHED, share(weighedG), specks.sampled(lot.cut())));
      }
      return countedG > 0 && mass.grams() > 0 ? counted(panned, share(countedG)) : Optional.empty();
    }

    private double share(double sampleG) {
      return Math.min(1, sampleG / mass.grams());
    }

    private Optional<Evidence> counted(List<Measure.PannedSample> panned, double share) {
      Map<Cut, Integer> seen = new TreeMap<>(Cut.COARSE_FIRST);
      panned.stream()
          .flatMap(sample -> sample.seen().stream())
          .forEach(one -> seen.merge(one.cut(), one.specks(), Integer::sum));
      if (seen.isEmpty()) {
        seen.put(lot.cut(), 0);
      }
      List<Evidence.Panned.Class> classes =
          seen.entrySet().stream()
              .flatMap(
                  one ->
                      specks
                          .seen(one.getKey())
                          .map(speck -> new Evidence.Panned.Class(one.getValue(), speck))
                          .stream())
              .toList();
      return classes.isEmpty()
          ? Optional.empty()
          : Optional.of(proven(new Evidence.Panned(classes, share)));
    }

    /** Where specks were tested for what they are, the share that proved gold scales the count. */
    private Evidence proven(Evidence counted) {
      List<Measure.SpeckTest> tests = lot.live(Measure.SpeckTest.class).toList();
      return tests.isEmpty()
          ? counted
          : new Evidence.Proven(
              counted,
              tests.stream().mapToInt(Measure.SpeckTest::tested).sum(),
              tests.stream().mapToInt(Measure.SpeckTest::gold).sum());
    }

    /**
     * Where every piece is so coarse that an eye picks it, looking over tells; elsewhere it tells
     * the pieces found, and no more.
     */
    private Optional<Evidence> picked() {
      return lot.latest(Measure.LookedOver.class)
          .filter(_ -> Look.isPicked(lot))
          .map(seen -> new Evidence.Picked(found(seen), specks.of(lot.cut())));
    }

    private Optional<Evidence> pieces() {
      return lot.latest(Measure.LookedOver.class)
          .filter(seen -> seen.pickers() > 0 && !Look.isPicked(lot))
          .map(seen -> new Evidence.Known(found(seen), 0));
    }

    /** Pickers nobody weighed count by their number, each as the least an eye picks. */
    private double found(Measure.LookedOver seen) {
      return seen.pickersG() > 0
          ? seen.pickersG() * 1000
          : seen.pickers() * specks.of(lot.cut()).meanMg();
    }

    private Evidence judged(Grade grade) {
      VisibleGold gold = grade.visible().orElseThrow();
      double scale = mass.grams() / grade.sampleG();
      return new Evidence.Judged(gold.milligrams() * scale, gold.upToMg().orElseThrow() * scale);
    }

    /** A sample told heavier than the lot still tells its grade. */
    private Evidence sampled(List<Grade> grades, ToDoubleFunction<Grade> takenOff, Speck grain) {
      double fine = grades.stream().mapToDouble(Grade::fineMg).sum();
      double metal =
          grades.stream()
              .mapToDouble(grade -> grade.nativeMg() - takenOff.applyAsDouble(grade))
              .sum();
      double sample = grades.stream().mapToDouble(Grade::sampleG).sum();
      double inLot = Math.min(1, mass.grams() / sample);
      return new Evidence.Sampled(
          fine * inLot, metal * inLot, Grade.relativeSd(grades), share(sample), grain);
    }

    private Optional<Evidence> fromPasses() {
      if (lot.material() != Material.MAGNETICS) {
        return Optional.empty();
      }
      Speck speck = specks.of(lot.cut());
      return network
          .maker(lot.id())
          .filter(step -> step.process() instanceof Process.MagnetRun)
          .map(removals::of)
          .filter(removal -> removal.state() == Removal.State.DECLINING)
          .map(removal -> new Evidence.FromPasses(removal, speck));
    }
  }

  /**
   * So many specks a pan lets expect in sand in which none was seen: in one of twenty such samples
   * that would be chance (e⁻³). Then it was panned before it was assayed: an assumption of ours.
   *
   * <p>Off by a half: free gold of lots both panned and assayed, by the share the assayed sand is.
   */
  private static final double LET_EXPECT = 3;

  /**
   * How closely grains taken out of a sample are weighed, as a relative standard deviation: an
   * assumption of ours.
   *
   * <p>Off by a half: the width of a grade by weighed grains, which chance outweighs.
   */
  private static final double WEIGHED = 0.01;
}
