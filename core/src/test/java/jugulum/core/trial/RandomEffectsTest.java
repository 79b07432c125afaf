package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.simulated.Coverage;
import jugulum.core.trial.RandomEffects.Result;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RandomEffectsTest {
  private static final int RECORDS = 1_200;

  /**
   * Treated with and without, control with and without: G. A. Colditz et al., JAMA 271 (1994)
   * 698–702.
   */
  private static final double[][] COLDITZ = {
    {4, 119, 11, 128},
    {6, 300, 29, 274},
    {3, 228, 11, 209},
    {62, 13536, 248, 12619},
    {33, 5036, 47, 5761},
    {180, 1361, 372, 1079},
    {8, 2537, 10, 619},
    {505, 87886, 499, 87892},
    {29, 7470, 45, 7232},
    {17, 1699, 65, 1600},
    {186, 50448, 141, 27197},
    {5, 2493, 3, 2338},
    {27, 16886, 29, 17825}
  };

  private static List<Result> colditz() {
    List<Result> results = new ArrayList<>();
    for (double[] row : COLDITZ) {
      double treated = row[0] + row[1];
      double control = row[2] + row[3];
      results.add(
          new Result(
              Math.log(row[0] / treated / (row[2] / control)),
              1 / row[0] - 1 / treated + 1 / row[2] - 1 / control));
    }
    return results;
  }

  /** The values of W. Viechtbauer, J. Stat. Softw. 36 (2010) no. 3 for the same trials. */
  @Test
  void theThirteenTrialsComeOut() {
    RandomEffects effects = RandomEffects.of(colditz());
    assertThat(effects.tau2()).isCloseTo(0.3132, within(5e-5));
    assertThat(effects.mean()).isCloseTo(-0.7145, within(5e-5));
    assertThat(effects.se()).isCloseTo(0.1798, within(5e-5));
    assertThat(RandomEffects.heterogeneity(colditz())).isCloseTo(152.23, within(5e-3));
    double moments = RandomEffects.derSimonianLaird(colditz());
    assertThat(moments).isCloseTo(0.3088, within(5e-5));
    RandomEffects byMoments = RandomEffects.of(colditz(), moments);
    assertThat(byMoments.mean()).isCloseTo(-0.7141, within(5e-5));
    assertThat(byMoments.se()).isCloseTo(0.1787, within(5e-5));
  }

  /** Results that do not differ by more than their doubt have nothing between them. */
  @Test
  void equalResultsAreOne() {
    List<Result> same = List.of(new Result(1, 0.2), new Result(1, 0.1), new Result(1, 0.3));
    RandomEffects effects = RandomEffects.of(same);
    assertThat(effects.tau2()).isZero();
    assertThat(effects.mean()).isCloseTo(1, within(1e-12));
    assertThat(effects.higgins().low()).isLessThan(effects.mean());
    assertThatThrownBy(() -> RandomEffects.of(same.subList(0, 2)).higgins())
        .isInstanceOf(OutOfRange.class);
  }

  /** Eight runs of a machine whose runs differ by themselves: the ninth lies in its range. */
  @Tag("simulated")
  @ParameterizedTest
  @CsvSource({"0.3, 60", "0.6, 60", "0.6, 200", "1.0, 100"})
  void theNinthRunLiesInTheRangeOfEight(double tau, int specks) {
    Random random = new Random(9);
    Coverage.holds(
        "the ninth run, τ %s, %d specks".formatted(tau, specks),
        RECORDS,
        () -> {
          double machine = 1.4 + 0.5 * random.nextGaussian();
          List<Result> eight =
              IntStream.range(0, 8)
                  .mapToObj(
                      _ -> {
                        double share = share(machine + tau * random.nextGaussian());
                        return Result.logit(ComparisonTest.found(specks, share, random), specks);
                      })
                  .toList();
          double ninth = machine + tau * random.nextGaussian();
          Band next = RandomEffects.next(eight);
          return next.low() <= ninth && ninth <= next.high();
        });
  }

  /** Many results tell τ² sharply: then both ranges are one. */
  @Test
  void ofManyResultsBothRangesAreTheSame() {
    Random random = new Random(2);
    List<Result> many = random.doubles(400).mapToObj(draw -> new Result(4 * draw, 0.04)).toList();
    Band simple = RandomEffects.of(many).higgins();
    Band whole = RandomEffects.next(many);
    assertThat(whole.low()).isCloseTo(simple.low(), within(0.02));
    assertThat(whole.high()).isCloseTo(simple.high(), within(0.02));
    Band fewer = RandomEffects.next(many.subList(0, 59));
    Band fewerSimple = RandomEffects.of(many.subList(0, 59)).higgins();
    assertThat(fewer.high() - fewer.low())
        .isCloseTo(fewerSimple.high() - fewerSimple.low(), within(0.4));
  }

  private static double share(double logit) {
    return 1 / (1 + Math.exp(-logit));
  }
}
