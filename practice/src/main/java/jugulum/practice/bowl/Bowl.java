package jugulum.practice.bowl;

import jugulum.core.check.Check;
import jugulum.core.water.Water;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.RoundWeir;
import jugulum.practice.law.Rouse;
import jugulum.practice.law.Sliding;
import jugulum.practice.law.WallStream;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import jugulum.practice.sand.Noise;

/**
 * A vortex bowl with grains in it, step by step. The laws stand in {@code law}. Nothing is made
 * while it runs: positions and states are rows of arrays.
 */
public final class Bowl {
  /** The length of a step, in s. */
  public static final double STEP_S = 1.0 / 30;

  private static final float STICKING = (float) WallStream.STICKING;
  private static final float SMOOTH = (float) WallStream.SMOOTH;
  private static final float PER_KARMAN = (float) (1 / WallStream.KARMAN);

  private static final int GOLD = GrainKind.GOLD.ordinal();

  /** Beside the bowl. */
  public static final byte WAITS = 0;

  /** In the bowl. */
  public static final byte IN = 1;

  /** Over the lip. */
  public static final byte GONE = 2;

  /** Gone because it floated. */
  public static final byte FLOATED = 3;

  private final BowlShape shape;
  private final BowlLaws laws;
  private final float floatsMm;
  private final float floatsFlatness;
  private final float floats;
  private final Grains grains;
  private final double gramsEach;
  private final Noise noise;
  private final SwirlField field;
  private final RoundWeir weir;
  private final float toMove = (float) Sliding.toMove(0);
  private final float toClimb;
  private final float toStay;
  private final float upSlope;
  private final float inwards;
  private final float along;
  private final float[] radius;
  private final float[] angle;
  private final float[] swing;
  private final float[] logHeight;
  private final byte[] state;
  private final int[] gone = new int[GrainKind.values().length];
  private final int[] fed = new int[GrainKind.values().length];
  private int next;
  private int sandIn;
  private double wallMps;
  private double headM;
  private double seconds;
  private double flowM3S;
  private double tilt;

  /**
   * A bowl that stands still, its grains beside it.
   *
   * @param totalG what all the sand weighs, in g, from 1 to 100000
   * @param seed the same seed and the same controls give the same run
   */
  public Bowl(BowlShape shape, Grains grains, double totalG, Water water, long seed) {
    this(shape, BowlLaws.OURS, grains, totalG, water, seed);
  }

  /** The same under other laws. */
  public Bowl(
      BowlShape shape, BowlLaws laws, Grains grains, double totalG, Water water, long seed) {
    this.shape = shape;
    this.laws = laws;
    floatsMm = (float) laws.floatsMm();
    floatsFlatness = (float) laws.floatsFlatness();
    floats = (float) laws.floats();
    this.grains = grains;
    gramsEach = Check.inRange("totalG", totalG, 1, 100_000) / grains.sandCount();
    noise = new Noise(seed);
    field = new SwirlField(shape, laws, water, STEP_S);
    weir = new RoundWeir(shape.lipM());
    toClimb = (float) Sliding.toMove(shape.slope());
    toStay = (float) Sliding.toStay(shape.slope());
    upSlope = (float) StrictMath.cos(shape.slope());
    double turned = StrictMath.toRadians(laws.turnedDegrees());
    inwards = (float) StrictMath.sin(turned);
    along = (float) StrictMath.cos(turned);
    radius = new float[grains.count()];
    angle = new float[grains.count()];
    swing = new float[grains.count()];
    state = new byte[grains.count()];
    logHeight = new float[grains.count()];
    for (int i = 0; i < logHeight.length; i++) {
      logHeight[i] = (float) StrictMath.log(grains.heightM(i));
    }
  }

  /**
   * Puts the next grains in.
   *
   * @param grams how much sand, in g, from 0
   * @param isAtWall at the wall, or anywhere on the floor
   * @param hasAgent whether the water wets it
   * @return how much went in, in g: less where less is left
   */
  public double charge(double grams, boolean isAtWall, boolean hasAgent) {
    Check.inRange("grams", grams, 0, 100_000);
    int wanted = (int) Math.round(grams / gramsEach);
    int put = 0;
    while (next < grains.count() && (put < wanted || grains.kind(next) == GOLD)) {
      if (grains.kind(next) != GOLD) {
        put++;
      }
      put(next++, isAtWall, hasAgent);
    }
    return put * gramsEach;
  }

  private void put(int i, boolean isAtWall, boolean hasAgent) {
    int kind = grains.kind(i);
    fed[kind]++;
    if (kind == GOLD && !hasAgent && noise.uniform() < floats(i)) {
      state[i] = FLOATED;
      gone[kind]++;
      return;
    }
    sandIn += kind == GOLD ? 0 : 1;
    state[i] = IN;
    float outer = (float) (shape.wallM() - 0.004);
    float inner = (float) (isAtWall ? shape.wallM() - 0.035 : shape.footM() + 0.005);
    radius[i] = inner + (outer - inner) * noise.uniform();
    angle[i] = noise.uniform() * (float) (2 * Math.PI);
    swing[i] = noise.next();
  }

  /** How likely gold floats when it touches the surface unwetted, 0 to 1. */
  private float floats(int i) {
    float small = 1 - grains.sizeMm(i) / floatsMm;
    float flat = 1 - grains.flatness(i) / floatsFlatness;
    return small > 0 && flat > 0 ? floats * (float) Math.sqrt(small * flat) : 0;
  }

  /** Goes on by one step. */
  public void step(BowlControls controls) {
    double load = loadG();
    flowM3S = controls.valveLMin() / 60_000 / (1 + load / laws.dammingG());
    double jetMps = laws.wallMps(flowM3S, shape.nozzleM2(), load);
    double behind = Math.max(0, jetMps - wallMps);
    wallMps += (jetMps - wallMps) * (STEP_S / laws.lagS());
    tilt = StrictMath.toRadians(controls.tiltDegrees());
    double over = spill();
    field.set(wallMps, behind, over, headM);
    move(controls.hasAgent());
    seconds += STEP_S;
  }

  /** Lets the level follow, in ten parts of a step: it is quicker than the grains. */
  private double spill() {
    double part = STEP_S / 10;
    double over = 0;
    for (int i = 0; i < 10; i++) {
      double out = weir.flowM3S(headM);
      headM = Math.max(-shape.depthM(), headM + (flowM3S - out) * part / shape.surfaceM2());
      over += out / 10;
    }
    return over;
  }

  private void move(boolean hasAgent) {
    float dt = (float) STEP_S;
    float lip = (float) shape.lipM();
    float foot = (float) shape.footM();
    float wall = (float) (shape.wallM() - 0.002);
    // Over the low side of the lip runs more: 1.5 e r / H of it, to first order of the weir's law.
    float lean = headM > 1e-4 ? (float) Math.clamp(1.5 * tilt * lip / headM, -0.95, 0.95) : 0;
    boolean isLevel = lean == 0;
    for (int i = 0; i < next; i++) {
      if (state[i] != IN) {
        continue;
      }
      float r = radius[i];
      int bin = field.bin(r);
      float xi = field.kept[bin] * swing[i] + field.fresh[bin] * noise.next();
      swing[i] = xi;
      float cos = isLevel || r >= foot ? 0 : Trig.cos(angle[i]);
      float u = stream(i, bin) * (1 + field.turbulence[bin] * xi) * crowded(r, bin, cos);
      float ws = grains.settlingMps(i);
      float dragged = u - ws * toMove;
      float roundSpeed = dragged > 0 ? dragged * along : 0;
      float low = 1 + lean * cos;
      float inSpeed;
      if (r >= foot) {
        inSpeed = dragged > 0 ? dragged * inwards : 0;
      } else {
        float up = u * inwards * low;
        float climbs = up - ws * toClimb;
        float slides = ws * toStay - up;
        inSpeed = (climbs > 0 ? climbs : slides > 0 ? -slides : 0) * upSlope;
      }
      float carried = carried(ws, field.stirred[bin]);
      if (carried > 0) {
        inSpeed += carried * (field.inward[bin] * low - inSpeed);
        roundSpeed += carried * (field.round[bin] - roundSpeed);
        if (!hasAgent && grains.kind(i) == GOLD && noise.uniform() < carried * dt * floats(i)) {
          leave(i, FLOATED);
          continue;
        }
      }
      r -= inSpeed * dt;
      if (r <= lip) {
        leave(i, GONE);
        continue;
      }
      radius[i] = Math.min(r, wall);
      angle[i] = Trig.turned(angle[i], roundSpeed * dt / r);
    }
  }

  /**
   * Where a leaning bowl is shallower the same water goes faster: what goes round stays the same.
   */
  private float crowded(float r, int bin, float cos) {
    return cos == 0 ? 1 : Math.clamp(1 / (1 + (float) tilt * r * cos / field.deep[bin]), 0.5f, 2);
  }

  private float stream(int i, int bin) {
    float height = grains.heightM(i) * field.perMetre[bin];
    return height < STICKING
        ? field.shear[bin] * height
        : field.shear[bin] * ((logHeight[i] + field.logPerMetre[bin]) * PER_KARMAN + SMOOTH);
  }

  private static float carried(float ws, float shear) {
    return ws > 1.1f * shear ? 0 : (float) Rouse.carried(ws, shear);
  }

  private void leave(int i, byte how) {
    state[i] = how;
    int kind = grains.kind(i);
    gone[kind]++;
    sandIn -= kind == GOLD ? 0 : 1;
  }

  /** The sand in the bowl, in g. */
  public double loadG() {
    return sandIn * gramsEach;
  }

  /** What is still beside the bowl, in g of sand. */
  public double waitingG() {
    int rest = 0;
    for (int kind = GOLD + 1; kind < fed.length; kind++) {
      rest += grains.count(GrainKind.values()[kind]) - fed[kind];
    }
    return rest * gramsEach;
  }

  /** How long it has run, in s. */
  public double seconds() {
    return seconds;
  }

  /** The water on the lip, in m; below it where negative. */
  public double headM() {
    return headM;
  }

  /** What comes in, in L/min. */
  public double flowLMin() {
    return flowM3S * 60_000;
  }

  /** The speed of the water at the wall, in m/s. */
  public double wallMps() {
    return wallMps;
  }

  /** The share of a mineral of all there is that has left, 0 to 1; 0 of what there is none of. */
  public double gone(GrainKind kind) {
    int all = grains.count(kind);
    return all == 0 ? 0 : (double) gone[kind.ordinal()] / all;
  }

  /** How many grains of a mineral have left. */
  public int goneCount(GrainKind kind) {
    return gone[kind.ordinal()];
  }

  /** The share of the sand there is that has left, 0 to 1. */
  public double sandGone() {
    int left = 0;
    for (int kind = GOLD + 1; kind < gone.length; kind++) {
      left += gone[kind];
    }
    return (double) left / grains.sandCount();
  }

  /** Its grains. */
  public Grains grains() {
    return grains;
  }

  /** Its shape. */
  public BowlShape shape() {
    return shape;
  }

  /** Where the i-th grain is: {@link #WAITS}, {@link #IN}, {@link #GONE} or {@link #FLOATED}. */
  public byte state(int i) {
    return state[i];
  }

  /** How far the i-th grain is from the middle, in m. */
  public float radiusM(int i) {
    return radius[i];
  }

  /** At which angle the i-th grain is, from 0 at the right to 2π. */
  public float angle(int i) {
    return angle[i];
  }
}
