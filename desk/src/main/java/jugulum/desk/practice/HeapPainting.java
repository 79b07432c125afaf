package jugulum.desk.practice;

import jugulum.practice.bowl.Trig;
import jugulum.practice.drops.Heap;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Noise;

/** A heap in a pan, or under the magnet over a fresh pan, with the gold it holds. */
final class HeapPainting implements Painting {
  private static final int WIDTH = 760;
  private static final int HEIGHT = 420;
  private static final int GRAINS = 6000;
  private static final int PAN = 170;
  private static final int HEAP = 70;

  private final Heap heap;
  private final float[] angle = new float[GRAINS + 1000];
  private final float[] reach = new float[GRAINS + 1000];
  private final Canvas ground = new Canvas(WIDTH, HEIGHT);

  /**
   * Paints a heap.
   *
   * @param behind the colour of what is round the pans
   */
  HeapPainting(Heap heap, int behind, long seed) {
    this.heap = heap;
    Noise noise = new Noise(seed);
    for (int i = 0; i < angle.length; i++) {
      angle[i] = noise.uniform() * (float) (2 * Math.PI);
      reach[i] = (float) Math.sqrt(noise.uniform());
    }
    ground.fill(behind);
    for (int pan = 0; pan < 2; pan++) {
      ground.circle(centre(pan), HEIGHT / 2.0, PAN + 8, MineralColours.WALL);
      ground.circle(centre(pan), HEIGHT / 2.0, PAN, MineralColours.DEEP);
    }
  }

  private static int centre(int pan) {
    return WIDTH / 4 + pan * WIDTH / 2;
  }

  @Override
  public int width() {
    return WIDTH;
  }

  @Override
  public int height() {
    return HEIGHT;
  }

  @Override
  public void paint(Canvas canvas) {
    canvas.copy(ground);
    int here = centre(heap.isUp() ? 1 : 0);
    for (int i = 0; i < GRAINS; i++) {
      put(canvas, i, here, HEAP, GrainKind.MAGNETITE, 2);
    }
    for (int i = 0; i < heap.gold(); i++) {
      boolean isHeld = heap.isUp() && heap.isTrapped(i);
      // What a drop freed lies in the fresh pan, wide of the heap; what no lift took, in the first.
      boolean isFreed = heap.isUp() && !isHeld && heap.wasTrapped(i);
      int pan = isHeld || isFreed ? 1 : 0;
      int wide = isHeld || !heap.isUp() ? HEAP : PAN - 12;
      put(canvas, GRAINS + i, centre(pan), wide, GrainKind.GOLD, 3);
    }
  }

  private void put(Canvas canvas, int i, int x, int wide, GrainKind kind, int size) {
    float r = reach[i] * wide;
    canvas.dot(
        (int) (x + r * Trig.cos(angle[i])),
        (int) (HEIGHT / 2.0 + r * Trig.sin(angle[i])),
        size,
        MineralColours.of(kind));
  }
}
