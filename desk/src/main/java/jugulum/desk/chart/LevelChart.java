package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;

/** How high water stands on the lip of a bowl, with the part of the scale that is good. */
public final class LevelChart {
  private static final double HEIGHT = 400;
  private static final double WIDTH = 44;
  private static final double LEFT = 14;
  private static final double MOST_MM = 24;

  private LevelChart() {}

  /**
   * Draws the gauge.
   *
   * @param mm water on the lip
   * @param lowMm where the good part begins
   * @param highMm where it ends
   */
  public static Drawing of(double mm, double lowMm, double highMm) {
    List<Mark> marks = new ArrayList<>();
    marks.add(new Mark.Bar(LEFT, 0, WIDTH, HEIGHT, "chart-gauge"));
    double y = y(mm);
    marks.add(new Mark.Bar(LEFT, y, WIDTH, HEIGHT - y, "chart-water"));
    for (double edge : new double[] {lowMm, highMm}) {
      marks.add(new Mark.Stroke(LEFT - 10, y(edge), LEFT + WIDTH + 10, y(edge), "chart-line-fine"));
    }
    return new Drawing(LEFT + WIDTH + 14, HEIGHT, marks);
  }

  private static double y(double mm) {
    return HEIGHT * (1 - Math.clamp(mm / MOST_MM, 0, 1));
  }
}
