package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.check.OutOfRange;
import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShareRangeTest {
  private static final double TO_FOUR_PLACES = 6e-5;

  /** R. G. Newcombe, Statistics in Medicine 17 (1998) 857–872, table of examples. */
  @ParameterizedTest
  @CsvSource({
    "81, 263, 0.2527, 0.3676, 0.2553, 0.3662",
    "15, 148, 0.0578, 0.1617, 0.0624, 0.1605",
    "0, 20, 0, 0.1684, 0, 0.1611",
    "1, 29, 0.0009, 0.1776, 0.0061, 0.1718"
  })
  void theRangesOfTheHandbookComeOut(
      int found, int all, double low, double high, double wilsonLow, double wilsonHigh) {
    ShareRange exact = ShareRange.clopperPearson(found, all, 0.95);
    assertThat(exact.low()).isCloseTo(low, within(TO_FOUR_PLACES));
    assertThat(exact.high()).isCloseTo(high, within(TO_FOUR_PLACES));
    ShareRange wilson = ShareRange.wilson(found, all, 0.95);
    assertThat(wilson.low()).isCloseTo(wilsonLow, within(TO_FOUR_PLACES));
    assertThat(wilson.high()).isCloseTo(wilsonHigh, within(TO_FOUR_PLACES));
    ShareRange shown = ShareRange.of(found, all, 0.95);
    assertThat(shown.low()).isBetween(exact.low(), (double) found / all);
    assertThat(shown.high()).isBetween((double) found / all, exact.high());
  }

  /** The definition itself: at either end what was seen, or farther, has a chance of 2.5 %. */
  @ParameterizedTest
  @CsvSource({"9, 10", "47, 60", "190, 200", "3, 1000"})
  void atItsEndsWhatWasSeenIsJustNotTooSeldom(int found, int all) {
    ShareRange range = ShareRange.of(found, all, 0.95);
    BinomialDistribution low = new BinomialDistribution(all, range.low());
    assertThat(1 - low.cumulativeProbability(found) + 0.5 * low.probability(found))
        .isCloseTo(0.025, within(1e-9));
    BinomialDistribution high = new BinomialDistribution(all, range.high());
    assertThat(high.cumulativeProbability(found - 1) + 0.5 * high.probability(found))
        .isCloseTo(0.025, within(1e-9));
  }

  /**
   * How often it holds, summed over all that can be found rather than drawn. So few specks that one
   * more or less matters cannot hold 95 % sharp: never under 92 %, and over 98 % only where one
   * count alone is seen that often.
   */
  @ParameterizedTest
  @CsvSource({"10", "20", "30", "50", "80", "100", "150", "200"})
  void itHoldsAsOftenAsItSays(int all) {
    for (double share : new double[] {0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.99}) {
      BinomialDistribution found = new BinomialDistribution(all, share);
      double held = 0;
      double loudest = 0;
      for (int x = 0; x <= all; x++) {
        ShareRange range = ShareRange.of(x, all, 0.95);
        if (range.low() <= share && share <= range.high()) {
          held += found.probability(x);
        }
        loudest = Math.max(loudest, found.probability(x));
      }
      assertThat(held).as("%s specks at %s", all, share).isGreaterThan(0.92);
      assertThat(held).as("%s specks at %s", all, share).isLessThan(loudest > 0.1 ? 1.0 : 0.98);
    }
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> ShareRange.of(11, 10, 0.95)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> ShareRange.of(0, 0, 0.95)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> ShareRange.of(1, 10, Double.NaN)).isInstanceOf(OutOfRange.class);
    assertThat(ShareRange.of(0, 12, 0.95).low()).isZero();
    assertThat(ShareRange.of(12, 12, 0.95).high()).isEqualTo(1);
  }
}
