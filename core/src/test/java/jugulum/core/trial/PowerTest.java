package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import jugulum.core.check.OutOfRange;
import jugulum.core.trial.Comparison.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PowerTest {
  private static final int TRIALS = 2_000;

  /** Trials made at random with the difference that was promised: so many of them settle it. */
  @ParameterizedTest
  @CsvSource({"0.9, 60", "0.9, 180", "0.95, 500", "0.7, 180", "0.98, 120"})
  void theDifferencePromisedIsSettledInEightOfTenTrials(double share, int specks) {
    double difference = Power.smallest(share, specks, RunScatter.NONE, 0.95).orElseThrow();
    Random random = new Random(specks);
    long settled =
        IntStream.range(0, TRIALS)
            .mapToObj(
                _ ->
                    Comparison.of(
                        ComparisonTest.found(specks, share, random),
                        specks,
                        ComparisonTest.found(specks, share - difference, random),
                        specks))
            .filter(comparison -> comparison.verdict() == Verdict.FIRST)
            .count();
    assertThat(settled / (double) TRIALS).isBetween(0.75, 0.86);
  }

  /** The same where runs differ as usual: it is promised less, and kept. */
  @ParameterizedTest
  @CsvSource({"0.9, 60, 3", "0.9, 40, 5", "0.8, 100, 4", "0.7, 60, 6"})
  void theDifferencePromisedIsSettledAlsoWhereRunsDiffer(double share, int specks, int runs) {
    double difference =
        Power.smallest(share, specks * runs, RunScatter.expected(specks, runs, 2), 0.95)
            .orElseThrow();
    assertThat(difference)
        .isGreaterThan(Power.smallest(share, specks * runs, RunScatter.NONE, 0.95).orElseThrow());
    ScatteringRuns draws = new ScatteringRuns(specks, runs);
    long settled =
        IntStream.range(0, TRIALS)
            .filter(
                _ ->
                    draws.trial(List.of(share, share - difference), runs, 0.02).pairs().stream()
                        .anyMatch(pair -> pair.comparison().verdict() == Verdict.FIRST))
            .count();
    assertThat(settled / (double) TRIALS).isBetween(0.7, 0.9);
  }

  /** One speck won and one lost settle nothing. */
  @Test
  void moreSpecksSettleSmallerDifferences() {
    assertThat(Power.smallest(0.9, 1, RunScatter.NONE, 0.95)).isEmpty();
    double few = Power.smallest(0.9, 30, RunScatter.NONE, 0.95).orElseThrow();
    double many = Power.smallest(0.9, 300, RunScatter.NONE, 0.95).orElseThrow();
    assertThat(many).isLessThan(few / 2);
    assertThat(Power.settles(0.9, 0, 300, RunScatter.NONE, 0.95)).as("two alike").isLessThan(0.05);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> Power.settles(0.5, 0.6, 10, RunScatter.NONE, 0.95))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> Power.settles(Double.NaN, 0.1, 10, RunScatter.NONE, 0.95))
        .isInstanceOf(OutOfRange.class);
  }
}
