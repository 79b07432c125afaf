package jugulum.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.OutOfRange;
import jugulum.core.handling.Lifts;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.units.MassUnit;
import org.junit.jupiter.api.Test;

class BenchSumsTest {
  /**
   * Every charge from 0.1 to 2 lb or 10 to 200 g, one to fourteen of them: as many as were put
   * together.
   */
  @Test
  void soManyChargesPutTogetherAreSoManyCharges() {
    double pound = MassUnit.POUND.grams();
    for (int charges = 1; charges <= 14; charges++) {
      for (int tenths = 1; tenths <= 20; tenths++) {
        double chargeG = tenths / 10.0 * pound;
        double sum = 0;
        for (int i = 0; i < charges; i++) {
          sum += chargeG;
        }
        assertThat(BenchSums.loads(sum, chargeG))
            .as("%d charges of %.1f lb", charges, tenths / 10.0)
            .isEqualTo(charges);
        assertThat(BenchSums.loads(charges * (tenths * 0.7), tenths * 0.7)).isEqualTo(charges);
      }
    }
  }

  @Test
  void aRestIsAChargeOfItsOwn() {
    assertThat(BenchSums.loads(3_100, 150)).isEqualTo(21);
    assertThat(BenchSums.loads(300.1, 150)).isEqualTo(3);
    assertThat(BenchSums.loads(0, 150)).isZero();
    assertThat(BenchSums.loads(0.01, 150)).isEqualTo(1);
    assertThatThrownBy(() -> BenchSums.loads(100, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("loadG");
    assertThatThrownBy(() -> BenchSums.loads(Double.NaN, 10))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("grams");
  }

  /** Lifts are counted by the same rule: 3.5 kg of sand in buckets of 0.7 kg are five. */
  @Test
  void liftsAreCountedSo() {
    assertThat(Lifts.count(0.7 + 0.7 + 0.7 + 0.7 + 0.7, 0, 0.3, 1.0)).isEqualTo(5);
    assertThat(ScreeningTime.USUAL)
        .as("six minutes and four a load")
        .isEqualTo(new ScreeningTime(6, 4));
  }

  /** Five charges of 0.7 lb went in: no bell rings for a sixth. */
  @Test
  void noChargeIsDueAfterTheLast() {
    double chargeG = 0.7 * MassUnit.POUND.grams();
    double sum = chargeG + chargeG + chargeG + chargeG + chargeG;
    Bench bench = Bench.started().measures(1, new Measure.SandWeight(sum, 0, 0, 0.1));
    bench.runs(
        new Process.GravityRun(new Machine(Machine.Kind.VORTEX_BOWL, "")),
        List.of(1),
        Material.CONCENTRATE,
        Material.TAILINGS);
    StepId run = new StepId(2);
    bench
        .does(new Edit.RecordOnStep(run, new Measure.Setting("charge", chargeG)))
        .does(new Edit.RecordOnStep(run, new Measure.Running(Measure.Running.State.STARTED)));
    for (int i = 0; i < 5; i++) {
      bench
          .waits(Duration.ofMinutes(5))
          .does(new Edit.RecordOnStep(run, new Measure.Charge(OptionalDouble.of(chargeG))));
    }
    Network network = Network.of(bench.batch());
    List<Due> due =
        Due.of(
            network,
            bench.step(2).orElseThrow(),
            Sheets.of(Machine.Kind.VORTEX_BOWL),
            OptionalDouble.of(sum));
    assertThat(due).extracting(Due::what).containsExactly(Due.What.LOOK);
  }
}
