package jugulum.practice.bowl;

import jugulum.core.water.Water;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.Swirl;
import jugulum.practice.law.WallStream;

/** The stream of a bowl by radius, made anew each step into the same arrays. */
final class SwirlField {
  static final int BINS = 256;

  /**
   * A stream that has changed by less is the same: most of the time of a run went into making it.
   */
  private static final double NEAR = 1e-3;

  private final BowlShape shape;
  private final BowlLaws laws;
  private final double viscosity;
  private final double dt;
  private final double[] growth = new double[BINS];
  private final double[] depth = new double[BINS];
  private final double perBin;
  private double setWallMps = -1;
  private double setBehindMps = -1;
  private double setOverM3S = -1;
  private double setHeadM = -1;

  final float[] shear = new float[BINS];

  /** The shear with what a jet ahead of the swirl stirs up. */
  final float[] stirred = new float[BINS];

  /** How much of its speed a grain's stream swings by. */
  final float[] turbulence = new float[BINS];

  /** Wall units by metre. */
  final float[] perMetre = new float[BINS];

  final float[] logPerMetre = new float[BINS];

  /** What turbulence remembers over a step, and what is new in it. */
  final float[] kept = new float[BINS];

  final float[] fresh = new float[BINS];

  /** How deep the water is, in m. */
  final float[] deep = new float[BINS];

  /** The mean speed of the water inward, in m/s. */
  final float[] inward = new float[BINS];

  /** The speed of the water round the bowl, in m/s. */
  final float[] round = new float[BINS];

  SwirlField(BowlShape shape, BowlLaws laws, Water water, double dt) {
    this.shape = shape;
    this.laws = laws;
    this.viscosity = water.kinematicViscosityM2S();
    this.dt = dt;
    perBin = (shape.wallM() - shape.lipM()) / BINS;
    double rise = StrictMath.tan(shape.slope());
    for (int i = 0; i < BINS; i++) {
      double r = shape.lipM() + (i + 0.5) * perBin;
      growth[i] = laws.growth(shape.wallM(), r);
      depth[i] = shape.depthM() - Math.max(0, shape.footM() - r) * rise;
    }
  }

  private static boolean isNear(double one, double other) {
    return Math.abs(one - other) <= NEAR * Math.abs(other);
  }

  /** The bin of a radius. */
  int bin(float radius) {
    return Math.clamp((int) ((radius - shape.lipM()) / perBin), 0, BINS - 1);
  }

  /**
   * Makes it anew, unless it is nearly the same.
   *
   * @param wallMps the speed at the wall
   * @param behindMps how far that is behind what the jet is going to make it, from 0
   * @param overM3S what runs over the lip
   * @param headM the water on the lip
   */
  void set(double wallMps, double behindMps, double overM3S, double headM) {
    if (isNear(wallMps, setWallMps)
        && Math.abs(behindMps - setBehindMps) <= NEAR * wallMps
        && isNear(overM3S, setOverM3S)
        && isNear(headM, setHeadM)) {
      return;
    }
    setWallMps = wallMps;
    setBehindMps = behindMps;
    setOverM3S = overM3S;
    setHeadM = headM;
    for (int i = 0; i < BINS; i++) {
      double r = shape.lipM() + (i + 0.5) * perBin;
      double v = wallMps * growth[i];
      double u = Math.max(1e-6, Swirl.shearMps(v, shape.depthM(), viscosity));
      double keeps = StrictMath.exp(-dt / WallStream.memoryS(u, viscosity));
      round[i] = (float) v;
      shear[i] = (float) u;
      double most = laws.stirredMps(u, behindMps * growth[i]);
      stirred[i] = (float) most;
      turbulence[i] = (float) (WallStream.TURBULENCE * most / u);
      perMetre[i] = (float) (u / viscosity);
      logPerMetre[i] = (float) StrictMath.log(u / viscosity);
      kept[i] = (float) keeps;
      fresh[i] = (float) Math.sqrt(1 - keeps * keeps);
      double here = Math.max(Math.max(depth[i], headM), 1e-3);
      deep[i] = (float) here;
      inward[i] = (float) (overM3S / (2 * Math.PI * r * here));
    }
  }
}
