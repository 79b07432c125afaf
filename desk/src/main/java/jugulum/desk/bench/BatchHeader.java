package jugulum.desk.bench;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Batch;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Room;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * The batch's name and the four figures that are always in sight. Keeps its nodes: an edit changes
 * texts only.
 */
final class BatchHeader extends HBox {
  private static final double ABOUT_WIDTH = 390;

  /** What a figure is is told on two lines where one is too long. */
  private static final double NARROWEST = 150;

  private final Label name = Parts.styled(new Label(), "batch-name");
  private final Label about = Parts.styled(new Label(), "muted");
  private final Stat gold = new Stat("header-gold", "gold-figure");
  private final Stat found = new Stat("header-found", "figure");
  private final Stat head = new Stat("header-head", "figure");
  private final Stat sand = new Stat("header-sand", "figure");
  private final Tooltip unseen = new Tooltip();
  private final Tooltip whole = new Tooltip();

  BatchHeader() {
    getStyleClass().add("batch-header");
    setId("batch-header");
    VBox whose = new VBox(2, name, about);
    whose.setMinWidth(ABOUT_WIDTH / 2);
    whose.setPrefWidth(ABOUT_WIDTH / 2);
    whose.setMaxWidth(ABOUT_WIDTH);
    setHgrow(whose, Priority.ALWAYS);
    name.setTooltip(whole);
    about.setTooltip(whole);
    getChildren().addAll(whose, gold, found, head, sand);
    widthProperty().addListener((_, _, _) -> goOnInTheNextLineWhereTheyMust());
  }

  /** A figure with what it is below it. */
  private static final class Stat extends VBox {
    private final Label number;
    private final Label below = Parts.styled(new Label(), "muted");

    Stat(String id, String style) {
      super(2);
      number = Parts.styled(new Label(), style);
      number.setMinWidth(Region.USE_PREF_SIZE);
      number.setId(id);
      setMinWidth(NARROWEST);
      setAlignment(Pos.TOP_LEFT);
      getChildren().addAll(number, below);
    }

    void show(String figure, String what) {
      number.setText(figure);
      below.setText(what);
    }
  }

  void show(Worked now, Figures figures) {
    Words words = figures.words();
    name.setText(now.batch().label().name());
    about.setText(about(words, now.batch()));
    whole.setText(words.of("header.whole", name.getText(), about.getText()));
    gold.show(
        now.gold().won().map(won -> figures.gold(won.milligrams())).orElse(words.of("header.none")),
        words.of("header.gold"));
    showRecovery(words, found, now, Recovery.Against.FOUND);
    showRecovery(words, head, now, Recovery.Against.HEAD);
    sand.show(
        now.sand().accountedFor().isPresent()
            ? words.percent(now.sand().accountedFor().getAsDouble())
            : words.of("header.none"),
        words.of("header.sand"));
    goOnInTheNextLineWhereTheyMust();
    Optional<Recovery> atMost =
        now.gold().recovery(Recovery.Against.FOUND).filter(Recovery::isAtMost);
    unseen.setText(
        atMost
            .map(
                one ->
                    words.of(
                        "recovery.not-looked-at",
                        Sentences.lots(words, now.network(), one.notLookedAt())))
            .orElse(""));
    found.number.setTooltip(atMost.isPresent() ? unseen : null);
  }

  /** What stands below the figures takes a second line only where one has no room for all. */
  private void goOnInTheNextLineWhereTheyMust() {
    List<Stat> stats = List.of(gold, found, head, sand);
    double asked =
        Room.width(about.getText(), false)
            + stats.stream().mapToDouble(stat -> Room.width(stat.below.getText(), false)).sum()
            + stats.size() * getSpacing()
            + getInsets().getLeft()
            + getInsets().getRight();
    boolean tight = asked > getWidth();
    about.setWrapText(tight);
    stats.forEach(stat -> stat.below.setWrapText(tight));
  }

  private static String about(Words words, Batch batch) {
    String day = words.day(batch.label().received());
    String closed = batch.closed() ? words.of("header.closed") : "";
    return words.beside(
        Stream.of(
                closed,
                batch.label().source(),
                batch.closed() ? day : words.of("header.received", day))
            .filter(part -> !part.isEmpty())
            .toList());
  }

  private static void showRecovery(Words words, Stat stat, Worked now, Recovery.Against against) {
    Optional<Recovery> recovery = now.gold().recovery(against);
    String share = recovery.map(one -> Sentences.share(words, one)).orElse(words.of("header.none"));
    String of =
        words.of(
            "recovery.of."
                + recovery.map(Sentences::kind).orElse(Recovery.Of.FREE + "_" + against));
    stat.show(
        share, recovery.map(one -> words.of("header.recovery", of, words.range(one))).orElse(of));
  }
}
