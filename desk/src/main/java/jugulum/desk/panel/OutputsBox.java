package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.desk.entry.Buttons;
import jugulum.desk.entry.RecordBox;
import jugulum.desk.entry.SandWeightForm;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The lots a step makes, weighed one after the other. */
final class OutputsBox extends VBox {
  private final Desk desk;
  private final LotList list;
  private final RecordBox weigh;
  private final Label target = Parts.sentence("", "in-hand-text");
  private Optional<Worked> worked = Optional.empty();

  OutputsBox(Desk desk) {
    this.desk = desk;
    getStyleClass().add("outputs");
    list = new LotList("outputs", LotList.Names.BESIDE_FIGURES, desk::openLot);
    weigh =
        new RecordBox(
                "weigh", Words.of("outputs.weigh"), new SandWeightForm(desk.figures()), measure -> desk.submit(new Edit.RecordOnLot(list.chosen().orElseThrow(), measure)))
            .with(Buttons.plain("open-lot", Words.of("outputs.open"), "O", () -> list.chosen().ifPresent(desk::openLot)))
            .then(list::chooseNextOpen);
    target.setId("weigh-target");
    list.getSelectionModel().selectedItemProperty().addListener((_, _, _) -> label());
    getChildren().addAll(list, target, weigh);
  }

  /** Says what the figures in each line are. */
  void head(String... titles) {
    getChildren().addFirst(LotList.head(titles));
  }

  /** Shows the lots, each with the figures the step finds worth telling. */
  void show(Worked now, List<LotId> lots, Function<Lot, LotList.Row> row) {
    worked = Optional.of(now);
    list.show(now.network().lots(lots).stream().map(row).toList());
    boolean open = !now.batch().closed();
    Parts.shown(weigh, open);
    Parts.shown(target, open);
    label();
  }

  private void label() {
    Optional<Lot> chosen = list.chosen().flatMap(id -> worked.flatMap(now -> now.network().lot(id)));
    target.setText(chosen.map(lot -> Words.of("outputs.target", Sentences.lot(lot))).orElse(""));
  }

  void focusFirst() {
    weigh.form().fields().getFirst().field().requestFocus();
  }

}
