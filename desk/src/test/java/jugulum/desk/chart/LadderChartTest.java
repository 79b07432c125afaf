package jugulum.desk.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;

class LadderChartTest {
  private static final double WIDTH = 340;
  private static final double HEIGHT = 70;

  private static List<Mark.Dot> dots(Drawing drawing, String style) {
    return drawing.marks().stream()
        .filter(Mark.Dot.class::isInstance)
        .map(Mark.Dot.class::cast)
        .filter(dot -> dot.style().equals(style))
        .toList();
  }

  @Test
  void theDeclineFallsFromLeftToRightAndTheNextIsOpen() {
    Drawing drawing =
        LadderChart.of(
            English.WORDS, List.of(46.0, 21.0, 9.0), OptionalDouble.of(3.4), WIDTH, HEIGHT);
    List<Mark.Dot> passes = dots(drawing, "chart-gold-line-dot");
    assertThat(passes)
        .hasSize(3)
        .isSortedAccordingTo(Comparator.comparingDouble(Mark.Dot::x))
        .isSortedAccordingTo(Comparator.comparingDouble(Mark.Dot::y));
    List<Mark.Dot> next = dots(drawing, "chart-expected-dot");
    assertThat(next).hasSize(1);
    assertThat(next.getFirst().x()).isGreaterThan(passes.getLast().x()).isLessThanOrEqualTo(WIDTH);
    assertThat(next.getFirst().y()).isGreaterThan(passes.getLast().y()).isLessThan(HEIGHT);
  }

  @Test
  void withoutAnExpectationNothingIsDrawnAsOne() {
    Drawing drawing =
        LadderChart.of(
            English.WORDS, List.of(3.0, 9.0, 20.0), OptionalDouble.empty(), WIDTH, HEIGHT);
    assertThat(dots(drawing, "chart-expected-dot")).isEmpty();
    assertThat(dots(drawing, "chart-gold-line-dot"))
        .isSortedAccordingTo(Comparator.comparingDouble(Mark.Dot::y).reversed());
    assertThat(
            LadderChart.of(English.WORDS, List.of(), OptionalDouble.empty(), WIDTH, HEIGHT).marks())
        .hasSize(1);
    assertThat(
            dots(
                LadderChart.of(
                    English.WORDS, List.of(0.0, 0.0), OptionalDouble.empty(), WIDTH, HEIGHT),
                "chart-gold-line-dot"))
        .as("nothing caught lies on the floor")
        .allMatch(dot -> dot.y() == HEIGHT - 22);
  }

  @Test
  void itIsToldInWords() {
    assertThat(LadderChart.spoken(English.WORDS, List.of(46.0, 21.0, 9.5), OptionalDouble.of(3.41)))
        .isEqualTo("Catches 46, 21, 9.5; the next about 3.4");
    assertThat(LadderChart.spoken(English.WORDS, List.of(10.0, 12.0), OptionalDouble.empty()))
        .isEqualTo("Catches 10, 12");
  }
}
