package jugulum.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Ledger;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Due;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class LeavingTest {
  private static final Cut CUT =
      new Cut(StandardScreens.numbered("30"), StandardScreens.numbered("50"));
  private static final StepId RUN = new StepId(2);

  private Instant now = Instant.parse("2026-11-26T08:00:00Z");
  private Batch batch;

  private void does(Edit edit) {
    now = now.plus(Duration.ofMinutes(1));
    batch = Ledger.replay(Optional.of(batch), edit, now);
  }

  @BeforeEach
  void aTableRuns() {
    BatchId id = new BatchId(UUID.fromString("00000000-0000-4000-8000-00000000ba7c"));
    Label label = new Label("Wetherlam 2", "", LocalDate.of(2026, 11, 1));
    batch = Ledger.replay(Optional.empty(), new Edit.StartBatch(id, label, Assumptions.USUAL), now);
    does(
        new Edit.TakeStep(
            new Process.GravityRun(new Machine(Machine.Kind.SHAKER_TABLE, "long deck")),
            List.of(new LotId(1)),
            List.of(
                new Edit.NewLot(Material.CONCENTRATE, CUT, ""),
                new Edit.NewLot(Material.TAILINGS, CUT, ""))));
    does(new Edit.RecordOnStep(RUN, new Measure.Running(Measure.Running.State.STARTED)));
  }

  private Lot tailings() {
    return batch.lots().stream()
        .filter(lot -> lot.material() == Material.TAILINGS)
        .findFirst()
        .orElseThrow();
  }

  private void pans(double grams, int specks) {
    does(
        new Edit.RecordOnLot(
            tailings().id(), new PannedSample(grams, List.of(new PannedSample.Seen(CUT, specks)))));
  }

  private Optional<Leaving> leaving() {
    return Leaving.of(Network.of(batch), tailings(), now, Optional.empty());
  }

  @Test
  void nobodyLookedSoNothingIsSaid() {
    assertThat(leaving()).isEmpty();
  }

  /** 3 specks in 150 g are 20 a kilogram, and 400 in the 20 kg of an hour. */
  @Test
  void theFeedThatWasSetTellsWhatLeavesInAnHour() {
    does(new Edit.RecordOnStep(RUN, new Measure.Setting("feed", 20)));
    pans(150, 3);
    Leaving leaving = leaving().orElseThrow();
    double speckMg = BatchSpecks.of(Network.of(batch)).of(CUT).meanMg();
    assertThat(leaving.isLosing()).isTrue();
    assertThat(leaving.isRunning()).isTrue();
    assertThat(leaving.mgPerHour().orElseThrow()).isCloseTo(400 * speckMg, within(1e-9));
  }

  /** Garwood 1936: 3 counted, 95 %, 0.6187 to 8.7673 (tables of the Poisson range). */
  @Test
  void itsRangeIsThatOfTheCount() {
    does(new Edit.RecordOnStep(RUN, new Measure.Setting("feed", 20)));
    pans(150, 3);
    Leaving leaving = leaving().orElseThrow();
    double one = leaving.mgPerHour().orElseThrow() / 3;
    assertThat(leaving.lowMgPerHour().orElseThrow() / one).isCloseTo(0.6187, within(5e-5));
    assertThat(leaving.highMgPerHour().orElseThrow() / one).isCloseTo(8.7673, within(5e-5));
  }

  @Test
  void elseWhatWasLaidInWhileItRan() {
    does(new Edit.RecordOnStep(RUN, new Measure.Charge(OptionalDouble.of(600))));
    pans(100, 1);
    now = now.plus(Duration.ofMinutes(28));
    assertThat(leaving().orElseThrow().sandKgPerHour().orElseThrow())
        .as("600 g in half an hour")
        .isCloseTo(1.2, within(1e-9));
  }

  /** Five grams an hour is slower than any pace that is told, and is no reason to fail. */
  @Test
  void aMachineThatHardlyTakesAnythingIsWeighedToo() {
    does(new Edit.RecordOnStep(RUN, new Measure.Charge(OptionalDouble.of(5))));
    pans(100, 1);
    now = now.plus(Duration.ofHours(1));
    Looked looked =
        Looked.of(Worked.of(batch), tailings(), new Belief(Experience.NONE, Shop.USUAL), now);
    assertThat(looked.leaving().orElseThrow().sandKgPerHour().orElseThrow()).isPositive();
    assertThat(looked.weighed()).isPresent();
  }

  @Test
  void withoutAFeedNoHourIsMadeUp() {
    pans(100, 1);
    assertThat(leaving().orElseThrow().mgPerHour()).isEmpty();
  }

  @Test
  void moneyIsByTheTermsOfTheShop() {
    does(new Edit.RecordOnStep(RUN, new Measure.Setting("feed", 20)));
    pans(150, 3);
    Leaving leaving = leaving().orElseThrow();
    Terms terms = new Terms(100, 0.9, 20, 6, "", LocalDate.of(2026, 10, 1));
    assertThat(leaving.moneyPerHour(terms, 0.8).orElseThrow())
        .isCloseTo(terms.worth(leaving.mgPerHour().orElseThrow(), 0.8), within(1e-12));
  }

  /** Two looks at one and the same run count together; what was before a dial was set does not. */
  @Test
  void looksCountTogetherUntilSomethingIsChanged() {
    pans(100, 5);
    pans(200, 1);
    assertThat(leaving().orElseThrow().seen()).isEqualTo(new Seen(300, 6, 2));
    does(new Edit.RecordOnStep(RUN, new Measure.Setting("feed", 15)));
    assertThat(leaving().orElseThrow().seen())
        .as("nobody looked since")
        .isEqualTo(new Seen(300, 6, 2));
    pans(80, 0);
    assertThat(leaving().orElseThrow().seen()).isEqualTo(new Seen(80, 0, 1));
  }

  @Test
  void theLookBeforeStandsBeside() {
    pans(100, 5);
    pans(100, 0);
    Leaving leaving = leaving().orElseThrow();
    assertThat(leaving.isLosing()).isFalse();
    assertThat(leaving.before().orElseThrow().specks()).isEqualTo(5);
  }

  @Test
  void aSecondLookIsDueSoonAfterOneThatSawGold() {
    Duration usual = nextLook();
    pans(100, 0);
    assertThat(nextLook()).isEqualTo(usual);
    pans(100, 2);
    assertThat(nextLook())
        .isEqualTo(Duration.ofMinutes((long) Due.SECOND_LOOK_MINUTES))
        .isLessThan(usual);
  }

  private Duration nextLook() {
    Network network = Network.of(batch);
    return Due.of(
            network,
            batch.step(RUN).orElseThrow(),
            Gear.any(Machine.Kind.SHAKER_TABLE).sheet(),
            OptionalDouble.empty())
        .stream()
        .filter(due -> due.what() == Due.What.LOOK)
        .map(due -> due.in(now))
        .findFirst()
        .orElseThrow();
  }
}
