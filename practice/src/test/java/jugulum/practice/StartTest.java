package jugulum.practice;

import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.water.Water;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import jugulum.practice.start.Trade;
import jugulum.practice.start.TradeTable;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StartTest {
  private static final Water WATER = new Water(12);
  private static final FeedSand COARSE = FeedSand.black(0.30, 0.60, 0.1);
  private static final FeedSand MIDDLE = FeedSand.black(0.15, 0.30, 0.1);
  private static final FeedSand FINE = FeedSand.black(0.075, 0.15, 0.1);
  private static final FeedSand ALL = FeedSand.black(0.075, 0.85, 0.1);

  /** An independent computation of the same laws, to 0.5 %. */
  @ParameterizedTest
  @CsvSource({
    "0.1, 0.7, QUARTZ, 7.90",
    "0.3, 0.7, QUARTZ, 11.33",
    "0.1, 0.7, MAGNETITE, 12.73",
    "0.3, 0.7, GARNET, 14.84",
    "0.3, 0.7, MAGNETITE, 17.18",
    "0.06, 0.2, GOLD, 19.60",
    "0.1, 0.25, GOLD, 26.26",
    "0.3, 0.3, GOLD, 35.29"
  })
  void flowAtWhichAGrainJustClimbs(double mm, double flatness, GrainKind kind, double lMin) {
    assertThat(ClimbingFlow.of(mm, flatness, kind, BowlShape.USUAL, WATER))
        .isCloseTo(lMin, Percentage.withPercentage(0.5));
  }

  /**
   * An independent plain run of the same laws, 60 g, two minutes at one flow, percent of sand out
   * and of gold lost: alike, not equal.
   */
  @Tag("simulated")
  @ParameterizedTest
  @CsvSource({
    "0.30, 0.60, 12, 45, 0", "0.30, 0.60, 18, 100, 0", "0.15, 0.30, 9, 25, 0",
    "0.15, 0.30, 10.5, 41, 0", "0.15, 0.30, 12, 61, 0", "0.15, 0.30, 17, 100, 0.2",
    "0.075, 0.15, 4.5, 24, 0", "0.075, 0.15, 5.5, 40, 0.2", "0.075, 0.15, 6.5, 55, 1.5",
    "0.075, 0.15, 8, 77, 5.8", "0.075, 0.15, 10, 96, 12.5"
  })
  void aPlainRunTradesAsTheOneTheDesignWasMadeFrom(
      double finest, double coarsest, double flow, double out, double lost) {
    FeedSand sand = FeedSand.black(finest, coarsest, 0.1);
    Bowl bowl = new Bowl(BowlShape.USUAL, Grains.draw(sand, 1200, 900, WATER, 1), 60, WATER, 1);
    bowl.charge(60, true, true);
    while (bowl.seconds() < 120) {
      bowl.step(BowlControls.SHUT.valve(flow));
    }
    assertThat(100 * bowl.sandGone()).isBetween(out - 14, out + 14);
    assertThat(100 * bowl.gone(GrainKind.GOLD)).isBetween(lost - 4, lost + 4);
  }

  /** With more of the sand gone more water is needed, and more gold goes; no cut goes without. */
  @Test
  void everyCutHasATradeThatRises() {
    double[] sizes = {0.02, 0.04, 0.06, 0.075, 0.09, 0.15, 0.16, 0.2, 0.3, 0.5, 0.9, 1.4, 2.4};
    for (int fine = 0; fine < sizes.length; fine++) {
      for (int coarse = fine + 1; coarse < sizes.length; coarse++) {
        FeedSand sand = FeedSand.black(sizes[fine], sizes[coarse], 0.3).withGold(0.25, 0.6);
        for (Trade trade :
            new Trade[] {TradeTable.shipped().bowl(sand), TradeTable.shipped().deck(sand)}) {
          Trade.Point before = trade.points().getFirst();
          for (Trade.Point point : trade.points()) {
            assertThat(point.setting()).isFinite().isGreaterThanOrEqualTo(before.setting());
            assertThat(point.sandOut()).isBetween(before.sandOut(), 1.0);
            assertThat(point.goldLost()).isBetween(before.goldLost(), 1.0);
            before = point;
          }
          assertThat(trade.start().setting()).as("%s", sand).isPositive().isFinite();
        }
      }
    }
  }

  @Test
  void finerCutsWantLessWaterAndMixedSizesHaveNoFlow() {
    TradeTable table = TradeTable.shipped();
    assertThat(table.bowl(COARSE).isOpen()).isTrue();
    assertThat(table.bowl(MIDDLE).isOpen()).isTrue();
    assertThat(table.bowl(ALL).isOpen()).isFalse();
    assertThat(table.bowl(MIDDLE).start().setting())
        .isLessThan(table.bowl(COARSE).start().setting())
        .isGreaterThan(table.bowl(FINE).start().setting());
    double all = table.bowl(ALL).wanted().map(Trade.Point::goldLost).orElse(1.0);
    assertThat(all).isGreaterThan(0.05);
  }

  /** Flatter gold goes first; what the magnet left makes it harder. */
  @Test
  void flatGoldAndMagnetiteMakeItHarder() {
    TradeTable table = TradeTable.shipped();
    assertThat(lost(table.bowl(FINE.withGold(0.2, 0.3))))
        .isGreaterThan(lost(table.bowl(FINE.withGold(0.5, 0.8))));
    FeedSand left = FeedSand.black(0.075, 0.15, 0.6);
    assertThat(lost(table.bowl(left))).isGreaterThan(lost(table.bowl(FINE)));
  }

  private static double lost(Trade trade) {
    return trade.wanted().map(Trade.Point::goldLost).orElse(1.0);
  }

  @Test
  void aCutHasATiltOnADeck() {
    Trade coarse = TradeTable.shipped().deck(COARSE);
    assertThat(coarse.isOpen()).isTrue();
    assertThat(coarse.start().setting()).isBetween(0.5, 5.0);
  }
}
