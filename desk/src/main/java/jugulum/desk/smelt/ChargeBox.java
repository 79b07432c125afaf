package jugulum.desk.smelt;

import java.util.Optional;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Melting;
import jugulum.core.smelt.Charge;
import jugulum.core.smelt.Crucible;
import jugulum.core.smelt.SandKind;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.FluxChart;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What goes into a crucible beside its sand, as soon as it is told what the sand is. */
final class ChargeBox extends VBox {
  /** Where nothing was charged yet: what a table of fluxes is written for. */
  private static final double A_HUNDRED_G = 100;

  private final DrawingView picture = new DrawingView("melt-charge");
  private final VBox room = new VBox(2);

  ChargeBox(Words words) {
    super(4);
    setId("melt-charge-box");
    getChildren().addAll(Parts.section(words.of("melt.charge")), picture, room);
    Parts.shown(this, false);
  }

  void show(Optional<Melting> round, Figures figures) {
    Optional<MeltFact.Sands> sands = round.flatMap(one -> one.said().latest(MeltFact.Sands.class));
    Parts.shown(this, sands.isPresent() && round.filter(Melting::isMoreToCharge).isPresent());
    sands.ifPresent(told -> show(told, round.orElseThrow(), figures));
  }

  private void show(MeltFact.Sands sands, Melting round, Figures figures) {
    Words words = figures.words();
    double sandG =
        round.crucibles().stream()
            .mapToDouble(Melting.Crucible::sandG)
            .filter(grams -> grams > 0 && grams <= Charge.MOST_G)
            .reduce((_, later) -> later)
            .orElse(A_HUNDRED_G);
    Charge charge = Charge.of(sandG, SandKind.shares(sands));
    picture.show(width -> FluxChart.of(charge, figures, width), FluxChart.spoken(charge, figures));
    room.getChildren()
        .setAll(
            Parts.sentence(words.of("melt.charge.for", figures.read(sandG, 0.1)), "muted"),
            Parts.sentence(words.of("melt.charge.room", room(charge)), "muted"));
  }

  /** The sand and its fluxes, poured, and the crucible that leaves them room to foam, in mL. */
  private static String room(Charge charge) {
    double poured =
        charge.sandG() / Crucible.SAND_G_ML + charge.ratio() * charge.sandG() / Crucible.FLUX_G_ML;
    return Long.toString(Math.round(poured / Crucible.LEAST_FULL / 10) * 10);
  }
}
