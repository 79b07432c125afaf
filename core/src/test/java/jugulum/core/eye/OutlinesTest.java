package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Outlines that are kept, and those a hand draws. */
class OutlinesTest {
  private static final List<Point> SQUARE =
      List.of(new Point(10, 20), new Point(30, 20), new Point(30, 40), new Point(10, 40));

  @Test
  void theyAreReadAsTheyWereWritten() {
    assertThat(Outlines.written(SQUARE)).isEqualTo("40 80 80 0 0 80 -80 0");
    assertThat(Outlines.read(Outlines.written(SQUARE))).isEqualTo(SQUARE);
    assertThat(Outlines.read("")).isEmpty();
    assertThat(Outlines.written(List.of())).isEmpty();
    assertThat(Outlines.read("40 80 80")).containsExactly(new Point(10, 20));
    List<Point> round = Shapes.ellipse(new Point(1003.3, 771.9), 31, 17).outline();
    List<Point> again = Outlines.read(Outlines.written(round));
    for (int i = 0; i < round.size(); i++) {
      assertThat(again.get(i).to(round.get(i))).isLessThan(0.18);
    }
  }

  @Test
  void aSquareHasTheAxesOfTheEllipseWithItsMoments() {
    SeenSpeck square = Shapes.outlined(SQUARE).orElseThrow();
    assertThat(square.areaPx()).isCloseTo(400, within(1e-9));
    assertThat(square.centre().to(new Point(20, 30))).isLessThan(1e-9);
    assertThat(square.longPx()).isCloseTo(Math.sqrt(4 * 400 / Math.PI), within(1e-6));
    assertThat(square.shortPx()).isCloseTo(square.longPx(), within(1e-6));
  }

  @Test
  void anOutlineDrawnRoundAnEllipseIsThatEllipse() {
    SeenSpeck drawn = Shapes.ellipse(new Point(4000, 3000), 40, 16);
    List<Point> turned = drawn.outline().reversed();
    SeenSpeck again = Shapes.outlined(turned).orElseThrow();
    // 24 corners of it lie within it.
    assertThat(again.areaPx() / drawn.areaPx()).isBetween(0.98, 1.0);
    assertThat(again.longPx() / again.shortPx()).isCloseTo(2.5, within(1e-6));
  }

  @Test
  void aLineHoldsNothing() {
    assertThat(Shapes.outlined(SQUARE.subList(0, 2))).isEmpty();
    assertThat(Shapes.outlined(List.of(new Point(0, 0), new Point(9, 9), new Point(18, 18))))
        .isEmpty();
    assertThat(
            Shapes.outlined(
                List.of(new Point(0, 0), new Point(9, 9), new Point(9, 0), new Point(0, 9))))
        .as("an eight whose halves take each other away")
        .isEmpty();
  }
}
