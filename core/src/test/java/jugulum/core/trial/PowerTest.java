package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
    double difference = Power.smallest(share, specks).orElseThrow();
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

  /** One speck won and one lost settle nothing. */
  @Test
  void moreSpecksSettleSmallerDifferences() {
    assertThat(Power.smallest(0.9, 1)).isEmpty();
    double few = Power.smallest(0.9, 30).orElseThrow();
    double many = Power.smallest(0.9, 300).orElseThrow();
    assertThat(many).isLessThan(few / 2);
    assertThat(Power.settles(0.9, 0, 300)).as("two alike").isLessThan(0.05);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> Power.settles(0.5, 0.6, 10)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> Power.settles(Double.NaN, 0.1, 10)).isInstanceOf(OutOfRange.class);
  }
}
