package jugulum.core.eye;

import java.util.List;

/**
 * Area and moments of what lies within corners.
 *
 * @param centre its middle
 * @param area in square pixels, 0 or more
 * @param longest the longest axis of the ellipse with those moments and that area, in pixels
 * @param shortest its shortest
 */
record Polygon(Point centre, double area, double longest, double shortest) {
  private static final double NONE = 1e-9;

  static Polygon of(List<Point> corners) {
    if (corners.size() < 3) {
      return new Polygon(new Point(0, 0), 0, 0, 0);
    }
    // From a corner of its own, else the middle of a far one is lost in the digits.
    Point zero = corners.getFirst();
    double twice = 0;
    double x = 0;
    double y = 0;
    double xx = 0;
    double yy = 0;
    double xy = 0;
    for (int i = 0; i < corners.size(); i++) {
      double ax = corners.get(i).x() - zero.x();
      double ay = corners.get(i).y() - zero.y();
      double bx = corners.get((i + 1) % corners.size()).x() - zero.x();
      double by = corners.get((i + 1) % corners.size()).y() - zero.y();
      double cross = ax * by - bx * ay;
      twice += cross;
      x += (ax + bx) * cross;
      y += (ay + by) * cross;
      xx += (ax * ax + ax * bx + bx * bx) * cross;
      yy += (ay * ay + ay * by + by * by) * cross;
      xy += (ax * by + 2 * ax * ay + 2 * bx * by + bx * ay) * cross;
    }
    if (Math.abs(twice) < NONE) {
      return new Polygon(zero, 0, 0, 0);
    }
    double middleX = x / (3 * twice);
    double middleY = y / (3 * twice);
    Axes axes =
        Axes.of(
            xx / (6 * twice) - middleX * middleX,
            yy / (6 * twice) - middleY * middleY,
            xy / (12 * twice) - middleX * middleY,
            Math.abs(twice) / 2);
    return new Polygon(
        new Point(zero.x() + middleX, zero.y() + middleY),
        Math.abs(twice) / 2,
        axes.longest(),
        axes.shortest());
  }
}
