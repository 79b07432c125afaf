package jugulum.desk.screens;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import jugulum.core.account.Worked;
import jugulum.core.handling.Lifts;
import jugulum.core.handling.WetScreening;
import jugulum.core.ledger.LotId;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.WaterChart;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Water, time and bucket lifts that screening a lot wet takes. */
public final class WaterPanel extends Panel {
  /** A bucket's worth, where nobody weighed the lot. */
  private static final double USUAL_KG = 30;

  @Prologue private final Words words;
  private final LotId lot;
  private final EntryField<Double> sand =
      EntryField.number(words, "handling-sand", "handling.sand", "", 0.001, 10_000);
  private final EntryField<Double> perKg =
      EntryField.number(
          words,
          "handling-per-kg",
          "handling.per-kg",
          words.plain(WetScreening.USUAL_LITRES_PER_KG),
          0.1,
          1000);
  private final EntryField<Double> flow =
      EntryField.number(words, "handling-flow", "handling.flow", "17", 0.01, 10_000);
  private final Label waterAnswer = answer("water-answer");
  private final DrawingView waterPicture = new DrawingView("water-picture");
  private final EntryField<Double> moisture =
      EntryField.percent(words, "handling-moisture", "handling.moisture", "8", 99);
  private final EntryField<Double> bucket =
      EntryField.number(words, "handling-bucket", "handling.bucket", "0.7", 0, 50);
  private final EntryField<Double> limit =
      EntryField.number(
          words, "handling-limit", "handling.limit", words.plain(Lifts.USUAL_LIMIT_KG), 0.1, 100);
  private final Label liftAnswer = answer("lift-answer");
  private final DrawingView liftPicture = new DrawingView("lift-picture");

  /** Water and lifts of a lot. */
  public WaterPanel(LotId lot, Desk desk) {
    this.words = desk.words();
    super();
    this.lot = lot;
    sand.put(words.plain(USUAL_KG), USUAL_KG);
    Stream.of(sand, perKg, flow, moisture, bucket, limit)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> tell()));
    getChildren()
        .addAll(
            Parts.styled(new Label(words.of("handling.water")), "panel-title"),
            waterAnswer,
            waterPicture,
            new FieldRow(List.of(sand, perKg, flow)),
            Parts.styled(new Label(words.of("handling.lifts")), "panel-title"),
            liftAnswer,
            liftPicture,
            new FieldRow(List.of(moisture, bucket, limit)),
            Parts.advice("caution", "", words.of("caution.lift")),
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
    tell();
  }

  private static Label answer(String id) {
    Label label = Parts.sentence("", "answer");
    label.setId(id);
    return label;
  }

  /** Starts from the sand of the lot; what was typed stays. */
  @Override
  public void show(Worked worked, Figures figures) {
    double grams = worked.sand().mass(lot).grams();
    if (grams > 0) {
      sand.offer(words.rounded(grams / 1000, 3), grams / 1000);
    }
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.network().lot(lot).isPresent();
  }

  @Override
  public void focusFirst() {
    sand.field().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(getClass(), lot);
  }

  private void tell() {
    Optional<Double> kilograms = sand.checked();
    Optional<WetScreening> needed =
        kilograms.flatMap(
            kg ->
                perKg
                    .checked()
                    .flatMap(
                        litres -> flow.checked().map(rate -> WetScreening.of(kg, litres, rate))));
    waterAnswer.setText(
        needed
            .map(
                one ->
                    words.of(
                        "handling.water.answer",
                        words.fixed(one.litres(), 0),
                        words.time(one.minutes())))
            .orElse(""));
    Parts.shown(waterPicture, needed.isPresent());
    needed.ifPresent(
        one ->
            waterPicture.show(
                width -> WaterChart.of(words, kilograms.orElseThrow(), one.litres(), width),
                waterAnswer.getText()));
    Optional<Integer> lifts =
        kilograms.flatMap(
            kg ->
                moisture
                    .checked()
                    .flatMap(
                        wet ->
                            bucket
                                .checked()
                                .flatMap(
                                    empty ->
                                        limit
                                            .checked()
                                            .flatMap(most -> lifts(kg, wet, empty, most)))));
    liftAnswer.setText(
        lifts
            .map(
                count ->
                    words.counted(
                        "handling.lifts.answer",
                        count,
                        words.fixed(
                            kilograms.orElseThrow() / (1 - moisture.checked().orElseThrow()), 1)))
            .orElse(""));
    Parts.shown(liftPicture, lifts.isPresent());
    lifts.ifPresent(
        count -> liftPicture.show(width -> WaterChart.buckets(count, width), liftAnswer.getText()));
  }

  private Optional<Integer> lifts(double kilograms, double wet, double empty, double most) {
    if (!(empty < most)) {
      bucket.say(words.of("handling.bucket.bad"));
      return Optional.empty();
    }
    return Optional.of(Lifts.count(kilograms, wet, empty, most));
  }
}
