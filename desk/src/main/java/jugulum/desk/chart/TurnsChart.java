package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.finish.NextTurn;
import jugulum.core.ledger.FinishFact;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What each turn of finishing won, a bar each, and what the next one would, in dashes. */
public final class TurnsChart {
  private static final double NAME = 62;
  private static final double VALUE = 76;
  private static final double LINE = 24;
  private static final double BAR = 12;

  private TurnsChart() {}

  /** Draws it. */
  public static Drawing of(
      List<FinishFact.Turn> turns, NextTurn next, Figures figures, double width) {
    Words words = figures.words();
    double most = turns.stream().mapToDouble(FinishFact.Turn::goldMg).max().orElse(1);
    double scale = Math.max(1, width - NAME - VALUE) / Math.max(most, Double.MIN_NORMAL);
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i < turns.size(); i++) {
      double mg = turns.get(i).goldMg();
      double top = i * LINE + (LINE - BAR) / 2;
      names(marks, i, words.of("finish.turn.number", Integer.toString(i + 1)), "chart-text");
      marks.add(new Mark.Bar(NAME, top, Math.max(1, mg * scale), BAR, "chart-gold-pale"));
      value(marks, i, figures.gold(mg), width);
    }
    OptionalDouble coming = next.nextMg();
    if (coming.isPresent()) {
      int i = turns.size();
      double right = NAME + Math.max(3, coming.getAsDouble() * scale);
      double top = i * LINE + (LINE - BAR) / 2;
      names(marks, i, words.of("finish.turn.next"), "chart-muted");
      marks.add(
          new Mark.Path(
              List.of(
                  new Mark.Spot(NAME, top),
                  new Mark.Spot(right, top),
                  new Mark.Spot(right, top + BAR),
                  new Mark.Spot(NAME, top + BAR),
                  new Mark.Spot(NAME, top)),
              "chart-expected"));
      value(marks, i, figures.gold(coming.getAsDouble()), width);
    }
    return new Drawing(width, (turns.size() + (coming.isPresent() ? 1 : 0)) * LINE, marks);
  }

  private static void names(List<Mark> marks, int line, String name, String style) {
    marks.add(new Mark.Writing(0, line * LINE + LINE / 2 + 5, name, Anchor.LEFT, style));
  }

  private static void value(List<Mark> marks, int line, String text, double width) {
    marks.add(
        new Mark.Writing(width, line * LINE + LINE / 2 + 5, text, Anchor.RIGHT, "chart-text"));
  }
}
