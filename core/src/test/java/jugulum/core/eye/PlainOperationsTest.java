package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Labels, distances and filters against the plainest way to find the same. */
class PlainOperationsTest {
  private static final int WIDTH = 41;
  private static final int HEIGHT = 29;

  private static boolean[] blobs(long seed, double share) {
    Random random = new Random(seed);
    boolean[] mask = new boolean[WIDTH * HEIGHT];
    for (int i = 0; i < mask.length; i++) {
      mask[i] = random.nextDouble() < share;
    }
    return mask;
  }

  private static boolean is(boolean[] mask, int x, int y) {
    return x >= 0 && y >= 0 && x < WIDTH && y < HEIGHT && mask[y * WIDTH + x];
  }

  @Test
  void aDistanceIsThatToTheNearestOutside() {
    for (int seed = 0; seed < 20; seed++) {
      boolean[] mask = blobs(seed, 0.97);
      Plane found = Distance.inside(mask, WIDTH, HEIGHT);
      for (int y = 0; y < HEIGHT; y++) {
        for (int x = 0; x < WIDTH; x++) {
          double nearest = Double.MAX_VALUE;
          for (int oy = -1; oy <= HEIGHT; oy++) {
            for (int ox = -1; ox <= WIDTH; ox++) {
              if (!is(mask, ox, oy)) {
                nearest = Math.min(nearest, Math.hypot(ox - x, oy - y));
              }
            }
          }
          assertThat((double) found.at(x, y)).isCloseTo(nearest, within(1e-4));
        }
      }
    }
  }

  @Test
  void whatTouchesHasOneNumberAndNothingElse() {
    for (int seed = 0; seed < 20; seed++) {
      boolean[] mask = blobs(seed, 0.35);
      Labels labels = Labels.of(mask, WIDTH, HEIGHT);
      int[] flooded = new int[mask.length];
      int count = 0;
      for (int at = 0; at < mask.length; at++) {
        if (mask[at] && flooded[at] == 0) {
          flood(mask, flooded, at, ++count);
        }
      }
      assertThat(labels.of()).isEqualTo(flooded);
      assertThat(labels.count()).isEqualTo(count);
    }
  }

  private static void flood(boolean[] mask, int[] flooded, int from, int number) {
    flooded[from] = number;
    for (int dy = -1; dy <= 1; dy++) {
      for (int dx = -1; dx <= 1; dx++) {
        int x = from % WIDTH + dx;
        int y = from / WIDTH + dy;
        if (is(mask, x, y) && flooded[y * WIDTH + x] == 0) {
          flood(mask, flooded, y * WIDTH + x, number);
        }
      }
    }
  }

  @Test
  void aBellIsTheSumOfItsNeighbours() {
    Random random = new Random(1);
    for (double sigma : new double[] {0.6, 1, 3, 9}) {
      Plane plane = new Plane(WIDTH, HEIGHT);
      for (int i = 0; i < plane.values().length; i++) {
        plane.values()[i] = random.nextFloat();
      }
      Plane smooth = Filters.gaussian(plane, sigma);
      int half = (int) (4 * sigma + 0.5);
      double norm = 0;
      for (int k = -half; k <= half; k++) {
        norm += Math.exp(-0.5 * k * k / (sigma * sigma));
      }
      for (int[] place : new int[][] {{0, 0}, {20, 14}, {40, 28}, {3, 27}}) {
        double sum = 0;
        for (int dy = -half; dy <= half; dy++) {
          for (int dx = -half; dx <= half; dx++) {
            double weight = Math.exp(-0.5 * (dx * dx + dy * dy) / (sigma * sigma)) / (norm * norm);
            sum +=
                weight * plane.at(mirrored(place[0] + dx, WIDTH), mirrored(place[1] + dy, HEIGHT));
          }
        }
        assertThat((double) smooth.at(place[0], place[1])).isCloseTo(sum, within(1e-4));
      }
    }
  }

  private static int mirrored(int place, int length) {
    int at = place;
    while (at < 0 || at >= length) {
      at = at < 0 ? -1 - at : 2 * length - 1 - at;
    }
    return at;
  }

  @Test
  void aHoleIsFilledAndABayIsNot() {
    boolean[] ring = new boolean[WIDTH * HEIGHT];
    for (int y = 5; y < 15; y++) {
      for (int x = 5; x < 15; x++) {
        ring[y * WIDTH + x] = x == 5 || y == 5 || x == 14 || y == 14;
      }
    }
    boolean[] bay = ring.clone();
    bay[5 * WIDTH + 9] = false;
    Labels.fillHoles(ring, WIDTH, HEIGHT);
    Labels.fillHoles(bay, WIDTH, HEIGHT);
    assertThat(is(ring, 10, 10)).isTrue();
    assertThat(is(bay, 10, 10)).isFalse();
  }
}
