package jugulum.desk.finish;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.StepForm;
import jugulum.desk.words.Words;

/** Starts gathering the gold of a concentrate. */
public final class FinishForm extends StepForm {
  private final Words words;

  public FinishForm(LotId lot, Desk desk) {
    this.words = desk.words();
    super(desk.words().of("finish.title"), lot, desk);
    getChildren()
        .addAll(
            Parts.sentence(words.of("finish.about"), "muted"),
            Parts.advice("caution", words.of("caution.heat.title"), words.of("caution.heat")));
    addButtons(words.of("finish.start"));
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    return Optional.of(
        take(
            new Process.Finishing(),
            List.of(lot),
            List.of(made(Material.GOLD, taken.cut()), made(Material.RESIDUE, taken.cut()))));
  }
}
