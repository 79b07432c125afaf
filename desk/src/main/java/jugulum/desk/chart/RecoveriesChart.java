package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import jugulum.core.trial.SpikeBack.Recovered;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialLine;
import jugulum.core.trial.TrialResult;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/**
 * The share won of each size class, a mark on its range for each machine: a dot, a square, a
 * triangle, so that no colour is needed to tell them apart.
 */
public final class RecoveriesChart {
  private static final double LEFT = 110;
  private static final double RIGHT = 28;
  private static final double TOP = 30;
  private static final double LINE = 24;
  private static final double BETWEEN = 22;
  private static final double MARK = 7;

  /** So many look different; one more looks like the first again. */
  private static final int LOOKS = 4;

  private final Words words;
  private final Trial trial;
  private final TrialResult result;
  private final double width;
  private final ShareAxis axis;
  private final List<Mark> marks = new ArrayList<>();

  private RecoveriesChart(Words words, Trial trial, TrialResult result, double width) {
    this.words = words;
    this.trial = trial;
    this.result = result;
    this.width = width;
    this.axis =
        ShareAxis.below(result.lines().stream().mapToDouble(line -> line.recovered().low()));
  }

  /** Draws what a trial shows. */
  public static Drawing of(Words words, Trial trial, TrialResult result, double width) {
    return new RecoveriesChart(words, trial, result, width).draw();
  }

  private Drawing draw() {
    List<TrialLine> lines = result.lines();
    double y = TOP + BETWEEN / 2;
    for (var cut : trial.plan().classes()) {
      List<TrialLine> of = lines.stream().filter(line -> line.cut().isSameSizes(cut)).toList();
      if (of.isEmpty()) {
        continue;
      }
      double middle = y + LINE * (of.size() - 1) / 2 + 5;
      marks.add(
          new Mark.Writing(0, middle, Sentences.cut(words, cut), Anchor.LEFT, "chart-strong"));
      for (TrialLine line : of) {
        bar(line, y);
        y += LINE;
      }
      y += BETWEEN;
    }
    grid(y);
    return new Drawing(width, y, marks);
  }

  private void grid(double floor) {
    int at = 0;
    int first = (int) Math.round(axis.from() * 10);
    int step = 10 - first > 5 ? 2 : 1;
    for (int tenth = first; tenth <= 10; tenth += step) {
      double x = x(tenth / 10.0);
      marks.add(at++, new Mark.Stroke(x, TOP - 8, x, floor, "chart-grid"));
      marks.add(
          at++,
          new Mark.Writing(
              x,
              14,
              words.of("figures.percent", Integer.toString(10 * tenth)),
              Anchor.MIDDLE,
              "chart-muted"));
    }
  }

  private void bar(TrialLine line, double y) {
    Recovered recovered = line.recovered();
    int look = line.contender() % LOOKS;
    marks.add(
        new Mark.Stroke(x(recovered.low()), y, x(recovered.high()), y, "chart-tried-" + look));
    if (recovered.most() - recovered.least() > 1e-9) {
      marks.add(
          new Mark.Bar(
              x(recovered.least()),
              y - MARK,
              Math.max(2, x(recovered.most()) - x(recovered.least())),
              2 * MARK,
              "chart-tried-" + look + "-open"));
    }
    marks.add(mark(look, x(recovered.least()), y));
  }

  /** The mark of a contender, at a place. */
  static Mark mark(int contender, double x, double y) {
    int look = contender % LOOKS;
    String style = "chart-tried-" + look + "-mark";
    return switch (look) {
      case 0 -> new Mark.Dot(x, y, MARK, style);
      case 1 -> new Mark.Bar(x - MARK, y - MARK, 2 * MARK, 2 * MARK, style);
      case 2 ->
          new Mark.Path(
              List.of(
                  new Spot(x, y - MARK),
                  new Spot(x + MARK, y + MARK),
                  new Spot(x - MARK, y + MARK),
                  new Spot(x, y - MARK)),
              style);
      default -> new Mark.Bar(x - MARK / 2, y - MARK, MARK, 2 * MARK, style);
    };
  }

  private double x(double share) {
    return LEFT + (width - LEFT - RIGHT) * axis.place(share);
  }

  /** What stands for which machine. */
  public static Drawing legend(Words words, Trial trial, TrialResult result, double width) {
    List<Mark> marks = new ArrayList<>();
    List<Integer> seen =
        result.lines().stream().map(TrialLine::contender).distinct().sorted().toList();
    IntStream.range(0, seen.size())
        .forEach(
            i -> {
              double y = LINE * i + LINE / 2;
              marks.add(mark(seen.get(i), MARK + 1, y));
              marks.add(
                  new Mark.Writing(
                      3 * MARK + 4,
                      y + 5,
                      name(words, trial, result, seen.get(i)),
                      Anchor.LEFT,
                      "chart-text"));
            });
    return new Drawing(width, LINE * seen.size(), marks);
  }

  private static String name(Words words, Trial trial, TrialResult result, int contender) {
    int runs =
        result.lines().stream()
            .filter(line -> line.contender() == contender)
            .mapToInt(TrialLine::runs)
            .max()
            .orElse(0);
    return words.counted(
        "trial.legend",
        runs,
        TrialWords.contender(words, trial.plan().contenders().get(contender)));
  }

  /** The chart in words. */
  public static String spoken(Words words, Trial trial, TrialResult result) {
    return words.joined(
        "join.sentences",
        result.lines().stream()
            .map(
                line ->
                    words.of(
                        "trial.spoken",
                        TrialWords.contender(
                            words, trial.plan().contenders().get(line.contender())),
                        Sentences.cut(words, line.cut()),
                        TrialWords.share(words, line.recovered()),
                        TrialWords.range(words, line.recovered())))
            .toList());
  }
}
