package jugulum.practice.bowl;

import jugulum.core.water.Water;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.Swirl;
import jugulum.practice.law.WallStream;

/** The stream of a bowl by radius, made anew each step into the same arrays. */
final class SwirlField {
  static final int BINS = 256;

  private final BowlShape shape;
  private final double viscosity;
  private final double dt;
  private final double[] growth = new double[BINS];
  private final double[] depth = new double[BINS];
  private final double perBin;

  final float[] shear = new float[BINS];

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

  /** The bin of a radius. */
  int bin(float radius) {
    return Math.clamp((int) ((radius - shape.lipM()) / perBin), 0, BINS - 1);
  }

  /**
   * Makes it anew.
   *
   * @param wallMps the speed at the wall
   * @param overM3S what runs over the lip
   * @param headM the water on the lip
   */
  void set(double wallMps, double overM3S, double headM) {
    for (int i = 0; i < BINS; i++) {
      double r = shape.lipM() + (i + 0.5) * perBin;
      double v = wallMps * growth[i];
      double u = Math.max(1e-6, Swirl.shearMps(v, shape.depthM(), viscosity));
      double keeps = StrictMath.exp(-dt / WallStream.memoryS(u, viscosity));
      round[i] = (float) v;
      shear[i] = (float) u;
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
