package jugulum.desk.board;

import javafx.scene.shape.ClosePath;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

/** The shapes things have on the board. Colours come from the style sheet. */
final class BoardShapes {
  private BoardShapes() {}

  /** A band of sand of one thickness from one height to another. */
  static Path band(double x1, double y1, double x2, double y2, double thickness) {
    double half = thickness / 2;
    double middle = (x1 + x2) / 2;
    Path path =
        new Path(
            new MoveTo(x1, y1 - half),
            new CubicCurveTo(middle, y1 - half, middle, y2 - half, x2, y2 - half),
            new LineTo(x2, y2 + half),
            new CubicCurveTo(middle, y2 + half, middle, y1 + half, x1, y1 + half),
            new ClosePath());
    return styled(path, "sand-band");
  }

  /** A thread of gold. */
  static CubicCurve thread(double x1, double y1, double x2, double y2, double thickness) {
    double middle = (x1 + x2) / 2;
    CubicCurve curve = new CubicCurve(x1, y1, middle, y1, middle, y2, x2, y2);
    curve.setStrokeWidth(thickness);
    return styled(curve, "gold-thread");
  }

  /** A spout that lets material fall out of a band. */
  static Path spout(double x, double y, double thickness, double drop, String style) {
    Path path =
        new Path(
            new MoveTo(x, y - thickness / 2),
            new CubicCurveTo(
                x + thickness + 6,
                y - thickness / 2,
                x + thickness + 10,
                y + 2,
                x + thickness + 10,
                y + drop),
            new LineTo(x + 10, y + drop),
            new CubicCurveTo(
                x + 10, y + thickness / 2 + 2, x + 6, y + thickness / 2, x, y + thickness / 2),
            new ClosePath());
    return styled(path, style);
  }

  /** A lot on its way back. */
  static CubicCurve back(double x1, double y1, double x2, double y2, double sag) {
    return styled(
        new CubicCurve(
            x1, y1, x1 + 30, Math.max(y1, y2) + sag, x2 - 30, Math.max(y1, y2) + sag, x2, y2),
        "return-line");
  }

  static Rectangle block(double x, double y, double w, double h, String style) {
    return styled(new Rectangle(x, y, w, h), style);
  }

  private static <S extends Shape> S styled(S shape, String style) {
    shape.getStyleClass().setAll(style);
    shape.setMouseTransparent(true);
    return shape;
  }
}
