package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.OutOfRange;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.gold.Recovery.Of;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Measure.VisibleGold.State;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reason;
import jugulum.core.mass.SandAccount;
import org.junit.jupiter.api.Test;

class SmeltTest {
  private static final VisibleGold NONE = new VisibleGold(State.NONE_SEEN, 0);

  private static Smelt smelt(double sampleG, double beadMg, double partedMg, VisibleGold visible) {
    return new Smelt(
        sampleG,
        Collector.LEAD,
        OptionalDouble.of(30),
        OptionalDouble.of(28),
        beadMg,
        OptionalDouble.of(partedMg),
        OptionalDouble.empty(),
        visible,
        OptionalDouble.of(15));
  }

  private static GoldAccount of(Bench bench) {
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network));
  }

  /** Lots 2 concentrate, 3 tailings of 10 kg, 4 gold, 5 residue. */
  private static Bench finished() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_200)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(2, 200)
            .weighs(3, 10_000)
            .finishes(2);
    return bench
        .measures(4, new GoldWeight(3, 0.001))
        .measures(4, new Measure.Fineness(0.9, 0))
        .measures(5, new KnownGold(0, 0));
  }

  /**
   * A bead in mg from one assay ton reads ounces to the short ton: common practice, and exact by
   * the definition of the assay ton.
   */
  @Test
  void aBeadFromAnAssayTonReadsOuncesPerShortTon() {
    double gramsPerTonne = Smelted.of(smelt(29.166667, 2.5, 2.5, NONE)).gramsPerTonne(1);
    assertThat(gramsPerTonne / Smelted.GRAMS_PER_TONNE_OF_AN_OUNCE).isCloseTo(2.5, within(1e-6));
    assertThat(Smelted.GRAMS_PER_TONNE_OF_AN_OUNCE)
        .as("NIST SP 811")
        .isCloseTo(34.285714, within(1e-6));
  }

  @Test
  void hiddenGoldIsWhatIsLeftWithoutTheVisible() {
    Smelted before = Smelted.of(smelt(50, 6, 5, new VisibleGold(State.TAKEN_BEFORE, 2)));
    assertThat(before.hiddenGramsPerTonne(0.9)).isCloseTo(100, within(1e-9));
    assertThat(before.gramsPerTonne(0.9)).isCloseTo(136, within(1e-9));
    Smelted after = Smelted.of(smelt(50, 6, 5, new VisibleGold(State.TAKEN_AFTER, 2)));
    assertThat(after.hiddenGramsPerTonne(0.9)).isCloseTo(64, within(1e-9));
    assertThat(after.gramsPerTonne(0.9)).isCloseTo(100, within(1e-9));
  }

  @Test
  void aSmeltTellsTheLotAndItsBeadIsInHand() {
    GoldAccount account = of(finished().measures(3, smelt(100, 2, 1.8, NONE)));
    assertThat(account.place(Place.Kind.BEAD).orElseThrow().gold().milligrams())
        .as("1.8 mg fine, 900 fine")
        .isCloseTo(2, within(0.01));
    LotGold lot = account.lots().get(new LotId(3));
    assertThat(lot.hidden().orElseThrow().milligrams())
        .as("18 g/t of the 9.9 kg left")
        .isCloseTo(198, within(1.0));
    assertThat(lot.free().orElseThrow().lowMg()).as("none was seen: a bound").isLessThan(1);
    assertThat(lot.isNothingSeen()).isTrue();
    assertThat(account.recovery(Of.FREE, Against.FOUND).orElseThrow().share())
        .as("of the free gold")
        .isGreaterThan(0.99);
    Recovery all = account.recovery(Of.ALL, Against.FOUND).orElseThrow();
    assertThat(all.share()).isCloseTo(3_002.0 / 3_211, within(0.004));
    assertThat(all.notLookedAt())
        .as("of the residue only its free gold is known")
        .containsExactly(new LotId(5));
  }

  @Test
  void goldLeftInTellsTheSumAndNotTheHiddenGold() {
    GoldAccount account =
        of(finished().measures(3, smelt(100, 2, 1.8, new VisibleGold(State.LEFT_IN, 0))));
    LotGold lot = account.lots().get(new LotId(3));
    assertThat(lot.isTogether()).isTrue();
    assertThat(lot.free()).isEmpty();
    assertThat(lot.hidden()).isEmpty();
    assertThat(lot.isHiddenOpen()).isFalse();
    Recovery free = account.recovery(Of.FREE, Against.FOUND).orElseThrow();
    assertThat(free.together()).containsExactly(new LotId(3));
    assertThat(free.isAtLeast()).as("what counts as lost is not all free gold").isTrue();
    assertThat(account.place(Place.Kind.BEAD)).isPresent();
    Measure.Assay assay =
        new Measure.Assay(
            18, 0.05, 100, Optional.empty(), Optional.of(new VisibleGold(State.LEFT_IN, 0)));
    assertThat(of(finished().measures(3, assay)).lots().get(new LotId(3)).isTogether()).isTrue();
  }

  /**
   * Of 6 mg got out 2 to 4 were judged to be visible: the rest is hidden, and the sum may be more.
   */
  @Test
  void judgedGoldIsARangeOfItsOwn() {
    LotGold lot =
        of(finished().measures(3, smelt(1_000, 6, 5.4, VisibleGold.judged(2, 4))))
            .lots()
            .get(new LotId(3));
    assertThat(lot.isAtLeast()).isTrue();
    assertThat(lot.free().orElseThrow().milligrams())
        .as("3 of the 6, of nine of the ten kilograms")
        .isCloseTo(27, within(0.3));
    assertThat(lot.free().orElseThrow().lowMg()).isCloseTo(9 * 2.05, within(0.3));
    assertThat(lot.free().orElseThrow().highMg()).isCloseTo(9 * 3.95, within(0.3));
    assertThat(lot.all().milligrams()).isCloseTo(54, within(4.0));
    assertThat(lot.hidden().orElseThrow().milligrams()).isCloseTo(27, within(4.0));
    assertThatThrownBy(() -> VisibleGold.judged(4, 2))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("upToMg");
    assertThatThrownBy(() -> new VisibleGold(State.JUDGED, 3))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void severalSmeltsAreAveragedAndTellTheirOwnSpread() {
    GoldRange one =
        of(finished().measures(3, smelt(300, 60, 54, NONE)))
            .lots()
            .get(new LotId(3))
            .hidden()
            .orElseThrow();
    Bench bench =
        finished()
            .measures(3, smelt(100, 22, 19.8, NONE))
            .measures(3, smelt(100, 18, 16.2, NONE))
            .measures(3, smelt(100, 20, 18, NONE));
    GoldRange three = of(bench).lots().get(new LotId(3)).hidden().orElseThrow();
    assertThat(three.milligrams()).isCloseTo(one.milligrams(), within(0.02 * one.milligrams()));
    double spread = (three.highMg() - three.lowMg()) / three.milligrams();
    assertThat(spread)
        .as("0.1/√3 between them, ± 1.96; hidden gold has no coarse specks")
        .isCloseTo(2 * 1.96 * Math.sqrt(0.01 / 3), within(0.01));
    assertThat(spread).isLessThan((one.highMg() - one.lowMg()) / one.milligrams());
  }

  @Test
  void noBeadIsABoundAndNeverNone() {
    GoldRange none =
        of(finished().measures(3, smelt(100, 0, 0, NONE))).known(new LotId(3)).orElseThrow();
    assertThat(none.highMg()).isPositive();
    GoldRange assayed =
        of(finished().measures(3, new Measure.Assay(0, 0.05, 29.166667)))
            .known(new LotId(3))
            .orElseThrow();
    assertThat(assayed.highMg()).as("a smaller sample tells less").isGreaterThan(none.highMg());
  }

  @Test
  void aLotSmeltedWholeHasNothingLeft() {
    GoldAccount account = of(finished().measures(3, smelt(10_000, 200, 180, NONE)));
    assertThat(account.known(new LotId(3)).orElseThrow()).isEqualTo(GoldRange.NONE);
    assertThat(account.recovery(Against.FOUND).orElseThrow().share()).isEqualTo(1);
    assertThat(account.won().orElseThrow().milligrams()).isCloseTo(3_200, within(1.0));
  }

  @Test
  void whatCannotBeIsRefused() {
    Bench bench = finished();
    assertThat(
            bench.refused(new Edit.RecordOnLot(new LotId(3), smelt(20_000, 1, 1, NONE))).reason())
        .isEqualTo(Reason.HEAVIER_THAN_INPUT);
    assertThat(bench.refused(new Edit.RecordOnLot(new LotId(3), smelt(1, 2_000, 1, NONE))).reason())
        .isEqualTo(Reason.GOLD_HEAVIER_THAN_LOT);
    assertThatThrownBy(() -> smelt(100, 2, 2.1, NONE))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("partedMg");
    assertThatThrownBy(() -> new VisibleGold(State.LEFT_IN, 3))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("visibleMg");
  }
}
