package jugulum.practice.bowl;

import jugulum.core.check.Check;

/**
 * What a person does at a bowl.
 *
 * @param valveLMin how far the valve is open, as the flow into an empty bowl, in L/min, 0 to {@link
 *     #MOST_L_MIN}
 * @param tiltDegrees how far it is out of level, low at the right where positive, ±{@link
 *     #MOST_TILT}
 * @param hasAgent whether there is wetting agent in the water
 */
public record BowlControls(double valveLMin, double tiltDegrees, boolean hasAgent) {
  /** The most a valve gives. */
  public static final double MOST_L_MIN = 60;

  /** The farthest a bowl stands out of level before anyone sees it. */
  public static final double MOST_TILT = 5;

  /** Valve shut, level, agent in the water. */
  public static final BowlControls SHUT = new BowlControls(0, 0, true);

  /** Checks every value. */
  public BowlControls {
    Check.inRange("valveLMin", valveLMin, 0, MOST_L_MIN);
    Check.inRange("tiltDegrees", tiltDegrees, -MOST_TILT, MOST_TILT);
  }

  /** The same with another flow. */
  public BowlControls valve(double lMin) {
    return new BowlControls(lMin, tiltDegrees, hasAgent);
  }

  /** The same with the bowl standing otherwise. */
  public BowlControls tilt(double degrees) {
    return new BowlControls(valveLMin, degrees, hasAgent);
  }

  /** The same with agent or without. */
  public BowlControls agent(boolean other) {
    return new BowlControls(valveLMin, tiltDegrees, other);
  }
}
