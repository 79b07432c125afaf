package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import jugulum.core.check.Band;
import jugulum.core.simulated.Coverage;
import jugulum.core.trial.RandomEffects.Result;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OwnForecastTest {
  private static final Band PRACTICE = new Band(0.6, 0.85, 0.95);
  private static final int MACHINES = 1_200;

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }

  /** The ends of common practice are those of its 90 % range: 1.645 standard deviations. */
  @Test
  void withoutARunItIsCommonPractice() {
    OwnForecast forecast = OwnForecast.of(PRACTICE, List.of());
    double middle = (logit(0.6) + logit(0.95)) / 2;
    assertThat(logit(forecast.recovery().usual())).isCloseTo(middle, within(1e-9));
    double half = (logit(0.95) - logit(0.6)) / 2 * 1.959964 / 1.644854;
    assertThat(logit(forecast.recovery().high())).isCloseTo(middle + half, within(1e-4));
    assertThat(forecast.own()).isZero();
  }

  @Test
  void itGoesFromCommonPracticeToItsOwnRecord() {
    double before = 0;
    for (int runs : new int[] {1, 2, 4, 8, 30}) {
      OwnForecast forecast =
          OwnForecast.of(PRACTICE, Collections.nCopies(runs, Result.logit(120, 200)));
      assertThat(forecast.own()).as("after %s runs", runs).isGreaterThan(before);
      assertThat(forecast.recovery().usual()).isBetween(0.59, 0.87);
      before = forecast.own();
    }
    assertThat(before).isGreaterThan(0.9);
    assertThat(
            OwnForecast.of(PRACTICE, Collections.nCopies(30, Result.logit(120, 200)))
                .recovery()
                .usual())
        .isCloseTo(0.6, within(0.02));
  }

  /**
   * Machines as common practice has them, each with runs of its own: the next run is in the range.
   */
  @Tag("simulated")
  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3, 4, 8, 15})
  void theNextRunLiesInItsRange(int runs) {
    double m0 = (logit(0.6) + logit(0.95)) / 2;
    double s0 = (logit(0.95) - logit(0.6)) / 2 / 1.6448536;
    Random random = new Random(31 + runs);
    Coverage.holds(
        "the next run after " + runs,
        MACHINES,
        () -> {
          double machine = m0 + s0 * Math.sqrt(0.5) * random.nextGaussian();
          List<Result> own =
              IntStream.range(0, runs)
                  .mapToObj(
                      _ ->
                          Result.logit(
                              ComparisonTest.found(100, next(machine, s0, random), random), 100))
                  .toList();
          Band recovery = OwnForecast.of(PRACTICE, own).recovery();
          double next = next(machine, s0, random);
          return recovery.low() <= next && next <= recovery.high();
        });
  }

  private static double next(double machine, double s0, Random random) {
    return 1 / (1 + Math.exp(-machine - s0 * Math.sqrt(0.5) * random.nextGaussian()));
  }
}
