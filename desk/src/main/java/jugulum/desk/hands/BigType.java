package jugulum.desk.hands;

import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;

/** Type that can be read from across the shed, and keys as the signs they write. */
final class BigType {
  /** The height its sizes are told for, in pixels; on a larger screen all of it grows. */
  private static final double HEIGHT = 800;

  private static final double TYPE = 16;
  private static final double SMALLEST_TYPE = 15;

  private BigType() {}

  /** Lets the type of a view follow the height of the window. */
  static void grow(Region view) {
    view.heightProperty()
        .addListener(
            (_, _, high) -> {
              double type = Math.max(SMALLEST_TYPE, TYPE * high.doubleValue() / HEIGHT);
              view.setStyle("-fx-font-size: " + type + "px;");
            });
  }

  /** Whether a key writes a sign: every keyboard and the number pad write the same. */
  static boolean isSign(KeyEvent key) {
    String sign = key.getCharacter();
    return !key.isShortcutDown()
        && !key.isAltDown()
        && !sign.isEmpty()
        && sign.charAt(0) >= ' '
        && sign.charAt(0) != '\u007f';
  }
}
