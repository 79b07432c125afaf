package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jugulum.core.check.Band;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.window.Fall;
import jugulum.core.window.Windows.Window;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * The settling windows of a plan: for every cut the speeds of its gold over the speeds of the
 * others left in it, speeds on a logarithmic axis. The pale ends of a bar are what is not known
 * sharply. A dashed line carries the slowest gold down to the others.
 */
public final class WindowChart {
  private static final double WIDE_LEFT = 104;
  private static final double WIDE_RIGHT = 150;

  /** Below that the names stand over the bars, not beside them. */
  private static final double NARROW = 480;

  private static final double NARROW_HEAD = 22;
  private static final double LABEL = 64;
  private static final double AXIS = 26;
  private static final double GOLD_BAR = 12;
  private static final double BAR = 7;
  private static final double STEP = 9;
  private static final double GAP = 14;
  private static final double LEAST_ROW = 40;

  private final Words words;
  private final double low;
  private final double high;
  private final double width;
  private final boolean narrow;
  private final double left;
  private final double right;
  private final List<Mark> marks = new ArrayList<>();

  private WindowChart(Words words, Plan plan, double width) {
    this.words = words;
    this.width = width;
    this.narrow = width < NARROW;
    this.left = narrow ? 0 : WIDE_LEFT;
    this.right = narrow ? 0 : WIDE_RIGHT;
    this.low =
        runs(plan).stream()
                .flatMap(run -> falls(run.window()).stream())
                .mapToDouble(fall -> fall.slowest().low())
                .min()
                .orElse(1e-3)
            * 0.9;
    this.high =
        runs(plan).stream()
                .flatMap(run -> falls(run.window()).stream())
                .mapToDouble(fall -> fall.fastest().high())
                .max()
                .orElse(1)
            * 1.1;
  }

  /** Draws the windows of a plan. */
  public static Drawing of(Words words, Plan plan, double width) {
    return new WindowChart(words, plan, width).draw(plan);
  }

  private static List<Run> runs(Plan plan) {
    return plan.cuts().stream()
        .map(PlannedCut::fate)
        .filter(Run.class::isInstance)
        .map(Run.class::cast)
        .toList();
  }

  private static List<Fall> falls(Window window) {
    List<Fall> all = new ArrayList<>(window.others());
    all.addFirst(window.gold());
    return all;
  }

  private Drawing draw(Plan plan) {
    double y = AXIS;
    for (PlannedCut cut : plan.cuts()) {
      y += row(cut, y) + GAP;
    }
    axis(y);
    return new Drawing(width, y, marks);
  }

  /** Draws a cut and gives its height. */
  private double row(PlannedCut cut, double top) {
    marks.add(
        new Mark.Writing(
            0, top + 13, Sentences.cut(words, cut.cut()), Anchor.LEFT, "chart-strong"));
    return switch (cut.fate()) {
      case PlannedCut.LookedOver _ -> {
        marks.add(
            new Mark.Writing(
                WIDE_LEFT, top + 13, words.of("chart.looked-over"), Anchor.LEFT, "chart-muted"));
        yield 20;
      }
      case Run run -> run(run, top);
    };
  }

  private double run(Run run, double head) {
    Window window = run.window();
    double top = narrow ? head + NARROW_HEAD : head;
    if (!narrow) {
      marks.add(
          new Mark.Writing(
              0, top + 31, words.of("machine.short", run.kind()), Anchor.LEFT, "chart-muted"));
    }
    bar(window.gold(), top + 3, GOLD_BAR, "gold");
    double y = top + 3 + GOLD_BAR + 4;
    for (Fall other : window.others()) {
      bar(other, y, BAR, other.mineral().isTakenByMagnet() ? "steel" : "stone");
      name(other, y + BAR + 1);
      y += Math.max(STEP, 16);
    }
    double slowest = x(window.gold().slowest().usual());
    marks.add(
        new Mark.Stroke(
            slowest, top, slowest, y, run.meets() ? "chart-line-fine" : "chart-line-fault"));
    String verdict =
        window
            .ratio()
            .map(
                ratio ->
                    words.of(
                        run.meets() ? "chart.ratio.meets" : "chart.ratio.short",
                        words.fixed(ratio.usual(), 2)))
            .orElse(words.of("chart.ratio.none"));
    String doubt = window.ratio().map(one -> WindowChart.doubt(words, one)).orElse("");
    marks.add(
        new Mark.Writing(
            narrow ? width - WIDE_RIGHT / 2 - 24 : width,
            head + 14,
            verdict,
            Anchor.RIGHT,
            run.meets() ? "chart-fine" : "chart-fault"));
    marks.add(
        new Mark.Writing(width, narrow ? head + 14 : top + 33, doubt, Anchor.RIGHT, "chart-muted"));
    return Math.max(LEAST_ROW, y - head);
  }

  /** After the bar, or before it where there is no room after it. */
  private void name(Fall fall, double y) {
    double after = x(fall.fastest().high()) + 6;
    boolean room = after + LABEL < width;
    marks.add(
        new Mark.Writing(
            room ? after : x(fall.slowest().low()) - 6,
            y,
            words.of("mineral", fall.mineral()),
            room ? Anchor.LEFT : Anchor.RIGHT,
            "chart-small"));
  }

  private static String doubt(Words words, Band ratio) {
    return words.of("figures.range", words.fixed(ratio.low(), 2), words.fixed(ratio.high(), 2));
  }

  /** From the slowest to the fastest grain as usual, with pale ends for what may be. */
  private void bar(Fall fall, double y, double height, String style) {
    double slowest = x(fall.slowest().low());
    double fastest = x(fall.fastest().high());
    marks.add(
        new Mark.Bar(
            slowest, y + height / 4, fastest - slowest, height / 2, "chart-" + style + "-pale"));
    marks.add(
        new Mark.Bar(
            x(fall.slowest().usual()),
            y,
            x(fall.fastest().usual()) - x(fall.slowest().usual()),
            height,
            "chart-" + style));
  }

  private double x(double metresPerSecond) {
    return left + (width - left - right) * Math.log(metresPerSecond / low) / Math.log(high / low);
  }

  private void axis(double bottom) {
    for (double mmPerSecond : new double[] {1, 2, 5, 10, 20, 50, 100, 200, 500, 1000}) {
      double speed = mmPerSecond / 1000;
      if (speed > low && speed < high) {
        marks.addFirst(new Mark.Stroke(x(speed), AXIS - 6, x(speed), bottom - GAP, "chart-grid"));
        marks.add(
            new Mark.Writing(
                x(speed),
                14,
                String.format(Locale.ROOT, "%.0f", mmPerSecond),
                Anchor.MIDDLE,
                "chart-muted"));
      }
    }
    if (!narrow) {
      marks.add(new Mark.Writing(0, 14, words.of("chart.speed"), Anchor.LEFT, "chart-muted"));
      marks.add(new Mark.Writing(width, 14, words.of("chart.ratio"), Anchor.RIGHT, "chart-muted"));
    }
  }

  /** What the windows show, in words. */
  public static String spoken(Words words, Plan plan) {
    return words.joined(
        "join.sentences",
        plan.cuts().stream()
            .map(
                cut ->
                    cut.fate() instanceof Run run && run.window().ratio().isPresent()
                        ? words.of(
                            "chart.window.spoken",
                            Sentences.cut(words, cut.cut()),
                            words.fixed(run.window().ratio().get().usual(), 2))
                        : Sentences.cut(words, cut.cut()))
            .toList());
  }
}
