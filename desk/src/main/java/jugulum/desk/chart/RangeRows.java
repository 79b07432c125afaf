package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.check.Band;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Words;

/** Things ranked by a figure, a line each: a bar to the figure, a dot on it and its range. */
public final class RangeRows {
  private static final double LINE = 46;
  private static final double NAME = 15;
  private static final double UNDER = 33;
  private static final double BAR = 10;
  private static final double DOT = 6;
  private static final double PAD = 8;

  /** A letter is about so wide beside its height. */
  private static final double LETTER = 8.6;

  private RangeRows() {}

  /**
   * A line.
   *
   * @param name what it is
   * @param under what else there is to say, smaller
   * @param band the figure with its range, from 0; a sharp one shows no range
   * @param value the figure as it is written
   */
  public record Row(String name, String under, Band band, String value) {}

  /** Draws the lines. */
  public static Drawing of(List<Row> rows, double width) {
    double most = rows.stream().mapToDouble(row -> row.band().high()).max().orElse(1);
    double written =
        rows.stream().mapToDouble(row -> row.value().length() * LETTER).max().orElse(0);
    double room = Math.max(1, width - written - 2 * PAD);
    List<Mark> marks = new ArrayList<>();
    double y = 0;
    for (Row row : rows) {
      double scale = room / Math.max(most, Double.MIN_NORMAL);
      double usual = Math.max(0, row.band().usual()) * scale;
      double low = Math.max(0, row.band().low()) * scale;
      double high = Math.max(0, row.band().high()) * scale;
      double middle = y + UNDER - 5;
      marks.add(new Mark.Writing(0, y + NAME, row.name(), Anchor.LEFT, "chart-strong"));
      marks.add(new Mark.Writing(width, y + NAME, row.under(), Anchor.RIGHT, "chart-muted"));
      marks.add(new Mark.Bar(0, middle - BAR / 2, Math.max(1, usual), BAR, "chart-gold-pale"));
      if (high > low) {
        marks.add(new Mark.Stroke(low, middle, high, middle, "chart-range"));
      }
      marks.add(new Mark.Dot(usual, middle, DOT, "chart-gold"));
      marks.add(new Mark.Writing(width, y + UNDER, row.value(), Anchor.RIGHT, "chart-text"));
      y += LINE;
    }
    return new Drawing(width, y, marks);
  }

  /** The same in words. */
  public static String spoken(Words words, List<Row> rows) {
    return words.joined(
        "join.sentences",
        rows.stream().map(row -> words.of("chart.row", row.name(), row.value())).toList());
  }
}
