package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Pixels that touch, also at a corner, as parts with numbers from 1.
 *
 * @param of the number of the part of every pixel; 0 where there is none
 * @param windows where each part lies, the first at 0
 */
@SuppressWarnings("ArrayRecordComponent") // made and let go within a look
record Labels(int[] of, List<Window> windows) {
  static final int[][] CROSS = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};

  int count() {
    return windows.size();
  }

  /** The parts of a picture. */
  static Labels of(boolean[] mask, int width, int height) {
    int[] labels = new int[mask.length];
    Sets sets = new Sets();
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        if (mask[at]) {
          int left = x > 0 ? labels[at - 1] : 0;
          int above = y > 0 ? labels[at - width] : 0;
          int aboveLeft = x > 0 && y > 0 ? labels[at - width - 1] : 0;
          int aboveRight = x + 1 < width && y > 0 ? labels[at - width + 1] : 0;
          int one = Math.max(Math.max(left, above), Math.max(aboveLeft, aboveRight));
          if (one == 0) {
            labels[at] = sets.make();
          } else {
            labels[at] = one;
            sets.join(one, left);
            sets.join(one, above);
            sets.join(one, aboveLeft);
            sets.join(one, aboveRight);
          }
        }
      }
    }
    return numbered(labels, width, sets);
  }

  private static Labels numbered(int[] labels, int width, Sets sets) {
    int[] numbers = new int[sets.count() + 1];
    List<int[]> bounds = new ArrayList<>();
    for (int at = 0; at < labels.length; at++) {
      if (labels[at] > 0) {
        int root = sets.root(labels[at]);
        int x = at % width;
        int y = at / width;
        if (numbers[root] == 0) {
          bounds.add(new int[] {x, y, x, y});
          numbers[root] = bounds.size();
        }
        labels[at] = numbers[root];
        int[] bound = bounds.get(numbers[root] - 1);
        bound[0] = Math.min(bound[0], x);
        bound[2] = Math.max(bound[2], x);
        bound[3] = y;
      }
    }
    return new Labels(
        labels,
        bounds.stream()
            .map(one -> new Window(one[0], one[1], one[2] - one[0] + 1, one[3] - one[1] + 1))
            .toList());
  }

  /** Numbers that were found to be the same. */
  private static final class Sets {
    private int[] parents = new int[1024];
    private int count;

    int count() {
      return count;
    }

    int make() {
      count++;
      if (count >= parents.length) {
        parents = Arrays.copyOf(parents, 2 * parents.length);
      }
      parents[count] = count;
      return count;
    }

    int root(int one) {
      int at = one;
      while (parents[at] != at) {
        parents[at] = parents[parents[at]];
        at = parents[at];
      }
      return at;
    }

    void join(int one, int other) {
      if (other > 0) {
        int a = root(one);
        int b = root(other);
        parents[Math.max(a, b)] = Math.min(a, b);
      }
    }
  }

  /** Fills what is not of a part and cannot reach the border without crossing it. */
  static void fillHoles(boolean[] part, int width, int height) {
    boolean[] outside = new boolean[part.length];
    int[] line = new int[part.length];
    int end = 0;
    for (int at = 0; at < part.length; at++) {
      int x = at % width;
      int y = at / width;
      boolean isBorder = x == 0 || y == 0 || x == width - 1 || y == height - 1;
      if (isBorder && !part[at]) {
        outside[at] = true;
        line[end++] = at;
      }
    }
    for (int k = 0; k < end; k++) {
      int x = line[k] % width;
      int y = line[k] / width;
      for (int[] step : CROSS) {
        int nx = x + step[0];
        int ny = y + step[1];
        if (nx >= 0 && ny >= 0 && nx < width && ny < height) {
          int next = ny * width + nx;
          if (!part[next] && !outside[next]) {
            outside[next] = true;
            line[end++] = next;
          }
        }
      }
    }
    for (int at = 0; at < part.length; at++) {
      part[at] |= !outside[at];
    }
  }

  /** A part and what lies so many steps around it, corners too. */
  static boolean[] grown(boolean[] part, int width, int height, int by) {
    boolean[] across = new boolean[part.length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        for (int dx = Math.max(-by, -x); dx <= Math.min(by, width - 1 - x); dx++) {
          across[y * width + x] |= part[y * width + x + dx];
        }
      }
    }
    boolean[] grown = new boolean[part.length];
    for (int y = 0; y < height; y++) {
      for (int dy = Math.max(-by, -y); dy <= Math.min(by, height - 1 - y); dy++) {
        for (int x = 0; x < width; x++) {
          grown[y * width + x] |= across[(y + dy) * width + x];
        }
      }
    }
    return grown;
  }
}
