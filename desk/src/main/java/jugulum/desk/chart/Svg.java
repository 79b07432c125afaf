package jugulum.desk.chart;

import java.io.StringWriter;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes a drawing as an SVG 1.1 file that stands alone: its colours and type are inside it. */
public final class Svg {
  private static final String NAMESPACE = "http://www.w3.org/2000/svg";

  private final Map<String, String> styles;

  /**
   * Writes with these styles.
   *
   * @param styles CSS declarations by style class
   */
  public Svg(Map<String, String> styles) {
    this.styles = Map.copyOf(styles);
  }

  /** The file's text. */
  public String write(Drawing drawing, String title) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeCharacters("\n");
      xml.writeStartElement("svg");
      xml.writeDefaultNamespace(NAMESPACE);
      xml.writeAttribute("width", number(drawing.width()));
      xml.writeAttribute("height", number(drawing.height()));
      xml.writeAttribute(
          "viewBox", "0 0 " + number(drawing.width()) + " " + number(drawing.height()));
      leaf(xml, "title", title);
      leaf(
          xml,
          "style",
          styles.entrySet().stream()
              .sorted(Map.Entry.comparingByKey())
              .map(one -> "." + one.getKey() + " { " + one.getValue() + " }")
              .collect(Collectors.joining("\n")));
      for (Mark mark : drawing.marks()) {
        xml.writeCharacters("\n");
        mark(xml, mark);
      }
      xml.writeEndElement();
      xml.writeEndDocument();
    } catch (XMLStreamException impossible) {
      throw new IllegalStateException(impossible);
    }
    return text.toString();
  }

  private static void leaf(XMLStreamWriter xml, String name, String content)
      throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(content);
    xml.writeEndElement();
  }

  private static void mark(XMLStreamWriter xml, Mark mark) throws XMLStreamException {
    switch (mark) {
      case Mark.Bar(double x, double y, double width, double height, String style) ->
          empty(
              xml,
              "rect",
              style,
              "x",
              number(x),
              "y",
              number(y),
              "width",
              number(width),
              "height",
              number(height));
      case Mark.Stroke(double fromX, double fromY, double toX, double toY, String style) ->
          empty(
              xml,
              "line",
              style,
              "x1",
              number(fromX),
              "y1",
              number(fromY),
              "x2",
              number(toX),
              "y2",
              number(toY));
      case Mark.Path(var spots, String style) ->
          empty(
              xml,
              "polyline",
              style,
              "points",
              spots.stream()
                  .map(spot -> number(spot.x()) + "," + number(spot.y()))
                  .collect(Collectors.joining(" ")));
      case Mark.Dot(double x, double y, double radius, String style) ->
          empty(xml, "circle", style, "cx", number(x), "cy", number(y), "r", number(radius));
      case Mark.Writing(double x, double y, String text, Mark.Anchor anchor, String style) -> {
        xml.writeStartElement("text");
        attributes(xml, style, "x", number(x), "y", number(y), "text-anchor", anchor(anchor));
        xml.writeCharacters(text);
        xml.writeEndElement();
      }
    }
  }

  private static String anchor(Mark.Anchor anchor) {
    return switch (anchor) {
      case LEFT -> "start";
      case MIDDLE -> "middle";
      case RIGHT -> "end";
    };
  }

  private static void empty(XMLStreamWriter xml, String name, String style, String... attributes)
      throws XMLStreamException {
    xml.writeEmptyElement(name);
    attributes(xml, style, attributes);
  }

  private static void attributes(XMLStreamWriter xml, String style, String... attributes)
      throws XMLStreamException {
    xml.writeAttribute("class", style);
    for (int i = 0; i < attributes.length; i += 2) {
      xml.writeAttribute(attributes[i], attributes[i + 1]);
    }
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
