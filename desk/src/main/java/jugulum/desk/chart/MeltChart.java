package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.gold.Smelts;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.Melting;
import jugulum.core.ledger.Melting.Crucible;
import jugulum.core.smelt.Button;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * Crucibles on their way from sand to bead, a row each: how far it came as a bar, the bead as a dot
 * at its end, a lost one broken off in dashes.
 */
public final class MeltChart {
  private static final double LEFT = 30;
  private static final double RIGHT = 84;
  private static final double HEAD = 22;
  private static final double ROW = 54;
  private static final double BAR = 12;
  private static final double DOT = 6;

  /** What a crucible goes through. */
  private enum Station {
    CHARGE,
    MELT,
    POUR,
    CUPEL
  }

  private static final int STATIONS = Station.values().length;

  private final Figures figures;
  private final double width;
  private final List<Mark> marks = new ArrayList<>();

  private MeltChart(Figures figures, double width) {
    this.figures = figures;
    this.width = width;
  }

  /** Draws them. */
  public static Drawing of(Melting round, Figures figures, double width) {
    MeltChart chart = new MeltChart(figures, width);
    chart.heads();
    List<Crucible> shown = round.crucibles();
    for (int i = 0; i < shown.size(); i++) {
      chart.row(shown.get(i), HEAD + i * ROW);
    }
    return new Drawing(width, HEAD + shown.size() * ROW, chart.marks);
  }

  private double x(double station) {
    return LEFT + (width - LEFT - RIGHT) * station / STATIONS;
  }

  private void heads() {
    Words words = figures.words();
    for (Station station : Station.values()) {
      marks.add(
          new Mark.Writing(
              x(station.ordinal()),
              HEAD - 8,
              words.of("melt.station", station),
              Anchor.LEFT,
              "chart-muted"));
    }
    marks.add(
        new Mark.Writing(
            x(STATIONS) + DOT, HEAD - 8, words.of("melt.bead"), Anchor.LEFT, "chart-muted"));
  }

  /** How many stations are behind it. */
  private static int done(Crucible one) {
    if (one.beadMg().isPresent()) {
      return STATIONS;
    }
    if (one.buttonG().isPresent()) {
      return Station.CUPEL.ordinal();
    }
    if (one.said().began(Phase.COOL).isPresent()) {
      return Station.POUR.ordinal();
    }
    return one.charged().isPresent() ? Station.MELT.ordinal() : Station.CHARGE.ordinal();
  }

  private void row(Crucible one, double top) {
    double middle = top + 10;
    int done = done(one);
    marks.add(
        new Mark.Writing(
            4, middle + 5, Integer.toString(one.number()), Anchor.LEFT, "chart-strong"));
    marks.add(new Mark.Bar(x(0), middle - BAR / 2, x(done) - x(0), BAR, "chart-stone-pale"));
    if (one.spoilt().isPresent()) {
      frame(x(done), x(done + 0.8), middle, "chart-line-fault");
    } else if (done < STATIONS) {
      frame(x(done), x(done + 1), middle, "chart-feed");
    } else {
      marks.add(new Mark.Dot(x(STATIONS) + 2 * DOT, middle, DOT, "chart-gold"));
      marks.add(
          new Mark.Writing(
              x(STATIONS) + 4 * DOT,
              middle + 5,
              figures.gold(one.beadMg().getAsDouble()),
              Anchor.LEFT,
              "chart-text"));
    }
    marks.add(new Mark.Writing(LEFT, middle + 26, beneath(one), Anchor.LEFT, style(one)));
  }

  private void frame(double from, double to, double middle, String style) {
    double up = middle - BAR / 2;
    double down = middle + BAR / 2;
    marks.add(
        new Mark.Path(
            List.of(
                new Mark.Spot(from, up),
                new Mark.Spot(to, up),
                new Mark.Spot(to, down),
                new Mark.Spot(from, down),
                new Mark.Spot(from, up)),
            style));
  }

  private static String style(Crucible one) {
    boolean isBad =
        one.spoilt().isPresent()
            || Smelts.button(one).filter(button -> button != Button.RIGHT).isPresent();
    return isBad ? "chart-fault" : "chart-muted";
  }

  /** What is to be known of it at a glance: why it is lost, or its button, or what is in it. */
  private String beneath(Crucible one) {
    Words words = figures.words();
    String sand = figures.read(one.sandG(), 0.1);
    if (one.spoilt().isPresent()) {
      return words.of("melt.row.spoilt", sand);
    }
    return Smelts.button(one)
        .map(
            button ->
                words.of(
                    "melt.row.button",
                    sand,
                    figures.read(one.buttonG().orElseThrow(), 0.1),
                    words.of("melt.button.short", button)))
        .orElse(sand);
  }
}
