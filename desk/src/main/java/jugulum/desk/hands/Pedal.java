package jugulum.desk.hands;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import jugulum.desk.kit.Buttons;
import jugulum.desk.preference.Preferences;
import jugulum.desk.words.Words;

/** A foot switch is a keyboard with one key: whichever it sends can be set to take. */
final class Pedal {
  private final Preferences preferences;
  private Optional<Button> button = Optional.empty();
  private Optional<Words> words = Optional.empty();
  private boolean isLearning;

  Pedal(Preferences preferences) {
    this.preferences = preferences;
  }

  Button button(Words said) {
    Button made = Buttons.quiet("hands-pedal", "", "F2", this::learn);
    words = Optional.of(said);
    button = Optional.of(made);
    label();
    return made;
  }

  /** The next key pressed is the foot switch. */
  void learn() {
    isLearning = true;
    label();
  }

  /** Whether a key was waited for, and is the foot switch from now on; Esc leaves it as it was. */
  boolean learns(KeyEvent key) {
    if (!isLearning) {
      return false;
    }
    isLearning = false;
    if (key.getCode() != KeyCode.ESCAPE) {
      preferences.pedal(key.getCode().name());
    }
    label();
    return true;
  }

  boolean isPressed(KeyEvent key) {
    return preferences.pedal().filter(name -> name.equals(key.getCode().name())).isPresent();
  }

  private void label() {
    words.ifPresent(
        said ->
            button.ifPresent(
                one ->
                    one.setText(
                        isLearning
                            ? said.of("hands.pedal.press")
                            : preferences
                                .pedal()
                                .map(
                                    name ->
                                        said.of("hands.pedal.is", KeyCode.valueOf(name).getName()))
                                .orElseGet(() -> said.of("hands.pedal")))));
  }
}
