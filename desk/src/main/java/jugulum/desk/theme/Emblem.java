package jugulum.desk.theme;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

/**
 * The program's own sign, for windows, menus and files: a throat of sand that is narrowed step by
 * step, and the thread of gold that comes out. Drawn on a square of {@value #SIDE} units.
 */
public final class Emblem {
  /** The square it is drawn on. */
  private static final double SIDE = 96;

  private record Shape(String path, String colour) {}

  private static final List<Shape> SHAPES =
      List.of(
          new Shape(
              "M18 2 H78 Q94 2 94 18 V78 Q94 94 78 94 H18 Q2 94 2 78 V18 Q2 2 18 2 Z", "#15171b"),
          new Shape("M12 18 H84 C84 36 68 36 68 48 H28 C28 36 12 36 12 18 Z", "#8d816c"),
          new Shape("M28 50 H68 C68 60 58 60 56 68 H40 C38 60 28 60 28 50 Z", "#7e8ba4"),
          new Shape("M45 70 H51 V82 H45 Z", "#e8b93a"),
          new Shape("M48 78 A6 6 0 1 0 48 90 A6 6 0 1 0 48 78 Z", "#e8b93a"));

  private Emblem() {}

  /**
   * The sign as an image.
   *
   * @param side in pixels, at least one
   */
  public static WritableImage image(int side) {
    Canvas canvas = new Canvas(side, side);
    GraphicsContext drawn = canvas.getGraphicsContext2D();
    drawn.scale(side / SIDE, side / SIDE);
    for (Shape shape : SHAPES) {
      drawn.setFill(Color.web(shape.colour()));
      drawn.beginPath();
      drawn.appendSVGPath(shape.path());
      drawn.fill();
    }
    SnapshotParameters through = new SnapshotParameters();
    through.setFill(Color.TRANSPARENT);
    return canvas.snapshot(through, new WritableImage(side, side));
  }

  /** The sign as SVG. */
  public static String svg() {
    return SHAPES.stream()
        .map(one -> "<path fill=\"%s\" d=\"%s\"/>\n".formatted(one.colour(), one.path()))
        .collect(
            Collectors.joining(
                "",
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 96 96\">\n",
                "</svg>\n"));
  }
}
