package jugulum.desk.bench;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.Place;
import jugulum.core.ledger.LotId;
import jugulum.core.mass.LotMass;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.GoldWords;
import jugulum.desk.words.Words;

/** One bucket: how much is in it, and how much gold with it. */
final class BucketButton extends Button {
  private static final double PADDING = 19;
  private static final double TWO_LINES = 40;

  private final Bucket bucket;
  private final Label name;
  private final Label mass = new Label();
  private final Label gold = new Label();

  BucketButton(Words words, Bucket bucket, Consumer<Bucket> onOpen) {
    this.bucket = bucket;
    name = Parts.styled(new Label(words.of("bucket", bucket)), "bucket-name");
    gold.setWrapText(true);
    gold.setMinHeight(TWO_LINES);
    gold.setPrefHeight(TWO_LINES);
    gold.setAlignment(Pos.TOP_LEFT);
    VBox content = new VBox(0, name, mass, gold);
    setId("bucket-" + bucket);
    getStyleClass().addAll("bucket", "bucket-" + bucket.name().toLowerCase(Locale.ROOT));
    setGraphic(content);
    setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
    setMinWidth(0);
    content.prefWidthProperty().bind(prefWidthProperty().subtract(PADDING));
    setOnAction(_ -> onOpen.accept(bucket));
  }

  void show(Worked worked, Figures figures) {
    Words words = figures.words();
    List<LotId> lots = bucket.lots(worked);
    Optional<Place> place = worked.gold().place(bucket.place());
    int unseen = place.map(one -> one.notLookedAt().size()).orElse(0);
    mass.setText(mass(lots.stream().map(worked.sand()::mass).toList(), figures));
    gold.setText(place.map(one -> gold(one, worked, figures)).orElse(words.of("bucket.none")));
    String style = unseen > 0 ? "loss-text" : "muted";
    if (!gold.getStyleClass().contains(style)) {
      gold.getStyleClass().setAll("label", style);
    }
    setAccessibleText(words.row(List.of(name.getText(), mass.getText(), gold.getText())));
  }

  private static String mass(List<LotMass> masses, Figures figures) {
    Words words = figures.words();
    List<LotMass> known = masses.stream().filter(LotMass::isKnown).toList();
    if (known.isEmpty()) {
      return masses.isEmpty() ? "" : words.of("mass.unknown");
    }
    String sum = figures.sand(known.stream().mapToDouble(LotMass::grams).sum());
    return known.size() == masses.size() ? sum : words.of("bucket.mass.part", sum);
  }

  private static String gold(Place place, Worked worked, Figures figures) {
    Words words = figures.words();
    int unseen = place.notLookedAt().size();
    String found = figures.gold(place.gold().milligrams());
    if (unseen > 0) {
      boolean any = place.lots().stream().anyMatch(worked.gold().lots()::containsKey);
      return any
          ? words.counted("bucket.part-seen", unseen, found)
          : words.counted("bucket.unseen", unseen);
    }
    boolean bound =
        place.lots().stream().map(worked.gold().lots()::get).allMatch(GoldWords::isBound);
    return bound
        ? words.of("bucket.at-most", figures.gold(place.gold().highMg()))
        : words.of("bucket.gold", found);
  }
}
