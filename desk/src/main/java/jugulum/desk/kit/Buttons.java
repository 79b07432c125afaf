package jugulum.desk.kit;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** Buttons that show the key that presses them. */
public final class Buttons {
  /** Where even that is missing the text is cut off, in pixels. */
  private static final double NARROWEST = 44;

  /** A longer text may break, in pixels. */
  private static final double NEVER_BROKEN = 140;

  private Buttons() {}

  /** The one thing to do next. */
  public static Button primary(String id, String text, String key, Runnable action) {
    return styled(id, text, key, action, "primary");
  }

  /** Another thing one can do. */
  public static Button plain(String id, String text, String key, Runnable action) {
    return styled(id, text, key, action, "plain");
  }

  /** A thing one seldom does. */
  public static Button quiet(String id, String text, String key, Runnable action) {
    return styled(id, text, key, action, "quiet");
  }

  /** One of several things to fill in. */
  public static Button chip(String id, String text, Runnable action) {
    return styled(id, text, "", action, "chip");
  }

  private static Button styled(String id, String text, String key, Runnable action, String style) {
    Button button = new Button(text);
    button.setId(id);
    button.getStyleClass().add(style);
    button.setMnemonicParsing(false);
    Room.breakIfLong(button, NEVER_BROKEN, NARROWEST);
    // What it says may change with what one has chosen.
    button
        .textProperty()
        .addListener(
            (_, _, now) -> {
              Room.breakIfLong(button, NEVER_BROKEN, NARROWEST);
              button.setAccessibleText(now);
            });
    button.setMinHeight(Region.USE_PREF_SIZE);
    button.setAccessibleText(text);
    button.setOnAction(_ -> action.run());
    if (!key.isEmpty()) {
      button.setGraphic(hint(key));
      button.setContentDisplay(ContentDisplay.RIGHT);
      button.setGraphicTextGap(10);
      button.getProperties().put(Keys.KEY, key);
    }
    return button;
  }

  private static Node hint(String key) {
    Label label = new Label(key);
    label.getStyleClass().add("key-hint");
    return label;
  }
}
