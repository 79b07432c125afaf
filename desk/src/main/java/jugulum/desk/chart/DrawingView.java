package jugulum.desk.chart;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** Shows a drawing as wide as there is room. It tells in words what it shows. */
public final class DrawingView extends Region {
  private DoubleFunction<Drawing> painter = width -> new Drawing(width, 0, List.of());
  private double drawnWidth = -1;
  private double height;

  /** Makes an empty view. */
  public DrawingView(String id) {
    setId(id);
    getStyleClass().add("drawing");
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
  }

  /**
   * Shows another drawing.
   *
   * @param painter draws for a width
   * @param spoken what it shows, in words
   */
  public void show(DoubleFunction<Drawing> painter, String spoken) {
    this.painter = painter;
    setAccessibleText(spoken);
    if (getWidth() > 0) {
      draw(getWidth());
    }
    requestLayout();
  }

  private void draw(double width) {
    Drawing drawing = painter.apply(width);
    drawnWidth = width;
    height = drawing.height();
    setMinHeight(height);
    setPrefHeight(height);
    getChildren().setAll(drawing.marks().stream().map(DrawingView::node).toList());
    applyCss();
    drawing.marks().forEach(this::place);
  }

  private static Node node(Mark mark) {
    Node node =
        switch (mark) {
          case Mark.Bar(double x, double y, double width, double height, var _) -> new Rectangle(x, y, width, height);
          case Mark.Stroke(double fromX, double fromY, double toX, double toY, var _) -> new Line(fromX, fromY, toX, toY);
          case Mark.Path path -> new Polyline(path.spots().stream().flatMap(spot -> Stream.of(spot.x(), spot.y())).mapToDouble(Double::doubleValue).toArray());
          case Mark.Dot(double x, double y, double radius, var _) -> new Circle(x, y, radius);
          case Mark.Writing writing -> text(writing);
        };
    node.getStyleClass().add(mark.style());
    node.setManaged(false);
    node.setMouseTransparent(true);
    return node;
  }

  private static Text text(Mark.Writing writing) {
    Text text = new Text(writing.x(), writing.y(), writing.text());
    text.setTextOrigin(VPos.BASELINE);
    text.setUserData(writing);
    return text;
  }

  /** A writing's width is known once it is styled. */
  private void place(Mark mark) {
    if (mark instanceof Mark.Writing writing && writing.anchor() != Mark.Anchor.LEFT) {
      getChildren().stream()
          .filter(node -> writing.equals(node.getUserData()))
          .map(Text.class::cast)
          .forEach(text -> text.setX(writing.x() - text.getLayoutBounds().getWidth() * (writing.anchor() == Mark.Anchor.RIGHT ? 1 : 0.5)));
    }
  }

  @Override
  protected void layoutChildren() {
    if (getWidth() > 0 && Math.abs(getWidth() - drawnWidth) > 0.5) {
      draw(getWidth());
    }
  }

  @Override
  protected double computePrefHeight(double width) {
    return height;
  }
}
