package jugulum.desk.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Sheets;
import jugulum.core.machine.Working.Sorts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RightChartTest {
  private static final List<String> GOLD = List.of("chart-gold", "chart-gold-line");

  @ParameterizedTest
  @EnumSource(Machine.Kind.class)
  void everyMachineHasItsSketchWithGoldWhereItPartsIt(Machine.Kind kind) {
    Drawing drawing = RightChart.of(kind, 400);
    assertThat(drawing.width()).as("no wider than it is drawn for").isLessThanOrEqualTo(240);
    assertThat(drawing.marks().stream().anyMatch(mark -> GOLD.contains(mark.style())))
        .as("gold lies where gold is parted by weight")
        .isEqualTo(Sheets.of(kind).working().sorts() == Sorts.BY_WEIGHT);
    assertThat(drawing.marks()).hasSizeGreaterThan(3);
    for (Mark mark : drawing.marks()) {
      for (Mark.Spot spot : spots(mark)) {
        assertThat(spot.x()).as(mark.toString()).isBetween(0.0, drawing.width());
        assertThat(spot.y()).as(mark.toString()).isBetween(0.0, drawing.height());
      }
    }
  }

  private static List<Mark.Spot> spots(Mark mark) {
    return switch (mark) {
      case Mark.Path path -> path.spots();
      case Mark.Dot dot -> List.of(new Mark.Spot(dot.x(), dot.y()));
      case Mark.Stroke line ->
          List.of(new Mark.Spot(line.fromX(), line.fromY()), new Mark.Spot(line.toX(), line.toY()));
      case Mark.Bar _, Mark.Writing _ -> List.of();
    };
  }
}
