package jugulum.desk.eye;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.transform.Translate;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scale;
import jugulum.core.eye.Tally;
import jugulum.core.eye.Tally.Marked;

/**
 * A picture with what was found in it drawn over: gold in a full line, unsure in a dashed one, what
 * is none in dots, the one in hand with a frame. It can be made larger about the cross-hair.
 */
final class PictureView extends Pane {
  private static final double NEARER = 1.5;
  private static final double NEAREST = 16;
  private static final int LINES = 400;

  private final ImageView picture = new ImageView();
  private final Group marks = new Group();
  private final Group known = new Group();
  private final Group hand = new Group();
  private final Group all = new Group(picture, known, marks, hand);
  private double zoom = 1;
  private Point cross = new Point(0, 0);

  /**
   * An empty one.
   *
   * @param clicked told where a person clicks, in pixels of the picture
   */
  PictureView(Consumer<Point> clicked) {
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
    setOnMouseClicked(
        mouse -> {
          var there = all.sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
          cross = new Point(there.getX() - 0.5, there.getY() - 0.5);
          clicked.accept(cross);
        });
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
    double line = 1.6 / scale;
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
  void known(Scale scale) {
    known.getChildren().clear();
    switch (scale.found()) {
      case Scale.Found.Ring(Point centre, double radius, double _) ->
          known.getChildren().add(new Circle(centre.x() + 0.5, centre.y() + 0.5, radius));
      case Scale.Found.Lines lines -> lines(lines, scale);
      case Scale.Found.Drawn(Point from, Point to) ->
          known.getChildren().add(new Line(from.x(), from.y(), to.x(), to.y()));
    }
    known.getChildren().forEach(one -> one.getStyleClass().add("eye-known"));
    place();
  }

  /** Every line where it should lie, on what is covered alone. */
  private void lines(Scale.Found.Lines lines, Scale scale) {
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
