package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.desk.words.Words;

/** Asks how the sand is before the magnet comes near it. */
final class MagnetForm extends StepForm {
  private final Segments<Medium> medium = new Segments<>("medium", List.of(Medium.values()), one -> Words.of("medium", one));

  MagnetForm(LotId lot, Desk desk) {
    super(Words.of("magnet.title"), lot, desk);
    getChildren()
        .addAll(
            Parts.sentence(Words.of("magnet.state"), "muted"),
            medium,
            Parts.advice("caution", Words.of("caution.dust.title"), Words.of("caution.dust")),
            Parts.advice("caution", Words.of("caution.magnet.title"), Words.of("caution.magnet")));
    addButtons(Words.of("magnet.start"));
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    List<Edit.NewLot> outputs = List.of(made(Material.MAGNETICS, taken.cut()), made(Material.NON_MAGNETICS, taken.cut()));
    return Optional.of(take(new Process.MagnetRun(medium.chosen()), List.of(lot), outputs));
  }
}
