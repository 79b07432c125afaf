package jugulum.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Refusal.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Dial.Unit;
import jugulum.core.machine.Sheet.Fit;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.water.Water;
import jugulum.core.window.Conditions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SheetsTest {
  @ParameterizedTest
  @EnumSource(Kind.class)
  void everyMachineHasAWholeSheet(Kind kind) {
    Sheet sheet = Sheets.of(kind);
    assertThat(sheet.kind()).isEqualTo(kind);
    assertThat(sheet.dials()).isNotEmpty().extracting(Dial::id).doesNotHaveDuplicates().contains("wetting");
    assertThat(sheet.checks()).isNotEmpty();
    assertThat(sheet.ports()).contains(Material.CONCENTRATE, Material.TAILINGS);
    assertThat(sheet.symptoms()).isNotEmpty().allMatch(symptom -> !symptom.causes().isEmpty());
    assertThat(sheet.cleaning()).isNotEmpty();
    assertThat(sheet.suits().finestMm()).isLessThan(sheet.suits().coarsestMm());
  }

  @Test
  void aDialMeansTheSameUnitOnEverySheet() {
    for (Kind kind : Kind.values()) {
      assertThat(Sheets.of(kind).dials()).allSatisfy(dial -> assertThat(Sheets.dial(dial.id()).orElseThrow().unit()).isEqualTo(dial.unit()));
    }
  }

  /** Common practice: water 3 to 6 mm under a bowl's rim, a finishing table at 1 to 2 degrees, a pocket mat at about 15, minus 30 mesh. */
  @Test
  void commonPracticeIsWhatTheSheetsSay() {
    assertThat(Sheets.of(Kind.VORTEX_BOWL).dial("rim").orElseThrow().usual()).contains(new Band(3, 4.5, 6));
    assertThat(Sheets.of(Kind.FINISHING_TABLE).dial("tilt").orElseThrow().usual()).contains(new Band(1, 1.5, 2));
    assertThat(Sheets.of(Kind.MAT_SLUICE).dial("tilt").orElseThrow().usual().orElseThrow().usual()).isEqualTo(15);
    assertThat(Sheets.of(Kind.FINISHING_TABLE).suits().coarsestMm()).isEqualTo(0.6);
    Dial least = Sheets.of(Kind.PIPE_TRAP).dial("least-flow").orElseThrow();
    assertThat(Sheets.of(Kind.PIPE_TRAP).dial("flow").orElseThrow().usual().orElseThrow().low()).isEqualTo(2 * least.usual().orElseThrow().low());
  }

  @Test
  void howWellACutSuits() {
    Sheet.Sizes bowl = Sheets.of(Kind.VORTEX_BOWL).suits();
    assertThat(bowl.fit(0.3, 0.15)).isEqualTo(Fit.SUITS);
    assertThat(bowl.fit(1.18, 0.3)).isEqualTo(Fit.IN_PART);
    assertThat(bowl.fit(0.15, 0)).isEqualTo(Fit.IN_PART);
    assertThat(bowl.fit(2.36, 1.18)).isEqualTo(Fit.OUTSIDE);
  }

  @Test
  void aDialKnowsItsRange() {
    Dial tilt = Sheets.of(Kind.SHAKER_TABLE).dial("tilt").orElseThrow();
    assertThat(tilt.takes(11)).isFalse();
    assertThat(tilt.takes(Double.NaN)).isFalse();
    assertThat(tilt.isUsual(3)).isTrue();
    assertThat(tilt.isUsual(6)).isFalse();
    assertThatThrownBy(() -> new Dial("x", Unit.DEGREES, 0, 5, Optional.of(new Band(4, 5, 6)))).isInstanceOf(OutOfRange.class).hasMessageContaining("usual");
  }

  @Test
  void whatWasSetLastCountsAndBelongsToARun() {
    Bench bench = Bench.started().weighs(1, 8_000).table(1, Material.CONCENTRATE, Material.TAILINGS);
    StepId run = new StepId(2);
    bench.does(new Edit.RecordOnStep(run, new Measure.Setting("tilt", 4))).does(new Edit.RecordOnStep(run, new Measure.Setting("tilt", 2.5)));
    assertThat(bench.step(2).orElseThrow().setting("tilt")).hasValue(2.5);
    assertThat(bench.step(2).orElseThrow().setting("feed")).isEmpty();
    assertThat(bench.refused(new Edit.RecordOnStep(new StepId(1), new Measure.Setting("tilt", 4))).reason()).isEqualTo(Reason.MEASURE_NOT_FOR_THIS);
    assertThat(List.of(bench.step(2).orElseThrow().readings())).hasSize(1);
  }

  /** Three gallons in forty seconds are 4.5 gallons or 17.03 litres a minute: exact units. */
  @Test
  void benchSums() {
    assertThat(BenchSums.litresPerMinute(3 * BenchSums.LITRES_PER_GALLON, 40)).isCloseTo(17.03, within(0.005)).isEqualTo(4.5 * BenchSums.LITRES_PER_GALLON, within(1e-12));
    assertThat(BenchSums.tiltDegrees(1, 1)).isCloseTo(45, within(1e-12));
    assertThat(BenchSums.tiltDegrees(35, 1000)).isCloseTo(2.0045, within(1e-4));
    assertThat(BenchSums.kgPerHour(1.5, 10)).isEqualTo(9);
    assertThat(BenchSums.runHours(30, 20)).isEqualTo(1.5);
    assertThat(BenchSums.charges(3_100, 150)).isEqualTo(21);
    assertThatThrownBy(() -> BenchSums.litresPerMinute(3, 0)).isInstanceOf(OutOfRange.class).hasMessageContaining("seconds");
    assertThatThrownBy(() -> BenchSums.tiltDegrees(1, Double.NaN)).isInstanceOf(OutOfRange.class).hasMessageContaining("run");
  }

  @Test
  void machinesAreRankedByTheCut() {
    Conditions conditions = new Conditions(new Water(12), Conditions.flatnessAround(0.3), Conditions.densityAround(17.5), Conditions.USUAL_HEAVIES, true, 0.075);
    List<Ranked> fine = Ranked.of(new Cut(StandardScreens.numbered("80"), StandardScreens.numbered("100")), conditions);
    assertThat(fine).hasSize(Kind.values().length);
    assertThat(fine.getFirst().fit()).isEqualTo(Fit.SUITS);
    assertThat(fine.getFirst().parts()).isTrue();
    assertThat(fine).extracting(Ranked::fit).isSorted();
    Ranked bed = fine.stream().filter(one -> one.kind() == Kind.SHAKER_TABLE).findFirst().orElseThrow();
    Ranked bowl = fine.stream().filter(one -> one.kind() == Kind.VORTEX_BOWL).findFirst().orElseThrow();
    assertThat(bed.ratio().orElseThrow().usual()).as("a bed widens the difference").isGreaterThan(bowl.ratio().orElseThrow().usual());
    List<Ranked> coarse = Ranked.of(new Cut(StandardScreens.numbered("4"), StandardScreens.numbered("8")), conditions);
    assertThat(coarse.stream().filter(one -> one.kind() == Kind.VORTEX_BOWL).findFirst().orElseThrow().fit()).isEqualTo(Fit.OUTSIDE);
    assertThat(Ranked.of(Cut.ALL, conditions)).allMatch(one -> one.ratio().isEmpty());
  }
}
