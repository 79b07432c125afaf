package jugulum.desk.lot;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import jugulum.core.account.Worked;
import jugulum.core.handling.Drying;
import jugulum.core.ledger.LotId;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.DryingChart;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Whether sand is dry, by two weighings. */
public final class DryingPanel extends Panel {
  @Prologue private final Words words;
  private final LotId lot;
  private final EntryField<Double> earlier =
      EntryField.number(words, "drying-earlier", "drying.earlier", "", 0.001, 1e7);
  private final EntryField<Double> later =
      EntryField.number(words, "drying-later", "drying.later", "", 0.001, 1e7);
  private final EntryField<Double> hours =
      EntryField.number(words, "drying-hours", "drying.hours", "", 0.05, 240);
  private final EntryField<Double> left =
      EntryField.percent(words, "drying-left", "drying.left", "", 99);
  private final Label dryAnswer = Parts.sentence("", "answer");
  private final DrawingView picture = new DrawingView("dry-picture");

  /** Asks for two weighings of a lot. */
  public DryingPanel(LotId lot, Desk desk) {
    this.words = desk.words();
    super();
    this.lot = lot;
    dryAnswer.setId("dry-answer");
    hours.fill(words.plain(1));
    Stream.of(earlier, later, hours, left)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> tellDry()));
    Parts.shown(picture, false);
    getChildren()
        .addAll(
            Parts.styled(new Label(words.of("drying.title")), "panel-title"),
            dryAnswer,
            picture,
            new FieldRow(List.of(earlier, later)),
            new FieldRow(List.of(hours, left)),
            Parts.sentence(words.of("drying.about"), "muted"),
            Parts.advice("caution", words.of("caution.heat.title"), words.of("caution.heat")),
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  @Override
  public void show(Worked worked, Figures figures) {}

  @Override
  public boolean fits(Worked worked) {
    return worked.network().lot(lot).isPresent();
  }

  @Override
  public void focusFirst() {
    earlier.field().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(getClass(), lot);
  }

  private void tellDry() {
    boolean started =
        Stream.of(earlier, later).noneMatch(field -> field.field().getText().isBlank());
    Optional<Drying> drying =
        started
            ? earlier
                .checked()
                .flatMap(
                    before ->
                        later
                            .checked()
                            .flatMap(
                                after ->
                                    hours.checked().flatMap(time -> drying(before, after, time))))
            : Optional.empty();
    dryAnswer.setText(drying.map(this::dry).orElse(""));
    Parts.shown(picture, drying.isPresent());
    drying.ifPresent(
        one ->
            picture.show(
                width -> DryingChart.of(words, one, hoursLeft(one), width), dryAnswer.getText()));
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
    OptionalDouble hoursLeft = hoursLeft(drying);
    String wet = words.of("drying.wet", share, words.plain(100 * Drying.CONSTANT_MASS));
    return hoursLeft.isPresent()
        ? words.of("drying.time", wet, words.time(60 * hoursLeft.getAsDouble()))
        : wet;
  }

  private OptionalDouble hoursLeft(Drying drying) {
    return left.field().getText().isBlank()
        ? OptionalDouble.empty()
        : left.checked().map(drying::hoursLeft).orElse(OptionalDouble.empty());
  }
}
