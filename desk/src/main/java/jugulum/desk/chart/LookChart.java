package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.look.LookWeighed;
import jugulum.core.specks.PoissonRange;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Words;

/**
 * A look at tailings beside what each act pays from: the range of the count as a bar along specks
 * in a kilogram, tenfold a step, and a line for every act.
 */
public final class LookChart {
  private static final double SIDE = 14;
  private static final double NAMES = 15;
  private static final double TOP = 24;
  private static final double BAR = 14;
  private static final double FLOOR = 62;
  private static final double HEIGHT = 102;
  private static final double DOT = 6;
  private static final double ROOM = 1.6;

  /** A count of none has no low end: its bar begins at the edge. */
  private static final double NOTHING = 1e-9;

  private LookChart() {}

  /** Draws it. */
  public static Drawing of(Words words, LookWeighed look, double width) {
    PoissonRange range = look.seen().range();
    double kg = look.seen().grams() / 1000;
    double low = range.low() / kg;
    double high = range.high() / kg;
    double least =
        look.options().stream().mapToDouble(LookWeighed.Option::paysFrom).min().orElse(high);
    double most =
        look.options().stream().mapToDouble(LookWeighed.Option::paysFrom).max().orElse(low);
    double from = Math.log10(Math.min(least, low > NOTHING ? low : high / 100) / ROOM);
    double to = Math.log10(Math.max(most, high) * ROOM);
    Axis axis = new Axis(from, to, width);
    List<Mark> marks = new ArrayList<>();
    for (int power = (int) Math.ceil(from); power <= Math.floor(to); power++) {
      double x = axis.x(Math.pow(10, power));
      marks.add(new Mark.Stroke(x, TOP, x, FLOOR, "chart-grid"));
      marks.add(
          new Mark.Writing(
              x, FLOOR + 17, words.plain(Math.pow(10, power)), Anchor.MIDDLE, "chart-muted"));
    }
    marks.add(
        new Mark.Writing(
            width / 2, HEIGHT - 5, words.of("look.axis"), Anchor.MIDDLE, "chart-muted"));
    double left = low > NOTHING ? axis.x(low) : SIDE;
    double middle = (TOP + FLOOR) / 2;
    marks.add(new Mark.Bar(left, middle - BAR / 2, axis.x(high) - left, BAR, "chart-gold-pale"));
    if (look.seen().specks() > 0) {
      marks.add(new Mark.Dot(axis.x(look.seen().perKg()), middle, DOT, "chart-gold"));
    }
    double written = -1e9;
    for (LookWeighed.Option option : look.options()) {
      double x = axis.x(option.paysFrom());
      marks.add(new Mark.Stroke(x, TOP, x, FLOOR, "chart-range"));
      String name = words.of("look.mark", option.act());
      // Two that stand close: the second stands on the line below, inside the picture.
      boolean isClose = x - written < NAMES * 4;
      marks.add(
          new Mark.Writing(
              Math.clamp(x, 3 * SIDE, width - 3 * SIDE),
              isClose ? TOP + 12 : NAMES,
              name,
              Anchor.MIDDLE,
              "chart-text"));
      written = x;
    }
    return new Drawing(width, HEIGHT, marks);
  }

  private record Axis(double from, double to, double width) {
    double x(double perKg) {
      return SIDE + (width - 2 * SIDE) * (Math.log10(perKg) - from) / (to - from);
    }
  }
}
