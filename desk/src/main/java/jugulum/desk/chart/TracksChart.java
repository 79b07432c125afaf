package jugulum.desk.chart;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import jugulum.core.season.Change;
import jugulum.core.season.Track;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Words;

/** What was won of each cut by each means over time: a row each, a dot a step on its range. */
public final class TracksChart {
  private static final double LEFT = 210;
  private static final double RIGHT = 54;
  private static final double ROW = 66;
  private static final double PAD = 9;
  private static final double DOT = 3.5;

  private TracksChart() {}

  /**
   * A row.
   *
   * @param name what it is of
   * @param cut of which sizes
   * @param track what was won
   * @param changes days on which something was changed there
   */
  public record Row(String name, String cut, Track track, List<Change> changes) {}

  /** Draws the rows; one at least. */
  public static Drawing of(Words words, List<Row> rows, double width) {
    List<LocalDate> days =
        rows.stream()
            .flatMap(row -> row.track().seen().stream())
            .map(Track.Seen::date)
            .sorted()
            .toList();
    LocalDate from = days.getFirst();
    double span = Math.max(1, ChronoUnit.DAYS.between(from, days.getLast()));
    double room = width - LEFT - RIGHT - 2 * DOT;
    List<Mark> marks = new ArrayList<>();
    double y = 0;
    for (Row row : rows) {
      double low =
          row.track().seen().stream().mapToDouble(one -> one.recovery().low()).min().orElse(0);
      double least = Math.floor(low * 10) / 10;
      double top = y + PAD;
      double floor = y + ROW - PAD;
      marks.add(new Mark.Writing(0, top + 18, row.name(), Anchor.LEFT, "chart-strong"));
      marks.add(new Mark.Writing(0, top + 38, row.cut(), Anchor.LEFT, "chart-muted"));
      for (double share : new double[] {least, 1}) {
        double line = floor - (floor - top) * (share - least) / (1 - least);
        marks.add(new Mark.Stroke(LEFT, line, width - RIGHT, line, "chart-grid"));
        marks.add(
            new Mark.Writing(
                width,
                line + 5,
                words.of("figures.percent", words.fixed(100 * share, 0)),
                Anchor.RIGHT,
                "chart-muted"));
      }
      for (Change change : row.changes()) {
        double x = LEFT + DOT + room * ChronoUnit.DAYS.between(from, change.date()) / span;
        if (x >= LEFT && x <= width - RIGHT) {
          marks.add(new Mark.Stroke(x, top - 4, x, floor + 4, "chart-feed"));
        }
      }
      for (Track.Seen one : row.track().seen()) {
        double x = LEFT + DOT + room * ChronoUnit.DAYS.between(from, one.date()) / span;
        marks.add(
            new Mark.Stroke(
                x,
                place(one.recovery().low(), least, top, floor),
                x,
                place(one.recovery().high(), least, top, floor),
                "chart-range"));
        marks.add(
            new Mark.Dot(x, place(one.recovery().usual(), least, top, floor), DOT, "chart-gold"));
      }
      y += ROW;
    }
    return new Drawing(width, y, marks);
  }

  private static double place(double share, double least, double top, double floor) {
    return floor - (floor - top) * (share - least) / (1 - least);
  }
}
