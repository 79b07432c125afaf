package jugulum.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Dial.Unit;
import jugulum.core.machine.Sheet.Fit;
import jugulum.core.machine.Working.Sorts;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class SheetsTest {
  private static Stream<Kind> byWeight() {
    return Stream.of(Kind.values())
        .filter(kind -> Sheets.of(kind).working().sorts() == Sorts.BY_WEIGHT);
  }

  @ParameterizedTest
  @MethodSource("byWeight")
  void whatSortsByWeightGivesConcentrateAndTailings(Kind kind) {
    Sheet sheet = Sheets.of(kind);
    assertThat(sheet.ports()).contains(Material.CONCENTRATE, Material.TAILINGS);
    assertThat(sheet.dial("wetting").isPresent())
        .as("a wetting agent stays out of creeks")
        .isEqualTo(kind != Kind.RIFFLE_SLUICE);
  }

  /** Common practice: gap 3 to 20 mm, one to three grains deep, 10 to 40 kg/h past a drum. */
  @Test
  void magnetsHaveSheetsOfTheirOwn() {
    assertThat(Sheets.byWeight().map(Sheet::kind))
        .contains(Kind.RIFFLE_SLUICE)
        .doesNotContain(Kind.DRUM_SEPARATOR, Kind.FEEDER, Kind.HAND_MAGNET);
    Sheet drum = Sheets.of(Kind.DRUM_SEPARATOR);
    assertThat(drum.dial("magnet-gap").orElseThrow().usual()).contains(new Band(3, 11.5, 20));
    assertThat(drum.dial("sand-layer").orElseThrow().usual()).contains(new Band(1, 2, 3));
    assertThat(drum.dial("feed").orElseThrow().usual()).contains(new Band(10, 25, 40));
    assertThat(drum.dial("motor-volts").orElseThrow().usual()).as("by weighing").isEmpty();
    assertThat(drum.cautions()).contains("magnets", "dry-sand", "mains");
    assertThat(drum.ports()).containsExactly(Material.NON_MAGNETICS, Material.MAGNETICS);
    assertThat(Sheets.of(Kind.FEEDER).ports()).isEmpty();
    assertThat(Sheets.of(Kind.FEEDER).working().sorts()).isEqualTo(Sorts.NOTHING);
    Shop shop = Shop.USUAL.with(Gear.any(new Machine(Kind.DRUM_SEPARATOR, "north drum")));
    assertThat(shop.gearCountedOn()).as("one magnet is no gear for gold").hasSizeGreaterThan(3);
    assertThat(shop.separators()).singleElement().extracting(Gear::name).isEqualTo("north drum");
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void everyMachineHasAWholeSheet(Kind kind) {
    Sheet sheet = Sheets.of(kind);
    assertThat(sheet.kind()).isEqualTo(kind);
    assertThat(sheet.dials()).isNotEmpty().extracting(Dial::id).doesNotHaveDuplicates();
    assertThat(sheet.checks()).isNotEmpty();
    assertThat(sheet.symptoms()).isNotEmpty().allMatch(symptom -> !symptom.causes().isEmpty());
    assertThat(sheet.cleaning()).isNotEmpty();
    assertThat(sheet.cautions()).isNotEmpty();
    if (kind != Kind.FEEDER) {
      assertThat(sheet.expected().high() - sheet.expected().low())
          .as("wide where nobody measured")
          .isGreaterThan(0.3);
    }
    assertThat(sheet.suits().finestMm()).isLessThan(sheet.suits().coarsestMm());
  }

  @Test
  void aDialMeansTheSameUnitOnEverySheet() {
    for (Kind kind : Kind.values()) {
      assertThat(Sheets.of(kind).dials())
          .allSatisfy(
              dial ->
                  assertThat(Sheets.dial(dial.id()).orElseThrow().unit()).isEqualTo(dial.unit()));
    }
  }

  /**
   * Common practice: water 3 to 6 mm under a bowl's rim, a finishing table at 1 to 2 degrees, a
   * pocket mat at about 15, minus 30 mesh.
   */
  @Test
  void commonPracticeIsWhatTheSheetsSay() {
    assertThat(Sheets.of(Kind.VORTEX_BOWL).dial("rim").orElseThrow().usual())
        .contains(new Band(3, 4.5, 6));
    assertThat(Sheets.of(Kind.FINISHING_TABLE).dial("tilt").orElseThrow().usual())
        .contains(new Band(1, 1.5, 2));
    assertThat(Sheets.of(Kind.MAT_SLUICE).dial("tilt").orElseThrow().usual().orElseThrow().usual())
        .isEqualTo(15);
    assertThat(Sheets.of(Kind.FINISHING_TABLE).suits().coarsestMm()).isEqualTo(0.6);
    assertThat(Sheets.of(Kind.PIPE_TRAP).dial("least-flow").orElseThrow().usual())
        .as("that hangs on the bore of one's own")
        .isEmpty();
    Band feed = Sheets.of(Kind.SHAKER_TABLE).dial("feed").orElseThrow().usual().orElseThrow();
    assertThat(feed.high() / feed.low()).as("a factor of three between makes").isEqualTo(3);
  }

  /**
   * Common practice: the hopper is drained, drops are the control, the tip is matched to the cut.
   */
  @Test
  void aHopperBowlIsDrainedAndRunByDrops() {
    Sheet hopper = Sheets.of(Kind.HOPPER_BOWL);
    assertThat(hopper.checks())
        .containsSubsequence("hopper-wetting", "water-poured-off")
        .doesNotContain("hopper-wet")
        .contains("tip-by-cut");
    assertThat(hopper.dial("drops")).isPresent();
    assertThat(hopper.dial("tip-hole")).isPresent();
    assertThat(hopper.fit(cut("16", "20"))).isEqualTo(Fit.SUITS);
    assertThat(hopper.fit(cut("10", "20"))).as("coarser than 16 mesh").isEqualTo(Fit.IN_PART);
    assertThat(hopper.dial("flow").orElseThrow().lean())
        .as("water by mesh")
        .isEqualTo(Dial.Lean.MORE_WHEN_COARSER);
  }

  @ParameterizedTest
  @MethodSource("byWeight")
  void goldInTheTailingsHasRemediesOnEveryMachineAndASecondLook(Kind kind) {
    Symptom losing =
        Sheets.of(kind).symptoms().stream()
            .filter(one -> one.id().equals("gold-in-tailings"))
            .findFirst()
            .orElseThrow();
    assertThat(losing.causes()).hasSizeGreaterThan(2).endsWith("look-again");
  }

  @ParameterizedTest
  @EnumSource(names = {"VORTEX_BOWL", "HOPPER_BOWL"})
  void anOverloadedBowlIsLeftToRun(Kind bowl) {
    Sheet sheet = Sheets.of(bowl);
    assertThat(sheet.checks()).contains("next-when-clear", "riffles-below");
    assertThat(sheet.symptoms())
        .filteredOn(one -> one.id().equals("level-sinks"))
        .first()
        .satisfies(one -> assertThat(one.causes()).startsWith("overloaded"));
    assertThat(sheet.symptoms())
        .filteredOn(one -> one.id().equals("sand-stays"))
        .first()
        .satisfies(one -> assertThat(one.causes()).startsWith("not-run-long-enough"));
  }

  @Test
  void aTableHasTwoWaters() {
    assertThat(Sheets.of(Kind.SHAKER_TABLE).dials())
        .extracting(Dial::id)
        .contains("wash-water", "trough-water");
  }

  @Test
  void howWellACutSuits() {
    Sheet bowl = Sheets.of(Kind.VORTEX_BOWL);
    assertThat(bowl.fit(cut("50", "100"))).isEqualTo(Fit.SUITS);
    assertThat(bowl.fit(cut("16", "50"))).isEqualTo(Fit.IN_PART);
    assertThat(bowl.fit(cut("100", "none")))
        .as("finer gold than anybody asks for is left out of account")
        .isEqualTo(Fit.SUITS);
    assertThat(bowl.fit(cut("8", "16"))).isEqualTo(Fit.OUTSIDE);
    assertThat(bowl.fit(cut("none", "8"))).isEqualTo(Fit.OUTSIDE);
    assertThat(Sheets.of(Kind.RIFFLED_PAN).fit(cut("none", "8")))
        .as("nothing bounds it above")
        .isEqualTo(Fit.IN_PART);
  }

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  /**
   * Common practice: water higher, so nearer the rim, for a coarser cut; stroke long and slow for
   * coarse, short and fast for fine.
   */
  @Test
  void targetsFollowTheCut() {
    Sheet bowl = Sheets.of(Kind.VORTEX_BOWL);
    Dial rim = bowl.dial("rim").orElseThrow();
    Band coarse = rim.target(bowl.coarseness(cut("30", "50"))).orElseThrow();
    Band fine = rim.target(bowl.coarseness(cut("100", "200"))).orElseThrow();
    assertThat(coarse.usual()).isLessThan(fine.usual());
    assertThat(coarse.low()).isGreaterThanOrEqualTo(3);
    assertThat(fine.high()).isLessThanOrEqualTo(6);
    Sheet table = Sheets.of(Kind.SHAKER_TABLE);
    assertThat(table.dial("stroke").orElseThrow().target(1).orElseThrow().usual()).isEqualTo(15);
    assertThat(table.dial("strokes").orElseThrow().target(1).orElseThrow().usual()).isEqualTo(270);
    assertThat(table.dial("feed").orElseThrow().target(0.3))
        .isEqualTo(table.dial("feed").orElseThrow().usual());
    assertThatThrownBy(() -> rim.target(Double.NaN)).isInstanceOf(OutOfRange.class);
    assertThat(table.coarseness(Cut.ALL)).isBetween(0.0, 1.0);
  }

  @Test
  void ownGearTakesItsKindsSheetWithWhatIsItsOwn() {
    Gear deck =
        new Gear(
            " the long deck ",
            Kind.SHAKER_TABLE,
            Optional.of(new Sheet.Sizes(0.106, 1.7)),
            Map.of("tilt", new Band(5, 6, 11)),
            OptionalDouble.of(180),
            OptionalDouble.of(900),
            OptionalDouble.of(60));
    assertThat(deck.machine()).isEqualTo(new Machine(Kind.SHAKER_TABLE, "the long deck"));
    assertThat(deck.sheet().suits().finestMm()).isEqualTo(0.106);
    assertThat(deck.sheet().dial("tilt").orElseThrow().isUsual(6)).isTrue();
    assertThat(deck.sheet().dial("tilt").orElseThrow().takes(10.9))
        .as("what is usual is taken")
        .isTrue();
    assertThat(deck.sheet().dial("feed")).isEqualTo(Sheets.of(Kind.SHAKER_TABLE).dial("feed"));
    assertThat(
            deck.usuallyAt(Map.of("feed", 12.0)).sheet().dial("feed").orElseThrow().isUsual(12.5))
        .isTrue();
    assertThat(Gear.everyKind())
        .extracting(Gear::kind)
        .doesNotContain(Kind.PAN)
        .contains(Kind.RIFFLED_PAN, Kind.FLAT_PAN, Kind.CONICAL_PAN);
    assertThatThrownBy(() -> new Sheet.Sizes(0.5, 0.2))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("coarsestMm");
  }

  @Test
  void theThreeFormsOfPanAreToldApart() {
    assertThat(Sheets.of(Kind.RIFFLED_PAN).symptoms())
        .extracting(Symptom::id)
        .contains("riffles-packed");
    assertThat(Sheets.of(Kind.CONICAL_PAN).symptoms())
        .extracting(Symptom::id)
        .doesNotContain("gold-clings");
    assertThat(Sheets.of(Kind.FLAT_PAN).suits().coarsestMm())
        .isLessThan(Sheets.of(Kind.CONICAL_PAN).suits().coarsestMm());
  }

  @Test
  void aDialKnowsItsRange() {
    Dial tilt = Sheets.of(Kind.SHAKER_TABLE).dial("tilt").orElseThrow();
    assertThat(tilt.takes(11)).isFalse();
    assertThat(tilt.takes(Double.NaN)).isFalse();
    assertThat(tilt.isUsual(3)).isTrue();
    assertThat(tilt.isUsual(6)).isFalse();
    assertThatThrownBy(
            () -> new Dial("x", Unit.DEGREES, 0, 5, Optional.of(new Band(4, 5, 6)), Dial.Lean.NONE))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("usual");
  }

  @Test
  void whatWasSetLastCountsAndBelongsToARun() {
    Bench bench =
        Bench.started().weighs(1, 8_000).table(1, Material.CONCENTRATE, Material.TAILINGS);
    StepId run = new StepId(2);
    bench
        .does(new Edit.RecordOnStep(run, new Measure.Setting("tilt", 4)))
        .does(new Edit.RecordOnStep(run, new Measure.Setting("tilt", 2.5)));
    assertThat(bench.step(2).orElseThrow().setting("tilt")).hasValue(2.5);
    assertThat(bench.step(2).orElseThrow().setting("feed")).isEmpty();
    assertThat(
            bench
                .refused(new Edit.RecordOnStep(new StepId(1), new Measure.Setting("tilt", 4)))
                .reason())
        .isEqualTo(Reason.MEASURE_NOT_FOR_THIS);
    assertThat(List.of(bench.step(2).orElseThrow().readings())).hasSize(1);
  }

  /** Three gallons in forty seconds are 4.5 gallons or 17.03 litres a minute: exact units. */
  @Test
  void benchSums() {
    assertThat(BenchSums.litresPerMinute(3 * BenchSums.LITRES_PER_GALLON, 40))
        .isCloseTo(17.03, within(0.005))
        .isEqualTo(4.5 * BenchSums.LITRES_PER_GALLON, within(1e-12));
    assertThat(BenchSums.tiltDegrees(1, 1)).isCloseTo(45, within(1e-12));
    assertThat(BenchSums.tiltDegrees(35, 1000)).isCloseTo(2.0045, within(1e-4));
    assertThat(BenchSums.kgPerHour(1.5, 10)).isEqualTo(9);
    assertThat(BenchSums.runHours(30, 20)).isEqualTo(1.5);
    assertThat(BenchSums.loads(3_100, 150)).isEqualTo(21);
    assertThat(BenchSums.batteryHours(600, 150)).isEqualTo(4);
    assertThat(BenchSums.drainWatts(90.4, 60)).isCloseTo(39.4, within(1e-9));
    assertThat(BenchSums.batteryHours(480, 39.4)).isCloseTo(12.2, within(0.05));
    assertThat(BenchSums.rechargeHours(3 * 90.4, 60)).isCloseTo(5.3, within(0.05));
    assertThat(BenchSums.drainWatts(40, 60)).as("the charger gives more").isZero();
    assertThat(BenchSums.waterOnce(17, 1.5)).isEqualTo(1_530);
    assertThat(BenchSums.waterGoingRound(17, 4, 30, 0.25))
        .as("68 L in the sump, 10 L with the sand")
        .isCloseTo(78, within(1e-9));
    assertThat(BenchSums.wettingDrops(60, 3)).isEqualTo(18);
    assertThatThrownBy(() -> BenchSums.batteryHours(600, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("watts");
    assertThatThrownBy(() -> BenchSums.waterGoingRound(17, 4, 30, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("moisture");
    assertThatThrownBy(() -> BenchSums.litresPerMinute(3, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("seconds");
    assertThatThrownBy(() -> BenchSums.tiltDegrees(1, Double.NaN))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("run");
  }

  /** What a person sees has its causes in the order in which they are looked at. */
  @Test
  void whatIsSeenHasItsCausesInOrder() {
    assertThat(causes(Kind.SHAKER_TABLE, "band-wanders"))
        .startsWith("uneven-feed", "loose-bolts", "volts-sag", "filter-blocked", "sand-changed");
    assertThat(causes(Kind.SHAKER_TABLE, "jumps-groove"))
        .containsExactly("several-sizes", "long-stroke", "too-much-tilt", "groove-full");
    assertThat(causes(Kind.PAN, "flakes-ride"))
        .startsWith("magnet-first", "no-wetting-agent", "shake-longer", "draw-off-top");
    assertThat(causes(Kind.FINISHING_TABLE, "gold-creeps"))
        .containsExactly("draw-up-first", "smaller-spoons");
  }

  /** Every machine a pump feeds may have its filter blocked. */
  @Test
  void whateverHasAFlowMayLoseIt() {
    for (Kind kind : Kind.values()) {
      if (Sheets.of(kind).dials().stream()
          .anyMatch(dial -> List.of("flow", "wash-water", "film").contains(dial.id()))) {
        assertThat(causes(kind, "flow-falls"))
            .as(kind.name())
            .containsExactly("filter-blocked", "volts-sag");
      }
    }
  }

  private static List<String> causes(Kind kind, String symptom) {
    return Sheets.of(kind).symptoms().stream()
        .filter(one -> one.id().equals(symptom))
        .findFirst()
        .map(Symptom::causes)
        .orElseThrow();
  }
}
