package jugulum.core.smelt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Melting;
import jugulum.core.shop.Terms;
import org.junit.jupiter.api.Test;

/** Worked examples of the trade's usual figures; atomic weights are those of the IUPAC. */
class SmeltSumsTest {
  private static final Terms TERMS = new Terms(80, 1, 22, 6, "€", LocalDate.of(2026, 11, 1));

  /** 8 kg, 150 g a crucible, two at once, an hour and a half a heat, 6 a crucible. */
  private static final WholeLot LOT = new WholeLot(8000, 150, 2, 1.5, 6);

  @Test
  void aMixtureTakesEveryFluxByItsShares() {
    Charge charge = Charge.of(200, Map.of(SandKind.IRON_OXIDES, 0.75, SandKind.QUARTZ, 0.25));
    Band borax = charge.fluxes().get(Flux.BORAX);
    assertThat(borax.low()).isCloseTo(2 * (0.75 * 50 + 0.25 * 30), within(1e-9));
    assertThat(borax.high()).isCloseTo(2 * (0.75 * 130 + 0.25 * 80), within(1e-9));
    assertThat(charge.fluxes().get(Flux.SILICA).low()).isCloseTo(45, within(1e-9));
  }

  /** Bought flux goes in at one and a half to three times the sand: common practice. */
  @Test
  void allFluxesTogetherAreWhatIsBoughtMixed() {
    for (SandKind kind : SandKind.values()) {
      assertThat(Charge.of(100, Map.of(kind, 1.0)).ratio()).as(kind.name()).isBetween(1.5, 3.0);
    }
  }

  @Test
  void sharesThatAreNotAllAreRefused() {
    assertThatThrownBy(() -> Charge.of(100, Map.of(SandKind.QUARTZ, 0.9)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("shares together");
  }

  @Test
  void aCrucibleTakesHundredGrams() {
    assertThat(Crucible.sandG(500, 0.5, 2.6, 1.0, 2)).isCloseTo(104.8, within(0.05));
  }

  @Test
  void flourMakesTheButtonAndPaysForTheIron() {
    assertThat(Charge.flourForLead(30, 12, 4, 0)).isCloseTo(4.18, within(0.005));
    assertThat(Charge.flourForLead(30, 12, 4, 10)).as("roast first").isNegative();
  }

  /** 250 g with 8 % pyrite, half of it magnetite: −6.7 to −2.4 g. */
  @Test
  void roastingLosesSulfurAndTakesOxygen() {
    assertThat(Roast.OF_PYRITE).isCloseTo(-0.334, within(5e-4));
    assertThat(Roast.OF_MAGNETITE).isCloseTo(0.035, within(5e-4));
    Roast.Change change = Roast.expected(250, 0.08, 0.5);
    assertThat(change.lowG()).isCloseTo(-6.7, within(0.05));
    assertThat(change.highG()).isCloseTo(-2.4, within(0.05));
    assertThat(change.isUnfinished(-2)).isTrue();
    assertThat(change.isUnfinished(-5)).isFalse();
  }

  @Test
  void theButtonTellsOfTheMelt() {
    assertThat(Button.of(40, 0, 35)).isEqualTo(Button.LOW);
    assertThat(Button.of(40, 0, 41)).isEqualTo(Button.RIGHT);
    assertThat(Button.of(40, 0, 47)).isEqualTo(Button.HIGH);
    assertThat(Button.of(40, 5, 47)).as("five of it gold").isEqualTo(Button.RIGHT);
    assertThat(Button.beadWithShot(84, 36, 3)).isCloseTo(91.0, within(0.05));
  }

  @Test
  void aWholeLotIsTwentySevenHeats() {
    assertThat(LOT.heats()).isEqualTo(27);
    assertThat(LOT.hours()).isCloseTo(40.5, within(1e-9));
    assertThat(LOT.cost(TERMS)).isCloseTo(1215, within(1e-9));
    assertThat(LOT.paysFrom(TERMS)).isCloseTo(2038, within(0.5));
    assertThat(LOT.beadMg(25)).isCloseTo(3.45, within(1e-9));
    assertThat(LOT.worth(TERMS, 25)).isCloseTo(14.7, within(0.05));
  }

  /** At that grade a full crucible brings just what it costs. */
  @Test
  void fromThereItPays() {
    WholeLot full = new WholeLot(300, 150, 2, 1.5, 6);
    double grade = full.paysFrom(TERMS);
    assertThat(full.worth(TERMS, grade)).isCloseTo(full.cost(TERMS), within(1e-9));
    Terms nothing = new Terms(0, 1, 22, 6, "€", LocalDate.of(2026, 11, 1));
    assertThat(full.paysFrom(nothing)).isInfinite();
  }

  @Test
  void whatCannotBeIsRefusedByName() {
    assertThatThrownBy(() -> Button.of(40, 0, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("buttonG");
    assertThatThrownBy(() -> Crucible.sandG(Double.NaN, 0.5, 2.6, 1, 2))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("volumeMl");
    assertThatThrownBy(() -> Charge.flourForLead(30, -1, 0, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("magnetiteG");
    assertThatThrownBy(() -> new WholeLot(8000, 150, 0, 1.5, 6))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("atOnce");
  }

  /**
   * 84 mg with 60 of gold and a blank of 3: 21 of silver; under 20 steps of 5 mg it is too light.
   */
  @Test
  void aBeadTellsItsSilverAndWhetherTheScaleCanTellIt() {
    Bench bench =
        Bench.started()
            .weighs(1, 500)
            .measures(
                1,
                new Measure.Melt(
                    0, new MeltFact.Taken(120, new VisibleGold(VisibleGold.State.NONE_SEEN, 0))));
    bench
        .measures(1, new Measure.Melt(0, new MeltFact.Blank(3)))
        .measures(
            1,
            new Measure.Melt(1, new MeltFact.Charged(100, Collector.LEAD, OptionalDouble.of(40))))
        .measures(1, new Measure.Melt(1, new MeltFact.Button(36)))
        .measures(1, new Measure.Melt(1, new MeltFact.Bead(84)));
    Melting open = Melting.of(bench.lot(1)).getFirst();
    assertThat(Bead.silverMg(open, open.crucibles().getFirst())).isEmpty();
    bench.measures(1, new Measure.Melt(1, new MeltFact.Parted(60)));
    Melting parted = Melting.of(bench.lot(1)).getFirst();
    assertThat(Bead.silverMg(parted, parted.crucibles().getFirst())).hasValue(21);
    assertThat(Bead.isTooLight(84, 0.005)).isTrue();
    assertThat(Bead.isTooLight(84, 0.001)).isFalse();
    assertThatThrownBy(() -> Bead.isTooLight(Double.NaN, 0.001)).isInstanceOf(OutOfRange.class);
  }
}
