package jugulum.core.magnet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.OutOfRange;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure.Assay;
import jugulum.core.ledger.Measure.Bagged;
import jugulum.core.ledger.Measure.Discarded;
import jugulum.core.ledger.Measure.MagnetTest;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import org.junit.jupiter.api.Test;

class MagneticsTest {
  private static Bench bench() {
    return Bench.started().weighs(1, 8_000).magnet(1).weighs(2, 4_000).weighs(3, 3_990);
  }

  private static Magnetics of(Bench bench) {
    List<Magnetics> all = Magnetics.of(bench.batch());
    assertThat(all).hasSize(1);
    return all.getFirst();
  }

  @Test
  void whatNobodyLookedAtSaysSo() {
    assertThat(of(bench()).looks()).isEmpty();
    assertThat(of(bench()).gold()).isEmpty();
    Bench passed = bench();
    passed
        .does(new Edit.RecordOnStep(new StepId(2), new Pass(From.SAND, 4_100, 60, 46)))
        .does(new Edit.RecordOnStep(new StepId(2), new Pass(From.HEAP, 4_040, 40, 12)));
    assertThat(of(passed).looks()).as("the passes are no look").isEmpty();
    assertThat(of(passed).isLookedAt()).isFalse();
    assertThat(of(passed).gold()).isPresent();
  }

  @Test
  void aLookGivesTheSameRangeAsTheWholeAccount() {
    Bench panned =
        bench().measures(2, new SpeckCount(3, 0.05)).measures(2, new Bagged("season bag"));
    Network network = Network.of(panned.batch());
    LotGold whole = GoldAccount.of(network, SandAccount.of(network)).lots().get(new LotId(2));
    assertThat(of(panned))
        .satisfies(lot -> assertThat(lot.looks()).containsExactly(Look.PANNED))
        .satisfies(lot -> assertThat(lot.gold()).contains(whole));
    assertThat(of(panned).bag()).contains("season bag");
  }

  /**
   * Common practice: magnetics can assay richer than the rest, so they are not thrown out unseen.
   */
  @Test
  void magneticsAreNotThrownOutUnseen() {
    Bench bench = bench();
    assertThat(bench.refused(new Edit.RecordOnLot(new LotId(2), new Discarded(""))).reason())
        .isEqualTo(Reason.DISCARDED_UNSEEN);
    bench
        .does(new Edit.RecordOnStep(new StepId(2), new Pass(From.SAND, 4_100, 60, 46)))
        .does(new Edit.RecordOnStep(new StepId(2), new Pass(From.HEAP, 4_040, 40, 12)));
    assertThat(bench.refused(new Edit.RecordOnLot(new LotId(2), new Discarded(" "))).reason())
        .as("the passes are no look")
        .isEqualTo(Reason.DISCARDED_UNSEEN);
    Bench panned = bench().measures(2, new SpeckCount(0, 0.1));
    assertThat(panned.refused(new Edit.RecordOnLot(new LotId(2), new Discarded(""))).reason())
        .as("hidden gold is open")
        .isEqualTo(Reason.DISCARDED_HIDDEN_OPEN);
    Bench assayed = panned.measures(2, new Assay(0.4, 0.1, 500)).measures(2, new Discarded(""));
    assertThat(of(assayed).discarded()).contains("");
    Bench reason = bench().measures(2, new Discarded("the owner wants the bucket"));
    assertThat(of(reason).discarded()).contains("the owner wants the bucket");
    Edit rerun =
        new Edit.TakeStep(
            new Process.Splitting(),
            List.of(new LotId(2)),
            List.of(
                new Edit.NewLot(
                    jugulum.core.ledger.Material.PART, jugulum.core.screens.Cut.ALL, ""),
                new Edit.NewLot(
                    jugulum.core.ledger.Material.PART, jugulum.core.screens.Cut.ALL, "")));
    assertThat(reason.refused(rerun).reason()).isEqualTo(Reason.LOT_DISCARDED);
    assertThat(bench().refused(new Edit.RecordOnLot(new LotId(2), new Bagged(" "))).reason())
        .isEqualTo(Reason.BAG_WITHOUT_NAME);
  }

  @Test
  void aShareOfACompositeIsLessSureThanAnAssayOfItsOwn() {
    GoldRange own = of(bench().measures(2, new Assay(30, 0.1, 500))).gold().orElseThrow().all();
    GoldRange shared =
        of(bench().measures(2, new Assay(30, 0.1, 500, Optional.of("season bag"))))
            .gold()
            .orElseThrow()
            .all();
    assertThat(shared.milligrams()).isCloseTo(own.milligrams(), within(0.02 * own.milligrams()));
    assertThat(shared.highMg() / shared.lowMg()).isGreaterThan(2 * own.highMg() / own.lowMg());
  }

  @Test
  void aBagsAssayIsSharedByMass() {
    Composite assayed = new Composite("season bag", 12, 0.05, 500);
    assertThat(assayed.sharesMg(List.of(4_350.0, 3_000.0))).containsExactly(52.2, 36.0);
    assertThat(assayed.share(new LotId(7)))
        .isEqualTo(
            new Edit.RecordOnLot(
                new LotId(7), new Assay(12, 0.05, 500, Optional.of("season bag"))));
    assertThatThrownBy(() -> new Composite("season bag", -1, 0.05, 500))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("gramsPerTonne");
  }

  @Test
  void aClosedBatchStillTakesWhatBecomesOfItsMagnetics() {
    Bench closed = bench().does(new Edit.CloseBatch(true));
    closed
        .measures(2, new Bagged("season bag"))
        .measures(2, new Assay(12, 0.05, 500, Optional.of("season bag")));
    assertThat(of(closed).looks()).containsExactly(Look.ASSAYED);
    closed.measures(2, new Discarded("assayed, nothing worth it"));
    assertThat(closed.refused(new Edit.RecordOnLot(new LotId(2), new SpeckCount(1, 0.1))).reason())
        .isEqualTo(Reason.BATCH_CLOSED);
    assertThat(
            closed.refused(new Edit.RecordOnLot(new LotId(2), new Assay(12, 0.05, 500))).reason())
        .isEqualTo(Reason.BATCH_CLOSED);
  }

  @Test
  void aTestThatCannotBeIsRefusedByName() {
    assertThatThrownBy(() -> new MagnetTest(100, 70, 40))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("byStrongG");
    assertThatThrownBy(() -> new MagnetTest(100, 101, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("byWeakG");
    assertThatThrownBy(() -> new jugulum.core.shop.Magnet("rod", 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("strengthMt");
    assertThat(
            bench()
                .refused(new Edit.RecordOnLot(new LotId(2), new MagnetTest(5_000, 0, 0)))
                .reason())
        .isEqualTo(Reason.HEAVIER_THAN_INPUT);
  }

  private static WithOrWithout numbers(OptionalDouble with, OptionalDouble without) {
    return new WithOrWithout(30, 0.6, 12, 8, 0.05, OptionalDouble.of(4_000), 60, with, without);
  }

  @Test
  void withOrWithoutOnTheShopsOwnNumbers() {
    WithOrWithout own = numbers(OptionalDouble.of(0.95), OptionalDouble.of(0.80));
    assertThat(own.of(MagnetSchool.BEFORE_GRAVITY))
        .isEqualTo(
            new WithOrWithout.Outcome(
                MagnetSchool.BEFORE_GRAVITY, 2.5, 1.5, OptionalDouble.of(3_940 * 0.95)));
    assertThat(own.of(MagnetSchool.NEVER).wonMg()).hasValue(3_200);
    assertThat(own.hoursSaved())
        .as("3.75 hours over the table become 2.5 with the magnet and 1.5 over the table")
        .isCloseTo(-0.25, within(1e-12));
    assertThat(own.breakEven().getAsDouble()).isCloseTo(3_940 * 0.95 / 4_000, within(1e-12));
    assertThat(own.of(MagnetSchool.AT_HOME).gravityHours())
        .isCloseTo(30 / 8.0 + 1.5 * 0.4 / 8, within(1e-12));
    WithOrWithout unknown = numbers(OptionalDouble.of(0.95), OptionalDouble.empty());
    assertThat(unknown.of(MagnetSchool.NEVER).wonMg())
        .as("nobody knows, so nothing is made up")
        .isEmpty();
    assertThat(unknown.breakEven()).isPresent();
  }
}
