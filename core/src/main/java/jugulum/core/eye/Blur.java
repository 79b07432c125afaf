package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.eye.SeenSpeck.Verdict;

/** How far borders are blurred, by the steepest slope across those of the larger specks. */
final class Blur {
  private static final double OWN = 0.7;
  private static final int ROOM = 6;
  private static final double LEAST_ACROSS = 10;
  private static final double LEAST_STEP = 0.03;

  /** The slope of a step blurred by a bell is its height over that many widths of the bell. */
  private static final double BELL = Math.sqrt(2 * Math.PI);

  private Blur() {}

  static OptionalDouble of(Light light, List<SeenSpeck> specks) {
    List<Double> found = new ArrayList<>();
    for (SeenSpeck speck : specks) {
      if (speck.acrossPx() > LEAST_ACROSS && speck.verdict() != Verdict.NOT_GOLD) {
        width(light, speck).ifPresent(found::add);
      }
    }
    if (found.isEmpty()) {
      return OptionalDouble.empty();
    }
    double middle = PictureSeen.median(found.stream().mapToDouble(Double::doubleValue).toArray());
    return OptionalDouble.of(Math.sqrt(Math.max(0, middle * middle - OWN * OWN)));
  }

  private static OptionalDouble width(Light light, SeenSpeck speck) {
    Window window = window(speck).wider(ROOM, light.width(), light.height());
    Plane bright = new Plane(window.width(), window.height());
    boolean[] me = Outline.inside(speck.outline(), window);
    for (int k = 0; k < me.length; k++) {
      int at = window.at(k, light.width());
      bright.values()[k] =
          (float) Colours.brightness(light.red(at), light.green(at), light.blue(at));
    }
    Plane depth = Distance.inside(me, window.width(), window.height());
    boolean[] near = Labels.grown(me, window.width(), window.height(), 2);
    boolean[] far = Labels.grown(me, window.width(), window.height(), 4);
    Plane smooth = Filters.gaussian(bright, OWN);
    double sum = 0;
    int n = 0;
    float[] around = new float[me.length];
    int ring = 0;
    float[] slopes = new float[me.length];
    int rim = 0;
    for (int k = 0; k < me.length; k++) {
      if (depth.values()[k] > 3) {
        sum += bright.values()[k];
        n++;
      }
      if (far[k] && !near[k]) {
        around[ring++] = bright.values()[k];
      }
      if (me[k] && depth.values()[k] <= 1) {
        slopes[rim++] = slope(smooth, k);
      }
    }
    if (n == 0 || ring == 0 || rim == 0) {
      return OptionalDouble.empty();
    }
    Arrays.sort(around, 0, ring);
    Arrays.sort(slopes, 0, rim);
    double step = Math.abs(sum / n - around[ring / 2]);
    double steep = slopes[(int) (0.75 * (rim - 1))];
    return step > LEAST_STEP && steep > 0
        ? OptionalDouble.of(step / (steep * BELL))
        : OptionalDouble.empty();
  }

  private static float slope(Plane plane, int k) {
    int x = k % plane.width();
    int y = k / plane.width();
    float dx =
        (plane.at(Math.min(plane.width() - 1, x + 1), y) - plane.at(Math.max(0, x - 1), y)) / 2;
    float dy =
        (plane.at(x, Math.min(plane.height() - 1, y + 1)) - plane.at(x, Math.max(0, y - 1))) / 2;
    return (float) Math.hypot(dx, dy);
  }

  private static Window window(SeenSpeck speck) {
    double left = speck.outline().stream().mapToDouble(Point::x).min().orElse(0);
    double right = speck.outline().stream().mapToDouble(Point::x).max().orElse(0);
    double top = speck.outline().stream().mapToDouble(Point::y).min().orElse(0);
    double bottom = speck.outline().stream().mapToDouble(Point::y).max().orElse(0);
    return new Window(
        (int) Math.ceil(left),
        (int) Math.ceil(top),
        (int) Math.round(right - left),
        (int) Math.round(bottom - top));
  }
}
