package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import jugulum.core.trial.Comparison.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ComparisonTest {
  private static final int TRIALS = 2_000;

  /** R. G. Newcombe, Statistics in Medicine 17 (1998) 873–890, method 10. */
  @ParameterizedTest
  @CsvSource({
    "56, 70, 48, 80, 0.0524, 0.3339",
    "9, 10, 3, 10, 0.1705, 0.8090",
    "5, 56, 0, 29, -0.0381, 0.1926"
  })
  void theDifferencesOfTheHandbookComeOut(
      int found1, int all1, int found2, int all2, double low, double high) {
    ShareDifference difference = ShareDifference.of(found1, all1, found2, all2, 0.95);
    assertThat(difference.low()).isCloseTo(low, within(6e-5));
    assertThat(difference.high()).isCloseTo(high, within(6e-5));
  }

  @Test
  void whatIsApartIsSaidAndWhichWay() {
    assertThat(Comparison.of(95, 100, 80, 100).verdict()).isEqualTo(Verdict.FIRST);
    assertThat(Comparison.of(80, 100, 95, 100).verdict()).isEqualTo(Verdict.SECOND);
    assertThat(Comparison.of(950, 1000, 948, 1000).verdict()).isEqualTo(Verdict.ALIKE);
    assertThat(Comparison.of(95, 100, 80, 100).more()).isZero();
  }

  /** So many more, and no fewer, would settle it at the same shares. */
  @Test
  void whatIsNotSettledSaysHowManyMore() {
    Comparison open = Comparison.of(27, 30, 24, 30);
    assertThat(open.verdict()).isEqualTo(Verdict.NOT_SETTLED);
    assertThat(open.more()).isBetween(40, 120);
    int all = 30 + open.more();
    assertThat(
            Comparison.of((int) Math.round(0.9 * all), all, (int) Math.round(0.8 * all), all)
                .verdict())
        .isEqualTo(Verdict.FIRST);
    assertThat(Comparison.of(30, 30, 30, 30).more())
        .as("equal shares end as alike")
        .isBetween(1, 200);
  }

  /** Machines that are alike are told apart in either direction in under 3 of 100 trials. */
  @ParameterizedTest
  @CsvSource({"20, 0.7", "50, 0.8", "100, 0.9", "200, 0.9", "200, 0.6", "100, 0.95"})
  void oneOfTwoAlikeIsSeldomCalledBetter(int specks, double share) {
    Random random = new Random(15);
    int first = 0;
    for (int trial = 0; trial < TRIALS; trial++) {
      Comparison compared =
          Comparison.of(found(specks, share, random), specks, found(specks, share, random), specks);
      first += compared.verdict() == Verdict.FIRST ? 1 : 0;
    }
    assertThat(first / (double) TRIALS).isLessThan(0.03);
  }

  static int found(int specks, double share, Random random) {
    return (int) random.doubles(specks).filter(draw -> draw < share).count();
  }
}
