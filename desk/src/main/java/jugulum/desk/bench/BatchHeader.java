package jugulum.desk.bench;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Batch;
import jugulum.desk.panel.Parts;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The batch's name and the four figures that are always in sight. */
final class BatchHeader extends HBox {
  BatchHeader() {
    getStyleClass().add("batch-header");
    setId("batch-header");
  }

  void show(Optional<Worked> worked, Figures figures) {
    getChildren().clear();
    worked.ifPresent(
        now -> {
          VBox about = new VBox(2, Parts.styled(new Label(now.batch().label().name()), "batch-name"), Parts.styled(new Label(about(now)), "muted"));
          about.setMinWidth(250);
          about.setPrefWidth(390);
          getChildren().add(about);
          String weighed = now.gold().won().map(gold -> figures.gold(gold.milligrams())).orElse(Words.of("header.none"));
          getChildren().add(figure("header-gold", weighed, Words.of("header.gold"), "gold-figure"));
          recovery(now, Recovery.Against.FOUND);
          recovery(now, Recovery.Against.HEAD);
          String sand = now.sand().accountedFor().isPresent() ? Figures.percent(now.sand().accountedFor().getAsDouble()) : Words.of("header.none");
          getChildren().add(figure("header-sand", sand, Words.of("header.sand"), "figure"));
        });
  }

  private static String about(Worked now) {
    Batch batch = now.batch();
    String received = Words.of("header.received", Figures.day(batch.label().received()));
    String closed = batch.closed() ? Words.of("header.closed") : "";
    return Stream.of(closed, batch.label().source(), received).filter(part -> !part.isEmpty()).collect(Collectors.joining(" · "));
  }

  private void recovery(Worked now, Recovery.Against against) {
    Optional<Recovery> recovery = now.gold().recovery(against);
    String text =
        recovery.map(one -> one.isAtMost() ? Words.of("recovery.at-most", Figures.percent(one.share())) : Figures.percent(one.share())).orElse(Words.of("header.none"));
    String below = recovery.map(one -> Words.of("header.recovery", Words.of("recovery.of", against), Figures.range(one))).orElse(Words.of("recovery.of", against));
    VBox box = figure("header-" + against.name().toLowerCase(Locale.ROOT), text, below, "figure");
    recovery
        .filter(Recovery::isAtMost)
        .ifPresent(one -> Tooltip.install(box, new Tooltip(Words.of("recovery.not-looked-at", Sentences.lots(now.network(), one.notLookedAt())))));
    getChildren().add(box);
  }

  private static VBox figure(String id, String figure, String below, String style) {
    Label number = Parts.styled(new Label(figure), style);
    number.setMinWidth(Region.USE_PREF_SIZE);
    number.setId(id);
    Label about = Parts.styled(new Label(below), "muted");
    about.setMinWidth(Region.USE_PREF_SIZE);
    VBox box = new VBox(2, number, about);
    box.setAlignment(Pos.TOP_LEFT);
    return box;
  }
}
