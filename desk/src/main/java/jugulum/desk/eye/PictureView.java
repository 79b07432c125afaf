package jugulum.desk.eye;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.transform.Translate;
import jugulum.core.eye.Outlines;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.Point;
import jugulum.core.eye.Tally;
import jugulum.core.eye.Tally.Marked;
import jugulum.core.ledger.Traced;

/**
 * A picture with what was found in it drawn over: gold in a full line, unsure in a dashed one, what
 * is none in dots, the one in hand with a frame. It can be made larger about the cross-hair.
 */
final class PictureView extends Pane {
  private static final double NEARER = 1.5;
  private static final double NEAREST = 16;
  private static final int LINES = 400;
  private static final double LINE_WIDTH = 1.6;

  /** A mouse that moved no farther over the screen was clicked, in pixels of it. */
  private static final double LEAST_DRAG = 4;

  private static final int HATCHES = 90;
  private static final int HATCH = 0x90_e8_e4_da;

  private final ImageView picture = new ImageView();
  private final Group marks = new Group();
  private final Group known = new Group();
  private final Group hand = new Group();
  private final ImageView covered = new ImageView();
  private final Group drawing = new Group();
  private final Group all = new Group(picture, covered, known, marks, drawing, hand);
  private final List<Point> path = new ArrayList<>();
  private double zoom = 1;
  private Point cross = new Point(0, 0);

  /**
   * An empty one.
   *
   * @param clicked told where a person clicks, in pixels of the picture
   * @param dragged told every place of a way the mouse was drawn along, once it is let go
   */
  PictureView(Consumer<Point> clicked, Consumer<List<Point>> dragged) {
    setId("picture");
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    getStyleClass().add("eye-picture");
    getChildren().add(all);
    Rectangle clip = new Rectangle();
    clip.widthProperty().bind(widthProperty());
    clip.heightProperty().bind(heightProperty());
    setClip(clip);
    setMinSize(0, 0);
    widthProperty().addListener((_, _, _) -> place());
    heightProperty().addListener((_, _, _) -> place());
    setOnMousePressed(
        mouse -> {
          path.clear();
          path.add(place(mouse));
        });
    setOnMouseDragged(
        mouse -> {
          path.add(place(mouse));
          way(path);
        });
    setOnMouseReleased(
        mouse -> {
          drawing.getChildren().clear();
          cross = place(mouse);
          if (!path.isEmpty() && path.getFirst().to(cross) * shown() > LEAST_DRAG) {
            dragged.accept(List.copyOf(path));
          } else {
            clicked.accept(cross);
          }
        });
  }

  private Point place(MouseEvent mouse) {
    var there = all.sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
    return new Point(there.getX() - 0.5, there.getY() - 0.5);
  }

  /** Shows corners or a line that is being drawn. */
  void way(List<Point> places) {
    Polyline line = new Polyline();
    places.forEach(one -> line.getPoints().addAll(one.x() + 0.5, one.y() + 0.5));
    line.getStyleClass().add("eye-drawing");
    line.setStrokeWidth(LINE_WIDTH / shown());
    drawing.getChildren().setAll(line);
  }

  /** How large a pixel of the picture is shown. */
  private double shown() {
    return all.getTransforms().stream()
        .filter(javafx.scene.transform.Scale.class::isInstance)
        .mapToDouble(one -> ((javafx.scene.transform.Scale) one).getX())
        .findFirst()
        .orElse(1);
  }

  /** Hatches what is not looked at: the thing of known size. */
  void covered(boolean[] pixels) {
    int width = (int) picture.getImage().getWidth();
    int height = (int) picture.getImage().getHeight();
    WritableImage hatch = new WritableImage(width, height);
    int apart = Math.max(8, width / HATCHES);
    for (int at = 0; at < pixels.length; at++) {
      if (pixels[at] && (at % width + at / width) % apart < Math.max(1, apart / 8)) {
        hatch.getPixelWriter().setArgb(at % width, at / width, HATCH);
      }
    }
    covered.setImage(hatch);
  }

  /** Draws marks that were kept with a picture, which may stand here smaller than it was. */
  void kept(Traced traced) {
    double by = picture.getImage().getWidth() / traced.widthPx();
    marks.getChildren().clear();
    for (Traced.Mark mark : traced.marks()) {
      List<Point> corners =
          Outlines.read(mark.outline()).stream()
              .map(one -> new Point((one.x() + 0.5) * by - 0.5, (one.y() + 0.5) * by - 0.5))
              .toList();
      Polygon outline = outline(corners);
      outline.getStyleClass().add(mark.isGold() ? "eye-gold" : "eye-none");
      marks.getChildren().add(outline);
    }
    place();
  }

  void show(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    WritableImage shown = new WritableImage(width, height);
    int[] rgb = image.getRGB(0, 0, width, height, null, 0, width);
    for (int i = 0; i < rgb.length; i++) {
      rgb[i] |= 0xff000000;
    }
    shown
        .getPixelWriter()
        .setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), rgb, 0, width);
    picture.setImage(shown);
    cross = new Point(width / 2.0, height / 2.0);
    zoom = 1;
    known.getChildren().clear();
    marks.getChildren().clear();
    hand.getChildren().clear();
    drawing.getChildren().clear();
    covered.setImage(null);
    place();
  }

  /** Where the cross-hair is, in pixels of the picture. */
  Point cross() {
    return cross;
  }

  /** Moves the cross-hair. */
  void move(double dx, double dy) {
    to(new Point(cross.x() + dx, cross.y() + dy));
  }

  /** Puts the cross-hair somewhere; larger than whole, the picture follows it. */
  void to(Point place) {
    if (picture.getImage() != null) {
      cross =
          new Point(
              Math.clamp(place.x(), 0, picture.getImage().getWidth() - 1),
              Math.clamp(place.y(), 0, picture.getImage().getHeight() - 1));
      place();
    }
  }

  /** Larger, smaller, or whole again. */
  void zoom(int steps) {
    zoom = steps == 0 ? 1 : Math.clamp(zoom * Math.pow(NEARER, steps), 1, NEAREST);
    place();
  }

  private void place() {
    if (picture.getImage() == null || getWidth() <= 0 || getHeight() <= 0) {
      return;
    }
    double width = picture.getImage().getWidth();
    double height = picture.getImage().getHeight();
    double scale = Math.min(getWidth() / width, getHeight() / height) * zoom;
    all.getTransforms()
        .setAll(
            new Translate(
                left(getWidth(), width * scale, cross.x() * scale),
                left(getHeight(), height * scale, cross.y() * scale)),
            new javafx.scene.transform.Scale(scale, scale));
    double line = LINE_WIDTH / scale;
    marks.getChildren().forEach(one -> ((Shape) one).setStrokeWidth(line));
    known.getChildren().forEach(one -> ((Shape) one).setStrokeWidth(line));
    hand(scale);
  }

  /** As far to the left as it has to stand for the cross-hair to be in sight. */
  private static double left(double room, double size, double at) {
    return size <= room ? 0 : Math.clamp(room / 2 - at, room - size, 0);
  }

  private void hand(double scale) {
    double arm = 9 / scale;
    hand.getChildren().removeIf(one -> one.getStyleClass().contains("eye-cross"));
    for (int way = 0; way < 2; way++) {
      Line line =
          way == 0
              ? new Line(
                  cross.x() + 0.5 - arm, cross.y() + 0.5, cross.x() + 0.5 + arm, cross.y() + 0.5)
              : new Line(
                  cross.x() + 0.5, cross.y() + 0.5 - arm, cross.x() + 0.5, cross.y() + 0.5 + arm);
      line.getStyleClass().add("eye-cross");
      line.setStrokeWidth(1.2 / scale);
      hand.getChildren().add(line);
    }
  }

  /** Draws what the scale was found by. */
  void known(PictureScale scale) {
    known.getChildren().clear();
    switch (scale.found()) {
      case PictureScale.Found.Ring(Point centre, double radius, double _) ->
          known.getChildren().add(new Circle(centre.x() + 0.5, centre.y() + 0.5, radius));
      case PictureScale.Found.Lines lines -> lines(lines, scale);
      case PictureScale.Found.Drawn(Point from, Point to) ->
          known.getChildren().add(new Line(from.x(), from.y(), to.x(), to.y()));
    }
    known.getChildren().forEach(one -> one.getStyleClass().add("eye-known"));
    place();
  }

  /** Every line where it should lie, on what is covered alone. */
  private void lines(PictureScale.Found.Lines lines, PictureScale scale) {
    int width = (int) picture.getImage().getWidth();
    int height = (int) picture.getImage().getHeight();
    double f = Math.hypot(lines.x(), lines.y());
    double ux = lines.x() / f;
    double uy = lines.y() / f;
    double pitch = 1 / f;
    double reach = Math.hypot(width, height);
    int count = (int) Math.min(LINES, 2 * reach / pitch);
    double middle = width / 2.0 * lines.x() + height / 2.0 * lines.y() - lines.phase();
    double off = (Math.round(middle) - middle) * pitch;
    for (int i = -count / 2; i <= count / 2; i++) {
      double px = width / 2.0 + (off + i * pitch) * ux;
      double py = height / 2.0 + (off + i * pitch) * uy;
      double first = Double.NaN;
      double last = Double.NaN;
      for (double t = -reach; t <= reach; t += 4) {
        int x = (int) (px - t * uy);
        int y = (int) (py + t * ux);
        boolean isOn =
            x >= 0 && y >= 0 && x < width && y < height && scale.covered()[y * width + x];
        if (isOn) {
          first = Double.isNaN(first) ? t : first;
          last = t;
        }
      }
      if (!Double.isNaN(first)) {
        known
            .getChildren()
            .add(new Line(px - first * uy, py + first * ux, px - last * uy, py + last * ux));
      }
    }
  }

  /** Draws what counts and what does not. */
  void marks(Tally tally, OptionalInt inHand) {
    marks.getChildren().clear();
    hand.getChildren().clear();
    for (int i = 0; i < tally.marks().size(); i++) {
      Marked marked = tally.marks().get(i);
      Polygon outline = outline(marked.speck().outline());
      outline
          .getStyleClass()
          .add(marked.isUnsure() ? "eye-unsure" : marked.isGold() ? "eye-gold" : "eye-none");
      marks.getChildren().add(outline);
      if (inHand.isPresent() && inHand.getAsInt() == i) {
        double half = marked.speck().longPx() / 2 + 6;
        Rectangle frame =
            new Rectangle(
                marked.speck().centre().x() + 0.5 - half,
                marked.speck().centre().y() + 0.5 - half,
                2 * half,
                2 * half);
        frame.getStyleClass().add("eye-in-hand");
        marks.getChildren().add(frame);
        cross = marked.speck().centre();
      }
    }
    place();
  }

  private static Polygon outline(List<Point> corners) {
    Polygon outline = new Polygon();
    for (Point corner : corners) {
      outline.getPoints().addAll(corner.x() + 0.5, corner.y() + 0.5);
    }
    return outline;
  }
}
