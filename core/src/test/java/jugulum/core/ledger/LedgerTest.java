package jugulum.core.ledger;

import static jugulum.core.ledger.Measure.Pass.From.HEAP;
import static jugulum.core.ledger.Measure.Pass.From.SAND;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.screens.StandardScreens;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Refusal;
import org.junit.jupiter.api.Test;

class LedgerTest {
  @Test
  void aBatchStartsWithOneFeedLotReceived() {
    Batch batch = Bench.started().batch();
    assertThat(batch.lots()).singleElement().returns(Material.FEED, Lot::material);
    assertThat(batch.steps()).singleElement().returns(new Process.Receive(), Step::process);
    assertThat(NetworkCheck.findings(batch)).isEmpty();
  }

  @Test
  void aBatchNeedsAName() {
    Edit unnamed =
        new Edit.StartBatch(
            new BatchId(java.util.UUID.randomUUID()),
            new Label("  ", "", LocalDate.EPOCH),
            Assumptions.USUAL);
    assertThat(Ledger.apply(Optional.empty(), unnamed, Instant.EPOCH))
        .isEqualTo(new Applied.Refused<>(new Refusal(Reason.NAME_MISSING, List.of())));
    assertThat(Ledger.apply(Optional.empty(), new Edit.CloseBatch(true), Instant.EPOCH))
        .isEqualTo(new Applied.Refused<>(new Refusal(Reason.NOT_STARTED, List.of())));
  }

  @Test
  void anyOrderOfWorkFits() {
    Bench bench = Bench.started().weighs(1, 20_000);
    bench.table(1, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
    bench.screens(2, "30", "100").magnet(5);
    bench.table(3, Material.CONCENTRATE, Material.TAILINGS);
    bench.runs(new Process.Merging(), List.of(9, 10), Material.MERGED);
    assertThat(NetworkCheck.findings(bench.batch())).isEmpty();
    assertThat(Network.of(bench.batch()).endLots())
        .extracting(lot -> lot.id().number())
        .containsExactly(4, 6, 7, 8, 11, 12);
  }

  @Test
  void aLotIsTakenOnce() {
    Bench bench = Bench.started().screens(1, "30").magnet(2);
    Edit again =
        new Edit.TakeStep(
            new Process.Merging(),
            List.of(new LotId(2), new LotId(3)),
            List.of(new Edit.NewLot(Material.MERGED, bench.lot(2).cut(), "")));
    assertThat(bench.refused(again).reason()).isEqualTo(Reason.LOT_ALREADY_TAKEN);
  }

  @Test
  void screensRunFromCoarseToFine() {
    Bench bench = Bench.started();
    var thirty = StandardScreens.numbered("30").orElseThrow();
    var fifty = StandardScreens.numbered("50").orElseThrow();
    List<Edit.NewLot> cuts = List.of(new Edit.NewLot(Material.CUT, bench.lot(1).cut(), ""));
    Edit upsideDown =
        new Edit.TakeStep(
            new Process.Screening(List.of(fifty, thirty)), List.of(new LotId(1)), cuts);
    Edit none = new Edit.TakeStep(new Process.Screening(List.of()), List.of(new LotId(1)), cuts);
    assertThat(bench.refused(upsideDown))
        .isEqualTo(Refusal.of(Reason.SCREENS_OUT_OF_ORDER, new Refusal.Told.Words("30")));
    assertThat(bench.refused(none).reason()).isEqualTo(Reason.SCREENS_MISSING);
  }

  @Test
  void aCutCannotOutweighTheFeedBeyondTheTolerance() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "30");
    Refusal refusal = bench.refused(new Edit.RecordOnLot(new LotId(2), Bench.dry(10_101)));
    assertThat(refusal.reason()).isEqualTo(Reason.HEAVIER_THAN_INPUT);
    assertThat(refusal.values())
        .containsExactly(new Refusal.Told.Grams(10_101), new Refusal.Told.Grams(10_000));
    bench.weighs(2, 10_099);
  }

  @Test
  void goldCannotOutweighWhatItCameFrom() {
    Bench bench = Bench.started().weighs(1, 3).finishes(1);
    assertThat(bench.refused(new Edit.RecordOnLot(new LotId(2), new GoldWeight(3.1, 0.1))).reason())
        .isEqualTo(Reason.GOLD_HEAVIER_THAN_LOT);
    bench.measures(2, new GoldWeight(2.9, 0.1));
  }

  @Test
  void passesLiftNoMoreThanThereIs() {
    Bench bench = Bench.started().weighs(1, 8_000).magnet(1);
    StepId magnet = new StepId(2);
    assertThat(bench.refused(pass(magnet, HEAP, 100, 0)).reason())
        .isEqualTo(Reason.FIRST_PASS_FROM_HEAP);
    assertThat(bench.refused(pass(magnet, SAND, 8_200, 0)).reason())
        .isEqualTo(Reason.LIFTED_MORE_THAN_THERE);
    bench.does(pass(magnet, SAND, 4_316, 212)).does(pass(magnet, HEAP, 4_104, 71));
    assertThat(bench.step(2).orElseThrow().heapG().getAsDouble()).isCloseTo(4_033, within(1e-9));
    assertThat(bench.refused(pass(magnet, HEAP, 4_200, 0)).reason())
        .isEqualTo(Reason.LIFTED_MORE_THAN_THERE);
    bench.does(pass(magnet, SAND, 1_000, 0));
    assertThat(bench.step(2).orElseThrow().heapG().getAsDouble()).isCloseTo(5_033, within(1e-9));
    assertThatThrownBy(() -> new Pass(SAND, 100, 101, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("droppedBackG");
  }

  private static Edit pass(StepId step, Pass.From from, double lifted, double dropped) {
    return new Edit.RecordOnStep(step, new Pass(from, lifted, dropped, 0));
  }

  @Test
  void aCorrectedReadingIsKeptStruckThroughWithTheReason() {
    Bench bench = Bench.started().weighs(1, 14_910).weighs(1, 4_911);
    bench.does(new Edit.Correct(new ReadingId(1), Bench.dry(4_910), "misread the first digit"));
    List<Reading> readings = bench.lot(1).readings();
    assertThat(readings).extracting(reading -> reading.id().number()).containsExactly(1, 3, 2);
    assertThat(readings.get(0).struck().orElseThrow().reason())
        .isEqualTo("misread the first digit");
    assertThat(readings.get(1).replaces()).contains(new ReadingId(1));
    assertThat(bench.lot(1).weighedDryG().getAsDouble()).isEqualTo(4_910.5);
    assertThat(bench.refused(new Edit.Strike(new ReadingId(1), "again")).reason())
        .isEqualTo(Reason.READING_ALREADY_STRUCK);
    assertThat(bench.refused(new Edit.Strike(new ReadingId(2), " ")).reason())
        .isEqualTo(Reason.REASON_MISSING);
  }

  @Test
  void aCorrectedPassKeepsItsPlaceInTheOrder() {
    StepId magnet = new StepId(2);
    Bench bench =
        Bench.started()
            .weighs(1, 8_000)
            .magnet(1)
            .does(pass(magnet, SAND, 4_000, 200))
            .does(pass(magnet, HEAP, 3_800, 50));
    bench.does(new Edit.Correct(new ReadingId(2), new Pass(SAND, 4_000, 150, 9), "tare"));
    assertThat(bench.step(2).orElseThrow().passes())
        .extracting(Pass::droppedBackG)
        .containsExactly(150.0, 50.0);
  }

  @Test
  void aStepTakenByMistakeIsWithdrawnNotErased() {
    Bench bench = Bench.started().magnet(1);
    bench.does(new Edit.WithdrawStep(new StepId(2), "screens come first"));
    assertThat(Network.of(bench.batch()).endLots())
        .extracting(Lot::material)
        .containsExactly(Material.FEED);
    assertThat(bench.batch().steps()).hasSize(2);
    bench.screens(1, "30").magnet(4);
    assertThat(bench.refused(new Edit.WithdrawStep(new StepId(3), "no")).reason())
        .isEqualTo(Reason.OUTPUT_IN_USE);
    assertThat(bench.refused(new Edit.WithdrawStep(new StepId(1), "no")).reason())
        .isEqualTo(Reason.FEED_CANNOT_BE_WITHDRAWN);
    assertThat(NetworkCheck.findings(bench.batch())).isEmpty();
  }

  @Test
  void aClosedBatchTakesNothingMore() {
    Bench bench = Bench.started().does(new Edit.CloseBatch(true));
    assertThat(bench.refused(new Edit.AddNote(new StepId(1), "late")).reason())
        .isEqualTo(Reason.BATCH_CLOSED);
    bench.does(new Edit.CloseBatch(false)).does(new Edit.AddNote(new StepId(1), "late"));
    assertThat(bench.step(1).orElseThrow().notes()).extracting(Note::text).containsExactly("late");
  }

  @Test
  void undoAndRedoWalkTheWholeHistory() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "16", "30");
    Batch end = bench.batch();
    bench.undo().undo();
    assertThat(bench.batch().lots()).hasSize(1);
    bench.undo();
    assertThat(new BatchFold().replay(bench.history())).isEmpty();
    bench.redo().redo().redo();
    assertThat(bench.batch()).isEqualTo(end);
    bench.undo().weighs(1, 9_999);
    assertThat(bench.history().redo()).isEmpty();
  }

  @Test
  void measuresRefuseWhatCannotBe() {
    assertThatThrownBy(() -> new SandWeight(5, 6, 0, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("tareG");
    assertThatThrownBy(() -> new SandWeight(-5, 0, 0, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("grossG");
    assertThatThrownBy(() -> new SandWeight(Double.NaN, 0, 0, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("NaN");
    assertThatThrownBy(() -> new SandWeight(5, 0, 1, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("moisture");
    assertThatThrownBy(() -> new Measure.Fineness(1.01, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("fraction");
    assertThatThrownBy(() -> new Measure.SpeckCount(1, 0)).isInstanceOf(OutOfRange.class);
    assertThat(new SandWeight(1_100, 100, 0.084, 1).dryG()).isCloseTo(916, within(1e-9));
  }
}
