package jugulum.desk.shell;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Whoever weighs does not look where the focus is: the first digit goes to the field that records,
 * and what follows with it. Where nothing is asked the whole number is let fall, so that none of
 * its letters presses a button and its Enter starts nothing.
 */
final class BlindTyping {
  private final Supplier<Optional<TextField>> asked;
  private final BooleanSupplier isChosenByDigits;
  private final Runnable onNothingAsked;
  private boolean falling;

  /** Whether a digit chose something just now: what goes on behind it is a number after all. */
  private boolean hasChosen;

  /**
   * Listens for nobody yet.
   *
   * @param asked the field that records what is asked for now, if anything is
   * @param isChosenByDigits whether a single digit chooses something where one is
   * @param onNothingAsked told when a number is let fall
   */
  BlindTyping(
      Supplier<Optional<TextField>> asked,
      BooleanSupplier isChosenByDigits,
      Runnable onNothingAsked) {
    this.asked = asked;
    this.isChosenByDigits = isChosenByDigits;
    this.onNothingAsked = onNothingAsked;
  }

  /** Before anything else sees a character that was typed, on whatever key it is. */
  void typed(KeyEvent key) {
    boolean goesOn = hasChosen && (isDigit(key) || isMark(key.getCharacter()));
    if (falls(key)) {
      key.consume();
    } else if (goesOn && !isForAnother(key)) {
      fall();
      key.consume();
    } else if (isDigit(key) && !isForAnother(key) && isChosenByDigits.getAsBoolean()) {
      hasChosen = true;
    } else if (isDigit(key) && !isForAnother(key)) {
      asked.get().ifPresentOrElse(field -> begin(field, key), this::fall);
      key.consume();
    }
  }

  /** Before anything else sees a key that was pressed. */
  void pressed(KeyEvent key) {
    boolean isOfANumber =
        key.getCode().isDigitKey()
            || key.getCode() == KeyCode.PERIOD
            || key.getCode() == KeyCode.COMMA;
    hasChosen = hasChosen && (isOfANumber || key.getCode() == KeyCode.UNDEFINED);
    if (falls(key)) {
      falling = key.getCode() != KeyCode.ENTER && key.getCode() != KeyCode.ESCAPE;
      key.consume();
    }
  }

  /** A number falls to its end, unless somebody goes into a field meanwhile. */
  private boolean falls(KeyEvent key) {
    falling = falling && !isForAnother(key);
    return falling;
  }

  private static boolean isForAnother(KeyEvent key) {
    return key.isShortcutDown() || key.isAltDown() || key.getTarget() instanceof TextInputControl;
  }

  private static boolean isDigit(KeyEvent key) {
    return !key.getCharacter().isEmpty() && Character.isDigit(key.getCharacter().charAt(0));
  }

  private static boolean isMark(String sign) {
    return sign.equals(".") || sign.equals(",");
  }

  private static void begin(TextField field, KeyEvent key) {
    field.requestFocus();
    field.setText(key.getCharacter());
    field.end();
  }

  private void fall() {
    falling = true;
    onNothingAsked.run();
  }
}
