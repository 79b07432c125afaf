package jugulum.core.eye;

import java.util.ArrayList;
import java.util.List;

/**
 * Outlines as text: corners in quarters of a pixel, the first as it stands, each other by how far
 * it is from the one before, "4 8 2 0 0 2".
 */
public final class Outlines {
  private static final double QUARTERS = 4;

  private Outlines() {}

  /** Corners as text; empty for none. */
  public static String written(List<Point> corners) {
    StringBuilder text = new StringBuilder();
    long x = 0;
    long y = 0;
    for (Point corner : corners) {
      long toX = Math.round(corner.x() * QUARTERS);
      long toY = Math.round(corner.y() * QUARTERS);
      text.append(text.isEmpty() ? "" : " ").append(toX - x).append(' ').append(toY - y);
      x = toX;
      y = toY;
    }
    return text.toString();
  }

  /**
   * Corners of a text; a last number without its other half is left out.
   *
   * @param text whole numbers with a blank between them, or nothing
   */
  public static List<Point> read(String text) {
    List<Point> corners = new ArrayList<>();
    String[] numbers = text.isEmpty() ? new String[0] : text.split(" ");
    double x = 0;
    double y = 0;
    for (int i = 0; i + 1 < numbers.length; i += 2) {
      x += Integer.parseInt(numbers[i]) / QUARTERS;
      y += Integer.parseInt(numbers[i + 1]) / QUARTERS;
      corners.add(new Point(x, y));
    }
    return List.copyOf(corners);
  }
}
