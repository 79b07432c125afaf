package jugulum.core.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import jugulum.core.machine.Spot;
import jugulum.core.machine.SpotText;
import jugulum.core.units.Typed;
import jugulum.core.units.Typed.Slip;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class UsualSpotTest {
  private static Map<String, Double> run(double tilt, double line) {
    return Map.of("tilt", tilt, Spot.LINE.id(), line);
  }

  private static UsualSpot at(List<Map<String, Double>> runs, OptionalDouble tilt) {
    return UsualSpot.of(runs, Spot.LINE, "tilt", tilt).orElseThrow();
  }

  /** 120, 152 and 181 mm at 2, 3 and 4 degrees: 30.5 mm a degree, 166 at 3.5. */
  @Test
  void theLineMovesWithTheTilt() {
    List<Map<String, Double>> runs = List.of(run(2, 120), run(3, 152), run(4, 181));
    UsualSpot usual = at(runs, OptionalDouble.of(3.5));
    assertThat(usual.perUnit().orElseThrow()).isCloseTo(30.5, within(1e-9));
    assertThat(usual.at()).isCloseTo(166.25, within(1e-9));
    assertThat(usual.isFar(168)).isFalse();
    assertThat(usual.isFar(190)).isTrue();
  }

  @Test
  void whereTheDialStoodStillTheMeanTells() {
    List<Map<String, Double>> runs = List.of(run(3, 150), run(3, 154), run(3, 146));
    UsualSpot usual = at(runs, OptionalDouble.of(3));
    assertThat(usual.at()).isEqualTo(150);
    assertThat(usual.perUnit()).isEmpty();
    assertThat(usual.spread().orElseThrow()).isCloseTo(4, within(1e-9));
    assertThat(at(runs, OptionalDouble.empty()).at()).isEqualTo(150);
  }

  @Test
  void twoRunsTellNoSpreadAndNothingIsFar() {
    UsualSpot usual = at(List.of(run(2, 120), run(3, 152)), OptionalDouble.of(3));
    assertThat(usual.spread()).isEmpty();
    assertThat(usual.isFar(500)).isFalse();
    assertThat(UsualSpot.of(List.of(Map.of("tilt", 3.0)), Spot.LINE, "tilt", OptionalDouble.of(3)))
        .isEmpty();
  }

  /** A table that does as it always did is called strange in about one run of twenty. */
  @Test
  void whatIsUsualIsSeldomCalledFar() {
    Random random = new Random(3);
    int far = 0;
    int all = 2_000;
    for (int table = 0; table < all; table++) {
      List<Map<String, Double>> runs = new ArrayList<>();
      for (int run = 0; run < 12; run++) {
        double tilt = 2 + 2 * random.nextDouble();
        runs.add(run(tilt, 60 + 30 * tilt + 5 * random.nextGaussian()));
      }
      double tilt = 2 + 2 * random.nextDouble();
      UsualSpot usual = at(runs, OptionalDouble.of(tilt));
      far += usual.isFar(60 + 30 * tilt + 5 * random.nextGaussian()) ? 1 : 0;
    }
    assertThat(far / (double) all).isBetween(0.03, 0.12);
  }

  @Test
  void oneLineTellsAllOfIt() {
    assertThat(SpotText.parse("line 140 · lowest 180 · groove 3"))
        .isEqualTo(
            new Typed.Value<>(Map.of(Spot.LINE, 140.0, Spot.LOWEST, 180.0, Spot.GROOVE, 3.0)));
    assertThat(SpotText.parse("Row 2").understood()).contains(Map.of(Spot.ROW, 2.0));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "edge 140", "line", "line -3", "line wide", "140"})
  void whatIsNoSpotIsRefused(String typed) {
    assertThat(SpotText.parse(typed)).isInstanceOf(Typed.Wrong.class);
    assertThat(SpotText.parse("edge 140")).isEqualTo(new Typed.Wrong<>(new Slip.NoChoice("edge")));
  }
}
