package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.gold.Recovery.Of;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.Assay;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.LookedOver;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.PannedSample.Seen;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Measure.VisibleGold.State;
import jugulum.core.ledger.Measure.WeighedSpecks;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.specks.Speck;
import jugulum.core.specks.SpeckMass;
import org.junit.jupiter.api.Test;

/** Free and hidden gold told apart, each by its own evidence. */
class TwoKindsTest {
  private static final VisibleGold NONE = new VisibleGold(State.NONE_SEEN, 0);

  private static GoldAccount of(Bench bench) {
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network));
  }

  /** Lots 2 concentrate, 3 tailings of 9.8 kg, 4 gold, 5 residue. */
  private static Bench finished() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(2, 200)
            .weighs(3, 9_800)
            .finishes(2)
            .weighs(5, 195);
    return bench.measures(4, new GoldWeight(3, 0.001)).measures(5, new KnownGold(0, 0));
  }

  private static Assay assay(double gramsPerTonne, double sampleG, VisibleGold visible) {
    return new Assay(gramsPerTonne, 0.05, sampleG, Optional.empty(), Optional.of(visible));
  }

  private static LotGold tailings(Bench bench) {
    return of(bench).lots().get(new LotId(3));
  }

  @Test
  void aPanSpeaksOfFreeGoldAndLeavesTheHiddenOpen() {
    LotGold lot = tailings(finished().measures(3, new SpeckCount(4, 0.05)));
    assertThat(lot.free()).isPresent();
    assertThat(lot.hidden()).isEmpty();
    assertThat(lot.isHiddenOpen()).isTrue();
    assertThat(lot.all()).isEqualTo(lot.free().orElseThrow());
    GoldAccount account = of(finished().measures(3, new SpeckCount(4, 0.05)));
    assertThat(account.recovery(Of.FREE, Against.FOUND).orElseThrow().isAtMost()).isFalse();
    assertThat(account.recoveries())
        .as("nobody measured hidden gold")
        .noneMatch(recovery -> recovery.of() == Of.ALL);
    assertThat(account.place(Place.Kind.TAILINGS).orElseThrow().hiddenOpen())
        .containsExactly(new LotId(3));
  }

  /** Magnetics panned without one speck that assay well all the same: common practice. */
  @Test
  void magneticsPannedCleanAreABoundOfFreeGoldOnly() {
    Bench bench =
        Bench.started()
            .weighs(1, 8_000)
            .magnet(1)
            .weighs(2, 4_000)
            .weighs(3, 3_990)
            .measures(2, new PannedSample(400, List.of(new Seen(Cut.ALL, 0))));
    LotGold panned = of(bench).lots().get(new LotId(2));
    assertThat(panned.isNothingSeen()).isTrue();
    assertThat(panned.isHiddenOpen()).isTrue();
    bench.measures(2, assay(12.5, 100, NONE));
    LotGold assayed = of(bench).lots().get(new LotId(2));
    assertThat(assayed.hidden().orElseThrow().milligrams())
        .as("12.5 g/t of 4 kg, 900 fine")
        .isCloseTo(12.5 * 4 / 0.9, within(1.5));
    assertThat(assayed.free().orElseThrow().highMg())
        .as("more sand was looked through")
        .isLessThan(panned.free().orElseThrow().highMg());
    assertThat(assayed.all().milligrams()).isGreaterThan(panned.all().milligrams());
  }

  /** 20 g/t of the sand without its visible gold, of which 6 mg lay in the kilogram sampled. */
  @Test
  void whatWasTakenOutBeforeIsFreeAndTheResultIsHidden() {
    LotGold lot =
        tailings(finished().measures(3, assay(20, 1_000, new VisibleGold(State.TAKEN_BEFORE, 6))));
    assertThat(lot.hidden().orElseThrow().milligrams()).isCloseTo(20 * 9.8 / 0.9, within(4.0));
    assertThat(lot.free().orElseThrow().milligrams())
        .as("6 mg a kilogram, and half a grain more")
        .isCloseTo(6 * 9.8, within(6.0));
    assertThat(lot.isWhole()).isTrue();
    LotGold after =
        tailings(finished().measures(3, assay(20, 1_000, new VisibleGold(State.TAKEN_AFTER, 6))));
    assertThat(after.hidden().orElseThrow().milligrams())
        .as("the visible gold comes off")
        .isCloseTo((20 / 0.9 - 6) * 9.8, within(4.0));
  }

  @Test
  void anAssayOfWhichNobodySaidTellsBothTogether() {
    LotGold lot = tailings(finished().measures(3, new Assay(20, 0.05, 1_000)));
    assertThat(lot.isTogether()).isTrue();
    assertThat(lot.free()).isEmpty();
    LotGold looked =
        tailings(
            finished().measures(3, new Assay(20, 0.05, 1_000)).measures(3, new SpeckCount(6, 0.1)));
    assertThat(looked.isTogether()).isFalse();
    assertThat(looked.free()).isPresent();
    assertThat(looked.hidden().orElseThrow().milligrams())
        .as("the sum less the free gold")
        .isCloseTo(
            looked.all().milligrams() - looked.free().orElseThrow().milligrams(), within(2.0));
  }

  /**
   * A sample told heavier than the lot, a slip of the scale, still tells its grade and not the gold
   * of its own weight.
   */
  @Test
  void aSampleHeavierThanItsLotTellsItsGrade() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(2, 10)
            .weighs(3, 9_990)
            .measures(2, new Assay(90_000, 0.05, 30));
    assertThat(of(bench).lots().get(new LotId(2)).all().milligrams())
        .as("90,000 g/t of 10 g, 900 fine")
        .isCloseTo(1_000, within(20.0));
  }

  /**
   * Feed 20, concentrate 800 and tailings 4 g/t by assays nobody said more of: c(f − t)/(f(c − t))
   * = 80.4 % of all gold, weights or not.
   */
  @Test
  void assaysOfWhichNobodySaidStillTellATwoProductRecovery() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(2, 201)
            .weighs(3, 9_799);
    bench
        .measures(1, new Assay(20, 0.01, 5_000))
        .measures(2, new Assay(800, 0.01, 100))
        .measures(3, new Assay(4, 0.01, 5_000));
    Stage stage = of(bench).stages().values().iterator().next();
    assertThat(stage.of()).isEqualTo(Of.ALL);
    assertThat(stage.balance().orElseThrow().twoProduct().usual()).isCloseTo(0.804, within(0.02));
  }

  /**
   * Gold in the safety catch goes round again: neither won nor lost, and it has the place of the
   * middlings.
   */
  @Test
  void theSafetyCatchIsToBeRunAgain() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .table(1, Material.CONCENTRATE, Material.SAFETY_CATCH, Material.TAILINGS)
            .weighs(2, 200)
            .weighs(3, 50)
            .weighs(4, 9_750);
    bench
        .measures(2, new KnownGold(900, 0))
        .measures(3, new KnownGold(60, 0))
        .measures(4, new KnownGold(40, 0));
    GoldAccount account = of(bench);
    Stage stage = account.stages().values().iterator().next();
    assertThat(stage.again().orElseThrow().milligrams()).isEqualTo(60);
    assertThat(stage.recovery().orElseThrow().usual()).isCloseTo(0.9, within(1e-9));
    assertThat(account.place(Place.Kind.MIDDLINGS).orElseThrow().lots())
        .containsExactly(new LotId(3));
    assertThat(Material.SAFETY_CATCH.isSetAside()).isFalse();
  }

  /** 20, 24 and 28 g/t are 24, not 28, and scatter by 4/√3. */
  @Test
  void severalAssaysAreAveraged() {
    Bench bench =
        finished()
            .measures(3, assay(20, 500, NONE))
            .measures(3, assay(24, 500, NONE))
            .measures(3, assay(28, 500, NONE));
    GoldRange hidden = tailings(bench).hidden().orElseThrow();
    assertThat(hidden.milligrams()).isCloseTo(24 * 9.8 / 0.9, within(3.0));
    double relative = 4 / Math.sqrt(3) / 24;
    double fineness = 0.04 / 0.9;
    assertThat((hidden.highMg() - hidden.lowMg()) / hidden.milligrams())
        .isCloseTo(2 * 1.96 * Math.hypot(relative, fineness), within(0.03));
    GoldRange composite =
        tailings(
                bench.measures(
                    3, new Assay(90, 0.1, 500, Optional.of("season bag"), Optional.of(NONE))))
            .hidden()
            .orElseThrow();
    assertThat(composite)
        .as("the lot's own samples speak, not those of a whole bag")
        .isEqualTo(hidden);
  }

  /**
   * Oversize of 1 mm and more: an eye picks what is in it. Sand of 50 mesh may hold anything finer.
   */
  @Test
  void lookingOverBoundsThePiecesAnEyePicksAndNothingElse() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .screens(1, "16", "50")
            .weighs(2, 2_000)
            .weighs(3, 4_000)
            .weighs(4, 3_990);
    bench
        .measures(2, new LookedOver(0, 0))
        .measures(3, new LookedOver(1, 0.02))
        .measures(4, new LookedOver(0, 0));
    GoldAccount account = of(bench);
    LotGold oversize = account.lots().get(new LotId(2));
    assertThat(oversize.isNothingSeen()).isTrue();
    assertThat(oversize.all().highMg()).as("a bound, never exactly nothing").isPositive();
    LotGold middle = account.lots().get(new LotId(3));
    assertThat(middle.finerOpen()).isTrue();
    assertThat(middle.all().milligrams()).as("the picker").isEqualTo(20);
    assertThat(account.lots())
        .as("none of so fine a sand could be seen")
        .doesNotContainKey(new LotId(4));
    assertThat(account.notLookedAt()).containsExactly(new LotId(3), new LotId(4));
    bench.measures(2, assay(25, 500, NONE));
    assertThat(of(bench).lots().get(new LotId(2)).hidden().orElseThrow().milligrams())
        .as("an assay of 56 mg is not outranked by a look")
        .isCloseTo(25 * 2 / 0.9, within(2.0));
  }

  /**
   * Gold finer than one sees is hidden: a count of specks in a cut of such sizes tells nothing, and
   * in a wider one speaks of the coarser.
   */
  @Test
  void nothingSeenBoundsWhatOneCanSee() {
    Assumptions blunt = new Assumptions(0.01, 0.3, 17.5, 0.9, 0.04, 0.001, OptionalDouble.of(0.2));
    Bench bench =
        Bench.started()
            .does(new Edit.Assume(blunt))
            .weighs(1, 10_000)
            .screens(1, "50", "100")
            .weighs(2, 5_000)
            .weighs(3, 3_000)
            .weighs(4, 1_990);
    bench.measures(3, new SpeckCount(0, 0.1)).measures(4, new SpeckCount(0, 0.1));
    GoldAccount account = of(bench);
    assertThat(account.lots()).doesNotContainKey(new LotId(4));
    Bench sharp =
        Bench.started()
            .weighs(1, 10_000)
            .screens(1, "50", "100")
            .weighs(2, 5_000)
            .weighs(3, 3_000)
            .weighs(4, 1_990)
            .measures(3, new SpeckCount(0, 0.1));
    assertThat(account.known(new LotId(3)).orElseThrow().milligrams())
        .as("specks of 0.2 to 0.3 mm only")
        .isGreaterThan(of(sharp).known(new LotId(3)).orElseThrow().milligrams());
    assertThat(Assumptions.USUAL.finestSeenMm()).isEqualTo(0.05);
  }

  @Test
  void theHeadOfAnAssayIsOfAllGoldAndIsNotSetBesideFreeGold() {
    Bench bench =
        finished().measures(3, new SpeckCount(4, 0.05)).measures(1, new Assay(400, 0.05, 1_000));
    GoldAccount account = of(bench);
    assertThat(account.recovery(Of.ALL, Against.HEAD)).isPresent();
    assertThat(account.recovery(Of.FREE, Against.HEAD)).isEmpty();
    assertThat(account.recovery(Of.ALL, Against.FOUND))
        .as("no end lot's hidden gold was measured")
        .isEmpty();
    assertThat(account.recovery(Against.BOTH)).isEmpty();
    bench.measures(3, assay(9, 500, NONE)).measures(5, assay(200, 50, NONE));
    GoldAccount whole = of(bench);
    assertThat(whole.recovery(Of.ALL, Against.FOUND).orElseThrow().isAtMost()).isFalse();
    assertThat(whole.recovery(Of.ALL, Against.BOTH)).isPresent();
    assertThat(whole.recovery(Of.FREE, Against.FOUND).orElseThrow().share())
        .isGreaterThan(whole.recovery(Of.ALL, Against.FOUND).orElseThrow().share());
  }

  /**
   * Head 4 g, nothing run yet but screened: all of it waits. When the last sand was run, what was
   * not found is missing.
   */
  @Test
  void whatTheHeadTellsBeyondTheGoldFoundWaitsInTheSandStillToRun() {
    Bench bench =
        Bench.started().weighs(1, 10_000).measures(1, new Assay(360, 0.02, 2_000)).screens(1, "30");
    Place waiting = of(bench).place(Place.Kind.STILL_TO_RUN).orElseThrow();
    assertThat(waiting.gold().milligrams()).isCloseTo(4_000, within(60.0));
    assertThat(waiting.isByHead()).isTrue();
    assertThat(of(bench).place(Place.Kind.BY_DIFFERENCE)).isEmpty();
    bench
        .weighs(2, 4_000)
        .weighs(3, 5_990)
        .finishes(2)
        .measures(4, new GoldWeight(1, 0.001))
        .measures(5, new KnownGold(0, 0));
    assertThat(of(bench).place(Place.Kind.STILL_TO_RUN).orElseThrow().gold().milligrams())
        .isCloseTo(3_000, within(60.0));
    bench.finishes(3).measures(6, new GoldWeight(2, 0.001)).measures(7, new KnownGold(0, 0));
    assertThat(of(bench).place(Place.Kind.STILL_TO_RUN)).isEmpty();
    assertThat(of(bench).place(Place.Kind.BY_DIFFERENCE).orElseThrow().gold().milligrams())
        .isCloseTo(1_000, within(60.0));
  }

  /**
   * Fifty specks of −50 +100 that weigh 3.1 mg are twice as heavy as flatness 0.3 would make them:
   * 0.0312 mg each (derived, π/6·f·ρ·mean d³).
   */
  @Test
  void countedAndWeighedSpecksReplaceTheAssumedFlatness() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .screens(1, "50", "100")
            .weighs(2, 4_000)
            .weighs(3, 4_000)
            .weighs(4, 1_990);
    bench.measures(3, new WeighedSpecks(50, 3.123, 0.1)).measures(2, new SpeckCount(3, 0.1));
    BatchSpecks specks = BatchSpecks.of(Network.of(bench.batch()));
    assertThat(specks.isMeasured()).isTrue();
    assertThat(specks.flatness()).isCloseTo(0.6, within(0.005));
    double read = 0.1 / 3.123 / Math.sqrt(12);
    double sizes = Math.log1p(Speck.of(bench.lot(3).cut(), 0.3, 17.5).variance() / 50);
    assertThat(specks.logSd())
        .isCloseTo(Math.sqrt(read * read + sizes + 0.01), within(1e-9))
        .isLessThan(SpeckMass.FLATNESS_LOG_SD);
    assertThat(specks.of(bench.lot(2).cut()).meanMg())
        .isCloseTo(2 * Speck.of(bench.lot(2).cut(), 0.3, 17.5).meanMg(), within(0.02));
  }

  /**
   * Where no screen bounds a cut below, only its own specks tell what they weigh, and they tell
   * nothing of another cut.
   */
  @Test
  void theSpeckOfAnOpenCutIsThatOfItsOwnSpecks() {
    Bench bench =
        Bench.started().weighs(1, 10_000).screens(1, "100").weighs(2, 8_000).weighs(3, 1_990);
    Cut fines = bench.lot(3).cut();
    double assumed = BatchSpecks.of(Network.of(bench.batch())).of(fines).meanMg();
    bench.measures(3, new WeighedSpecks(50, 0.05, 0.01));
    BatchSpecks specks = BatchSpecks.of(Network.of(bench.batch()));
    assertThat(specks.of(fines).meanMg()).isCloseTo(0.001, within(1e-9)).isLessThan(assumed);
    assertThat(specks.of(fines).shared()).isFalse();
    assertThat(specks.flatness()).isEqualTo(0.3);
    bench.measures(3, new SpeckCount(100, 1));
    GoldRange gold = of(bench).known(new LotId(3)).orElseThrow();
    assertThat(gold.milligrams()).isCloseTo(0.1005, within(0.004));
    assertThat(gold.highMg() / gold.lowMg())
        .as("count and weighing, no doubt of a flatness")
        .isLessThan(2);
  }

  /**
   * 50 g assayed and none seen beside 400 g panned: with 40 specks in the pan 5 were to be expected
   * in the assayed, so that was panned before; with 8 it was one, and none is no wonder.
   */
  @Test
  void whatAPanHadLeftIsNotLookedOverAgain() {
    for (int[] seen : new int[][] {{40, 400}, {8, 450}}) {
      Bench bench = Bench.started().weighs(1, 10_000).screens(1, "50", "100").weighs(3, 4_000);
      bench
          .measures(
              3, new PannedSample(400, List.of(new PannedSample.Seen(bench.lot(3).cut(), seen[0]))))
          .measures(3, assay(2, 50, NONE));
      double expected =
          (seen[0] + 0.5) * 4_000.0 / seen[1] * Speck.of(bench.lot(3).cut(), 0.3, 17.5).meanMg();
      assertThat(of(bench).lots().get(new LotId(3)).free().orElseThrow().milligrams())
          .isCloseTo(expected, within(0.02 * expected));
    }
  }

  /** The 18 g/t of all gold in a lot without visible gold bring no machine to it. */
  @Test
  void theCutOfUnseenSandTellsHowASampleScatters() {
    Cut wide = new Cut(StandardScreens.numbered("20"), StandardScreens.numbered("100"));
    Bench bench = Bench.started().weighs(1, 10_000);
    BatchSpecks before = BatchSpecks.of(Network.of(bench.batch()));
    assertThat(before.sampled(Cut.ALL).meanMg())
        .as("0.15 to 0.85 mm until something is known")
        .isCloseTo(Speck.of(wide, 0.3, 17.5).massWeightedMg(), within(1e-9));
    bench.screens(1, "50", "100").finishes(3).measures(5, new GoldWeight(2, 0.001));
    BatchSpecks won = BatchSpecks.of(Network.of(bench.batch()));
    Cut fine = bench.lot(3).cut();
    assertThat(won.sampled(Cut.ALL).meanMg())
        .as("all its gold so far is −50 +100")
        .isCloseTo(Speck.of(fine, 0.3, 17.5).massWeightedMg(), within(1e-9));
  }

  /**
   * Gy's fundamental error for liberated gold, σ² = f·g·ρ·d³ ÷ (gold in the sample), with d the
   * opening 5 % of the gold does not pass: shape f about 0.2 for flakes (0.5 for spheres) and size
   * range g 0.25 for wide sand, 0.5 to 0.75 between near screens (P. Gy, Sampling of Particulate
   * Materials, 1979; F. Pitard, Pierre Gy's Sampling Theory and Sampling Practice, 1993; from
   * memory). The mass of a milligram's speck must be about f·g·ρ·d³.
   */
  @Test
  void theScatterOfSmallSamplesIsGysFundamentalError() {
    double rho = 17.5;
    Cut wide = new Cut(StandardScreens.numbered("20"), StandardScreens.numbered("200"));
    double gyWide = 0.2 * 0.25 * rho * Math.pow(0.85, 3);
    double gyNear = 0.2 * 0.6 * rho * Math.pow(0.30, 3);
    Cut near = new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("70"));
    assertThat(Speck.of(wide, 0.3, rho).massWeightedMg() / gyWide).isBetween(0.5, 2.0);
    assertThat(Speck.of(near, 0.3, rho).massWeightedMg() / gyNear).isBetween(0.5, 2.0);
    double sphere = Speck.of(near, 1, rho).massWeightedMg();
    assertThat(sphere / (0.523 * 0.6 * rho * Math.pow(0.30, 3))).isBetween(0.75, 1.35);
  }
}
