package jugulum.desk.panel;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.desk.entry.Buttons;
import jugulum.desk.panel.FatePanel.Fate;
import jugulum.desk.words.Words;

/**
 * What can be done with a lot no step has taken. Any order is allowed; what was thrown away stays
 * where it is.
 */
final class NextBox extends VBox {
  private NextBox(List<Button> ways) {
    getStyleClass().add("next-box");
    FlowPane buttons = new FlowPane(8, 8);
    buttons.getChildren().addAll(ways);
    getChildren().addAll(Parts.section(Words.of("next.title")), buttons);
  }

  static Node of(Lot lot, Desk desk) {
    if (lot.latest(Measure.Discarded.class).isPresent()) {
      return Parts.advice("idle", "", Words.of("next.discarded"));
    }
    LotId id = lot.id();
    Stream<Button> work =
        Stream.of(
            Buttons.plain(
                "next-screen",
                Words.of("next.screen"),
                "S",
                () -> desk.push(new ScreeningForm(id, desk, List.of()))),
            Buttons.plain(
                "next-magnet",
                Words.of("next.magnet"),
                "M",
                () -> desk.push(new MagnetForm(id, desk))),
            Buttons.plain(
                "next-gravity",
                Words.of("next.gravity"),
                "G",
                () -> desk.push(new GravityForm(id, desk))),
            Buttons.plain(
                "next-finish",
                Words.of("next.finish"),
                "F",
                () -> desk.push(new FinishForm(id, desk))),
            Buttons.plain(
                "next-join", Words.of("next.join"), "J", () -> desk.push(new JoinForm(id, desk))),
            Buttons.plain(
                "next-part", Words.of("next.part"), "P", () -> desk.push(new PartForm(id, desk))));
    Stream<Button> aside =
        Stream.of(
            Buttons.plain(
                "next-bag",
                Words.of("next.bag"),
                "K",
                () -> desk.push(new FatePanel(id, Fate.BAG, desk))),
            Buttons.plain(
                "next-discard",
                Words.of("next.discard"),
                "X",
                () -> desk.push(new FatePanel(id, Fate.DISCARD, desk))));
    return new NextBox(
        Stream.concat(work, lot.material().isSetAside() ? aside : Stream.empty()).toList());
  }
}
