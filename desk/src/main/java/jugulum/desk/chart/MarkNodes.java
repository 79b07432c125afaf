package jugulum.desk.chart;

import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** The nodes marks are shown by. */
final class MarkNodes {
  private MarkNodes() {}

  /** A node of the mark's kind and style, not yet in its place. */
  static Node of(Mark mark) {
    Node node =
        switch (mark) {
          case Mark.Bar _ -> new Rectangle();
          case Mark.Stroke _ -> new Line();
          case Mark.Path _ -> new Polyline();
          case Mark.Dot _ -> new Circle();
          case Mark.Writing _ -> new Text();
        };
    node.getStyleClass().add(mark.style());
    node.setManaged(false);
    node.setMouseTransparent(true);
    return node;
  }

  /** Puts a node that was made for such a mark, and styled, where the mark stands. */
  static void place(Node node, Mark mark) {
    switch (mark) {
      case Mark.Bar(double x, double y, double width, double height, var _) ->
          place((Rectangle) node, x, y, width, height);
      case Mark.Stroke(double fromX, double fromY, double toX, double toY, var _) ->
          place((Line) node, fromX, fromY, toX, toY);
      case Mark.Path path ->
          ((Polyline) node)
              .getPoints()
              .setAll(
                  path.spots().stream().flatMap(spot -> Stream.of(spot.x(), spot.y())).toList());
      case Mark.Dot(double x, double y, double radius, var _) -> place((Circle) node, x, y, radius);
      case Mark.Writing writing -> place((Text) node, writing);
    }
  }

  private static void place(Rectangle bar, double x, double y, double width, double height) {
    bar.setX(x);
    bar.setY(y);
    bar.setWidth(width);
    bar.setHeight(height);
  }

  private static void place(Line line, double fromX, double fromY, double toX, double toY) {
    line.setStartX(fromX);
    line.setStartY(fromY);
    line.setEndX(toX);
    line.setEndY(toY);
  }

  private static void place(Circle dot, double x, double y, double radius) {
    dot.setCenterX(x);
    dot.setCenterY(y);
    dot.setRadius(radius);
  }

  /** A writing's width is known once it is styled. */
  private static void place(Text text, Mark.Writing writing) {
    text.setTextOrigin(VPos.BASELINE);
    text.setText(writing.text());
    text.setY(writing.y());
    double share =
        switch (writing.anchor()) {
          case LEFT -> 0;
          case MIDDLE -> 0.5;
          case RIGHT -> 1;
        };
    text.setX(writing.x() - (share == 0 ? 0 : text.getLayoutBounds().getWidth() * share));
  }
}
