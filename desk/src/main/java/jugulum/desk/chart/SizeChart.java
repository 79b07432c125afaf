package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Point;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Words;

/** Size curves: the share finer over the size, sizes on a logarithmic axis. */
public final class SizeChart {
  private static final double LEFT = 46;
  private static final double RIGHT = 18;
  private static final double TOP = 26;
  private static final double BOTTOM = 34;
  private static final double TIGHT_TICK = 52;
  private static final double DOT = 4;
  private static final double LEGEND_LINE = 20;

  private SizeChart() {}

  /**
   * One curve.
   *
   * @param name what it is of
   * @param curve its points
   * @param style a style class for its line; its dots add "-dot"
   */
  public record Series(String name, SizeCurve curve, String style) {}

  /** Draws curves; the first one's screens give the ticks of the axis. */
  public static Drawing of(Words words, List<Series> all, double width, double height) {
    List<Mark> marks = new ArrayList<>();
    double legend = all.size() > 1 ? LEGEND_LINE * all.size() : 0;
    Frame frame = Frame.around(all, width, height - legend);
    frame.grid(words, all.isEmpty() ? List.of() : all.getFirst().curve().points(), marks);
    all.forEach(series -> curve(series, frame, marks));
    if (all.size() > 1) {
      for (int i = 0; i < all.size(); i++) {
        double y = height - legend + LEGEND_LINE * i + LEGEND_LINE - 6;
        marks.add(new Mark.Stroke(LEFT, y - 5, LEFT + 24, y - 5, all.get(i).style()));
        marks.add(new Mark.Dot(LEFT + 12, y - 5, DOT, all.get(i).style() + "-dot"));
        marks.add(new Mark.Writing(LEFT + 34, y, all.get(i).name(), Anchor.LEFT, "chart-text"));
      }
    }
    return new Drawing(width, height, marks);
  }

  private static void curve(Series series, Frame frame, List<Mark> marks) {
    List<Spot> spots =
        series.curve().points().stream()
            .map(point -> new Spot(frame.x(point.sizeMm()), frame.y(point.finer())))
            .toList();
    marks.add(new Mark.Path(spots, series.style()));
    spots.forEach(
        spot -> marks.add(new Mark.Dot(spot.x(), spot.y(), DOT, series.style() + "-dot")));
  }

  /** The axes: sizes from fine to coarse, shares from 0 to 1. */
  private record Frame(double fineMm, double coarseMm, double width, double height) {
    static Frame around(List<Series> all, double width, double height) {
      List<Double> sizes =
          all.stream()
              .flatMap(series -> series.curve().points().stream())
              .map(Point::sizeMm)
              .toList();
      double fine = sizes.stream().mapToDouble(Double::doubleValue).min().orElse(0.1);
      double coarse = sizes.stream().mapToDouble(Double::doubleValue).max().orElse(1);
      return new Frame(fine * 0.8, Math.max(coarse, fine * 1.5) * 1.1, width, height);
    }

    double x(double sizeMm) {
      return LEFT
          + (width - LEFT - RIGHT) * Math.log(sizeMm / fineMm) / Math.log(coarseMm / fineMm);
    }

    double y(double finer) {
      return TOP + (height - TOP - BOTTOM) * (1 - finer);
    }

    void grid(Words words, List<Point> ticks, List<Mark> marks) {
      marks.add(new Mark.Writing(0, 14, words.of("chart.finer"), Anchor.LEFT, "chart-muted"));
      for (double share : new double[] {0, 0.25, 0.5, 0.75, 1}) {
        marks.add(new Mark.Stroke(LEFT, y(share), width - RIGHT, y(share), "chart-grid"));
        marks.add(
            new Mark.Writing(
                LEFT - 8, y(share) + 5, words.fixed(100 * share, 0), Anchor.RIGHT, "chart-muted"));
      }
      double free = Double.POSITIVE_INFINITY;
      for (Point tick : ticks) {
        double x = x(tick.sizeMm());
        marks.add(new Mark.Stroke(x, TOP, x, height - BOTTOM, "chart-grid"));
        if (x + TIGHT_TICK / 2 <= free) {
          marks.add(
              new Mark.Writing(
                  x,
                  height - BOTTOM + 20,
                  words.plain(tick.sizeMm()),
                  Anchor.MIDDLE,
                  "chart-muted"));
          free = x - TIGHT_TICK / 2;
        }
      }
      marks.add(
          new Mark.Writing(
              width - 2, height - 2, words.of("chart.mm"), Anchor.RIGHT, "chart-muted"));
    }
  }

  /** What curves show, in words. */
  public static String spoken(Words words, List<Series> all) {
    Stream<String> each =
        all.stream()
            .map(
                series ->
                    words.of(
                        "chart.curve.spoken",
                        series.name(),
                        words.row(
                            series.curve().points().stream()
                                .map(
                                    point ->
                                        words.of(
                                            "chart.spoken",
                                            words.percent(point.finer()),
                                            words.plain(point.sizeMm())))
                                .toList())));
    return words.joined("join.sentences", each.toList());
  }
}
