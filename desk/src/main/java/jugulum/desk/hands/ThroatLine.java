package jugulum.desk.hands;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.mass.LotMass;
import jugulum.core.task.OneByOne;
import jugulum.core.task.Task;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The way of the sand in hand: narrower at every step, the one in hand framed, the vial last. */
final class ThroatLine extends HBox {
  private static final int MOST = 3;
  private static final double WIDEST = 20;
  private static final double NARROWER = 5;

  /** One station of the way. */
  private record Station(String text, String style) {}

  ThroatLine() {
    getStyleClass().add("hands-line");
    setFillHeight(false);
  }

  void show(OneByOne asking, Worked worked, Figures figures) {
    Words words = figures.words();
    List<Station> stations = new ArrayList<>();
    asking
        .asked()
        .ifPresent(
            task -> {
              Network network = worked.network();
              Optional<Step> inHand = step(task, network);
              Optional<LotId> taken =
                  inHand.map(step -> step.inputs().stream().findFirst()).orElse(lot(task));
              before(taken, worked, figures)
                  .forEach(text -> stations.add(new Station(text, "gone")));
              stations.add(
                  new Station(
                      task.subject() instanceof Task.Subject.OfMelt
                          ? words.of("melt.station")
                          : here(words, inHand),
                      "here"));
            });
    stations.add(new Station(words.of("hands.line.vial"), "ahead"));
    getChildren().clear();
    double high = WIDEST;
    for (Station station : stations) {
      getChildren().add(node(station, high));
      high = Math.max(2, high - NARROWER);
    }
  }

  private static Optional<LotId> lot(Task task) {
    return switch (task.subject()) {
      case Task.Subject.OfLot(LotId lot) -> Optional.of(lot);
      case Task.Subject.OfMelt(LotId lot, int _) -> Optional.of(lot);
      case Task.Subject.OfStep _, Task.Subject.OfBatch _ -> Optional.empty();
    };
  }

  /** The step whose question it is; of a lot that is still being made, the one that makes it. */
  private static Optional<Step> step(Task task, Network network) {
    return switch (task.subject()) {
      case Task.Subject.OfStep(var id) -> network.batch().step(id);
      case Task.Subject.OfLot(var lot) ->
          network.maker(lot).filter(step -> step.finishedAt().isEmpty());
      case Task.Subject.OfMelt _, Task.Subject.OfBatch _ -> Optional.empty();
    };
  }

  private static String here(Words words, Optional<Step> step) {
    return step.map(one -> Sentences.process(words, one.process()))
        .orElseGet(() -> words.of("hands.line.here"));
  }

  /** What was done with it before, the last of it nearest. */
  private static List<String> before(Optional<LotId> from, Worked worked, Figures figures) {
    List<String> done = new ArrayList<>();
    Optional<LotId> lot = from;
    while (lot.isPresent() && done.size() < MOST) {
      Optional<Step> maker = worked.network().maker(lot.get());
      if (maker.isEmpty()) {
        break;
      }
      LotMass mass = worked.sand().mass(lot.get());
      String name = Sentences.process(figures.words(), maker.get().process());
      done.addFirst(
          mass.isKnown() ? figures.words().row(List.of(name, figures.sand(mass.grams()))) : name);
      lot = maker.get().inputs().stream().findFirst();
    }
    return done;
  }

  private static VBox node(Station station, double high) {
    Region bar = new Region();
    bar.getStyleClass().addAll("hands-bar", "hands-bar-" + station.style());
    bar.setMinHeight(high);
    bar.setPrefHeight(high);
    bar.setMaxHeight(high);
    VBox room = new VBox(bar);
    room.getStyleClass().addAll("hands-room");
    Label label = new Label(station.text());
    label.setWrapText(true);
    label.getStyleClass().addAll("hands-station", "hands-station-" + station.style());
    VBox node = new VBox(6, room, label);
    HBox.setHgrow(node, Priority.ALWAYS);
    node.setMaxWidth(Double.MAX_VALUE);
    node.setPrefWidth(200);
    return node;
  }
}
