package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * What each cut of a plan does on its machine: gold won as a full bar, gold left as a frame after
 * it, and how its grains are told apart.
 */
public final class CutGoldChart {
  private static final double ROW = 44;
  private static final double BAR = 18;
  private static final double MASS = 160;
  private static final double MACHINE = 170;
  private static final double BARS = 312;
  private static final double TOLD = 200;
  private static final double HEAD = 6;

  private CutGoldChart() {}

  /** Draws the cuts of a plan. */
  public static Drawing of(Plan plan, Figures figures, double width) {
    List<Mark> marks = new ArrayList<>();
    double most =
        Math.max(1e-9, plan.cuts().stream().mapToDouble(PlannedCut::goldMg).max().orElse(1));
    double room = Math.max(60, width - BARS - TOLD);
    double top = HEAD;
    for (PlannedCut cut : plan.cuts()) {
      row(marks, cut, figures, top, room / most, width);
      top += ROW;
    }
    return new Drawing(width, top, marks);
  }

  private static void row(
      List<Mark> marks, PlannedCut cut, Figures figures, double top, double perMg, double width) {
    Words words = figures.words();
    double base = top + 16;
    marks.add(
        new Mark.Writing(0, base, Sentences.cut(words, cut.cut()), Anchor.LEFT, "chart-strong"));
    marks.add(new Mark.Writing(MASS, base, figures.sand(cut.massG()), Anchor.RIGHT, "chart-muted"));
    double won = cut.wonMg() * perMg;
    double all = cut.goldMg() * perMg;
    marks.add(new Mark.Bar(BARS, top + 2, won, BAR, "chart-gold"));
    frame(marks, BARS + won, top + 2, all - won);
    marks.add(
        new Mark.Writing(
            width,
            base,
            words.of("cut-gold.of", figures.gold(cut.wonMg()), figures.gold(cut.goldMg())),
            Anchor.RIGHT,
            "chart-text"));
    String machine =
        switch (cut.fate()) {
          case PlannedCut.LookedOver _ -> words.of("chart.by-hand");
          case Run run -> machine(words, run);
        };
    marks.add(new Mark.Writing(MACHINE, base, machine, Anchor.LEFT, "chart-text"));
    if (cut.fate() instanceof Run run) {
      marks.add(new Mark.Writing(MACHINE, base + 19, told(words, run), Anchor.LEFT, "chart-small"));
    }
  }

  /** What is left behind, as a dashed frame. */
  private static void frame(List<Mark> marks, double x, double y, double width) {
    if (width > 1) {
      marks.add(new Mark.Stroke(x, y, x + width, y, "chart-line-fault"));
      marks.add(new Mark.Stroke(x, y + BAR, x + width, y + BAR, "chart-line-fault"));
      marks.add(new Mark.Stroke(x + width, y, x + width, y + BAR, "chart-line-fault"));
    }
  }

  private static String machine(Words words, Run run) {
    String name = run.gear().name();
    String machine = name.isEmpty() ? words.of("machine.short", run.kind()) : name;
    return run.byRecord() ? words.of("cut-gold.record", machine) : machine;
  }

  /** How many times faster the slowest gold falls than the fastest sand, as that machine sorts. */
  private static String told(Words words, Run run) {
    return run.window()
        .ratio()
        .map(ratio -> words.of("cut-gold.falls", words.fixed(ratio.usual(), 1)))
        .orElse(words.of("chart.ratio.none"));
  }

  /** The bars in words. */
  public static String spoken(Plan plan, Figures figures) {
    Words words = figures.words();
    return words.joined(
        "join.sentences",
        plan.cuts().stream()
            .map(
                cut ->
                    words.of(
                        "cut-gold.spoken",
                        Sentences.cut(words, cut.cut()),
                        figures.gold(cut.wonMg()),
                        figures.gold(cut.goldMg()),
                        cut.fate() instanceof Run run
                            ? told(words, run)
                            : words.of("chart.by-hand")))
            .toList());
  }
}
