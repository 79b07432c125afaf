package jugulum.desk.guide;

import java.util.function.IntConsumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** A strip that leads through the views in ten steps, and can be left at any. */
public final class TourBar extends HBox {
  /** How many steps it has. */
  public static final int STEPS = 10;

  private final Words words;
  private final IntConsumer show;
  private final Runnable leave;
  private final Label at = Parts.styled(new Label(), "strong");
  private final Label text = Parts.sentence("");
  private int step = 1;

  /**
   * Makes the strip.
   *
   * @param show shows what a step tells of, from 1
   * @param leave takes the strip away
   */
  public TourBar(Words words, IntConsumer show, Runnable leave) {
    this.words = words;
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
    at.setText(words.of("tour.at", Integer.toString(step), Integer.toString(STEPS)));
    text.setText(words.of("tour." + step));
    show.accept(step);
  }

  private void next() {
    if (step == STEPS) {
      leave.run();
    } else {
      step++;
      tell();
    }
  }

  private void before() {
    step = Math.max(1, step - 1);
    tell();
  }

  /** Does what a key asks for; gives whether it asked for anything. */
  public boolean press(KeyCode key) {
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
