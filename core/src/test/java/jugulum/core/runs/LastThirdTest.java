package jugulum.core.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Sheets;
import jugulum.core.screens.Cut;
import org.junit.jupiter.api.Test;

/** The last third of a sluice, rinsed out apart. */
class LastThirdTest {
  private static Bench sluiced() {
    return Bench.started()
        .weighs(1, 60_000)
        .runs(
            new Process.GravityRun(new Machine(Machine.Kind.RIFFLE_SLUICE, "long box")),
            List.of(1),
            Material.CONCENTRATE,
            Material.SECOND_CONCENTRATE,
            Material.TAILINGS);
  }

  private static OptionalDouble share(Bench bench) {
    Worked worked = Worked.of(bench.batch());
    return LastThird.of(bench.step(2).orElseThrow(), worked.network(), worked.gold());
  }

  @Test
  void itIsToldByWhatWasFoundInBoth() {
    assertThat(Sheets.of(Machine.Kind.RIFFLE_SLUICE).ports()).contains(Material.SECOND_CONCENTRATE);
    Bench bench = sluiced();
    assertThat(share(bench)).isEmpty();
    bench.finishes(2).measures(5, new GoldWeight(0.9, 0.001)).measures(6, new KnownGold(20, 1));
    assertThat(share(bench)).as("nobody looked at the last third").isEmpty();
    bench.measures(3, new KnownGold(130, 5));
    assertThat(share(bench).orElseThrow()).isCloseTo(130 / 1050.0, within(2e-3));
    assertThat(share(bench).orElseThrow()).isGreaterThan(LastThird.MOST);
  }

  @Test
  void aTableHasNoLastThird() {
    Bench bench =
        Bench.started()
            .weighs(1, 5000)
            .table(1, Material.CONCENTRATE, Material.SECOND_CONCENTRATE, Material.TAILINGS)
            .measures(2, new KnownGold(900, 5))
            .measures(3, new KnownGold(130, 5));
    assertThat(share(bench)).isEmpty();
  }

  @Test
  void aMatHasOneWhereItWasRinsedApart() {
    Bench bench =
        Bench.started()
            .weighs(1, 5000)
            .runs(
                new Process.GravityRun(new Machine(Machine.Kind.MAT_SLUICE, "green box")),
                List.of(1),
                Material.CONCENTRATE,
                Material.TAILINGS)
            .measures(2, new KnownGold(950, 5));
    assertThat(share(bench)).isEmpty();
    bench
        .does(
            new Edit.AddOutput(
                new StepId(2), new Edit.NewLot(Material.SECOND_CONCENTRATE, Cut.ALL, "")))
        .measures(4, new KnownGold(50, 5));
    assertThat(share(bench).orElseThrow()).isCloseTo(0.05, within(1e-3));
  }
}
