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

  Foot(Region host) {
    this.host = host;
    setId("panel-dock");
    getStyleClass().add("panel-dock");
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFocusTraversable(false);
    setVisible(false);
    setManaged(false);
  }

  void hold(Optional<VBox> dock) {
    if (!Optional.ofNullable(getContent()).equals(dock)) {
      setContent(dock.orElse(null));
    }
    boolean isThere =
        dock.filter(box -> box.getChildren().stream().anyMatch(child -> child.isVisible()))
            .isPresent();
    setVisible(isThere);
    setManaged(isThere);
  }

  @Override
  protected double computePrefHeight(double width) {
    double inside =
        getContent() == null
            ? 0
            : getContent().prefHeight(width - insets(width)) + snappedTopInset();
    return Math.min(
        inside + snappedBottomInset(), host.getHeight() > 0 ? MOST * host.getHeight() : inside);
  }

  private double insets(double width) {
    return width < 0 ? 0 : snappedLeftInset() + snappedRightInset();
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }
}
