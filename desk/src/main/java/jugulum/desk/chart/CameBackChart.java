package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.trial.MassBack;
import jugulum.core.trial.TrialLine;
import jugulum.core.trial.TrialLine.Basis;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.chart.Mark.Spot;
import jugulum.desk.words.Figures;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** What was put in, and under it what came back of it: won, let go, and found nowhere. */
public final class CameBackChart {
  private static final double LEFT = 100;
  private static final double BAR = 32;
  private static final double STEP = 46;
  private static final double PAD = 8;
  private static final double GAP = 3;

  /** A letter takes about so much. */
  private static final double LETTER = 8;

  private CameBackChart() {}

  /** Amounts of one line, specks or milligrams. */
  private record Amounts(double in, double won, double lost, double missing) {
    static Amounts of(TrialLine line) {
      if (line.basis() == Basis.WEIGHED && line.weighed().isPresent()) {
        MassBack mass = line.weighed().get();
        return new Amounts(mass.in().mg(), mass.won().mg(), mass.lost().mg(), mass.missingMg());
      }
      return new Amounts(
          line.back().in(), line.back().won(), line.back().lost(), line.back().missing());
    }

    double most() {
      return Math.max(in, won + lost + missing);
    }
  }

  /** Draws a line of a trial. */
  public static Drawing of(Figures figures, TrialLine line, double width) {
    Words words = figures.words();
    Amounts amounts = Amounts.of(line);
    double room = (width - LEFT - 2 * GAP) / amounts.most();
    List<Mark> marks = new ArrayList<>();
    marks.add(name(words.of("trial.in", amount(figures, line, amounts.in())), 0));
    marks.add(new Mark.Bar(LEFT, 0, room * amounts.in(), BAR, "chart-gold-pale"));
    marks.add(name(words.of("trial.came-back"), STEP));
    double x = LEFT;
    x = part(marks, x, room * amounts.won(), figures, line, "won", amounts.won());
    x = part(marks, x, room * amounts.lost(), figures, line, "lost", amounts.lost());
    if (amounts.missing() > 0) {
      double wide = room * amounts.missing();
      marks.add(
          new Mark.Path(
              List.of(
                  new Spot(x, STEP),
                  new Spot(x + wide, STEP),
                  new Spot(x + wide, STEP + BAR),
                  new Spot(x, STEP + BAR),
                  new Spot(x, STEP)),
              "chart-line-fault"));
      write(marks, x, wide, amount(figures, line, amounts.missing()), "chart-fault");
    }
    return new Drawing(width, STEP + BAR + 2, marks);
  }

  private static double part(
      List<Mark> marks,
      double x,
      double wide,
      Figures figures,
      TrialLine line,
      String what,
      double amount) {
    if (amount <= 0) {
      return x;
    }
    boolean isWon = "won".equals(what);
    marks.add(new Mark.Bar(x, STEP, wide, BAR, isWon ? "chart-gold" : "chart-stone-pale"));
    String number = amount(figures, line, amount);
    String named = figures.words().of("trial." + what, number);
    write(
        marks,
        x,
        wide,
        named.length() * LETTER + 2 * PAD < wide ? named : number,
        isWon ? "chart-on-gold" : "chart-text");
    return x + wide + GAP;
  }

  /** Written into its part where it has room there. */
  private static void write(List<Mark> marks, double x, double wide, String text, String style) {
    if (text.length() * LETTER + PAD < wide) {
      marks.add(writing(x + PAD, STEP, text, style));
    }
  }

  private static String amount(Figures figures, TrialLine line, double amount) {
    return line.basis() == Basis.COUNTED
        ? Integer.toString((int) Math.round(amount))
        : figures.gold(amount);
  }

  private static Mark name(String text, double y) {
    return new Mark.Writing(0, y + BAR / 2 + 5, text, Anchor.LEFT, "chart-text");
  }

  private static Mark writing(double x, double y, String text, String style) {
    return new Mark.Writing(x, y + BAR / 2 + 5, text, Anchor.LEFT, style);
  }

  /** The same in words. */
  public static String spoken(Figures figures, TrialLine line) {
    Amounts amounts = Amounts.of(line);
    return figures
        .words()
        .of(
            "trial.came-back.spoken",
            TrialWords.amount(figures, line.basis(), amounts.in()),
            amount(figures, line, amounts.won()),
            amount(figures, line, amounts.lost()),
            amount(figures, line, amounts.missing()));
  }
}
