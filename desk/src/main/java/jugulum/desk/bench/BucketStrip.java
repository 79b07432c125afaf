package jugulum.desk.bench;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
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

  /** With less room what the buckets are is not told beside them, in pixels. */
  private static final double ROOMY = 840;

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
                .bind(
                    Bindings.createDoubleBinding(
                        () -> (getWidth() - GAPS - (isRoomy() ? ABOUT : 0)) / buttons.size(),
                        widthProperty())));
    widthProperty().addListener((_, _, _) -> Parts.shown(about, isRoomy()));
    getChildren().add(about);
    getChildren().addAll(buttons);
  }

  /** In a narrow window the names of the buckets take the room of what they are. */
  private boolean isRoomy() {
    return getWidth() >= ROOMY;
  }

  void show(Worked worked, Figures figures) {
    buttons.forEach(button -> button.show(worked, figures));
  }
}
