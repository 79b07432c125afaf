package jugulum.desk.bench;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What is set aside, with the gold left in it. */
final class BucketStrip extends HBox {
  private static final double ABOUT = 118;
  private static final double GAPS = 90;

  private final List<BucketButton> buttons;

  BucketStrip(Words words, Consumer<Bucket> onOpen) {
    getStyleClass().add("buckets");
    VBox about =
        new VBox(
            2,
            Parts.styled(new Label(words.of("buckets.title")), "column-title"),
            Parts.sentence(words.of("buckets.about"), "muted"));
    about.setMinWidth(ABOUT);
    about.setPrefWidth(ABOUT);
    buttons =
        Stream.of(Bucket.values()).map(bucket -> new BucketButton(words, bucket, onOpen)).toList();
    buttons.forEach(
        button ->
            button
                .prefWidthProperty()
                .bind(widthProperty().subtract(ABOUT + GAPS).divide(buttons.size())));
    getChildren().add(about);
    getChildren().addAll(buttons);
  }

  void show(Worked worked, Figures figures) {
    buttons.forEach(button -> button.show(worked, figures));
  }
}
