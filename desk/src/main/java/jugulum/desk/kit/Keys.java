package jugulum.desk.kit;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Presses the button whose key is shown on it. A plain letter works while no field takes typing;
 * with Alt it works everywhere.
 */
public final class Keys {
  /** Where a button keeps its key. */
  static final String KEY = "jugulum.key";

  /** The style class of what is folded away: the keys of its buttons act all the same. */
  static final String FOLDED = "folded";

  private Keys() {}

  /** Presses the visible button below a node whose key was pressed; gives whether there was one. */
  public static boolean press(Parent root, KeyEvent key) {
    boolean typing = key.getTarget() instanceof TextInputControl;
    if (key.isShortcutDown() || typing && !key.isAltDown() || !key.getCode().isLetterKey()) {
      return false;
    }
    return press(root, key.getCode());
  }

  /**
   * Presses the visible button below a node on which that key is shown, whatever takes typing;
   * gives whether there was one.
   */
  public static boolean press(Parent root, KeyCode key) {
    Optional<Button> button =
        buttons(root).filter(one -> key.getName().equals(one.getProperties().get(KEY))).findFirst();
    button.ifPresent(Button::fire);
    return button.isPresent();
  }

  /** The keys of the buttons in sight below a node, with what each says. */
  public static Map<String, String> shown(Node root) {
    Map<String, String> keys = new LinkedHashMap<>();
    buttons(root)
        .filter(button -> button.getProperties().containsKey(KEY))
        .forEach(
            button ->
                keys.putIfAbsent(
                    String.valueOf(button.getProperties().get(KEY)), button.getText()));
    return keys;
  }

  private static Stream<Button> buttons(Node node) {
    boolean isFolded = node.getStyleClass().contains(FOLDED);
    if (!node.isVisible() && !isFolded || node.isDisabled()) {
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
