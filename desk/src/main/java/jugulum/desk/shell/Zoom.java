package jugulum.desk.shell;

import javafx.beans.value.ObservableIntegerValue;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/**
 * Shows a thing larger or smaller than usual; larger only as far as the window has room for all of
 * it, and smaller where the window is too small for it.
 */
final class Zoom extends Pane {
  /** With less room than that something would be cut off, in pixels. */
  private static final double LEAST_WIDTH = 1200;

  private static final double LEAST_HEIGHT = 700;
  private static final double PERCENT = 100;

  private final ObservableIntegerValue percent;
  private final Scale scale = new Scale(1, 1);
  private Region content;

  Zoom(Region content, ObservableIntegerValue percent) {
    super(content);
    this.content = content;
    this.percent = percent;
    content.getTransforms().add(scale);
    percent.addListener((_, _, _) -> requestLayout());
  }

  void show(Region other) {
    content.getTransforms().remove(scale);
    content = other;
    content.getTransforms().add(scale);
    getChildren().setAll(content);
  }

  @Override
  protected void layoutChildren() {
    double most = Math.min(getWidth() / LEAST_WIDTH, getHeight() / LEAST_HEIGHT);
    double wanted = percent.get() / PERCENT;
    double factor = most > 0 ? Math.min(wanted, most) : wanted;
    scale.setX(factor);
    scale.setY(factor);
    content.resizeRelocate(0, 0, getWidth() / factor, getHeight() / factor);
  }
}
