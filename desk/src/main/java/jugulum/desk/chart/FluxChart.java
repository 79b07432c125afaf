package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.smelt.Charge;
import jugulum.core.smelt.Flux;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * What goes into a crucible, a line a flux: where to start as a bar, between what to move over it.
 */
public final class FluxChart {
  private static final double NAME = 84;
  private static final double VALUE = 64;
  private static final double LINE = 24;
  private static final double BAR = 10;

  private FluxChart() {}

  /** The fluxes of which there is any. */
  private static List<Flux> some(Charge charge) {
    return List.of(Flux.values()).stream().filter(flux -> charge.of(flux).high() > 0).toList();
  }

  /** Draws it. */
  public static Drawing of(Charge charge, Figures figures, double width) {
    List<Flux> fluxes = some(charge);
    double most = fluxes.stream().mapToDouble(flux -> charge.of(flux).high()).max().orElse(1);
    double scale = Math.max(1, width - NAME - VALUE) / most;
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i < fluxes.size(); i++) {
      double middle = i * LINE + LINE / 2;
      Band band = charge.of(fluxes.get(i));
      String name = figures.words().of("flux", fluxes.get(i));
      marks.add(new Mark.Writing(0, middle + 5, name, Anchor.LEFT, "chart-text"));
      marks.add(new Mark.Bar(NAME, middle - BAR / 2, band.usual() * scale, BAR, "chart-gold-pale"));
      marks.add(
          new Mark.Stroke(
              NAME + band.low() * scale,
              middle,
              NAME + band.high() * scale,
              middle,
              "chart-range"));
      marks.add(
          new Mark.Writing(
              width, middle + 5, figures.read(band.usual(), 1), Anchor.RIGHT, "chart-text"));
    }
    return new Drawing(width, fluxes.size() * LINE, marks);
  }

  /** The same in words. */
  public static String spoken(Charge charge, Figures figures) {
    Words words = figures.words();
    return words.joined(
        "join.sentences",
        some(charge).stream()
            .map(
                flux ->
                    words.of(
                        "chart.row",
                        words.of("flux", flux),
                        figures.read(charge.of(flux).usual(), 1)))
            .toList());
  }
}
