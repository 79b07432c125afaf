package jugulum.desk.panel;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.LotId;
import jugulum.desk.entry.Buttons;
import jugulum.desk.words.Words;

/** What can be done with a lot no step has taken. Any order is allowed. */
final class NextBox extends VBox {
  NextBox(LotId lot, Desk desk) {
    getStyleClass().add("next-box");
    FlowPane buttons = new FlowPane(8, 8);
    buttons
        .getChildren()
        .addAll(
            Stream.of(
                    Buttons.plain("next-screen", Words.of("next.screen"), "S", () -> desk.push(new ScreeningForm(lot, desk, List.of()))),
                    Buttons.plain("next-magnet", Words.of("next.magnet"), "M", () -> desk.push(new MagnetForm(lot, desk))),
                    Buttons.plain("next-gravity", Words.of("next.gravity"), "G", () -> desk.push(new GravityForm(lot, desk))),
                    Buttons.plain("next-finish", Words.of("next.finish"), "F", () -> desk.push(new FinishForm(lot, desk))),
                    Buttons.plain("next-join", Words.of("next.join"), "J", () -> desk.push(new JoinForm(lot, desk))),
                    Buttons.plain("next-part", Words.of("next.part"), "P", () -> desk.push(new PartForm(lot, desk))))
                .toList());
    getChildren().addAll(Parts.section(Words.of("next.title")), buttons);
  }
}
