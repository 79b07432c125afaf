package jugulum.desk.lot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.screens.Cut;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.StepForm;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Puts a lot together with others that wait. */
final class JoinForm extends StepForm {
  private final Words words;
  private final VBox others = new VBox(6);

  JoinForm(LotId lot, Desk desk) {
    this.words = desk.words();
    super(desk.words().of("join.title"), lot, desk);
    getChildren().addAll(Parts.sentence(words.of("join.about"), "muted"), others);
    addButtons(words.of("join.start"));
  }

  @Override
  protected void update(Worked now, Lot taken) {
    List<LotId> ticked = ticked().stream().map(Lot::id).toList();
    others.getChildren().clear();
    now.network()
        .endLots()
        .filter(other -> !other.id().equals(lot) && other.material() != Material.GOLD)
        .forEach(
            other -> {
              CheckBox box = new CheckBox(Sentences.lot(words, other));
              box.setId("join-" + other.id().number());
              box.setUserData(other);
              box.setSelected(ticked.contains(other.id()));
              others.getChildren().add(box);
            });
  }

  private List<Lot> ticked() {
    return others.getChildren().stream()
        .map(CheckBox.class::cast)
        .filter(CheckBox::isSelected)
        .map(box -> (Lot) box.getUserData())
        .toList();
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    List<LotId> inputs = new ArrayList<>(List.of(lot));
    Cut cut = taken.cut();
    for (Lot other : ticked()) {
      inputs.add(other.id());
      cut = cut.spanning(other.cut());
    }
    if (inputs.size() < 2) {
      refuse(words.of("refusal.MERGE_NEEDS_TWO"));
      return Optional.empty();
    }
    return Optional.of(take(new Process.Merging(), inputs, List.of(made(Material.MERGED, cut))));
  }
}
