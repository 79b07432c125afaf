package jugulum.core.mass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.LotMass.Basis;
import jugulum.core.mass.StepClosure.State;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import org.junit.jupiter.api.Test;

class SandAccountTest {
  private static SandAccount of(Bench bench) {
    return SandAccount.of(Network.of(bench.batch()));
  }

  @Test
  void aStepClosesInsideTheTolerance() {
    Bench bench = Bench.started().weighs(1, 38_360).screens(1, "30");
    bench.weighs(2, 30_000);
    assertThat(of(bench).closure(new StepId(2)).state()).isEqualTo(State.NOT_ALL_WEIGHED);
    assertThat(of(bench).mass(new LotId(3)))
        .returns(Basis.DIFFERENCE, LotMass::basis)
        .returns(8_360.0, LotMass::grams);
    bench.weighs(3, 8_245);
    StepClosure closure = of(bench).closure(new StepId(2));
    assertThat(closure.state()).isEqualTo(State.CLOSES);
    assertThat(closure.differenceG()).isCloseTo(-115, within(1e-9));
    assertThat(closure.ratio()).isCloseTo(0.997, within(0.0001));
    assertThat(of(bench).accountedFor().getAsDouble()).isCloseTo(closure.ratio(), within(1e-12));
  }

  @Test
  void aStepOutsideTheToleranceIsAFinding() {
    Bench bench = Bench.started().weighs(1, 1_000).screens(1, "30").weighs(2, 600).weighs(3, 380);
    assertThat(of(bench).closure(new StepId(2)).state()).isEqualTo(State.SHORT);
    bench.weighs(2, 660);
    assertThat(of(bench).closure(new StepId(2)).state())
        .as("the two weighings of the cut are averaged")
        .isEqualTo(State.CLOSES);
    bench.measures(3, Bench.dry(900));
    assertThat(of(bench).closure(new StepId(2)).state()).isEqualTo(State.OVER);
  }

  @Test
  void magneticsComeFromThePassesUntilTheyAreWeighed() {
    Bench bench = Bench.started().weighs(1, 8_210).magnet(1);
    bench.does(
        new Edit.RecordOnStep(
            new StepId(2), new Measure.Pass(Measure.Pass.From.SAND, 4_316, 212, 46)));
    assertThat(of(bench).mass(new LotId(2)))
        .returns(Basis.PASSES, LotMass::basis)
        .returns(4_104.0, LotMass::grams);
    assertThat(of(bench).mass(new LotId(3)).grams()).isCloseTo(4_106, within(1e-9));
    bench.weighs(2, 4_100);
    assertThat(of(bench).mass(new LotId(2)).basis()).isEqualTo(Basis.WEIGHED);
  }

  @Test
  void differencesRunThroughSeveralSteps() {
    Bench bench =
        Bench.started()
            .weighs(1, 1_000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(3, 900);
    bench.table(2, Material.CONCENTRATE, Material.TAILINGS).weighs(5, 70);
    assertThat(of(bench).mass(new LotId(4)).grams()).isCloseTo(30, within(1e-9));
    assertThat(of(bench).accountedFor()).as("nothing was weighed in full").isEmpty();
    assertThat(of(bench).closure(new StepId(2)).notWeighed()).isEqualTo(List.of(new LotId(2)));
  }

  @Test
  void bowlsOfOneCutAddUpAndWeighingsOfOneBowlAverage() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "30");
    bench
        .measures(2, Bench.dry(3_000))
        .measures(2, Bench.dry(3_010))
        .measures(2, Bench.dry(2_400).ofBowl(2));
    assertThat(of(bench).mass(new LotId(2)).grams()).isCloseTo(3_005 + 2_400, within(1e-9));
    assertThat(bench.lot(2).bowls()).containsOnlyKeys(1, 2);
  }

  /**
   * JCGM 100:2008, 5.2.2: ten bowls of 1 kg on a scale good to 0.1 % are off by 10 g together, not
   * by 3.2.
   */
  @Test
  void theCalibrationOfOneScaleAddsUpOverItsBowls() {
    Bench bench = Bench.started();
    for (int bowl = 1; bowl <= 10; bowl++) {
      bench.measures(1, new Measure.SandWeight(1_000, 0, 0, 0).ofBowl(bowl));
    }
    LotMass mass = of(bench).mass(new LotId(1));
    assertThat(mass.sharedSdG()).isCloseTo(10, within(1e-9));
    assertThat(mass.ownSdG()).isZero();
    Bench read = Bench.started();
    for (int bowl = 1; bowl <= 4; bowl++) {
      read.measures(1, new Measure.SandWeight(1_000, 0, 0, 12).ofBowl(bowl));
    }
    assertThat(of(read).mass(new LotId(1)).ownSdG())
        .as("readings are independent: 2 × 12/√12")
        .isCloseTo(2 * 12 / Math.sqrt(12), within(1e-9));
  }

  /**
   * What a lot by difference has of the scale's calibration is that of its own mass: both other
   * weights are off the same way.
   */
  @Test
  void aDifferenceSharesTheCalibrationOfItsScale() {
    Bench bench =
        Bench.started()
            .measures(1, new Measure.SandWeight(10_000, 0, 0, 0))
            .screens(1, "30")
            .measures(2, new Measure.SandWeight(9_000, 0, 0, 0));
    assertThat(of(bench).mass(new LotId(3)).standardUncertaintyG()).isCloseTo(1, within(1e-9));
  }

  @Test
  void theDoubtOfAMoistureIsCarried() {
    Measure wet =
        new Measure.SandWeight(
            10_000, 0, 0.08, 0, OptionalDouble.of(0.01), Optional.empty(), OptionalInt.empty());
    Bench bench = Bench.started().measures(1, wet);
    LotMass mass = of(bench).mass(new LotId(1));
    assertThat(mass.grams()).isEqualTo(9_200);
    assertThat(mass.standardUncertaintyG()).isCloseTo(Math.hypot(100, 9.2), within(1e-9));
  }

  @Test
  void aDrySampleMustCloseAsALaboratorysDoes() {
    Bench bench = Bench.started().weighs(1, 1_000);
    List<Screen> stack = List.of(StandardScreens.numbered("30").orElseThrow());
    List<Edit.NewLot> cuts =
        Cut.of(Cut.ALL, stack).stream().map(cut -> new Edit.NewLot(Material.CUT, cut, "")).toList();
    bench.does(
        new Edit.TakeStep(
            new Process.Screening(stack, Optional.of(Process.Screening.Manner.DRY_SAMPLE)),
            List.of(new LotId(1)),
            cuts));
    bench.weighs(2, 600).weighs(3, 396);
    assertThat(of(bench).closure(new StepId(2)).state()).as("0.4 %% off").isEqualTo(State.SHORT);
    bench.does(new Edit.RecordOnLot(new LotId(3), Bench.dry(3).ofBowl(2)));
    assertThat(of(bench).closure(new StepId(2)).state()).as("0.1 %% off").isEqualTo(State.CLOSES);
  }
}
