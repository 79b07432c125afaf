package jugulum.practice.drops;

import jugulum.core.check.Check;
import jugulum.practice.sand.Noise;

/**
 * A heap under a magnet: a lift takes all the magnetite and traps some of the gold that lay in it,
 * every drop over a fresh pan frees a share of what is still trapped.
 */
public final class Heap {
  private final boolean[] trapped;
  private final boolean[] taken;
  private final double traps;
  private final double frees;
  private final Noise noise;
  private boolean isUp;
  private int drops;

  /**
   * A heap that lies.
   *
   * @param gold how many grains of gold lie in it, 0 to 100000
   * @param traps the share of them a lift traps, 0 to 1
   * @param frees the share of what is trapped a drop frees, 0 to 1
   */
  public Heap(int gold, double traps, double frees, long seed) {
    Check.inRange("gold", gold, 0, 100_000);
    this.traps = Check.share("traps", traps);
    this.frees = Check.share("frees", frees);
    trapped = new boolean[gold];
    taken = new boolean[gold];
    noise = new Noise(seed);
  }

  /** Lifts it; nothing if it is up. */
  public void lift() {
    if (isUp) {
      return;
    }
    isUp = true;
    for (int i = 0; i < trapped.length; i++) {
      trapped[i] = noise.uniform() < traps;
      taken[i] = trapped[i];
    }
  }

  /** Lets it fall into the fresh pan and takes it up again; nothing if it lies. */
  public void drop() {
    if (!isUp) {
      return;
    }
    drops++;
    for (int i = 0; i < trapped.length; i++) {
      trapped[i] = trapped[i] && noise.uniform() >= frees;
    }
  }

  /** How many grains of gold it holds. */
  public int trapped() {
    int count = 0;
    for (boolean one : trapped) {
      count += one ? 1 : 0;
    }
    return count;
  }

  /** Whether it holds the i-th grain. */
  public boolean isTrapped(int i) {
    return trapped[i];
  }

  /** Whether the lift took the i-th grain along. */
  public boolean wasTrapped(int i) {
    return taken[i];
  }

  /** How many grains of gold there are. */
  public int gold() {
    return trapped.length;
  }

  /** Whether it is up. */
  public boolean isUp() {
    return isUp;
  }

  /** How often it fell. */
  public int drops() {
    return drops;
  }
}
