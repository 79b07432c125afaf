package jugulum.practice.law;

/**
 * A grain that lies flat on a bed, under a stream.
 *
 * <p>Drag is quadratic and scaled by the settling speed, at which it carries the whole buoyant
 * weight; against it stands Coulomb friction. A plain force balance: v = u − ws √max(0, μ cos s +
 * sin s), never negative; and where the slope alone overcomes friction, down it at ws √(sin s − μ
 * cos s) less the stream.
 */
public final class Sliding {
  /**
   * The friction of a grain on a bed: ours.
   *
   * <p>Off by a half: the tilt and the flow at which a grain slides, in proportion.
   */
  public static final double FRICTION = 0.6;

  private Sliding() {}

  /**
   * How fast a stream must go for a grain to move against a slope, as a share of its settling
   * speed.
   *
   * @param slope against the motion, in radians; negative downhill
   */
  public static double toMove(double slope) {
    return Math.sqrt(Math.max(0, FRICTION * StrictMath.cos(slope) + StrictMath.sin(slope)));
  }

  /**
   * How fast a stream must go for a grain not to slide down a slope of itself, as a share of its
   * settling speed; 0 where friction holds it.
   *
   * @param slope in radians, from 0 up
   */
  public static double toStay(double slope) {
    return Math.sqrt(Math.max(0, StrictMath.sin(slope) - FRICTION * StrictMath.cos(slope)));
  }

  /**
   * How fast a grain goes along a stream.
   *
   * @param streamMps the speed of the stream at its centre, in m/s
   * @param settlingMps its settling speed, in m/s
   * @param slope against the motion, in radians; negative downhill
   * @return in m/s, from 0
   */
  public static double speedMps(double streamMps, double settlingMps, double slope) {
    return Math.max(0, streamMps - settlingMps * toMove(slope));
  }
}
