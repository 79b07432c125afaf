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
import jugulum.desk.panel.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Bench arithmetic around screening: water and time, bucket lifts, and whether the sand is dry. */
final class HandlingPane extends BorderPane {
  private Optional<LotKey> lot = Optional.empty();
  private final EntryField<Double> sand =
      number("handling-sand", "handling.sand", "30", 0.001, 10_000);
  private final EntryField<Double> perKg =
      number(
          "handling-per-kg",
          "handling.per-kg",
          Figures.plain(WetScreening.USUAL_LITRES_PER_KG),
          0.1,
          1000);
  private final EntryField<Double> flow =
      number("handling-flow", "handling.flow", "17", 0.01, 10_000);
  private final Label waterAnswer = answer("water-answer");
  private final EntryField<Double> moisture =
      percent("handling-moisture", "handling.moisture", "8");
  private final EntryField<Double> bucket =
      number("handling-bucket", "handling.bucket", "0.7", 0, 50);
  private final EntryField<Double> limit =
      number("handling-limit", "handling.limit", Figures.plain(Lifts.USUAL_LIMIT_KG), 0.1, 100);
  private final Label liftAnswer = answer("lift-answer");
  private final EntryField<Double> earlier =
      number("drying-earlier", "drying.earlier", "", 0.001, 1e7);
  private final EntryField<Double> later = number("drying-later", "drying.later", "", 0.001, 1e7);
  private final EntryField<Double> hours = number("drying-hours", "drying.hours", "1", 0.05, 240);
  private final EntryField<Double> left = percent("drying-left", "drying.left", "");
  private final Label dryAnswer = answer("dry-answer");

  HandlingPane() {
    VBox first =
        card(
            "handling.water",
            "handling.water.about",
            new FieldRow(List.of(sand, perKg, flow)),
            waterAnswer);
    VBox second =
        card(
            "handling.lifts",
            "handling.lifts.about",
            new FieldRow(List.of(moisture, bucket, limit)),
            liftAnswer);
    second.getChildren().add(Parts.advice("caution", "", Words.of("caution.lift")));
    VBox third =
        card(
            "drying.title",
            "drying.about",
            new VBox(8, new FieldRow(List.of(earlier, later)), new FieldRow(List.of(hours, left))),
            dryAnswer);
    third
        .getChildren()
        .add(Parts.advice("caution", Words.of("caution.heat.title"), Words.of("caution.heat")));
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

  private static VBox card(String title, String about, Node fields, Label answer) {
    return new VBox(
        10,
        Parts.styled(new Label(Words.of(title)), "panel-title"),
        Parts.sentence(Words.of(about), "muted"),
        fields,
        answer);
  }

  private static EntryField<Double> number(
      String id, String key, String start, double low, double high) {
    return filled(
        new EntryField<>(id, Words.of(key), start, typed -> Parsers.number(typed, low, high)),
        start);
  }

  private static EntryField<Double> percent(String id, String key, String start) {
    return filled(
        new EntryField<>(id, Words.of(key), start, typed -> Parsers.percent(typed, 0, 99)), start);
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
        sand.put(Figures.rounded(grams / 1000, 3), grams / 1000);
      }
    } else if (grams > 0) {
      sand.offer(Figures.rounded(grams / 1000, 3), grams / 1000);
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
                    Words.of(
                        "handling.water.answer",
                        Figures.fixed(needed.litres(), 0),
                        Figures.time(needed.minutes())))
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
      bucket.say(Words.of("handling.bucket.bad"));
      return Optional.empty();
    }
    int count = Lifts.count(kilograms, wet, empty, most);
    return Optional.of(
        Words.counted("handling.lifts.answer", count, Figures.fixed(kilograms / (1 - wet), 1)));
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
      later.say(Words.of("drying.gained"));
      return Optional.empty();
    }
    return Optional.of(new Drying(before, after, time));
  }

  private String dry(Drying drying) {
    String share = Figures.fixed(100 * drying.sharePerHour(), 2);
    if (drying.isDry()) {
      return Words.of("drying.dry", share, Figures.plain(100 * Drying.CONSTANT_MASS));
    }
    OptionalDouble hoursLeft =
        left.field().getText().isBlank()
            ? OptionalDouble.empty()
            : value(left).map(drying::hoursLeft).orElse(OptionalDouble.empty());
    String wet = Words.of("drying.wet", share, Figures.plain(100 * Drying.CONSTANT_MASS));
    return hoursLeft.isPresent()
        ? Words.of("drying.time", wet, Figures.time(60 * hoursLeft.getAsDouble()))
        : wet;
  }
}
