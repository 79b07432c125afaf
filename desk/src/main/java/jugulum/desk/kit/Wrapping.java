package jugulum.desk.kit;

import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;

/**
 * Things in a row that go on in the next line. None is wider than a line: one that would be wraps
 * its own text.
 */
public final class Wrapping extends FlowPane {
  /** An empty row with gaps between things and lines, in pixels. */
  public Wrapping(double hgap, double vgap, Node... things) {
    super(hgap, vgap, things);
  }

  private void cap(double width) {
    double line = width - snappedLeftInset() - snappedRightInset();
    for (Node node : getManagedChildren()) {
      if (line > 0 && node instanceof Region region && region.getMaxWidth() != line) {
        region.setMaxWidth(line);
      }
    }
  }

  @Override
  protected double computeMinWidth(double height) {
    return snappedLeftInset() + snappedRightInset();
  }

  @Override
  protected double computePrefWidth(double height) {
    double things =
        getManagedChildren().stream().mapToDouble(node -> snapSizeX(node.prefWidth(-1))).sum();
    double gaps = getHgap() * Math.max(0, getManagedChildren().size() - 1);
    return snapSizeX(snappedLeftInset() + things + gaps + snappedRightInset());
  }

  @Override
  protected double computePrefHeight(double width) {
    cap(width);
    return super.computePrefHeight(width);
  }

  @Override
  protected void layoutChildren() {
    cap(getWidth());
    super.layoutChildren();
  }
}
