package jugulum.desk.chart;

import java.util.List;

/**
 * What a drawing is made of. Places are in pixels from the upper left; a style names a meaning,
 * which the style sheets give a colour.
 */
public sealed interface Mark {
  /** The style class. */
  String style();

  /** A filled rectangle. */
  record Bar(double x, double y, double width, double height, String style) implements Mark {}

  /** A straight line. */
  record Stroke(double fromX, double fromY, double toX, double toY, String style) implements Mark {}

  /** A line through several points. */
  record Path(List<Spot> spots, String style) implements Mark {
    /** Keeps its own copy of the points. */
    public Path {
      spots = List.copyOf(spots);
    }
  }

  /** A dot. */
  record Dot(double x, double y, double radius, String style) implements Mark {}

  /** A writing; x is its left, middle or right end, y its base line. */
  record Writing(double x, double y, String text, Anchor anchor, String style) implements Mark {}

  /** A place. */
  record Spot(double x, double y) {}

  /** Which end of a writing stands at its place. */
  enum Anchor {
    LEFT,
    MIDDLE,
    RIGHT
  }
}
