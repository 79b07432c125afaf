package jugulum.desk.measure;

import java.util.concurrent.CompletionStage;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.work.Outcome;

/**
 * A form with the button that records it. Enter in any field records; a refusal is told at the
 * field and what was typed stays.
 */
public final class RecordBox extends VBox {
  /** The style class of a box that takes no number typed blind. */
  public static final String ASIDE = "aside";

  private final MeasureForm form;
  private final Button button;
  private final Function<Measure, CompletionStage<Outcome>> record;
  private Runnable afterwards = () -> {};

  /**
   * Makes the box.
   *
   * @param id the button's id
   * @param text what the button says
   * @param form the fields
   * @param record sends the measure
   */
  public RecordBox(
      String id,
      String text,
      MeasureForm form,
      Function<Measure, CompletionStage<Outcome>> record) {
    this.form = form;
    getStyleClass().add("record-box");
    this.record = record;
    button = Buttons.primary(id, text, "Enter", this::record);
    form.fields().forEach(field -> field.field().setOnAction(_ -> button.fire()));
    FlowPane buttons = new Wrapping(10, 10, button);
    buttons.getStyleClass().add("buttons");
    getChildren().addAll(form, buttons);
  }

  /** Puts another button beside the one that records. */
  public RecordBox with(Button other) {
    ((FlowPane) button.getParent()).getChildren().add(other);
    return this;
  }

  /** A box for something else than what is on the scale: a number typed blind never goes here. */
  public RecordBox aside() {
    getStyleClass().add(ASIDE);
    return this;
  }

  /** Runs after something was recorded. */
  public RecordBox then(Runnable what) {
    afterwards = what;
    return this;
  }

  /** Changes what the button says. */
  public void label(String text) {
    button.setText(text);
  }

  /** The fields. */
  public MeasureForm form() {
    return form;
  }

  private void record() {
    form.read().ifPresent(measure -> send(record.apply(measure), afterwards));
  }

  /** Records as the button does, but runs something else afterwards. */
  public void recordThen(Runnable what) {
    form.read().ifPresent(measure -> send(record.apply(measure), what));
  }

  private void send(CompletionStage<Outcome> sent, Runnable after) {
    button.setDisable(true);
    sent.thenAccept(
        outcome -> {
          button.setDisable(false);
          switch (outcome) {
            case Outcome.Recorded _ -> {
              form.recorded();
              form.clear();
              form.fields().getFirst().field().requestFocus();
              after.run();
            }
            case Outcome.Not not -> form.refuse(not);
          }
        });
  }
}
