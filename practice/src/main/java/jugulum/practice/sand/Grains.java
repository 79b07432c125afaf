package jugulum.practice.sand;

import jugulum.core.check.Check;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/**
 * Grains as rows of arrays, in the order they are fed. Each stands for as much of its mineral as
 * every other of that mineral, sizes are even on a logarithmic scale.
 *
 * <p>Everything that is worked out by functions whose last bit may differ between machines is kept
 * with single precision, so that a run is the same everywhere.
 */
public final class Grains {
  /** The most grains there may be. */
  public static final int MOST = 200_000;

  private final FeedSand sand;
  private final byte[] kinds;
  private final float[] sizesMm;
  private final float[] heights;
  private final float[] settling;
  private final int[] counts = new int[GrainKind.values().length];

  private Grains(FeedSand sand, int count) {
    this.sand = sand;
    kinds = new byte[count];
    sizesMm = new float[count];
    heights = new float[count];
    settling = new float[count];
  }

  /**
   * Draws grains.
   *
   * @param sandGrains how many of sand, from 1
   * @param goldGrains how many of gold, from 0, spread evenly through the sand
   * @param water what they fall through
   * @param seed the same seed gives the same grains
   */
  public static Grains draw(FeedSand sand, int sandGrains, int goldGrains, Water water, long seed) {
    Check.inRange("sandGrains", sandGrains, 1, MOST);
    Check.inRange("goldGrains", goldGrains, 0, MOST);
    UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(seed);
    int count = sandGrains + goldGrains;
    Grains grains = new Grains(sand, count);
    long gold = 0;
    for (int i = 0; i < count; i++) {
      boolean isGold = (gold + 1) * count <= (long) (i + 1) * goldGrains;
      gold += isGold ? 1 : 0;
      grains.put(i, isGold ? GrainKind.GOLD : grains.kind(random.nextDouble()), random, water);
    }
    return grains;
  }

  private GrainKind kind(double draw) {
    double sum = 0;
    GrainKind last = GrainKind.QUARTZ;
    for (GrainKind kind : GrainKind.values()) {
      if (sand.share(kind) > 0) {
        sum += sand.share(kind);
        last = kind;
        if (draw < sum) {
          return kind;
        }
      }
    }
    return last;
  }

  private void put(int i, GrainKind kind, UniformRandomProvider random, Water water) {
    double low = StrictMath.log(sand.finestMm());
    double high = StrictMath.log(sand.coarsestMm());
    double size = StrictMath.exp(low + (high - low) * random.nextDouble());
    double flatness =
        kind == GrainKind.GOLD
            ? sand.flattest() + (sand.roundest() - sand.flattest()) * random.nextDouble()
            : GrainKind.SAND_FLATNESS;
    kinds[i] = (byte) kind.ordinal();
    counts[kind.ordinal()]++;
    sizesMm[i] = (float) size;
    heights[i] = (float) (flatness * size * 1e-3 / 2);
    settling[i] =
        (float)
            Settling.of(Grain.natural(size, flatness, kind.densityGCm3()), water).metresPerSecond();
  }

  /** What they were drawn from. */
  public FeedSand sand() {
    return sand;
  }

  /** How many. */
  public int count() {
    return kinds.length;
  }

  /** How many of a mineral. */
  public int count(GrainKind kind) {
    return counts[kind.ordinal()];
  }

  /** How many of sand. */
  public int sandCount() {
    return count() - count(GrainKind.GOLD);
  }

  /** What the i-th is of, as the ordinal of its {@link GrainKind}. */
  public int kind(int i) {
    return kinds[i];
  }

  /** The screen opening the i-th just passes, in mm. */
  public float sizeMm(int i) {
    return sizesMm[i];
  }

  /** How high the centre of the i-th is above what it lies on, in m. */
  public float heightM(int i) {
    return heights[i];
  }

  /** The settling speed of the i-th, in m/s. */
  public float settlingMps(int i) {
    return settling[i];
  }

  /** How flat the i-th is. */
  public float flatness(int i) {
    return heights[i] * 2000 / sizesMm[i];
  }
}
