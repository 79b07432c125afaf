package jugulum.core.passes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Measure.Pass.How;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.passes.NextPass.Verdict;
import jugulum.core.passes.NextPass.Why;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.StopRule.Kind;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NextPassTest {
  private static final Cut CUT =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));
  private static final Terms TERMS = new Terms(80, 0.95, 20, 6, "", LocalDate.parse("2026-11-01"));

  private static NextPass after(Optional<Terms> terms, StopRule rule, int... catches) {
    Bench bench = Bench.started().weighs(1, 8_000).magnet(1);
    double heap = 4_000;
    for (int i = 0; i < catches.length; i++) {
      bench.does(
          new Edit.RecordOnStep(
              new StepId(2), new Pass(i == 0 ? From.SAND : From.HEAP, heap, 10, catches[i])));
      heap -= 10;
    }
    return next(bench, 0.9, terms, rule);
  }

  private static NextPass next(Bench bench, double fineness, Optional<Terms> terms, StopRule rule) {
    Speck speck = Speck.of(CUT, 0.3, 17.5);
    Step step = bench.step(2).orElseThrow();
    return NextPass.of(
        step,
        Removal.of(step.catches(speck.meanMg())),
        OptionalDouble.empty(),
        speck,
        fineness,
        terms,
        rule);
  }

  private static int[] catches(String text) {
    return text.isBlank()
        ? new int[0]
        : java.util.Arrays.stream(text.strip().split(" ")).mapToInt(Integer::parseInt).toArray();
  }

  @ParameterizedTest
  @CsvSource({
    "'', PICKS_CLEAN, GO_ON, NO_PASS",
    "46, PICKS_CLEAN, GO_ON, ONE_PASS",
    "0 0, PICKS_CLEAN, STOP, NOTHING_SEEN",
    "46 21 9, PICKS_CLEAN, GO_ON, NOT_CLEAN",
    "46 21 9 0, PICKS_CLEAN, STOP, CLEAN",
    "30 0 0, PICKS_CLEAN, STOP, CLEAN",
    "46 21 9, UNDER_SPECKS, GO_ON, MANY_SPECKS",
    "46 21 9 2, UNDER_SPECKS, STOP, FEW_SPECKS",
    "10 12 9, UNDER_SPECKS, NOT_DECLINING, NOT_DECLINING",
    "3 9 20, PAYS, NOT_DECLINING, NOT_DECLINING",
    "46 21 9, PAYS, STOP, DOES_NOT_PAY",
    "9000 6000 4000, PAYS, GO_ON, PAYS"
  })
  void theAdviceFollowsTheShopsOwnRule(String catches, Kind kind, Verdict verdict, Why why) {
    NextPass next = after(Optional.of(TERMS), new StopRule(kind, 3), catches(catches));
    assertThat(next.why()).isEqualTo(why);
    assertThat(next.verdict()).isEqualTo(verdict);
  }

  @Test
  void withoutTermsCleanIsClean() {
    assertThat(after(Optional.empty(), new StopRule(Kind.PAYS, 3), 46, 21, 9))
        .satisfies(next -> assertThat(next.why()).isEqualTo(Why.NOT_CLEAN))
        .satisfies(next -> assertThat(next.money()).isEmpty());
  }

  /**
   * 3.41 specks of 0.0312 mg, nine tenths fine, at 80 a gram and 95 % paid; six minutes at 20 an
   * hour.
   */
  @Test
  void theWorthIsTheExpectedCatchLessTheTime() {
    NextPass next = after(Optional.of(TERMS), StopRule.USUAL, 46, 21, 9);
    NextPass.Money money = next.money().orElseThrow();
    assertThat(next.nextMg().getAsDouble()).isCloseTo(4.0489 * 0.03123, within(1e-3));
    assertThat(money.brings()).isCloseTo(4.0489 * 0.03123e-3 * 0.9 * 80 * 0.95, within(1e-4));
    assertThat(money.costs()).isCloseTo(2.0, within(1e-12));
    assertThat(money.chance()).isLessThan(0.001);
  }

  @Test
  void theChanceThatItPaysRisesWithThePriceAndFallsWithTheHour() {
    double dear =
        after(
                Optional.of(new Terms(80_000, 0.95, 20, 6, "", LocalDate.EPOCH)),
                StopRule.USUAL,
                46,
                21,
                9)
            .money()
            .orElseThrow()
            .chance();
    double even =
        after(
                Optional.of(new Terms(20_000, 0.95, 20, 6, "", LocalDate.EPOCH)),
                StopRule.USUAL,
                46,
                21,
                9)
            .money()
            .orElseThrow()
            .chance();
    double hour =
        after(
                Optional.of(new Terms(20_000, 0.95, 60, 6, "", LocalDate.EPOCH)),
                StopRule.USUAL,
                46,
                21,
                9)
            .money()
            .orElseThrow()
            .chance();
    assertThat(dear).isGreaterThan(even).isLessThanOrEqualTo(1);
    assertThat(even).isGreaterThan(hour).isBetween(0.05, 0.95);
    assertThat(
            after(
                    Optional.of(new Terms(0, 1, 20, 6, "", LocalDate.EPOCH)),
                    StopRule.USUAL,
                    46,
                    21,
                    9)
                .money()
                .orElseThrow()
                .chance())
        .isZero();
  }

  @Test
  void timedPassesTellTheMinutes() {
    Bench bench = Bench.started().weighs(1, 8_000).magnet(1);
    How nine = new How(OptionalDouble.of(9), Optional.empty(), OptionalDouble.empty());
    bench.does(
        new Edit.RecordOnStep(
            new StepId(2),
            new Pass(From.SAND, 4_000, 10, 20, OptionalDouble.empty(), Optional.of(nine))));
    bench.does(new Edit.RecordOnStep(new StepId(2), new Pass(From.HEAP, 3_990, 10, 6)));
    NextPass next = next(bench, 0.9, Optional.of(TERMS), StopRule.USUAL);
    assertThat(next.minutes()).hasValue(9);
    assertThat(next.money().orElseThrow().costs()).isCloseTo(3, within(1e-12));
  }

  /**
   * Of 11, 3 and 1 specks the likeliest number left is none, but about one is held for left: the
   * next pass frees the same share of it as the passes before did.
   */
  @Test
  void theNextCatchIsAShareOfWhatIsHeldForLeft() {
    Removal removal = Removal.of(List.of(11, 3, 1));
    assertThat(removal.left().orElseThrow()).isZero();
    assertThat(removal.nextCatch(OptionalDouble.empty()).orElseThrow()).isZero();
    assertThat(removal.nextCatch(OptionalDouble.of(1.04)).orElseThrow())
        .isCloseTo(1.04 * removal.share().orElseThrow(), within(1e-12));
    Removal slower = Removal.of(List.of(46, 21, 9));
    double likeliest = slower.left().orElseThrow();
    assertThat(slower.nextCatch(OptionalDouble.of(likeliest)).orElseThrow())
        .isCloseTo(slower.nextCatch().orElseThrow(), within(1e-9));
    assertThat(Removal.of(List.of(3)).nextCatch(OptionalDouble.of(2))).isEmpty();
    Removal notFalling = Removal.of(List.of(20, 18, 12));
    assertThat(notFalling.nextCatch(OptionalDouble.of(2))).isEqualTo(notFalling.nextCatch());
  }
}
