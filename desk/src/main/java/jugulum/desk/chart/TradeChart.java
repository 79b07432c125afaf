package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import jugulum.core.plan.Plan;
import jugulum.core.plan.StackTrade;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * Gold expected over hours of hands: the best stack for each number of screens, the proposed one
 * filled, the chosen one ringed.
 */
public final class TradeChart {
  private static final double LEFT = 66;
  private static final double RIGHT = 18;
  private static final double TOP = 38;
  private static final double BOTTOM = 38;
  private static final double DOT = 5;
  private static final double PROPOSED = 9;
  private static final double RING = 13;
  private static final int LINES = 6;

  private final double width;
  private final double floor;
  private final double fromHours;
  private final double toHours;
  private final double leastMg;
  private final double mostMg;
  private final List<Mark> marks = new ArrayList<>();

  private TradeChart(List<Plan> plans, double width, double height) {
    this.width = width;
    this.floor = height - BOTTOM;
    double shortest = plans.stream().mapToDouble(Plan::handsMinutes).min().orElse(0) / 60;
    double longest = plans.stream().mapToDouble(Plan::handsMinutes).max().orElse(60) / 60;
    this.fromHours = Math.floor(shortest);
    this.toHours = Math.max(fromHours + 1, Math.ceil(longest));
    double least = plans.stream().mapToDouble(plan -> plan.won().low()).min().orElse(0);
    this.mostMg = Math.max(1e-6, plans.stream().mapToDouble(Plan::goldMg).max().orElse(1)) * 1.03;
    this.leastMg = Math.max(0, least - 0.1 * (mostMg - least));
  }

  /**
   * Draws a trade.
   *
   * @param chosen the plan shown beside it
   */
  public static Drawing of(
      StackTrade trade, Plan chosen, Figures figures, double width, double height) {
    List<Plan> plans =
        Stream.concat(trade.points().stream().map(StackTrade.Point::plan), Stream.of(chosen))
            .toList();
    return new TradeChart(plans, width, height).draw(trade, chosen, figures, height);
  }

  private Drawing draw(StackTrade trade, Plan chosen, Figures figures, double height) {
    axes(figures, height);
    List<Plan> plans = trade.points().stream().map(StackTrade.Point::plan).toList();
    double all = y(chosen.goldMg());
    marks.add(new Mark.Stroke(LEFT, all, width - RIGHT, all, "chart-expected"));
    marks.add(
        new Mark.Writing(
            width - RIGHT,
            all - 6,
            figures.words().of("trade.all", figures.gold(chosen.goldMg())),
            Anchor.RIGHT,
            "chart-muted"));
    marks.add(path(plans, plan -> plan.won().low(), "chart-grid"));
    marks.add(path(plans, plan -> plan.won().high(), "chart-grid"));
    marks.add(path(plans, plan -> plan.wonMg(), "chart-gold-line"));
    for (int i = 0; i < plans.size(); i++) {
      Plan plan = plans.get(i);
      double x = x(plan);
      marks.add(new Mark.Stroke(x, y(plan.won().low()), x, y(plan.won().high()), "chart-grid"));
      boolean proposed = i == trade.proposed();
      marks.add(new Mark.Dot(x, y(plan.wonMg()), proposed ? PROPOSED : DOT, "chart-gold-line-dot"));
      marks.add(
          new Mark.Writing(
              x,
              y(plan.wonMg()) + 27,
              Integer.toString(plan.stack().size()),
              Anchor.MIDDLE,
              proposed ? "chart-strong" : "chart-muted"));
    }
    marks.add(new Mark.Dot(x(chosen), y(chosen.wonMg()), RING, "chart-expected-dot"));
    return new Drawing(width, height, marks);
  }

  private Mark path(List<Plan> plans, Function<Plan, Double> gold, String style) {
    return new Mark.Path(
        plans.stream()
            .sorted(Comparator.comparingDouble(Plan::handsMinutes))
            .map(plan -> new Spot(x(plan), y(gold.apply(plan))))
            .toList(),
        style);
  }

  private double x(Plan plan) {
    return x(plan.handsMinutes() / 60);
  }

  private double x(double hours) {
    return LEFT + (width - LEFT - RIGHT) * (hours - fromHours) / (toHours - fromHours);
  }

  private double y(double mg) {
    return floor - (floor - TOP) * (mg - leastMg) / (mostMg - leastMg);
  }

  private void axes(Figures figures, double height) {
    Words words = figures.words();
    for (double mg : RoundMarks.ofGold(figures, leastMg, mostMg / 1.03, LINES)) {
      marks.add(new Mark.Stroke(LEFT, y(mg), width - RIGHT, y(mg), "chart-grid"));
      marks.add(
          new Mark.Writing(
              LEFT - 8, y(mg) + 5, figures.goldMark(mg, mostMg), Anchor.RIGHT, "chart-muted"));
    }
    double step = toHours - fromHours > 8 ? 2 : 1;
    for (double hours = fromHours; hours <= toHours; hours += step) {
      marks.add(
          new Mark.Writing(
              x(hours),
              floor + 18,
              words.of("trade.hours", words.fixed(hours, 0)),
              Anchor.MIDDLE,
              "chart-muted"));
    }
    marks.add(new Mark.Writing(LEFT, 14, words.of("trade.axes"), Anchor.LEFT, "chart-muted"));
    marks.add(
        new Mark.Writing(
            (LEFT + width - RIGHT) / 2,
            height - 3,
            words.of("trade.numbers"),
            Anchor.MIDDLE,
            "chart-muted"));
  }

  /** The curve in words. */
  public static String spoken(StackTrade trade, Figures figures) {
    Words words = figures.words();
    return words.joined(
        "join.sentences",
        trade.points().stream()
            .map(
                point ->
                    words.of(
                        "trade.spoken",
                        Integer.toString(point.plan().stack().size()),
                        figures.gold(point.plan().wonMg()),
                        words.time(point.plan().handsMinutes())))
            .toList());
  }
}
