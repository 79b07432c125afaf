package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Words;
import jugulum.practice.drill.Course;

/** How a run went in time: what was set, how much sand was out, and when gold was lost. */
public final class CourseChart {
  private static final double LEFT = 150;
  private static final double RIGHT = 70;
  private static final double BAND = 74;
  private static final double GAP = 22;
  private static final double FOOT = 28;

  private final Words words;
  private final Course course;
  private final double width;
  private final List<Mark> marks = new ArrayList<>();

  private CourseChart(Words words, Course course, double width) {
    this.words = words;
    this.course = course;
    this.width = width;
  }

  /**
   * Draws a run.
   *
   * @param names what is told in each band: what was set, the sand, the gold lost
   */
  public static Drawing of(Words words, Course course, List<String> names, double width) {
    return new CourseChart(words, course, width).drawn(names);
  }

  private Drawing drawn(List<String> names) {
    band(0, names.get(0), course::water, "chart-feed", false);
    band(1, names.get(1), course::sandOut, "chart-other-a", true);
    band(2, names.get(2), course::goldLost, "chart-lost-line", true);
    double foot = 3 * (BAND + GAP);
    int minutes = course.seconds() / 60;
    for (int minute = 0; minute <= minutes; minute++) {
      double x = x(60 * minute);
      marks.add(new Mark.Stroke(x, 0, x, foot - GAP, "chart-grid"));
      marks.add(new Mark.Writing(x, foot, words.time(minute), Anchor.MIDDLE, "chart-small"));
    }
    return new Drawing(width, foot + FOOT, marks);
  }

  private void band(
      int band, String name, IntToDoubleFunction value, String style, boolean isShare) {
    double top = band * (BAND + GAP);
    double most = 1e-9;
    List<Spot> line = new ArrayList<>();
    for (int second = 0; second < course.seconds(); second++) {
      most = Math.max(most, value.applyAsDouble(second));
    }
    for (int second = 0; second < course.seconds(); second++) {
      line.add(new Spot(x(second), top + BAND * (1 - value.applyAsDouble(second) / most)));
    }
    marks.add(new Mark.Stroke(LEFT, top + BAND, width - RIGHT, top + BAND, "chart-grid"));
    marks.add(new Mark.Writing(0, top + BAND / 2, name, Anchor.LEFT, "chart-text"));
    if (line.size() > 1) {
      marks.add(new Mark.Path(line, style));
      marks.add(
          new Mark.Writing(
              width - RIGHT + 8,
              top + 12,
              isShare ? words.percent(most) : words.fixed(most, 0),
              Anchor.LEFT,
              "chart-small"));
    }
  }

  private double x(int second) {
    return LEFT + (width - LEFT - RIGHT) * second / Math.max(1, course.seconds() - 1);
  }
}
