package jugulum.practice.deck;

import java.util.Arrays;
import jugulum.core.check.Check;
import jugulum.core.water.Water;
import jugulum.practice.law.DeckLaws;
import jugulum.practice.law.Film;
import jugulum.practice.law.Sliding;
import jugulum.practice.law.WallStream;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import jugulum.practice.sand.Noise;

/**
 * A shaker table with grains on it, step by step. Grains that have left are fed again, so that it
 * can run for as long as one likes. Nothing is made while it runs.
 */
public final class Deck {
  /** The length of a step, in s. */
  public static final double STEP_S = 1.0 / 30;

  /**
   * How long a deck takes to fill; what leaves before is not counted, in s: ours.
   *
   * <p>Off by a half: what of a run of practice counts, at its beginning.
   */
  public static final double FILLS_S = 60;

  /** The bed settles slower than grains move over it: it is looked at anew after so many steps. */
  private static final int SETTLES = 3;

  /** Where the feed falls, from the top, and how wide it spreads, in m. */
  public static final double FED_AT_M = 0.04;

  private static final float FEED_SPREAD_M = 0.012f;
  private static final float FEED_LENGTH_M = 0.05f;
  private static final float TURBULENCE = (float) WallStream.TURBULENCE;

  /** How long what each port got lately is remembered, in s. */
  private static final double LATELY_S = 15;

  /** Beside the deck. */
  public static final byte WAITS = 0;

  /** On it. */
  public static final byte ON = 1;

  private final DeckShape shape;
  private final Grains grains;
  private final double gramsEach;
  private final double viscosity;
  private final Noise noise;
  private final DeckBed bed;
  private final float[] x;
  private final float[] y;
  private final float[] swing;
  private final float[] place;
  private final byte[] state;
  private final float[] riffle;
  private final float[] thick;
  private final float[] pull;
  private final float[] kept;
  private final float[] fresh;
  private final long[][] out = new long[DeckControls.PORTS][GrainKind.values().length];
  private final long[] fed = new long[GrainKind.values().length];
  private final double[][] lately = new double[DeckControls.PORTS][GrainKind.values().length];
  private final int[][] places;
  private final float forget;
  private final double conveyedShare;
  private final float halfConveyedM;
  private final float disorder;
  private final float takenHoldOf;
  private final float renew;
  private final double fade = StrictMath.exp(-STEP_S / LATELY_S);
  private int next;
  private int steps;
  private double owed;
  private double seconds;
  private double filmM;
  private double topMps;

  /**
   * An empty deck.
   *
   * @param gramsEach what each grain of sand stands for, in g, 1e-6 to 1
   * @param seed the same seed and the same controls give the same run
   */
  public Deck(DeckShape shape, Grains grains, double gramsEach, Water water, long seed) {
    this(shape, DeckLaws.OURS, grains, gramsEach, water, seed);
  }

  /** The same under other laws. */
  public Deck(
      DeckShape shape, DeckLaws laws, Grains grains, double gramsEach, Water water, long seed) {
    this.shape = shape;
    conveyedShare = laws.conveyed();
    halfConveyedM = (float) laws.halfConveyedM();
    disorder = (float) laws.disorder();
    takenHoldOf = (float) laws.takenHoldOf();
    forget = (float) StrictMath.exp(-SETTLES * STEP_S / laws.settledS());
    renew = (float) Math.sqrt(1 - forget * forget);
    this.grains = grains;
    this.gramsEach = Check.inRange("gramsEach", gramsEach, 1e-6, 1);
    viscosity = water.kinematicViscosityM2S();
    noise = new Noise(seed);
    bed = new DeckBed(shape, laws, grains, gramsEach);
    int count = grains.count();
    x = new float[count];
    y = new float[count];
    swing = new float[count];
    place = new float[count];
    state = new byte[count];
    riffle = new float[bed.columns];
    thick = new float[bed.columns];
    pull = new float[bed.columns];
    kept = new float[bed.columns];
    fresh = new float[bed.columns];
    for (int c = 0; c < bed.columns; c++) {
      riffle[c] = (float) shape.riffleM(bed.middle(c));
    }
    places = new int[GrainKind.values().length][(int) Math.ceil(shape.widthM() * 1000) + 1];
  }

  /** Goes on by one step. */
  public void step(DeckControls controls) {
    feed(controls.feedKgH());
    film(controls);
    if (steps++ % SETTLES == 0) {
      settle();
    }
    for (double[] port : lately) {
      for (int kind = 0; kind < port.length; kind++) {
        port[kind] *= fade;
      }
    }
    move(controls);
    seconds += STEP_S;
  }

  private void settle() {
    bed.clear();
    for (int i = 0; i < state.length; i++) {
      if (state[i] == ON) {
        place[i] = forget * place[i] + renew * noise.next();
        bed.add(i, grains.kind(i), x[i], y[i]);
      }
    }
    bed.heap();
  }

  private void feed(double kgH) {
    owed += kgH / 3.6 * STEP_S / gramsEach;
    int looked = 0;
    while (owed >= 1 && looked < state.length) {
      int i = next;
      next = (next + 1) % state.length;
      looked++;
      if (state[i] != ON) {
        put(i);
        owed -= grains.kind(i) == GrainKind.GOLD.ordinal() ? 0 : 1;
      }
    }
    owed = Math.min(owed, 1);
  }

  private void put(int i) {
    state[i] = ON;
    x[i] = noise.uniform() * FEED_LENGTH_M;
    y[i] = Math.max(0.001f, (float) FED_AT_M + FEED_SPREAD_M * noise.next());
    swing[i] = noise.next();
    place[i] = noise.next();
    fed[grains.kind(i)]++;
  }

  private void film(DeckControls controls) {
    double half = shape.lengthM() / 2;
    double trough = controls.troughLMin() / 60_000 / shape.lengthM();
    double spray = controls.sprayLMin() / 60_000 / half;
    Film first = Film.of(trough, controls.tiltDegrees(), viscosity);
    Film then = Film.of(trough + spray, controls.tiltDegrees(), viscosity);
    filmM = first.thicknessM();
    topMps = first.topMps();
    float keptFirst = kept(first);
    float keptThen = kept(then);
    for (int c = 0; c < thick.length; c++) {
      boolean isFirst = bed.middle(c) < half;
      Film here = isFirst ? first : then;
      thick[c] = (float) here.thicknessM();
      pull[c] = (float) (here.pullMps2() / viscosity);
      kept[c] = isFirst ? keptFirst : keptThen;
      fresh[c] = (float) Math.sqrt(1 - kept[c] * kept[c]);
    }
  }

  private float kept(Film film) {
    return film.thicknessM() <= 0
        ? 0
        : (float) StrictMath.exp(-STEP_S / WallStream.memoryS(film.shearMps(), viscosity));
  }

  private void move(DeckControls controls) {
    float dt = (float) STEP_S;
    double tilt = StrictMath.toRadians(controls.tiltDegrees());
    double rise = StrictMath.toRadians(controls.riseDegrees());
    float toMove = (float) Sliding.toMove(-tilt);
    // The film runs down the steepest way: back towards the feed where the ports stand higher.
    double fall = StrictMath.sin(tilt);
    double climb = StrictMath.sin(rise);
    double steepest = Math.sqrt(fall * fall + climb * climb);
    float down = steepest > 0 ? (float) (fall / steepest) : 0;
    float back = steepest > 0 ? (float) (climb / steepest) : 0;
    float conveyed =
        (float)
            Math.max(
                0,
                conveyedShare
                    * controls.strokeMm()
                    / 1000
                    * controls.strokes()
                    / 60
                    * (1 - climb / Sliding.FRICTION));
    float length = (float) shape.lengthM();
    float width = (float) shape.widthM();
    for (int i = 0; i < state.length; i++) {
      if (state[i] != ON) {
        continue;
      }
      int cell = bed.cell(x[i], y[i]);
      int column = bed.column(x[i]);
      float within = Math.clamp(0.5f + 0.3f * place[i], 0, 1);
      float thickness = bed.thickness(cell);
      float lies =
          Math.clamp(bed.height(i, cell, within) + disorder * thickness * place[i], 0, thickness);
      float centre = grains.heightM(i);
      float vx = conveyed / (1 + lies / halfConveyedM);
      float vy = 0;
      float top = Math.max(riffle[column], thickness - takenHoldOf * thick[column]);
      if (lies + 2 * centre > top) {
        float z = Math.min(centre, thick[column]);
        swing[i] = kept[column] * swing[i] + fresh[column] * noise.next();
        float u = pull[column] * (thick[column] * z - z * z / 2) * (1 + TURBULENCE * swing[i]);
        float v = u - grains.settlingMps(i) * toMove;
        if (v > 0) {
          vy = v * down;
          vx -= v * back;
        }
      }
      x[i] = Math.max(0, x[i] + vx * dt);
      y[i] += vy * dt;
      if (y[i] >= width) {
        leave(i, DeckControls.PORTS - 1, width);
      } else if (x[i] >= length) {
        leave(i, port(controls, y[i]), y[i]);
      }
    }
  }

  private static int port(DeckControls controls, float y) {
    int port = 0;
    while (port < DeckControls.PORTS - 1 && y >= controls.splittersM().get(port)) {
      port++;
    }
    return port;
  }

  private void leave(int i, int port, float at) {
    state[i] = WAITS;
    int kind = grains.kind(i);
    out[port][kind]++;
    lately[port][kind]++;
    places[kind][Math.min(places[kind].length - 1, (int) (at * 1000))]++;
  }

  /** Forgets what the ports have got so far. */
  public void forget() {
    for (int port = 0; port < out.length; port++) {
      Arrays.fill(out[port], 0);
    }
    for (int[] kind : places) {
      Arrays.fill(kind, 0);
    }
    for (double[] port : lately) {
      Arrays.fill(port, 0);
    }
  }

  /**
   * Where a share of a mineral has left by, counted from the top.
   *
   * @param share 0 to 1; 0.5 for the median
   * @return in m from the top; the width of the deck for what went over the long edge, NaN where
   *     nothing of it left
   */
  public double placeM(GrainKind kind, double share) {
    Check.share("share", share);
    int[] counts = places[kind.ordinal()];
    long all = 0;
    for (int count : counts) {
      all += count;
    }
    long sum = 0;
    for (int mm = 0; mm < counts.length; mm++) {
      sum += counts[mm];
      if (sum > 0 && sum >= share * all) {
        return Math.min((mm + 0.5) / 1000, shape.widthM());
      }
    }
    return Double.NaN;
  }

  /**
   * How many grains of a mineral a port has got.
   *
   * @param port from 0, the top one, to 3
   */
  public long out(int port, GrainKind kind) {
    return out[port][kind.ordinal()];
  }

  /** How many of a mineral have left. */
  public long out(GrainKind kind) {
    long all = 0;
    for (long[] port : out) {
      all += port[kind.ordinal()];
    }
    return all;
  }

  /** How many grains of a mineral a port got lately, older ones counting less. */
  public double lately(int port, GrainKind kind) {
    return lately[port][kind.ordinal()];
  }

  /** How many grains of a mineral were fed. */
  public long fed(GrainKind kind) {
    return fed[kind.ordinal()];
  }

  /** How long it has run, in s. */
  public double seconds() {
    return seconds;
  }

  /** The film of water before the spray, in m. */
  public double filmM() {
    return filmM;
  }

  /** How fast its top runs, in m/s. */
  public double topMps() {
    return topMps;
  }

  /** Its grains. */
  public Grains grains() {
    return grains;
  }

  /** Its shape. */
  public DeckShape shape() {
    return shape;
  }

  /** Where the i-th grain is: {@link #WAITS} or {@link #ON}. */
  public byte state(int i) {
    return state[i];
  }

  /** How far the i-th grain is from the feed, in m. */
  public float xM(int i) {
    return x[i];
  }

  /** How far the i-th grain is from the top edge, in m. */
  public float yM(int i) {
    return y[i];
  }
}
