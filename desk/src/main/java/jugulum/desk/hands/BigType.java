package jugulum.desk.hands;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;

/**
 * Type that can be read from across the shed: as large as the window's height asks for, and smaller
 * where what is asked would not have the room. It follows the room the view is given, never its own
 * height, which follows the type.
 */
final class BigType {
  /** The height its sizes are told for, in pixels; on a larger screen all of it grows. */
  private static final double HEIGHT = 800;

  private static final double TYPE = 16;
  private static final double SMALLEST_TYPE = 15;

  /** How much smaller it is tried next where it has not the room. */
  private static final double STEP = 0.96;

  private final BorderPane view;
  private double width;
  private double height;
  private double type;

  private BigType(BorderPane view) {
    this.view = view;
  }

  /** Lets the type of a view follow the room it is given, from the next frame it is seen in. */
  static void grow(BorderPane view) {
    BigType type = new BigType(view);
    Runnable fit = type::fit;
    view.sceneProperty()
        .addListener(
            (_, before, now) -> {
              stop(before, fit);
              if (now != null) {
                now.addPreLayoutPulseListener(fit);
              }
            });
  }

  private static void stop(@Nullable Scene scene, Runnable fit) {
    if (scene != null) {
      scene.removePreLayoutPulseListener(fit);
    }
  }

  /** Before a frame is laid out: the room may be another, or what stands in it. */
  private void fit() {
    Parent parent = view.getParent();
    if (!(parent instanceof Region room) || room.getHeight() <= 0) {
      return;
    }
    boolean isAsLarge = room.getWidth() == width && room.getHeight() == height;
    if (isAsLarge && !view.isNeedsLayout()) {
      return;
    }
    width = room.getWidth();
    height = room.getHeight();
    double most = Math.max(SMALLEST_TYPE, TYPE * height / HEIGHT);
    for (double next = most; ; next = Math.max(SMALLEST_TYPE, next * STEP)) {
      write(next);
      if (next == SMALLEST_TYPE || needed() <= height) {
        return;
      }
    }
  }

  private void write(double next) {
    if (next != type) {
      type = next;
      view.setStyle("-fx-font-size: " + next + "px;");
      view.applyCss();
    }
  }

  private double needed() {
    double right = view.getRight() == null ? 0 : view.getRight().prefWidth(-1);
    double middle =
        Math.max(needed(view.getCenter(), width - right), needed(view.getRight(), right));
    return needed(view.getTop(), width) + middle + needed(view.getBottom(), width);
  }

  private static double needed(@Nullable Node part, double wide) {
    return part == null || !part.isManaged() ? 0 : part.prefHeight(wide);
  }
}
