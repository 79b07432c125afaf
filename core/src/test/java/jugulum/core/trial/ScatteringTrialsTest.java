package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.core.simulated.Coverage;
import jugulum.core.trial.Comparison.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Trials of machines whose runs differ by more than their specks explain, as runs do: the share won
 * is drawn anew for each run, beta-distributed, so that two specks of one run go the same way more
 * often than two of different runs (their correlation).
 */
class ScatteringTrialsTest {
  private static final int SPECKS = 40;
  private static final int TRIALS = Coverage.THOROUGH ? 10_000 : 1_000;

  private final ScatteringRuns draws = new ScatteringRuns(SPECKS, 29);

  private TrialResult trial(List<Double> shares, int runs, double correlation) {
    return draws.trial(shares, runs, correlation);
  }

  private static boolean namesOne(TrialResult result) {
    return result.pairs().stream()
        .map(pair -> pair.comparison().verdict())
        .anyMatch(verdict -> verdict == Verdict.FIRST || verdict == Verdict.SECOND);
  }

  /** Machines that do alike are told apart in at most 5 of 100 trials (and what chance adds). */
  @ParameterizedTest
  @CsvSource({"0, 3", "0.02, 3", "0.05, 3", "0.1, 3", "0.02, 5", "0.05, 5", "0.02, 2", "0.02, 1"})
  void ofTwoAlikeOneIsSeldomCalledBetterAlsoWhereRunsScatter(double correlation, int runs) {
    int named = 0;
    for (int i = 0; i < TRIALS; i++) {
      named += namesOne(trial(List.of(0.8, 0.8), runs, correlation)) ? 1 : 0;
    }
    assertThat(named / (double) TRIALS).isLessThan(0.065);
  }

  /** However many are compared: among nine pairs there is always one that looks apart. */
  @Test
  void amongManyAlikeNoneIsCalledBetterMoreOftenThanInFiveOfAHundred() {
    int named = 0;
    for (int i = 0; i < TRIALS; i++) {
      named += namesOne(trial(List.of(0.8, 0.8, 0.8, 0.8, 0.8), 3, 0.02)) ? 1 : 0;
    }
    assertThat(named / (double) TRIALS).isLessThan(0.065);
  }

  /** What differs by much is still told, though wider ranges take more runs. */
  @Test
  void whatDiffersByMuchIsTold() {
    int told = 0;
    for (int i = 0; i < TRIALS / 3; i++) {
      told += namesOne(trial(List.of(0.95, 0.65), 5, 0.02)) ? 1 : 0;
    }
    assertThat(told / (TRIALS / 3.0)).isGreaterThan(0.8);
  }

  /** The range of a share holds it, whether runs scatter or not. */
  @ParameterizedTest
  @CsvSource({"0, 3", "0.02, 3", "0.05, 3", "0.1, 4", "0.02, 1"})
  void theRangeOfAShareHoldsItWhereRunsScatter(double correlation, int runs) {
    Coverage.upTo(1, "share at correlation " + correlation + " over " + runs, 4_000)
        .asking(
            () -> {
              SpikeBack.Recovered told =
                  trial(List.of(0.8, 0.8), runs, correlation)
                      .line(0, ScatteringRuns.CUT)
                      .orElseThrow()
                      .recovered();
              return told.low() <= 0.8 && told.high() >= 0.8;
            });
  }
}
