package jugulum.practice;

import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.water.Water;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.deck.DeckShape;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Sand;
import jugulum.practice.start.DeckWindow;
import jugulum.practice.start.FlowWindow;
import jugulum.practice.start.WidthCost;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StartTest {
  private static final Water WATER = new Water(12);

  /** An independent computation of the same laws, to 0.5 %. */
  @ParameterizedTest
  @CsvSource({
    "0.1, 0.7, QUARTZ, 15.80",
    "0.3, 0.7, QUARTZ, 22.67",
    "0.1, 0.7, MAGNETITE, 25.47",
    "0.3, 0.7, GARNET, 29.68",
    "0.3, 0.7, MAGNETITE, 34.35",
    "0.06, 0.2, GOLD, 39.19",
    "0.1, 0.25, GOLD, 52.51",
    "0.3, 0.3, GOLD, 70.57"
  })
  void flowAtWhichAGrainJustClimbs(double mm, double flatness, GrainKind kind, double lMin) {
    assertThat(FlowWindow.climbing(mm, flatness, kind, BowlShape.USUAL, WATER))
        .isCloseTo(lMin, Percentage.withPercentage(0.5));
  }

  @Test
  void aCutHasAWindowAndAllSizesTogetherHaveNone() {
    FlowWindow middle = FlowWindow.of(Sand.black(0.15, 0.30, 0.1), BowlShape.USUAL, WATER);
    assertThat(middle.sandLMin()).isLessThan(middle.magnetiteLMin());
    FlowWindow all = FlowWindow.of(Sand.black(0.075, 0.85, 0.1), BowlShape.USUAL, WATER);
    assertThat(all.isOpen()).isFalse();
    FlowWindow coarse = FlowWindow.of(Sand.black(0.30, 0.60, 0.1), BowlShape.USUAL, WATER);
    assertThat(coarse.goldLMin()).isGreaterThan(middle.goldLMin());
    assertThat(coarse.magnetiteLMin()).isGreaterThan(middle.magnetiteLMin());
    assertThat(coarse.goldLMin() - coarse.magnetiteLMin())
        .isGreaterThan(all.goldLMin() - all.magnetiteLMin());
  }

  @Test
  void aCutHasAWindowOfTilt() {
    DeckWindow coarse = DeckWindow.of(Sand.black(0.30, 0.60, 0.1), DeckShape.USUAL, 20, WATER);
    assertThat(coarse.isOpen()).isTrue();
    assertThat(coarse.magnetiteDegrees()).isBetween(1.0, 4.0);
    DeckWindow wet = DeckWindow.of(Sand.black(0.30, 0.60, 0.1), DeckShape.USUAL, 35, WATER);
    assertThat(wet.magnetiteDegrees()).isLessThan(coarse.magnetiteDegrees());
    assertThat(wet.film().thicknessM()).isPositive();
  }

  @Test
  void whatAWidthCostsGrowsWithIt() {
    WidthCost middle = WidthCost.of(Sand.black(0.15, 0.30, 0.1), BowlShape.USUAL, WATER);
    WidthCost all = WidthCost.of(Sand.black(0.075, 0.60, 0.1), BowlShape.USUAL, WATER);
    assertThat(middle.sandGone()).isGreaterThanOrEqualTo(WidthCost.WANTED);
    assertThat(middle.goldGone()).isLessThan(0.05);
    assertThat(all.goldGone()).isGreaterThan(middle.goldGone() + 0.05);
  }
}
