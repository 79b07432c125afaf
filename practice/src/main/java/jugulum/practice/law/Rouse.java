package jugulum.practice.law;

/**
 * Whether a grain goes with the water, by the Rouse number P = ws/(0.41 u*): below 0.8 it does,
 * above 2.5 it stays on the bed (textbook limits). Between them the share of the time it is carried
 * falls as the cube of the way: ours.
 */
public final class Rouse {
  private static final double CARRIED = 0.8;
  private static final double ON_THE_BED = 2.5;

  private Rouse() {}

  /**
   * The share of the time a grain is carried.
   *
   * @param settlingMps its settling speed, in m/s
   * @param shearMps the shear speed, in m/s
   * @return from 0 to 1
   */
  public static double carried(double settlingMps, double shearMps) {
    double number = settlingMps / (WallStream.KARMAN * shearMps);
    if (number >= ON_THE_BED) {
      return 0;
    }
    double way = Math.min(1, (ON_THE_BED - number) / (ON_THE_BED - CARRIED));
    return way * way * way;
  }
}
