package jugulum.core.simulated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What counts how often ranges hold is counted itself. */
@Tag("simulated")
class CoverageItselfTest {
  private static final int COUNTS = 300;

  private static Coverage counting(String what, double most) {
    return new Coverage(what, 20_000, most, false);
  }

  private static void count(double share, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    counting("a range of " + share, Coverage.TOO_HIGH).asking(() -> random.nextDouble() < share);
  }

  @Test
  void aRangeThatHoldsAsItSaysPasses() {
    for (int seed = 0; seed < COUNTS; seed++) {
      long each = seed;
      assertThatCode(() -> count(0.95, each)).doesNotThrowAnyException();
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.90, 0.91, 0.985, 0.995})
  void oneThatDoesNotIsFound(double share) {
    for (int seed = 0; seed < COUNTS; seed++) {
      long each = seed;
      assertThatThrownBy(() -> count(share, each)).isInstanceOf(AssertionError.class);
    }
  }

  /** Wald: of ranges that hold 92 or 98 of 100, one in ten thousand is let go early. */
  @ParameterizedTest
  @ValueSource(doubles = {0.92, 0.98})
  void oneAtTheEdgeIsNotLetGoEarly(double share) {
    SplittableRandom random = new SplittableRandom(3);
    for (int i = 0; i < COUNTS; i++) {
      Coverage one = counting("at the edge", Coverage.TOO_HIGH);
      int asked = 0;
      while (one.isOpen()) {
        one.note(random.nextDouble() < share);
        asked++;
      }
      assertThat(asked).isEqualTo(20_000);
    }
  }

  @Test
  void oneThatErrsToTheWideSideMaySaySo() {
    SplittableRandom random = new SplittableRandom(1);
    counting("wide", 1).asking(() -> random.nextDouble() < 0.99);
    assertThatThrownBy(() -> counting("no", 1).asking(() -> random.nextDouble() < 0.9))
        .isInstanceOf(AssertionError.class);
  }

  /** 0.95 against 0.92 takes 1,320 truths in the mean, by Wald's own formula for the mean. */
  @Test
  void itEndsAboutWhenWaldSays() {
    double step = 0.95 * Math.log(0.95 / 0.92) + 0.05 * Math.log(0.05 / 0.08);
    double wald = Math.log((1 - 1e-4) / 1e-4) / step;
    SplittableRandom random = new SplittableRandom(5);
    long asked = 0;
    for (int i = 0; i < COUNTS; i++) {
      Coverage one = counting("one", 1);
      while (one.isOpen()) {
        one.note(random.nextDouble() < 0.95);
        asked++;
      }
    }
    assertThat(asked / (double) COUNTS).isBetween(0.95 * wald, 1.1 * wald);
  }
}
