package jugulum.desk.bench;

import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import jugulum.desk.measure.RecordBox;

/**
 * Whoever weighs does not look where the focus is: the first digit goes to the field that records,
 * and what follows with it. Where nothing is asked the whole number is let fall, so that none of
 * its letters presses a button and its Enter starts nothing.
 */
final class BlindTyping {
  private final Parent panels;
  private final Runnable onNothingAsked;
  private final Parent foot;
  private boolean falling;

  /**
   * Listens for nobody yet.
   *
   * @param foot where what is asked for now stands: it comes first
   * @param panels where a field that records stands, if any does
   * @param onNothingAsked told when a number is let fall
   */
  BlindTyping(Parent foot, Parent panels, Runnable onNothingAsked) {
    this.foot = foot;
    this.panels = panels;
    this.onNothingAsked = onNothingAsked;
  }

  /** Before anything else sees a character that was typed, on whatever key it is. */
  void typed(KeyEvent key) {
    if (falls(key)) {
      key.consume();
    } else if (isDigit(key) && !isForAnother(key)) {
      Stream.concat(fields(foot, false), fields(panels, false))
          .findFirst()
          .ifPresentOrElse(field -> begin(field, key), this::fall);
      key.consume();
    }
  }

  /** Before anything else sees a key that was pressed. */
  void pressed(KeyEvent key) {
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

  private static void begin(TextField field, KeyEvent key) {
    field.requestFocus();
    field.setText(key.getCharacter());
    field.end();
  }

  private void fall() {
    falling = true;
    onNothingAsked.run();
  }

  private static Stream<TextField> fields(Node node, boolean records) {
    if (!node.isVisible() || node.isDisabled() || node.getStyleClass().contains(RecordBox.ASIDE)) {
      return Stream.empty();
    }
    boolean inside = records || node.getStyleClass().contains("record-box");
    return switch (node) {
      case TextField field when inside -> Stream.of(field);
      case Parent parent ->
          parent.getChildrenUnmodifiable().stream().flatMap(child -> fields(child, inside));
      default -> Stream.empty();
    };
  }
}
