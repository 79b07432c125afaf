package jugulum.core.eye;

import java.util.ArrayList;
import java.util.List;

/** The border of a part, walked along the edges of its pixels, the part at the right hand. */
final class Outline {
  private static final int[][] STEPS = {{1, 0}, {0, 1}, {-1, 0}, {0, -1}};

  /** Longer ones are not walked to their end: something is wrong with such a part. */
  private static final int LONGEST = 1_000_000;

  private Outline() {}

  /**
   * The corners of a part, in pixels of the picture.
   *
   * @param part in its window
   */
  static List<Point> of(boolean[] part, Window window) {
    int first = 0;
    while (first < part.length && !part[first]) {
      first++;
    }
    if (first == part.length) {
      return List.of();
    }
    int startX = first % window.width();
    int startY = first / window.width();
    int x = startX;
    int y = startY;
    int way = 0;
    List<Point> corners = new ArrayList<>();
    int steps = 0;
    do {
      // At a corner: ahead at the left lies outside, ahead at the right inside, or one turns.
      int turned = way;
      if (isIn(part, window, x, y, left(way))) {
        turned = (way + 3) % 4;
      } else if (!isIn(part, window, x, y, right(way))) {
        turned = (way + 1) % 4;
      }
      if (turned != way || corners.isEmpty()) {
        corners.add(new Point(window.left() + x - 0.5, window.top() + y - 0.5));
      }
      way = turned;
      x += STEPS[way][0];
      y += STEPS[way][1];
      steps++;
    } while ((x != startX || y != startY) && steps < LONGEST);
    return List.copyOf(corners);
  }

  /** The pixel ahead at the left hand of a corner, from it. */
  private static int[] left(int way) {
    return switch (way) {
      case 0 -> new int[] {0, -1};
      case 1 -> new int[] {0, 0};
      case 2 -> new int[] {-1, 0};
      default -> new int[] {-1, -1};
    };
  }

  private static int[] right(int way) {
    return left((way + 1) % 4);
  }

  private static boolean isIn(boolean[] part, Window window, int x, int y, int[] off) {
    int px = x + off[0];
    int py = y + off[1];
    return px >= 0
        && py >= 0
        && px < window.width()
        && py < window.height()
        && part[py * window.width() + px];
  }

  /** Which pixels of a window lie within an outline. */
  static boolean[] inside(List<Point> corners, Window window) {
    boolean[] inside = new boolean[window.size()];
    for (int y = 0; y < window.height(); y++) {
      double level = window.top() + y;
      for (int x = 0; x < window.width(); x++) {
        double place = window.left() + x;
        boolean isIn = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
          Point a = corners.get(i);
          Point b = corners.get(j);
          if (a.y() > level != b.y() > level
              && place < (b.x() - a.x()) * (level - a.y()) / (b.y() - a.y()) + a.x()) {
            isIn = !isIn;
          }
        }
        inside[y * window.width() + x] = isIn;
      }
    }
    return inside;
  }
}
