package jugulum.desk.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Sieved;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.theme.ChartStyles;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

class SvgTest {
  private static Document parse(Drawing drawing, String title) throws Exception {
    String text = new Svg(Map.of("a", "fill: #000000")).write(drawing, title);
    return DocumentBuilderFactory.newDefaultInstance()
        .newDocumentBuilder()
        .parse(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void everyMarkIsWrittenWithItsPlace() throws Exception {
    Drawing drawing =
        new Drawing(
            200,
            100,
            List.of(
                new Mark.Bar(1, 2, 3, 4, "a"),
                new Mark.Stroke(1, 2, 3, 4, "a"),
                new Mark.Path(List.of(new Spot(1, 2), new Spot(3.25, 4)), "a"),
                new Mark.Dot(5, 6, 2, "a"),
                new Mark.Writing(7, 8, "−30 +50 <&>", Anchor.RIGHT, "a")));
    Document svg = parse(drawing, "Fernhollow & co");
    assertThat(svg.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 200.0 100.0");
    assertThat(((Element) svg.getElementsByTagName("polyline").item(0)).getAttribute("points"))
        .isEqualTo("1.0,2.0 3.3,4.0");
    Element writing = (Element) svg.getElementsByTagName("text").item(0);
    assertThat(writing.getTextContent()).isEqualTo("−30 +50 <&>");
    assertThat(writing.getAttribute("text-anchor")).isEqualTo("end");
    assertThat(svg.getElementsByTagName("title").item(0).getTextContent())
        .isEqualTo("Fernhollow & co");
  }

  /** Every style a drawing names must have a colour in files, and each colour must be one. */
  @Test
  void theStylesOfCurvesHaveColoursOnPaper() {
    Map<String, String> styles = ChartStyles.forPaper();
    SizeCurve curve = new SizeCurve(List.of(new Sieved(0.6, 10), new Sieved(0.3, 20)), 5);
    Drawing drawing =
        SizeChart.of(
            English.WORDS,
            List.of(
                new SizeChart.Series("one", curve, "chart-feed"),
                new SizeChart.Series("other", curve, "chart-sizes-gold"),
                new SizeChart.Series("third", curve, "chart-other-a")),
            600,
            400);
    assertThat(drawing.marks()).extracting(Mark::style).allMatch(styles::containsKey);
    assertThat(styles.values())
        .allMatch(style -> style.contains("#"))
        .noneMatch(style -> style.contains("-fx-") || style.contains("-j-"));
  }

  @Test
  void aCurveStandsWhereItsSharesSay() {
    SizeCurve curve =
        new SizeCurve(List.of(new Sieved(1, 0), new Sieved(0.5, 50), new Sieved(0.25, 50)), 0);
    Drawing drawing =
        SizeChart.of(
            English.WORDS, List.of(new SizeChart.Series("one", curve, "chart-feed")), 400, 300);
    List<Mark.Dot> dots =
        drawing.marks().stream()
            .filter(Mark.Dot.class::isInstance)
            .map(Mark.Dot.class::cast)
            .toList();
    assertThat(dots).hasSize(3);
    assertThat(dots.get(0).x() - dots.get(1).x())
        .as("each halving of the size is the same step")
        .isCloseTo(dots.get(1).x() - dots.get(2).x(), within(1e-9));
    assertThat(dots.get(1).y()).isCloseTo((dots.get(0).y() + dots.get(2).y()) / 2, within(1e-9));
  }
}
