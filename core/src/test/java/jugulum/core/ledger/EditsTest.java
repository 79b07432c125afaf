package jugulum.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The edits one by one: what each changes, and what refuses it. */
class EditsTest {
  private static final LotId GONE = new LotId(99);
  private static final StepId NEVER = new StepId(99);
  private static final NewLot TAILS = new NewLot(Material.TAILINGS, Cut.ALL, "");

  private static Edit take(Process process, List<Integer> lots, NewLot... outputs) {
    return new Edit.TakeStep(process, lots.stream().map(LotId::new).toList(), List.of(outputs));
  }

  static Stream<Arguments> refused() {
    Machine pan = new Machine(Machine.Kind.PAN, "");
    return Stream.of(
        Arguments.of(take(new Process.Finishing(), List.of(99), TAILS), Reason.NO_SUCH_LOT),
        Arguments.of(take(new Process.Finishing(), List.of(), TAILS), Reason.NO_INPUT),
        Arguments.of(take(new Process.GravityRun(pan), List.of(2)), Reason.NO_OUTPUT),
        Arguments.of(take(new Process.Finishing(), List.of(1), TAILS), Reason.LOT_ALREADY_TAKEN),
        Arguments.of(take(new Process.Merging(), List.of(2, 2), TAILS), Reason.LOT_ALREADY_TAKEN),
        Arguments.of(take(new Process.Merging(), List.of(2), TAILS), Reason.MERGE_NEEDS_TWO),
        Arguments.of(take(new Process.Splitting(), List.of(2), TAILS), Reason.SPLIT_NEEDS_TWO),
        Arguments.of(
            take(
                new Process.Screening(List.of(StandardScreens.numbered("8").orElseThrow())),
                List.of(3),
                TAILS),
            Reason.SCREEN_OUTSIDE_FEED),
        Arguments.of(new Edit.AddOutput(NEVER, TAILS), Reason.NO_SUCH_STEP),
        Arguments.of(new Edit.FinishStep(NEVER, true), Reason.NO_SUCH_STEP),
        Arguments.of(new Edit.AddNote(NEVER, "wet"), Reason.NO_SUCH_STEP),
        Arguments.of(new Edit.AddNote(new StepId(1), "  "), Reason.NOTE_EMPTY),
        Arguments.of(new Edit.WithdrawStep(NEVER, "why"), Reason.NO_SUCH_STEP),
        Arguments.of(new Edit.WithdrawStep(new StepId(2), ""), Reason.REASON_MISSING),
        Arguments.of(new Edit.RecordOnLot(GONE, Bench.dry(1)), Reason.NO_SUCH_LOT),
        Arguments.of(
            new Edit.RecordOnLot(new LotId(1), new Measure.Pass(Measure.Pass.From.SAND, 1, 0, 0)),
            Reason.MEASURE_NOT_FOR_THIS),
        Arguments.of(
            new Edit.RecordOnStep(new StepId(2), new Measure.Pass(Measure.Pass.From.SAND, 1, 0, 0)),
            Reason.MEASURE_NOT_FOR_THIS),
        Arguments.of(
            new Edit.RecordOnStep(NEVER, new Measure.Pass(Measure.Pass.From.SAND, 1, 0, 0)),
            Reason.NO_SUCH_STEP),
        Arguments.of(
            new Edit.Correct(new ReadingId(99), Bench.dry(1), "why"), Reason.NO_SUCH_READING),
        Arguments.of(new Edit.Correct(new ReadingId(1), Bench.dry(1), ""), Reason.REASON_MISSING),
        Arguments.of(new Edit.Relabel(new Label(" ", "", LocalDate.EPOCH)), Reason.NAME_MISSING),
        Arguments.of(new Edit.Adopt(Bench.started().batch()), Reason.ALREADY_STARTED));
  }

  @ParameterizedTest
  @MethodSource("refused")
  void isRefusedAndChangesNothing(Edit edit, Reason reason) {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "30");
    Batch before = bench.batch();
    assertThat(bench.refused(edit).reason()).isEqualTo(reason);
    assertThat(bench.batch()).isEqualTo(before);
  }

  @Test
  void aCorrectionIsHeldToTheSameRulesAsTheReading() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "30").weighs(2, 6_000);
    assertThat(
            bench
                .refused(new Edit.Correct(new ReadingId(2), Bench.dry(60_000), "typed it wrong"))
                .reason())
        .isEqualTo(Reason.HEAVIER_THAN_INPUT);
  }

  @Test
  void labelAssumptionsPortsAndStateChange() {
    Bench bench = Bench.started().table(1, Material.CONCENTRATE);
    bench.does(new Edit.Relabel(new Label(" Hollin 2 ", "", LocalDate.EPOCH)));
    bench.does(new Edit.Assume(new Assumptions(0.02, 0.5, 17, 0.9, 0.04, 0.001)));
    bench
        .does(new Edit.AddOutput(new StepId(2), TAILS))
        .does(new Edit.FinishStep(new StepId(2), true));
    assertThat(bench.batch().label().name()).isEqualTo("Hollin 2");
    assertThat(bench.batch().assumptions().flatness()).isEqualTo(0.5);
    assertThat(bench.step(2).orElseThrow().outputs()).containsExactly(new LotId(2), new LotId(3));
    assertThat(bench.step(2).orElseThrow().finishedAt()).isPresent();
    bench.does(new Edit.FinishStep(new StepId(2), false));
    assertThat(bench.step(2).orElseThrow().finishedAt()).isEmpty();
  }

  @Test
  void aStruckReadingNoLongerCounts() {
    Bench bench =
        Bench.started().weighs(1, 10_000).does(new Edit.Strike(new ReadingId(1), "scale was off"));
    assertThat(bench.lot(1).weighedDryG()).isEmpty();
    assertThat(bench.lot(1).readings()).hasSize(1);
    assertThat(bench.lot(1).latest(Measure.SandWeight.class)).isEmpty();
  }

  @Test
  void assumptionsHaveRanges() {
    assertThatThrownBy(() -> new Assumptions(0.01, 0.01, 17.5, 0.9, 0, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("flatness");
    assertThatThrownBy(() -> new Assumptions(0.01, 0.3, 21, 0.9, 0, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("goldDensity");
    assertThatThrownBy(() -> new Assumptions(Double.NaN, 0.3, 17.5, 0.9, 0, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("closureTolerance");
  }

  @Test
  void checksNameTheRangeAndTheValue() {
    assertThat(Check.share("shareChecked", 1)).isEqualTo(1);
    assertThatThrownBy(() -> Check.share("shareChecked", 1.2))
        .isInstanceOfSatisfying(
            OutOfRange.class,
            problem -> {
              assertThat(problem.quantity()).isEqualTo("shareChecked");
              assertThat(problem.low()).isZero();
              assertThat(problem.high()).isEqualTo(1);
              assertThat(problem.value()).isEqualTo(1.2);
            });
    assertThatThrownBy(() -> Check.grams("grossG", Double.POSITIVE_INFINITY))
        .isInstanceOf(OutOfRange.class);
  }

  @Test
  void theBowlsOfACutTogetherCannotOutweighTheStack() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "30").weighs(2, 6_000);
    assertThat(
            bench.refused(new Edit.RecordOnLot(new LotId(2), Bench.dry(4_200).ofBowl(2))).reason())
        .isEqualTo(Reason.HEAVIER_THAN_INPUT);
    bench.measures(2, Bench.dry(4_000).ofBowl(2)).measures(2, Bench.dry(4_010).ofBowl(2));
    assertThat(bench.lot(2).weighedDryG()).hasValue(10_005);
  }

  @Test
  void whatPassedInTheLastMinuteBelongsToAScreenOfTheStack() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "30");
    Screen thirty = StandardScreens.numbered("30").orElseThrow();
    Screen fifty = StandardScreens.numbered("50").orElseThrow();
    bench.does(new Edit.RecordOnStep(new StepId(2), new Measure.LastMinute(thirty, 40)));
    assertThat(bench.step(2).orElseThrow().readings()).hasSize(1);
    assertThat(
            bench
                .refused(new Edit.RecordOnStep(new StepId(2), new Measure.LastMinute(fifty, 40)))
                .reason())
        .isEqualTo(Reason.MEASURE_NOT_FOR_THIS);
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnStep(new StepId(2), new Measure.LastMinute(thirty, 20_000)))
                .reason())
        .isEqualTo(Reason.HEAVIER_THAN_INPUT);
    assertThat(
            bench
                .refused(new Edit.RecordOnLot(new LotId(2), new Measure.LastMinute(thirty, 40)))
                .reason())
        .isEqualTo(Reason.MEASURE_NOT_FOR_THIS);
  }

  @Test
  void pickersFoundCountAsGoldKnown() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "16").weighs(2, 900);
    bench.measures(2, new Measure.LookedOver(2, 0.41));
    assertThat(
            bench
                .refused(new Edit.RecordOnLot(new LotId(2), new Measure.LookedOver(1, 901)))
                .reason())
        .isEqualTo(Reason.GOLD_HEAVIER_THAN_LOT);
    assertThatThrownBy(() -> new Measure.LookedOver(0, 0.4))
        .as("no picker weighs nothing")
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("pickersG");
  }
}
