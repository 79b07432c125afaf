package jugulum.desk.practice;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** What one turns in a run: each with its two keys and where it stands. */
abstract class Knobs extends VBox {
  /** A value longer than that goes on in the next line. */
  private static final double VALUE = 90;

  @Prologue protected final Words words;
  private final Map<KeyCode, Runnable> keys = new EnumMap<>(KeyCode.class);
  private final List<Runnable> values = new ArrayList<>();

  Knobs(Words words) {
    this.words = words;
    super(6);
    setId("knobs");
  }

  /** Something that is turned down and up by two keys. */
  protected final void turned(
      String id, KeyCode less, KeyCode more, Runnable down, Runnable up, Supplier<String> value) {
    Label stands = value("knob-" + id);
    Label name = Parts.sentence(words.of("practice.knob." + id), "line-name");
    name.setMinWidth(VALUE);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox line =
        new HBox(
            8,
            name,
            button(id + "-less", "practice.less", less, id, down),
            button(id + "-more", "practice.more", more, id, up),
            gap,
            stands);
    line.getStyleClass().add("line");
    values.add(() -> told(stands, value.get()));
    getChildren().add(line);
  }

  private static Label value(String id) {
    Label value = Parts.sentence("", "line-value");
    value.setId(id);
    value.setMinWidth(VALUE);
    value.setAlignment(Pos.CENTER_RIGHT);
    value.setTextAlignment(TextAlignment.RIGHT);
    return value;
  }

  private static void told(Label label, String text) {
    if (!label.getText().equals(text)) {
      label.setText(text);
    }
  }

  private Button button(String id, String text, KeyCode key, String what, Runnable action) {
    Button button = Buttons.quiet("knob-" + id, words.of(text), keyName(key), action);
    button.setAccessibleText(words.of(text + ".of", words.of("practice.knob." + what)));
    button.setFocusTraversable(false);
    keys.put(key, action);
    return button;
  }

  /** Something that is done by one key. */
  protected final void done(String id, KeyCode key, Runnable action, Supplier<String> value) {
    Label stands = value("knob-" + id);
    Button button =
        Buttons.plain("knob-do-" + id, words.of("practice.do." + id), keyName(key), action);
    button.setMinWidth(Region.USE_PREF_SIZE);
    button.setFocusTraversable(false);
    keys.put(key, action);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox line = new HBox(8, button, gap, stands);
    line.getStyleClass().add("line");
    values.add(() -> told(stands, value.get()));
    getChildren().add(line);
  }

  private String keyName(KeyCode key) {
    return switch (key) {
      case UP -> "↑";
      case DOWN -> "↓";
      case LEFT -> "←";
      case RIGHT -> "→";
      case SPACE -> words.of("practice.space");
      default -> key.getName();
    };
  }

  /** Shows where everything stands. */
  void show() {
    values.forEach(Runnable::run);
  }

  /** Does what a key stands for; gives whether it stands for anything. */
  boolean press(KeyEvent key) {
    Runnable action = key.isShortcutDown() ? null : keys.get(key.getCode());
    if (action == null) {
      return false;
    }
    action.run();
    show();
    return true;
  }
}
