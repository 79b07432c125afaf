package jugulum.desk.bench;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.LotId;
import jugulum.desk.panel.Parts;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What is set aside, with the gold left in it. */
final class BucketStrip extends HBox {
  private static final double ABOUT = 118;

  private final Consumer<Bucket> onOpen;

  BucketStrip(Consumer<Bucket> onOpen) {
    this.onOpen = onOpen;
    getStyleClass().add("buckets");
  }

  void show(Worked worked, Figures figures) {
    VBox about = new VBox(2, Parts.styled(new Label(Words.of("buckets.title")), "column-title"), Parts.sentence(Words.of("buckets.about"), "muted"));
    about.setMinWidth(ABOUT);
    about.setPrefWidth(ABOUT);
    getChildren().setAll(about);
    for (Bucket bucket : Bucket.values()) {
      getChildren().add(button(bucket, worked, figures));
    }
  }

  private Button button(Bucket bucket, Worked worked, Figures figures) {
    List<LotId> lots = bucket.lots(worked);
    double grams = lots.stream().mapToDouble(lot -> worked.sand().mass(lot).grams()).sum();
    Label name = Parts.styled(new Label(Words.of("bucket", bucket)), "bucket-name");
    name.setMinWidth(Region.USE_PREF_SIZE);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    Label mass = new Label(lots.isEmpty() ? "" : figures.sand(grams));
    mass.setMinWidth(Region.USE_PREF_SIZE);
    Label gold = Parts.sentence(gold(lots, worked, figures), unseen(lots, worked) > 0 ? "loss-text" : "muted");
    gold.setWrapText(false);
    VBox content = new VBox(4, new HBox(name, gap, mass), gold);
    Button button = new Button();
    button.setId("bucket-" + bucket);
    button.getStyleClass().addAll("bucket", "bucket-" + bucket.name().toLowerCase(Locale.ROOT));
    button.setGraphic(content);
    button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
    button.setAccessibleText(Words.of("bucket.spoken", name.getText(), mass.getText(), gold.getText()));
    button.setMinWidth(0);
    button.prefWidthProperty().bind(widthProperty().subtract(ABOUT + 90).divide(Bucket.values().length));
    content.prefWidthProperty().bind(button.prefWidthProperty().subtract(26));
    button.setOnAction(_ -> onOpen.accept(bucket));
    return button;
  }

  private static long unseen(List<LotId> lots, Worked worked) {
    return lots.stream().filter(lot -> !worked.gold().lots().containsKey(lot)).count();
  }

  private static String gold(List<LotId> lots, Worked worked, Figures figures) {
    if (lots.isEmpty()) {
      return Words.of("bucket.none");
    }
    int unseen = (int) unseen(lots, worked);
    List<GoldRange> known = lots.stream().map(worked.gold().lots()::get).filter(Objects::nonNull).toList();
    String found = figures.gold(known.stream().mapToDouble(GoldRange::milligrams).sum());
    if (unseen == 0) {
      return Words.of("bucket.gold", found);
    }
    return known.isEmpty() ? Words.counted("bucket.unseen", unseen) : Words.counted("bucket.part-seen", unseen, found);
  }
}
