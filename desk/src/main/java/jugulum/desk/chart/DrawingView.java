package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/** Shows a drawing as wide as there is room. It tells in words what it shows. */
public final class DrawingView extends Region {
  private DoubleFunction<Drawing> painter = width -> new Drawing(width, 0, List.of());
  private List<Mark> drawn = List.of();
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

  /**
   * What stands where something of its kind and style stood before only moves: while a slider moves
   * nothing is styled anew.
   */
  private void draw(double width) {
    Drawing drawing = painter.apply(width);
    drawnWidth = width;
    height = drawing.height();
    setMinHeight(height);
    setPrefHeight(height);
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < drawing.marks().size(); i++) {
      Mark mark = drawing.marks().get(i);
      boolean moved =
          i < drawn.size()
              && drawn.get(i).getClass() == mark.getClass()
              && drawn.get(i).style().equals(mark.style());
      nodes.add(moved ? getChildren().get(i) : MarkNodes.of(mark));
    }
    drawn = drawing.marks();
    if (!nodes.equals(getChildren())) {
      getChildren().setAll(nodes);
      applyCss();
    }
    for (int i = 0; i < nodes.size(); i++) {
      MarkNodes.place(nodes.get(i), drawn.get(i));
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
