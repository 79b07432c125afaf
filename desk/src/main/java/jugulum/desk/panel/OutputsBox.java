package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** The lots a step makes, weighed one after the other. */
final class OutputsBox extends VBox {
  private final Words words;
  private final LotList list;
  private final WeighBox weigh;
  private Optional<Worked> worked = Optional.empty();
  private Runnable onChosen = () -> {};

  OutputsBox(Desk desk) {
    this.words = desk.words();
    getStyleClass().add("outputs");
    list = new LotList(words, "outputs", LotList.Names.BESIDE_FIGURES, desk::openLot);
    weigh =
        new WeighBox("weigh", words.of("outputs.weigh"), desk, this::chosen)
            .then(list::chooseNextOpen);
    weigh
        .box()
        .with(
            Buttons.plain(
                "open-lot",
                words.of("outputs.open"),
                "O",
                () -> list.chosen().ifPresent(desk::openLot)));
    list.getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (_, _, _) -> {
              weigh.tell();
              onChosen.run();
            });
    getChildren().addAll(list, weigh);
  }

  /** Moves the scale into a place: the list itself, the foot of the panel, or under the rest. */
  void scaleIn(VBox place) {
    Panel.move(weigh, place);
  }

  /** Says what the figures in each line are. */
  void head(String... titles) {
    getChildren().addFirst(LotList.head(titles));
  }

  /** Runs when another lot is chosen. */
  void onChosen(Runnable what) {
    onChosen = what;
  }

  /** The lot chosen. */
  Optional<Lot> chosen() {
    return list.chosen().flatMap(id -> worked.flatMap(now -> now.network().lot(id)));
  }

  /** Shows the lots, each with the figures the step finds worth telling. */
  void show(Worked now, List<LotId> lots, Function<Lot, LotList.Row> row) {
    worked = Optional.of(now);
    list.show(now.network().lots(lots).stream().map(row).toList());
    Parts.shown(weigh, !now.batch().closed());
    weigh.tell();
  }

  void focusFirst() {
    weigh.focus();
  }
}
