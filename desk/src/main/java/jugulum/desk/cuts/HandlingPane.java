package jugulum.desk.cuts;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.handling.Drying;
import jugulum.core.handling.Lifts;
import jugulum.core.handling.WetScreening;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Bench arithmetic around screening: water and time, bucket lifts, and whether the sand is dry. */
final class HandlingPane extends BorderPane {
  @Prologue private final Words words;
  private Optional<LotKey> lot = Optional.empty();
  private final EntryField<Double> sand =
      number(words, "handling-sand", "handling.sand", "30", 0.001, 10_000);
  private final EntryField<Double> perKg =
      number(
          words,
          "handling-per-kg",
          "handling.per-kg",
          words.plain(WetScreening.USUAL_LITRES_PER_KG),
          0.1,
          1000);
  private final EntryField<Double> flow =
      number(words, "handling-flow", "handling.flow", "17", 0.01, 10_000);
  private final Label waterAnswer = answer("water-answer");
  private final EntryField<Double> moisture =
      percent(words, "handling-moisture", "handling.moisture", "8");
  private final EntryField<Double> bucket =
      number(words, "handling-bucket", "handling.bucket", "0.7", 0, 50);
  private final EntryField<Double> limit =
      number(
          words, "handling-limit", "handling.limit", words.plain(Lifts.USUAL_LIMIT_KG), 0.1, 100);
  private final Label liftAnswer = answer("lift-answer");
  private final EntryField<Double> earlier =
      number(words, "drying-earlier", "drying.earlier", "", 0.001, 1e7);
  private final EntryField<Double> later =
      number(words, "drying-later", "drying.later", "", 0.001, 1e7);
  private final EntryField<Double> hours =
      number(words, "drying-hours", "drying.hours", "1", 0.05, 240);
  private final EntryField<Double> left = percent(words, "drying-left", "drying.left", "");
  private final Label dryAnswer = answer("dry-answer");

  HandlingPane(Words words) {
    this.words = words;
    super();
    VBox first =
        card(
            words,
            "handling.water",
            "handling.water.about",
            new FieldRow(List.of(sand, perKg, flow)),
            waterAnswer);
    VBox second =
        card(
            words,
            "handling.lifts",
            "handling.lifts.about",
            new FieldRow(List.of(moisture, bucket, limit)),
            liftAnswer);
    second.getChildren().add(Parts.advice("caution", "", words.of("caution.lift")));
    VBox third =
        card(
            words,
            "drying.title",
            "drying.about",
            new VBox(8, new FieldRow(List.of(earlier, later)), new FieldRow(List.of(hours, left))),
            dryAnswer);
    third
        .getChildren()
        .add(Parts.advice("caution", words.of("caution.heat.title"), words.of("caution.heat")));
    Stream.of(sand, perKg, flow, moisture, bucket, limit)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> tell()));
    Stream.of(earlier, later, hours, left)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> tellDry()));
    VBox column = new VBox(24, first, second);
    HBox columns = new HBox(48, column, third);
    Stream.of(column, third)
        .forEach(
            part -> {
              HBox.setHgrow(part, Priority.ALWAYS);
              part.setPrefWidth(560);
            });
    ScrollPane scroll = new ScrollPane(columns);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    scroll.setFocusTraversable(false);
    setCenter(scroll);
    tell();
  }

  private static VBox card(Words words, String title, String about, Node fields, Label answer) {
    return new VBox(
        10,
        Parts.styled(new Label(words.of(title)), "panel-title"),
        Parts.sentence(words.of(about), "muted"),
        fields,
        answer);
  }

  private static EntryField<Double> number(
      Words words, String id, String key, String start, double low, double high) {
    return filled(
        new EntryField<>(
            words, id, words.of(key), start, typed -> Parsers.number(words, typed, low, high)),
        start);
  }

  private static EntryField<Double> percent(Words words, String id, String key, String start) {
    return filled(
        new EntryField<>(
            words, id, words.of(key), start, typed -> Parsers.percent(words, typed, 0, 99)),
        start);
  }

  private static EntryField<Double> filled(EntryField<Double> field, String start) {
    field.fill(start);
    return field;
  }

  private static Label answer(String id) {
    Label label = Parts.sentence("", "answer");
    label.setId(id);
    return label;
  }

  /** Starts from the sand of a lot; what was typed for the same one stays. */
  void show(Optional<LotKey> other, double grams) {
    if (!other.equals(lot)) {
      lot = other;
      if (grams > 0) {
        sand.put(words.rounded(grams / 1000, 3), grams / 1000);
      }
    } else if (grams > 0) {
      sand.offer(words.rounded(grams / 1000, 3), grams / 1000);
    }
  }

  private static Optional<Double> value(EntryField<Double> field) {
    return field.check() ? field.read() : Optional.empty();
  }

  private void tell() {
    Optional<Double> kilograms = value(sand);
    waterAnswer.setText(
        kilograms
            .flatMap(
                kg ->
                    value(perKg)
                        .flatMap(
                            litres -> value(flow).map(rate -> WetScreening.of(kg, litres, rate))))
            .map(
                needed ->
                    words.of(
                        "handling.water.answer",
                        words.fixed(needed.litres(), 0),
                        words.time(needed.minutes())))
            .orElse(""));
    liftAnswer.setText(
        kilograms
            .flatMap(
                kg ->
                    value(moisture)
                        .flatMap(
                            wet ->
                                value(bucket)
                                    .flatMap(
                                        empty ->
                                            value(limit)
                                                .flatMap(most -> lifts(kg, wet, empty, most)))))
            .orElse(""));
  }

  private Optional<String> lifts(double kilograms, double wet, double empty, double most) {
    if (!(empty < most)) {
      bucket.say(words.of("handling.bucket.bad"));
      return Optional.empty();
    }
    int count = Lifts.count(kilograms, wet, empty, most);
    return Optional.of(
        words.counted("handling.lifts.answer", count, words.fixed(kilograms / (1 - wet), 1)));
  }

  private void tellDry() {
    boolean started =
        Stream.of(earlier, later).noneMatch(field -> field.field().getText().isBlank());
    Optional<Drying> drying =
        started
            ? value(earlier)
                .flatMap(
                    before ->
                        value(later)
                            .flatMap(
                                after -> value(hours).flatMap(time -> drying(before, after, time))))
            : Optional.empty();
    dryAnswer.setText(drying.map(this::dry).orElse(""));
  }

  private Optional<Drying> drying(double before, double after, double time) {
    if (after > before) {
      later.say(words.of("drying.gained"));
      return Optional.empty();
    }
    return Optional.of(new Drying(before, after, time));
  }

  private String dry(Drying drying) {
    String share = words.fixed(100 * drying.sharePerHour(), 2);
    if (drying.isDry()) {
      return words.of("drying.dry", share, words.plain(100 * Drying.CONSTANT_MASS));
    }
    OptionalDouble hoursLeft =
        left.field().getText().isBlank()
            ? OptionalDouble.empty()
            : value(left).map(drying::hoursLeft).orElse(OptionalDouble.empty());
    String wet = words.of("drying.wet", share, words.plain(100 * Drying.CONSTANT_MASS));
    return hoursLeft.isPresent()
        ? words.of("drying.time", wet, words.time(60 * hoursLeft.getAsDouble()))
        : wet;
  }
}
