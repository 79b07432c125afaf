package jugulum.desk.chart;

import java.util.List;

/**
 * A drawing, for the window, a picture or a file.
 *
 * @param width in pixels
 * @param height in pixels
 * @param marks what it is made of, the lowest first
 */
public record Drawing(double width, double height, List<Mark> marks) {
  /** Keeps its own copy of the marks. */
  public Drawing {
    marks = List.copyOf(marks);
  }
}
