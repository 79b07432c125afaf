package jugulum.core.screens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScreensTest {
  private static Screen no(String label) {
    return StandardScreens.numbered(label).orElseThrow();
  }

  /** ASTM E11 nominal openings. */
  @ParameterizedTest
  @CsvSource({
    "4,4.75",
    "8,2.36",
    "16,1.18",
    "20,0.85",
    "30,0.6",
    "50,0.3",
    "80,0.18",
    "100,0.15",
    "200,0.075",
    "325,0.045",
    "635,0.02"
  })
  void standardOpenings(String label, double openingMm) {
    assertThat(no(label).openingMm()).isEqualTo(openingMm);
  }

  /**
   * ASTM E11: openings follow a ratio of about the fourth root of two, so no neighbour differs by
   * more than 40 %.
   */
  @Test
  void eachStandardScreenIsFinerThanTheOneBefore() {
    List<Screen> all = StandardScreens.all();
    for (int i = 1; i < all.size(); i++) {
      assertThat(all.get(i - 1).openingMm() / all.get(i).openingMm())
          .as(all.get(i).label())
          .isBetween(1.1, 1.4);
    }
  }

  @Test
  void aStackMakesOneCutMoreThanItHasScreens() {
    List<Cut> cuts = Cut.of(Cut.ALL, List.of(no("16"), no("30"), no("100")));
    assertThat(cuts)
        .extracting(Cut::notation)
        .containsExactly("+16", "−16 +30", "−30 +100", "−100");
    assertThat(cuts.getFirst().isOversize()).isTrue();
    assertThat(cuts.get(1).overlaps(cuts.get(2))).isFalse();
    assertThat(cuts.get(1).spanning(cuts.get(2)).notation()).isEqualTo("−16 +100");
    assertThat(cuts.stream().sorted(Cut.COARSE_FIRST)).containsExactlyElementsOf(cuts);
  }

  @Test
  void screeningACutStaysInsideIt() {
    Cut cut = new Cut(Optional.of(no("30")), Optional.of(no("100")));
    assertThat(Cut.of(cut, List.of(no("50"))))
        .extracting(Cut::notation)
        .containsExactly("−30 +50", "−50 +100");
    assertThatThrownBy(() -> Cut.of(cut, List.of(no("16"))))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY})
  void refusesAnOpeningThatIsNone(double openingMm) {
    assertThatThrownBy(() -> new Screen("x", openingMm))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("openingMm");
  }

  /** The Tyler numbers differ from those of ASTM E11: older E11 table of equivalents. */
  @ParameterizedTest
  @CsvSource({"T28, 0.6", "T48, 0.3", "T65, 0.212", "T150, 0.106", "T200, 0.075"})
  void tylerOpenings(String label, double openingMm) {
    assertThat(StandardScreens.tyler())
        .filteredOn(screen -> screen.label().equals(label))
        .extracting(Screen::openingMm)
        .containsExactly(openingMm);
  }

  @Test
  void theTylerSeriesHasTheOpeningsOfTheStandard() {
    List<Double> standard = StandardScreens.all().stream().map(Screen::openingMm).toList();
    assertThat(StandardScreens.tyler())
        .extracting(Screen::openingMm)
        .isSubsetOf(standard)
        .doesNotHaveDuplicates();
  }

  /** ASTM C136, from memory: less than 0.5 % in one more minute. */
  @ParameterizedTest
  @CsvSource({"4.9, true", "5.0, false", "0, true", "12, false"})
  void shakingIsEnoughWhenLessThanHalfAPercentPasses(double passedG, boolean enough) {
    assertThat(Sieving.isEnough(passedG, 1_000)).isEqualTo(enough);
    assertThat(Sieving.lastMinuteShare(passedG, 1_000)).isEqualTo(passedG / 1_000);
  }

  @Test
  void moreThanTheSampleCannotPass() {
    assertThatThrownBy(() -> Sieving.isEnough(11, 10))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("passedG");
    assertThatThrownBy(() -> Sieving.isEnough(1, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("sampleG");
  }

  /**
   * ASTM C136, from memory: 7 kg/m² on fine screens, and 2.5 kg/m² times the opening on coarse
   * ones.
   */
  @Test
  void aScreenTakesSoMuchForItsFace() {
    double squareMetreMm = Math.sqrt(4e6 / Math.PI);
    assertThat(Sieving.largestLoadG(0.3, squareMetreMm)).isCloseTo(7_000, within(1e-6));
    assertThat(Sieving.largestLoadG(9.5, squareMetreMm)).isCloseTo(2_500 * 9.5, within(1e-6));
  }
}
