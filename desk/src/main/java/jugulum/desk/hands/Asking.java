package jugulum.desk.hands;

import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.BenchMode;

/** What every bench mode is: the window one text field, keys as signs, a foot switch, the scale. */
abstract class Asking extends BorderPane implements BenchMode {
  private final Workbench workbench;
  private final Pedal pedal;

  /** Makes an empty view. */
  Asking(Workbench workbench, String id) {
    this.workbench = workbench;
    this.pedal = new Pedal(workbench.preferences());
    setId(id);
    getStyleClass().add("hands");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.TEXT_FIELD);
    BigType.grow(this);
    workbench.watching().atTheEnd(this::end);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    addEventFilter(KeyEvent.KEY_TYPED, this::typed);
  }

  /** The button that learns the foot switch. */
  final Node pedalButton() {
    return pedal.button(workbench.words());
  }

  /** Large buttons beneath the figure. */
  static Wrapping buttons(Button... all) {
    Wrapping buttons = new Wrapping(14, 14, all);
    for (Button one : all) {
      one.getStyleClass().add("hands-button");
      one.setFocusTraversable(false);
    }
    return buttons;
  }

  /** What was taken last, and the keys one seldom needs. */
  static VBox foot(Label took, Node... seldom) {
    Wrapping keys = new Wrapping(14, 6, seldom);
    keys.getChildren().forEach(one -> one.setFocusTraversable(false));
    VBox foot = new VBox(8, took, keys);
    foot.getStyleClass().add("hands-bottom");
    return foot;
  }

  @Override
  public final Node node() {
    return this;
  }

  /** Begins with the first question. */
  abstract void ask();

  /** Takes what was typed, weighed or waits. */
  abstract void take();

  /** Does what a key stands for that is no sign; gives whether it stands for anything. */
  abstract boolean act(KeyCode key);

  /** A sign was typed. */
  abstract void sign(String sign);

  @Override
  public final void begin() {
    workbench.scale().look(this);
    ask();
    requestFocus();
  }

  @Override
  public final void end() {
    workbench.scale().lookAway(this);
  }

  @Override
  public final void focusFirst() {
    requestFocus();
  }

  /** Whether it is in sight. */
  final boolean isShown() {
    return getScene() != null;
  }

  private void pressed(KeyEvent key) {
    if (pedal.learns(key) || does(key)) {
      key.consume();
    }
  }

  private boolean does(KeyEvent key) {
    if (pedal.isPressed(key)) {
      take();
      return true;
    }
    if (key.isShortcutDown() || key.isAltDown()) {
      return false;
    }
    if (key.getCode() == KeyCode.F2) {
      pedal.learn();
      return true;
    }
    return act(key.getCode()) || key.getCode() == KeyCode.SPACE;
  }

  private void typed(KeyEvent key) {
    if (isSign(key)) {
      sign(key.getCharacter());
      key.consume();
    }
  }

  /** Whether a key writes a sign: every keyboard and the number pad write the same. */
  private static boolean isSign(KeyEvent key) {
    String sign = key.getCharacter();
    return !key.isShortcutDown()
        && !key.isAltDown()
        && !sign.isEmpty()
        && sign.charAt(0) >= ' '
        && sign.charAt(0) != '\u007f';
  }
}
