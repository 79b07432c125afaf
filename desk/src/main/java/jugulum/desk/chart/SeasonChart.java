package jugulum.desk.chart;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import jugulum.core.check.Band;
import jugulum.core.season.BatchResult;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * Batches on a line of time: the feed as width, the gold as height, the pale part above it what was
 * not won, a stroke its range. Where there are too many to tell apart each bar is a month.
 */
public final class SeasonChart {
  private static final double TOP = 10;
  private static final double FLOOR = 24;

  /** Lines of its scale, about. */
  private static final int LINES = 5;

  private static final double LEFT = 66;
  private static final double WIDEST = 34;
  private static final double NARROWEST = 5;

  /** Bars of so many batches still stand apart. */
  private static final int APART = 90;

  private static final int MOST_NAMES = 14;

  /** A bar. */
  private record Bar(LocalDate date, double feedG, double wonMg, Band awayMg, boolean isOpen) {}

  private final Figures figures;
  private final double width;
  private final double height;

  private final LocalDate from;
  private final LocalDate to;
  private final List<Bar> bars;
  private final double mostMg;
  private final double mostG;
  private final List<Mark> marks = new ArrayList<>();

  private SeasonChart(Figures figures, List<BatchResult> batches, double width, double height) {
    this.figures = figures;
    this.width = width;
    this.height = height;
    this.from = batches.getFirst().received().withDayOfMonth(1);
    this.to = YearMonth.from(batches.getLast().received()).atEndOfMonth();
    this.bars =
        batches.size() > APART ? months(batches) : batches.stream().map(SeasonChart::bar).toList();
    this.mostMg =
        bars.stream().mapToDouble(bar -> bar.wonMg() + bar.awayMg().high()).max().orElse(1);
    this.mostG = bars.stream().mapToDouble(Bar::feedG).max().orElse(1);
  }

  /** Whether each bar is a month. */
  public static boolean isByMonth(List<BatchResult> batches) {
    return batches.size() > APART;
  }

  /**
   * Draws batches.
   *
   * @param batches one at least, by their day
   */
  public static Drawing of(
      Figures figures, List<BatchResult> batches, double width, double height) {
    return new SeasonChart(figures, batches, width, height).draw();
  }

  private static Bar bar(BatchResult one) {
    return new Bar(
        one.received(),
        one.feedG().orElse(0),
        one.wonMg(),
        one.closed() ? one.awayMg().orElse(Band.sharp(0)) : Band.sharp(0),
        !one.closed());
  }

  private static List<Bar> months(List<BatchResult> batches) {
    Map<YearMonth, List<BatchResult>> byMonth = new TreeMap<>();
    batches.forEach(
        one ->
            byMonth
                .computeIfAbsent(YearMonth.from(one.received()), _ -> new ArrayList<>())
                .add(one));
    List<Bar> bars = new ArrayList<>();
    byMonth.forEach(
        (month, its) ->
            bars.add(
                new Bar(
                    month.atDay(15),
                    its.stream().mapToDouble(one -> one.feedG().orElse(0)).sum(),
                    its.stream().mapToDouble(BatchResult::wonMg).sum(),
                    BatchResult.awayTogether(
                        its.stream().filter(BatchResult::closed).toList(),
                        UnaryOperator.identity()),
                    its.stream().noneMatch(BatchResult::closed))));
    return bars;
  }

  private double x(LocalDate date) {
    double span = Math.max(1, ChronoUnit.DAYS.between(from, to) + 1);
    return LEFT + WIDEST / 2 + (width - LEFT - WIDEST) * ChronoUnit.DAYS.between(from, date) / span;
  }

  private double y(double mg) {
    double room = height - TOP - FLOOR;
    return TOP + room * (1 - mg / Math.max(mostMg, Double.MIN_NORMAL));
  }

  /** Many bars are narrower, so that they stand beside each other. */
  private double widest() {
    return Math.min(WIDEST, 0.9 * (width - LEFT) / bars.size());
  }

  private Drawing draw() {
    Words words = figures.words();
    for (double mg : RoundMarks.ofGold(figures, 0, mostMg, LINES)) {
      if (mg == 0) {
        continue;
      }
      marks.add(new Mark.Stroke(LEFT, y(mg), width, y(mg), "chart-grid"));
      marks.add(
          new Mark.Writing(
              LEFT - 8, y(mg) + 5, figures.goldMark(mg, mostMg), Anchor.RIGHT, "chart-muted"));
    }
    bars.forEach(this::draw);
    marks.add(new Mark.Stroke(LEFT, y(0), width, y(0), "chart-grid"));
    long all = ChronoUnit.MONTHS.between(from, to) + 1;
    long apart = Math.max(1, (all + MOST_NAMES - 1) / MOST_NAMES);
    for (long month = 0; month < all; month += apart) {
      LocalDate first = from.plusMonths(month);
      boolean isYear = apart > 1 && (month == 0 || first.getMonthValue() <= apart);
      marks.add(
          new Mark.Writing(
              x(first.plusDays(14)),
              height - 4,
              words.dates(isYear ? "date.month-year" : "date.month").format(first),
              Anchor.MIDDLE,
              "chart-muted"));
    }
    return new Drawing(width, height, marks);
  }

  private void draw(Bar bar) {
    double wide = Math.max(NARROWEST, widest() * Math.sqrt(bar.feedG() / Math.max(mostG, 1)));
    double left = x(bar.date()) - wide / 2;
    double won = y(bar.wonMg());
    if (bar.isOpen()) {
      double high = Math.min(won, y(0) - 6);
      marks.add(new Mark.Bar(left, high, wide, y(0) - high, "chart-stone-pale"));
      return;
    }
    double away = y(bar.wonMg() + bar.awayMg().usual());
    marks.add(new Mark.Bar(left, away, wide, won - away, "chart-gold-pale"));
    marks.add(new Mark.Bar(left, won, wide, y(0) - won, "chart-gold"));
    if (bar.awayMg().high() > bar.awayMg().low()) {
      marks.add(
          new Mark.Stroke(
              left + wide / 2,
              y(bar.wonMg() + bar.awayMg().low()),
              left + wide / 2,
              y(bar.wonMg() + bar.awayMg().high()),
              "chart-range"));
    }
  }
}
