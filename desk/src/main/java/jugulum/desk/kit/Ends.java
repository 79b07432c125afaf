package jugulum.desk.kit;

import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * One thing at the left and one at the right end of a line; where the line is too short for both,
 * the second goes under the first.
 */
public final class Ends extends Pane {
  private static final double BETWEEN = 14;

  private final Node left;
  private final Node right;

  /** Puts two things at the ends of a line. */
  public Ends(Node left, Node right) {
    super(left, right);
    this.left = left;
    this.right = right;
  }

  private double room(double width) {
    return width - snappedLeftInset() - snappedRightInset();
  }

  private double asked(Node node, double room) {
    return Math.min(room, snapSizeX(node.prefWidth(-1)));
  }

  private double height(Node node, double room) {
    return snapSizeY(node.prefHeight(asked(node, room)));
  }

  private boolean fits(double room) {
    return snapSizeX(left.prefWidth(-1)) + BETWEEN + snapSizeX(right.prefWidth(-1)) <= room;
  }

  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }

  @Override
  protected double computeMinWidth(double height) {
    return 0;
  }

  @Override
  protected double computeMinHeight(double width) {
    return prefHeight(width);
  }

  @Override
  protected double computePrefWidth(double height) {
    return snappedLeftInset()
        + snapSizeX(left.prefWidth(-1))
        + BETWEEN
        + snapSizeX(right.prefWidth(-1))
        + snappedRightInset();
  }

  @Override
  protected double computePrefHeight(double width) {
    double room = width < 0 ? Double.MAX_VALUE : room(width);
    double one = height(left, room);
    double other = height(right, room);
    return snappedTopInset()
        + (fits(room) ? Math.max(one, other) : one + other)
        + snappedBottomInset();
  }

  @Override
  protected void layoutChildren() {
    double room = room(getWidth());
    double top = snappedTopInset();
    double high = getHeight() - top - snappedBottomInset();
    double leftHigh = height(left, room);
    double rightWide = asked(right, room);
    double rightHigh = height(right, room);
    if (fits(room)) {
      place(left, snappedLeftInset(), top + (high - leftHigh) / 2, asked(left, room), leftHigh);
      double x = snappedLeftInset() + room - rightWide;
      place(right, x, top + (high - rightHigh) / 2, rightWide, rightHigh);
    } else {
      place(left, snappedLeftInset(), top, asked(left, room), leftHigh);
      place(right, snappedLeftInset(), top + leftHigh, rightWide, rightHigh);
    }
  }

  private void place(Node node, double x, double y, double width, double height) {
    node.resizeRelocate(snapPositionX(x), snapPositionY(y), width, height);
  }
}
