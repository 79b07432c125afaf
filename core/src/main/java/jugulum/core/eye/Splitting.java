package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Specks that touch are taken apart at their necks: flooded from the heights of the distance from
 * their border; two stay apart where the neck is narrow beside the smaller of both.
 */
final class Splitting {
  /** Two stay apart where the neck is below that share of the smaller one's half width. */
  static final double NECK = 0.72;

  /** What is thinner has no neck to speak of, in pixels of half width. */
  private static final double THINNEST = 1.8;

  /** A neck is told that lies so many pixels below the height. */
  private static final double BELOW = 0.9;

  private final Plane heights;
  private final int[] parts;
  private final List<Integer> parents = new ArrayList<>();
  private final List<Float> peaks = new ArrayList<>();

  private Splitting(boolean[] part, Plane heights) {
    this.heights = heights;
    this.parts = new int[part.length];
  }

  /**
   * The parts of a part, as numbers from 1.
   *
   * @param part its pixels
   * @param heights how far they lie inside, a little smoothed
   */
  static int[] of(boolean[] part, Plane heights) {
    Splitting splitting = new Splitting(part, heights);
    splitting.flood(part);
    return splitting.numbered(part);
  }

  private void flood(boolean[] part) {
    java.util.Arrays.fill(parts, -1);
    int[] order =
        IntStream.range(0, part.length)
            .filter(at -> part[at])
            .boxed()
            .sorted(Comparator.comparingDouble((Integer at) -> -heights.values()[at]))
            .mapToInt(Integer::intValue)
            .toArray();
    List<Integer> near = new ArrayList<>();
    for (int at : order) {
      float height = heights.values()[at];
      neighbours(at, near);
      if (near.isEmpty()) {
        parts[at] = parents.size();
        parents.add(parents.size());
        peaks.add(height);
        continue;
      }
      near.sort(Comparator.comparingDouble((Integer one) -> -peaks.get(one)));
      int top = near.getFirst();
      for (int other : near.subList(1, near.size())) {
        float peak = peaks.get(other);
        if (peak < THINNEST || height >= NECK * peak || peak - height < BELOW) {
          parents.set(other, top);
        }
      }
      parts[at] = top;
    }
  }

  private void neighbours(int at, List<Integer> near) {
    near.clear();
    int x = at % heights.width();
    int y = at / heights.width();
    for (int ny = Math.max(0, y - 1); ny <= Math.min(heights.height() - 1, y + 1); ny++) {
      for (int nx = Math.max(0, x - 1); nx <= Math.min(heights.width() - 1, x + 1); nx++) {
        int part = parts[ny * heights.width() + nx];
        if (part >= 0) {
          Integer root = root(part);
          if (!near.contains(root)) {
            near.add(root);
          }
        }
      }
    }
  }

  private int root(int part) {
    int at = part;
    while (parents.get(at) != at) {
      at = parents.get(at);
    }
    return at;
  }

  private int[] numbered(boolean[] part) {
    int[] numbers = new int[parents.size()];
    int count = 0;
    int[] out = new int[part.length];
    for (int at = 0; at < part.length; at++) {
      if (part[at]) {
        int root = root(parts[at]);
        if (numbers[root] == 0) {
          numbers[root] = ++count;
        }
        out[at] = numbers[root];
      }
    }
    return out;
  }
}
