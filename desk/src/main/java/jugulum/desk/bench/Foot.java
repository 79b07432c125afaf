package jugulum.desk.bench;

import java.util.Optional;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * The foot of the panels: what is to be typed or weighed now, as high as it needs, up to two thirds
 * of the panel; gone while there is nothing.
 */
final class Foot extends ScrollPane {
  private static final double MOST = 0.66;

  private final Region host;
  private final FootScale scale;
  private final VBox inside = new VBox();
  private Optional<VBox> held = Optional.empty();

  Foot(Region host, FootScale scale) {
    this.host = host;
    this.scale = scale;
    setContent(inside);
    setId("panel-dock");
    getStyleClass().add("panel-dock");
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFocusTraversable(false);
    setVisible(false);
    setManaged(false);
  }

  void hold(Optional<VBox> dock) {
    if (!held.equals(dock)) {
      held = dock;
      inside.getChildren().setAll(scale);
      dock.ifPresent(inside.getChildren()::add);
    }
    scale.over(dock);
    boolean isThere =
        dock.filter(box -> box.getChildren().stream().anyMatch(child -> child.isVisible()))
            .isPresent();
    setVisible(isThere);
    setManaged(isThere);
  }

  @Override
  protected double computePrefHeight(double width) {
    double high =
        inside.prefHeight(width - insets(width)) + snappedTopInset() + snappedBottomInset();
    return Math.min(high, host.getHeight() > 0 ? MOST * host.getHeight() : high);
  }

  private double insets(double width) {
    return width < 0 ? 0 : snappedLeftInset() + snappedRightInset();
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }
}
