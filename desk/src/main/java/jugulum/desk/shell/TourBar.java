package jugulum.desk.shell;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.view.View;
import jugulum.desk.words.Words;

/** A strip that leads through the views step by step, and can be left at any. */
final class TourBar extends HBox {
  private final Words words;
  private final List<Tour> steps;
  private final Consumer<View> show;
  private final Runnable leave;
  private final Label at = Parts.styled(new Label(), "strong");
  private final Label text = Parts.sentence("");
  private int step;

  /**
   * Makes the strip.
   *
   * @param show shows the view a step tells of
   * @param leave takes the strip away
   */
  TourBar(Words words, Consumer<View> show, Runnable leave) {
    this.words = words;
    this.steps = Tour.steps(words);
    this.show = show;
    this.leave = leave;
    setId("tour");
    getStyleClass().add("tour");
    text.setId("tour-text");
    text.setMinWidth(0);
    HBox.setHgrow(text, Priority.ALWAYS);
    text.setMaxWidth(Double.MAX_VALUE);
    at.setMinWidth(USE_PREF_SIZE);
    getChildren()
        .addAll(
            at,
            text,
            Buttons.quiet("tour-before", words.of("tour.before"), "F7", this::before),
            Buttons.plain("tour-next", words.of("tour.next"), "F8", this::next),
            Buttons.quiet("tour-leave", words.of("tour.leave"), "F9", leave));
    tell();
  }

  private void tell() {
    at.setText(words.of("tour.at", Integer.toString(step + 1), Integer.toString(steps.size())));
    text.setText(steps.get(step).text());
    show.accept(steps.get(step).view());
  }

  private void next() {
    if (step == steps.size() - 1) {
      leave.run();
    } else {
      step++;
      tell();
    }
  }

  private void before() {
    step = Math.max(0, step - 1);
    tell();
  }

  /** Does what a key asks for; gives whether it asked for anything. */
  boolean press(KeyCode key) {
    switch (key) {
      case F7 -> before();
      case F8 -> next();
      case F9 -> leave.run();
      default -> {
        return false;
      }
    }
    return true;
  }
}
