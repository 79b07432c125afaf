package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jugulum.core.eye.SeenSpeck.Verdict;

/** Outlines that a hand makes: ellipses, halves, two as one, what grows from a place. */
public final class Shapes {
  /** The neck is looked for in the middle of the longest axis, this share of it to either side. */
  private static final double NECK_WITHIN = 0.3;

  private static final int SIDES = 24;

  /** What grows from a place is no larger, in mm. */
  private static final double LARGEST_MM = 2.6;

  private static final double HALF = 0.5;

  private Shapes() {}

  /**
   * An ellipse somebody drew.
   *
   * @param acrossPx how wide it is, in pixels, above 0
   * @param downPx how high, in pixels, above 0
   */
  public static SeenSpeck ellipse(Point centre, double acrossPx, double downPx) {
    List<Point> outline = new ArrayList<>();
    for (int i = 0; i < SIDES; i++) {
      double angle = 2 * Math.PI * i / SIDES;
      outline.add(
          new Point(
              centre.x() + acrossPx / 2 * Math.cos(angle),
              centre.y() + downPx / 2 * Math.sin(angle)));
    }
    return gold(
        centre,
        Math.PI / 4 * acrossPx * downPx,
        Math.max(acrossPx, downPx),
        Math.min(acrossPx, downPx),
        outline);
  }

  /**
   * What lies within corners somebody drew one after the other: area and moments of the polygon
   * (Green's theorem, textbook); empty where they hold less than a pixel, or cross so that nothing
   * is left.
   *
   * @param corners three or more, round it either way
   */
  public static Optional<SeenSpeck> outlined(List<Point> corners) {
    Polygon polygon = Polygon.of(corners);
    return polygon.area() < 1
        ? Optional.empty()
        : Optional.of(
            gold(
                polygon.centre(),
                polygon.area(),
                polygon.longest(),
                polygon.shortest(),
                List.copyOf(corners)));
  }

  private static SeenSpeck gold(
      Point centre, double area, double longPx, double shortPx, List<Point> outline) {
    return new SeenSpeck(
        centre, area, longPx, shortPx, 0, 0, 0, false, Verdict.GOLD, Optional.empty(), outline);
  }

  /**
   * What grows from a place: pixels that are more like it than like the ground, as far as they
   * touch. Empty where that is next to nothing, or far too large.
   */
  public static Optional<SeenSpeck> grown(Light light, PictureScale scale, Point place) {
    int reach = (int) Math.ceil(LARGEST_MM * scale.pxPerMm());
    int x = (int) Math.round(place.x());
    int y = (int) Math.round(place.y());
    if (x < 1 || y < 1 || x >= light.width() - 1 || y >= light.height() - 1) {
      return Optional.empty();
    }
    Window window = new Window(x, y, 1, 1).wider(reach, light.width(), light.height());
    double[] seed = mean(light, new Window(x - 1, y - 1, 3, 3));
    double[] ground = ground(light, window);
    boolean[] near = new boolean[window.size()];
    double apart = 0;
    for (int c = 0; c < 3; c++) {
      apart += (seed[c] - ground[c]) * (seed[c] - ground[c]);
    }
    for (int k = 0; k < near.length; k++) {
      double[] colour = colour(light, window.at(k, light.width()));
      double along = 0;
      for (int c = 0; c < 3; c++) {
        along += (colour[c] - ground[c]) * (seed[c] - ground[c]);
      }
      near[k] = apart > 0 && along / apart > HALF;
    }
    Labels labels = Labels.of(near, window.width(), window.height());
    int mine = labels.of()[(y - window.top()) * window.width() + x - window.left()];
    if (mine == 0) {
      return Optional.empty();
    }
    boolean[] part = new boolean[near.length];
    for (int k = 0; k < part.length; k++) {
      part[k] = labels.of()[k] == mine;
    }
    Labels.fillHoles(part, window.width(), window.height());
    return of(part, window)
        .filter(one -> one.areaPx() >= 3 && one.longPx() < LARGEST_MM * scale.pxPerMm());
  }

  private static double[] mean(Light light, Window window) {
    double[] sum = new double[3];
    for (int k = 0; k < window.size(); k++) {
      double[] colour = colour(light, window.at(k, light.width()));
      for (int c = 0; c < 3; c++) {
        sum[c] += colour[c] / window.size();
      }
    }
    return sum;
  }

  private static double[] ground(Light light, Window window) {
    double[] ground = new double[3];
    float[] values = new float[window.size()];
    for (int c = 0; c < 3; c++) {
      for (int k = 0; k < values.length; k++) {
        values[k] = (float) colour(light, window.at(k, light.width()))[c];
      }
      Arrays.sort(values);
      ground[c] = values[values.length / 2];
    }
    return ground;
  }

  private static double[] colour(Light light, int at) {
    return new double[] {light.red(at), light.green(at), light.blue(at)};
  }

  /** The two halves of a speck, parted across its narrowest place; one where it is too small. */
  public static List<SeenSpeck> split(SeenSpeck speck) {
    Window window = around(speck);
    boolean[] part = Outline.inside(speck.outline(), window);
    Moments all = Moments.of(part, window);
    if (all.pixels() < 8) {
      return List.of(speck);
    }
    double cos = Math.cos(all.angle());
    double sin = Math.sin(all.angle());
    double reach = NECK_WITHIN * speck.longPx();
    int bins = Math.max(1, (int) (2 * reach));
    int[] widths = new int[bins];
    for (int k = 0; k < part.length; k++) {
      int bin = part[k] ? (int) (along(k, window, all, cos, sin) + reach) : -1;
      if (bin >= 0 && bin < bins) {
        widths[bin]++;
      }
    }
    int neck = 0;
    for (int bin = 1; bin < bins; bin++) {
      boolean isNarrower = widths[bin] < widths[neck];
      boolean isNearer =
          widths[bin] == widths[neck] && Math.abs(bin - bins / 2) < Math.abs(neck - bins / 2);
      neck = isNarrower || isNearer ? bin : neck;
    }
    double cut = neck + 0.5 - reach;
    boolean[] low = new boolean[part.length];
    boolean[] high = new boolean[part.length];
    for (int k = 0; k < part.length; k++) {
      boolean isHigh = along(k, window, all, cos, sin) > cut;
      low[k] = part[k] && !isHigh;
      high[k] = part[k] && isHigh;
    }
    List<SeenSpeck> halves = new ArrayList<>();
    of(low, window).ifPresent(halves::add);
    of(high, window).ifPresent(halves::add);
    return halves.size() == 2 ? halves : List.of(speck);
  }

  private static double along(int k, Window window, Moments all, double cos, double sin) {
    int column = k % window.width();
    int row = k / window.width();
    return (column - all.x()) * cos + (row - all.y()) * sin;
  }

  /** Both as one. */
  static SeenSpeck joined(SeenSpeck one, SeenSpeck other) {
    Window a = around(one);
    Window b = around(other);
    int left = Math.min(a.left(), b.left());
    int top = Math.min(a.top(), b.top());
    Window both =
        new Window(
            left,
            top,
            Math.max(a.left() + a.width(), b.left() + b.width()) - left,
            Math.max(a.top() + a.height(), b.top() + b.height()) - top);
    boolean[] part = Outline.inside(one.outline(), both);
    boolean[] second = Outline.inside(other.outline(), both);
    for (int k = 0; k < part.length; k++) {
      part[k] |= second[k];
    }
    SeenSpeck shape = of(part, both).orElse(one);
    return shape.of(one.areaPx() + other.areaPx());
  }

  private static Window around(SeenSpeck speck) {
    double left = speck.outline().stream().mapToDouble(Point::x).min().orElse(0);
    double right = speck.outline().stream().mapToDouble(Point::x).max().orElse(1);
    double top = speck.outline().stream().mapToDouble(Point::y).min().orElse(0);
    double bottom = speck.outline().stream().mapToDouble(Point::y).max().orElse(1);
    return new Window(
        (int) Math.floor(left),
        (int) Math.floor(top),
        (int) Math.ceil(right - left) + 2,
        (int) Math.ceil(bottom - top) + 2);
  }

  /** The pixels of a part as a speck; empty where there are none. */
  private static Optional<SeenSpeck> of(boolean[] part, Window window) {
    Moments all = Moments.of(part, window);
    return all.pixels() == 0
        ? Optional.empty()
        : Optional.of(
            gold(
                new Point(window.left() + all.x(), window.top() + all.y()),
                all.pixels(),
                all.longest(),
                all.shortest(),
                Outline.of(part, window)));
  }
}
