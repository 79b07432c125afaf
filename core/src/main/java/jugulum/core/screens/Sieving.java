package jugulum.core.screens;

import jugulum.core.check.Check;

/** The limits of a laboratory screening. Source: ASTM C136/C136M, from memory. */
public final class Sieving {
  /** The cuts of a dry sample must add up to what went in within this share. */
  public static final double CLOSURE = 0.003;

  /** Shaking is enough when less than this share of the sample passes in one more minute. */
  public static final double END_POINT = 0.005;

  /** The sand a fine screen may keep, in g per mm² of its face: 7 kg/m². */
  private static final double LOAD_G_PER_MM2 = 7e3 / 1e6;

  /** From this opening on the load grows with it, in mm. */
  private static final double COARSE_MM = 4.75;

  private static final double COARSE_LOAD_G_PER_MM3 = 2.5e3 / 1e6;

  private Sieving() {}

  /**
   * Whether shaking is enough.
   *
   * @param passedG what passed a screen in one more minute, in grams
   * @param sampleG the whole sample, in grams, above 0
   */
  public static boolean isEnough(double passedG, double sampleG) {
    return lastMinuteShare(passedG, sampleG) < END_POINT;
  }

  /**
   * What passed in the last minute as a share of the sample; the values as for {@link #isEnough}.
   */
  public static double lastMinuteShare(double passedG, double sampleG) {
    Check.inRange("sampleG", sampleG, Double.MIN_NORMAL, Check.HEAVIEST_G);
    return Check.inRange("passedG", passedG, 0, sampleG) / sampleG;
  }

  /**
   * The most that may stay on a round screen, in grams, so that every grain finds an opening.
   *
   * @param openingMm its opening, in mm, from 0.001 to 200
   * @param diameterMm of its frame, in mm, from 10 to 2,000
   */
  public static double largestLoadG(double openingMm, double diameterMm) {
    Check.inRange("openingMm", openingMm, 0.001, 200);
    Check.inRange("diameterMm", diameterMm, 10, 2000);
    double face = Math.PI / 4 * diameterMm * diameterMm;
    return face * (openingMm < COARSE_MM ? LOAD_G_PER_MM2 : COARSE_LOAD_G_PER_MM3 * openingMm);
  }
}
