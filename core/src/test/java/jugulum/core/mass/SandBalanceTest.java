package jugulum.core.mass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandBalance.Misfit;
import jugulum.core.mass.Suspicion.Slip;
import jugulum.core.reconcile.Adjusted;
import org.junit.jupiter.api.Test;

class SandBalanceTest {
  private static SandBalance of(Bench bench) {
    Network network = Network.of(bench.batch());
    return SandBalance.of(network, SandAccount.of(network));
  }

  /**
   * Feed 1 in cuts 2, 3; a magnet over each: magnetics 4, 6, the rest 5, 7; a table over 5:
   * concentrate 8, tailings 9.
   */
  private static Bench batch(double... grams) {
    Bench bench =
        Bench.started()
            .screens(1, "30")
            .magnet(2)
            .magnet(3)
            .table(5, Material.CONCENTRATE, Material.TAILINGS);
    for (int i = 0; i < grams.length; i++) {
      if (grams[i] > 0) {
        bench.weighs(i + 1, grams[i]);
      }
    }
    return bench;
  }

  private static List<Integer> numbers(Stream<LotId> lots) {
    return lots.map(LotId::number).toList();
  }

  @Test
  void weightsThatFitAreNotAccused() {
    SandBalance balance = of(batch(20_000, 11_000, 8_950, 5_980, 5_000, 4_010, 4_930, 210, 4_780));
    assertThat(balance.fits()).isTrue();
    assertThat(balance.misfits()).isEmpty();
    assertThat(balance.degrees()).isEqualTo(4);
    assertThat(balance.of(new LotId(1)).state()).isEqualTo(Adjusted.State.REDUNDANT);
    assertThat(Math.abs(balance.of(new LotId(2)).adjustment())).isLessThan(40);
  }

  /**
   * The textbook's V with the calibration in it, solved as a matrix: x̂ = x − V Aᵀ(A V Aᵀ)⁻¹ A x
   * with V = D + c² m mᵀ. One scale that reads 0.4 % too much moves no balance, and stays in the
   * spread of every adjusted weight.
   */
  @Test
  void theCalibrationOfOneScaleIsNoContradictionAndNoAverage() {
    double c = Assumptions.USUAL.scaleCalibration();
    double[] weights = {20_000, 11_000, 8_950};
    Bench bench = Bench.started().screens(1, "30");
    for (int i = 0; i < weights.length; i++) {
      bench.measures(i + 1, new SandWeight(weights[i], 0, 0, 10));
    }
    SandBalance balance = of(bench);
    double reading = 100 / 12.0;
    double loss = Math.pow(Assumptions.USUAL.closureTolerance() * 20_000 / 1.959963984540054, 2);
    double apart = 3 * reading + loss;
    double off = 20_000 - 11_000 - 8_950;
    double variance = apart + c * c * off * off;
    double gain = (reading + c * c * 20_000 * off) / variance;
    assertThat(balance.of(new LotId(1)).value().getAsDouble())
        .isCloseTo(20_000 - gain * off, within(0.05));
    double left =
        reading + c * c * 20_000 * 20_000 - Math.pow(reading + c * c * 20_000 * off, 2) / variance;
    assertThat(balance.of(new LotId(1)).sd()).isCloseTo(Math.sqrt(left), within(0.05));
    assertThat(balance.statistic()).isCloseTo(off * off / variance, within(0.001));
  }

  @Test
  void swappedDigitsOfACutAreNamedAloneWithWhatItShouldBe() {
    SandBalance balance = of(batch(20_000, 10_100, 8_950, 5_980, 5_000, 4_010, 4_930, 210, 4_780));
    assertThat(balance.fits()).isFalse();
    assertThat(balance.isExplained()).isTrue();
    Misfit misfit = balance.misfits().getFirst();
    assertThat(misfit.isOneWeight()).isTrue();
    assertThat(numbers(misfit.lots().stream())).containsExactly(2);
    assertThat(misfit.again()).as("it was run on").isEmpty();
    Adjusted expected = misfit.expected().get(new LotId(2));
    assertThat(expected.value().orElseThrow()).isCloseTo(11_000, within(2.6 * expected.sd()));
    assertThat(balance.of(new LotId(2)).adjustment())
        .as("beside the weight stands what it must be")
        .isCloseTo(expected.value().orElseThrow() - 10_100, within(1e-9));
    assertThat(balance.of(new LotId(4)).measurementTest())
        .as("the others are not blamed for it")
        .isLessThan(2);
  }

  @Test
  void theSlipIsNamedWhereOneExplainsIt() {
    SandBalance balance = of(batch(20_000, 12_000, 8_000, 6_500, 4_950, 3_200, 4_790, 210, 4_780));
    Misfit magnetics = balance.misfits().getFirst();
    assertThat(numbers(magnetics.lots().stream())).contains(4);
    assertThat(magnetics.again()).contains(new LotId(4));
    Bench forgotten = batch(20_000, 12_000, 8_000, 7_640, 4_950, 3_200, 4_790, 210, 4_780);
    SandBalance other = of(forgotten);
    assertThat(other.slips(other.misfits().getFirst(), List.of(640.0)))
        .extracting(Suspicion::slip)
        .contains(Slip.TARE_FORGOTTEN);
  }

  @Test
  void aPointMovedByOnePlaceIsASlip() {
    SandBalance balance = of(batch(20_000, 12_000, 8_000, 7_000, 4_950, 320, 4_790, 210, 4_740));
    Misfit misfit = balance.misfits().getFirst();
    assertThat(numbers(misfit.lots().stream())).contains(6);
    assertThat(balance.slips(misfit, List.of()).getFirst())
        .satisfies(slip -> assertThat(slip.slip()).isEqualTo(Slip.TEN_TIMES_TOO_LITTLE))
        .satisfies(slip -> assertThat(slip.lot()).isEqualTo(new LotId(6)));
  }

  @Test
  void sandThatIsMissingMayBeLostButSandThatIsOverIsNot() {
    Misfit shorter =
        of(batch(20_000, 12_000, 8_000, 7_000, 4_950, 3_200, 4_300, 210, 4_780))
            .misfits()
            .getFirst();
    assertThat(numbers(shorter.lots().stream())).contains(6, 7);
    assertThat(shorter.lossAt()).containsExactly(new StepId(4));
    Misfit over =
        of(batch(20_000, 12_000, 8_000, 7_000, 4_950, 3_200, 5_300, 210, 4_780))
            .misfits()
            .getFirst();
    assertThat(over.lossAt()).isEmpty();
    assertThat(over.again()).isPresent();
    over.expected()
        .forEach((lot, expected) -> assertThat(expected.value()).as(lot.toString()).isPresent());
  }

  @Test
  void aLotNobodyWeighedFollowsOrIsOpen() {
    SandBalance balance = of(batch(20_000, 0, 8_950, 0, 5_000, 4_010, 4_930, 0, 0));
    assertThat(balance.of(new LotId(2)).state()).isEqualTo(Adjusted.State.OBSERVABLE);
    assertThat(balance.of(new LotId(4)).value().orElseThrow())
        .isCloseTo(balance.of(new LotId(2)).value().orElseThrow() - 5_000, within(150.0));
    assertThat(numbers(balance.open().stream())).containsExactly(8, 9);
  }

  @Test
  void onlyAFeedOrNothingWeighedIsNoContradiction() {
    SandBalance one = of(Bench.started().weighs(1, 5_000));
    assertThat(one.degrees()).isZero();
    assertThat(one.fits()).isTrue();
    assertThat(one.of(new LotId(1)).state()).isEqualTo(Adjusted.State.NONREDUNDANT);
    assertThat(of(Bench.started()).open()).containsExactly(new LotId(1));
  }

  @Test
  void aDoubtedWeightDoesNotCountAndIsToldByTheOthers() {
    Bench bench = batch(20_000, 10_100, 8_950, 5_980, 5_000, 4_010, 4_930, 210, 4_780);
    ReadingId wrong = bench.lot(2).readings().getFirst().id();
    bench.does(new Edit.Doubt(wrong, true, "does not fit"));
    SandBalance balance = of(bench);
    assertThat(balance.fits()).isTrue();
    assertThat(balance.of(new LotId(2)).state()).isEqualTo(Adjusted.State.OBSERVABLE);
    assertThat(balance.of(new LotId(2)).value().orElseThrow()).isCloseTo(11_000, within(100.0));
    assertThat(bench.lot(2).live(SandWeight.class)).isEmpty();
    assertThat(bench.refused(new Edit.Doubt(wrong, true, "again")).reason())
        .isEqualTo(Reason.READING_ALREADY_DOUBTED);
    bench.does(new Edit.Doubt(wrong, false, ""));
    assertThat(of(bench).fits()).isFalse();
    assertThat(bench.refused(new Edit.Doubt(wrong, true, " ")).reason())
        .isEqualTo(Reason.REASON_MISSING);
    assertThat(bench.refused(new Edit.Doubt(wrong, false, "")).reason())
        .isEqualTo(Reason.READING_NOT_DOUBTED);
    assertThat(bench.refused(new Edit.Doubt(new ReadingId(99), true, "x")).reason())
        .isEqualTo(Reason.NO_SUCH_READING);
  }
}
