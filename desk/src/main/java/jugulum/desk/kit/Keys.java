package jugulum.desk.kit;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;

/**
 * Presses the button whose key is shown on it. A plain letter works while no field takes typing;
 * with Alt it works everywhere.
 */
public final class Keys {
  /** Where a button keeps its key. */
  static final String KEY = "jugulum.key";

  private Keys() {}

  /** Presses the visible button below a node whose key was pressed; gives whether there was one. */
  public static boolean press(Parent root, KeyEvent key) {
    boolean typing = key.getTarget() instanceof TextInputControl;
    if (key.isShortcutDown() || typing && !key.isAltDown() || !key.getCode().isLetterKey()) {
      return false;
    }
    Optional<Button> button =
        buttons(root)
            .filter(one -> key.getCode().getName().equals(one.getProperties().get(KEY)))
            .findFirst();
    button.ifPresent(Button::fire);
    return button.isPresent();
  }

  private static Stream<Button> buttons(Node node) {
    if (!node.isVisible() || node.isDisabled()) {
      return Stream.empty();
    }
    if (node instanceof Button button) {
      return Stream.of(button);
    }
    return node instanceof Parent parent
        ? parent.getChildrenUnmodifiable().stream().flatMap(Keys::buttons)
        : Stream.empty();
  }
}
