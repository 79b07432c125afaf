package jugulum.core.screens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
  @CsvSource({"4,4.75", "8,2.36", "16,1.18", "20,0.85", "30,0.6", "50,0.3", "80,0.18", "100,0.15", "200,0.075", "325,0.045", "635,0.02"})
  void standardOpenings(String label, double openingMm) {
    assertThat(no(label).openingMm()).isEqualTo(openingMm);
  }

  /** ASTM E11: openings follow a ratio of about the fourth root of two, so no neighbour differs by more than 40 %. */
  @Test
  void eachStandardScreenIsFinerThanTheOneBefore() {
    List<Screen> all = StandardScreens.all();
    for (int i = 1; i < all.size(); i++) {
      assertThat(all.get(i - 1).openingMm() / all.get(i).openingMm()).as(all.get(i).label()).isBetween(1.1, 1.4);
    }
  }

  @Test
  void aStackMakesOneCutMoreThanItHasScreens() {
    List<Cut> cuts = Cut.of(Cut.ALL, List.of(no("16"), no("30"), no("100")));
    assertThat(cuts).extracting(Cut::notation).containsExactly("+16", "−16 +30", "−30 +100", "−100");
    assertThat(cuts.getFirst().isOversize()).isTrue();
    assertThat(cuts.get(1).overlaps(cuts.get(2))).isFalse();
    assertThat(cuts.get(1).spanning(cuts.get(2)).notation()).isEqualTo("−16 +100");
    assertThat(cuts.stream().sorted(Cut.COARSE_FIRST)).containsExactlyElementsOf(cuts);
  }

  @Test
  void screeningACutStaysInsideIt() {
    Cut cut = new Cut(Optional.of(no("30")), Optional.of(no("100")));
    assertThat(Cut.of(cut, List.of(no("50")))).extracting(Cut::notation).containsExactly("−30 +50", "−50 +100");
    assertThatThrownBy(() -> Cut.of(cut, List.of(no("16")))).isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY})
  void refusesAnOpeningThatIsNone(double openingMm) {
    assertThatThrownBy(() -> new Screen("x", openingMm)).isInstanceOf(OutOfRange.class).hasMessageContaining("openingMm");
  }
}
