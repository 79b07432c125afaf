package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import jugulum.core.check.OutOfRange;
import jugulum.core.trial.RandomEffects.Result;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SlopeTest {
  private static final int SETS = 2_000;

  /**
   * The 13 trials of Colditz et al. 1994 over the absolute latitude of each: log risk ratio and its
   * variance as in science2, latitudes 44 55 42 52 13 44 19 13 27 42 18 33 33. By moments the slope
   * is −0.0292 with the standard error 0.0067 (a worked example of several handbooks of
   * meta-analysis, from memory); t(11) at 97.5 % is 2.201; the factor of Knapp and Hartung comes on
   * top.
   */
  @Test
  void thePublishedTrialsOfAVaccineOverLatitude() {
    int[][] trials = {
      {4, 119, 11, 128, 44}, {6, 300, 29, 274, 55}, {3, 228, 11, 209, 42},
      {62, 13536, 248, 12619, 52}, {33, 5036, 47, 5761, 13}, {180, 1361, 372, 1079, 44},
      {8, 2537, 10, 619, 19}, {505, 87886, 499, 87892, 13}, {29, 7470, 45, 7232, 27},
      {17, 1699, 65, 1600, 42}, {186, 50448, 141, 27197, 18}, {5, 2493, 3, 2338, 33},
      {27, 16886, 29, 17825, 33}
    };
    List<Slope.At> results = new ArrayList<>();
    for (int[] one : trials) {
      double a = one[0];
      double treated = a + one[1];
      double c = one[2];
      double control = c + one[3];
      results.add(
          new Slope.At(
              one[4],
              new Result(
                  Math.log(a / treated / (c / control)),
                  1 / a - 1 / treated + 1 / c - 1 / control)));
    }
    Slope slope = Slope.of(results);
    assertThat(slope.b()).isCloseTo(-0.0292, within(5e-5));
    assertThat(slope.half()).isBetween(2.201 * 0.0067, 1.25 * 2.201 * 0.0067);
    assertThat(slope.isSeen()).isTrue();
    assertThat(slope.more()).isZero();
  }

  /** With one variance for all and scatter far above it, it is the line of least squares. */
  @Test
  void itIsTheLineOfLeastSquaresWhereAllAreAlike() {
    Random random = new Random(4);
    SimpleRegression line = new SimpleRegression();
    List<Slope.At> results = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      double y = 1 + 0.3 * i + random.nextGaussian();
      line.addData(i, y);
      results.add(new Slope.At(i, new Result(y, 1e-6)));
    }
    Slope slope = Slope.of(results);
    assertThat(slope.b()).isCloseTo(line.getSlope(), within(1e-6));
    assertThat(slope.half()).isCloseTo(line.getSlopeConfidenceInterval(), within(1e-3));
    assertThat(slope.at(5)).isCloseTo(line.predict(5), within(1e-6));
  }

  private static List<Slope.At> made(int runs, double b, double scatter, Random random) {
    return IntStream.range(0, runs)
        .mapToObj(
            i -> {
              double setting = 2 + i % 4 * 0.5;
              double logit = 2 + b * (setting - 2.75) + scatter * random.nextGaussian();
              double share = 1 / (1 + Math.exp(-logit));
              return new Slope.At(
                  setting, Result.logit(ComparisonTest.found(60, share, random), 60));
            })
        .toList();
  }

  /** A dial that does nothing is said to matter in at most 5 of 100 machines. */
  @ParameterizedTest
  @CsvSource({"6, 0", "6, 0.5", "12, 0.3", "24, 0.5"})
  void aDialThatDoesNothingSeldomSeemsToMatter(int runs, double scatter) {
    Random random = new Random(15);
    long seen =
        IntStream.range(0, SETS)
            .filter(_ -> Slope.of(made(runs, 0, scatter, random)).isSeen())
            .count();
    assertThat(seen / (double) SETS).isLessThan(0.055);
  }

  /** One that does much is seen, and the promise of more runs is kept about as often as not. */
  @Test
  void aDialThatDoesMuchIsSeen() {
    Random random = new Random(16);
    long seen =
        IntStream.range(0, SETS)
            .filter(_ -> Slope.of(made(24, -1.2, 0.3, random)).isSeen())
            .count();
    assertThat(seen / (double) SETS).isGreaterThan(0.95);
    Slope weak = Slope.of(made(8, -0.2, 0.3, new Random(3)));
    assertThat(weak.isSeen()).isFalse();
    assertThat(weak.more())
        .satisfiesAnyOf(
            more -> assertThat(more).isPositive(), more -> assertThat(more).isEqualTo(Slope.NEVER));
  }

  @Test
  void tooFewOrAllAtOneSettingHaveNone() {
    Random random = new Random(5);
    assertThatThrownBy(() -> Slope.of(made(3, 0, 0, random))).isInstanceOf(OutOfRange.class);
    List<Slope.At> same =
        made(6, 0, 0, random).stream().map(one -> new Slope.At(2, one.result())).toList();
    assertThatThrownBy(() -> Slope.of(same)).isInstanceOf(OutOfRange.class);
  }
}
