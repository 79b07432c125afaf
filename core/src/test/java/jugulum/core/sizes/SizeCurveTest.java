package jugulum.core.sizes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.OutOfRange;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.sizes.SizeCurve.Sieved;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SizeCurveTest {
  private static final SizeCurve CURVE =
      new SizeCurve(
          List.of(
              new Sieved(1.18, 4_910),
              new Sieved(0.6, 9_620),
              new Sieved(0.3, 12_740),
              new Sieved(0.15, 8_210)),
          2_880);

  @Test
  void percentRetainedAndFinerAddUp() {
    assertThat(CURVE.totalG()).isEqualTo(38_360);
    assertThat(CURVE.points())
        .extracting(point -> Math.rint(1000 * point.finer()) / 10)
        .containsExactly(87.2, 62.1, 28.9, 7.5);
  }

  /** The interpolation of a general numerics library over the logarithm of the size. */
  @ParameterizedTest
  @ValueSource(doubles = {0.1, 0.25, 0.5, 0.62, 0.8, 0.87})
  void sizesAreReadAsALibraryInterpolatesThem(double share) {
    List<SizeCurve.Point> points = CURVE.points().reversed();
    UnivariateFunction line =
        new LinearInterpolator()
            .interpolate(
                points.stream().mapToDouble(SizeCurve.Point::finer).toArray(),
                points.stream().mapToDouble(point -> Math.log(point.sizeMm())).toArray());
    double size = CURVE.sizeAt(share).orElseThrow();
    assertThat(size).isCloseTo(Math.exp(line.value(share)), within(1e-12));
    assertThat(CURVE.finer(size)).as("and back").isCloseTo(share, within(1e-12));
  }

  @Test
  void halfOfTheSandIsFinerThanD50() {
    assertThat(CURVE.d50Mm().orElseThrow()).isCloseTo(0.466, within(0.001));
    assertThat(CURVE.p80Mm().orElseThrow()).isBetween(0.6, 1.18);
    assertThat(CURVE.sizeAt(0.05)).as("finer than the finest screen").isEmpty();
    assertThat(CURVE.sizeAt(0.95)).as("coarser than the coarsest").isEmpty();
  }

  @Test
  void beyondTheScreensTheShareStillNeverFalls() {
    double before = 0;
    for (double size = 0.01; size < 5; size *= 1.07) {
      double now = CURVE.finer(size);
      assertThat(now).isBetween(before, 1.0);
      before = now;
    }
    assertThat(CURVE.finer(Double.POSITIVE_INFINITY)).isEqualTo(1);
  }

  @Test
  void aScreenThatKeptNothingBoundsTheSand() {
    assertThat(CURVE.topMm()).isEmpty();
    SizeCurve bounded =
        new SizeCurve(List.of(new Sieved(2, 0), new Sieved(1, 0), new Sieved(0.5, 40)), 60);
    assertThat(bounded.topMm()).hasValue(1);
  }

  @Test
  void openingsOutOfOrderTwiceOrBelowNothingAreRefused() {
    assertThatThrownBy(() -> new SizeCurve(List.of(new Sieved(0.3, 1), new Sieved(0.6, 1)), 1))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new SizeCurve(List.of(new Sieved(0.3, 1), new Sieved(0.3, 1)), 1))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new SizeCurve(List.of(new Sieved(0.3, 0)), 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("totalG");
    assertThatThrownBy(() -> new Sieved(0, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("openingMm");
    assertThatThrownBy(() -> new SizeCurve(List.of(), 1)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void aGuessGoesThroughTheTwoSizesTold() {
    GuessedSizes guess = new GuessedSizes(0.4, 0.7);
    assertThat(guess.finer(0.4)).isCloseTo(0.5, within(1e-12));
    assertThat(guess.finer(0.7)).isCloseTo(0.8, within(1e-12));
    assertThat(guess.finer(Double.POSITIVE_INFINITY)).isEqualTo(1);
    assertThatThrownBy(() -> new GuessedSizes(0.4, 0.4))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("p80Mm");
  }

  @Test
  void aFirstGuessStaysInsideTheCut() {
    Cut cut = new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));
    GuessedSizes guess = GuessedSizes.within(cut);
    assertThat(guess.d50Mm())
        .isCloseTo(Math.sqrt(0.3 * 0.15), within(1e-12))
        .isLessThan(guess.p80Mm());
    assertThat(guess.p80Mm()).isLessThan(0.3);
    Cut pan = new Cut(StandardScreens.numbered("100"), Optional.empty());
    assertThat(GuessedSizes.within(pan).d50Mm()).isCloseTo(0.075, within(1e-12));
    assertThat(GuessedSizes.within(Cut.ALL)).isEqualTo(GuessedSizes.USUAL);
  }
}
