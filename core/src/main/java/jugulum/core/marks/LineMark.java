package jugulum.core.marks;

import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.screens.Cut;

/**
 * Where the line of the heavies stood on a table at one setting, once it stood.
 *
 * @param cut the sand
 * @param tilt front to back, in degrees, 0 to 30
 * @param water wash water, in L/min, 0.1 to 1,000, where it was measured
 * @param lineMm the line from the top at the port edge, in mm, 0 to 10,000
 * @param minutes until it stood after the last turn, 0 to 600, where somebody looked
 */
public record LineMark(
    Cut cut, double tilt, OptionalDouble water, double lineMm, OptionalDouble minutes) {
  /** Checks every value against its range. */
  public LineMark {
    Check.inRange("tilt", tilt, 0, 30);
    water.ifPresent(told -> Check.inRange("water", told, 0.1, 1000));
    Check.inRange("lineMm", lineMm, 0, 10_000);
    minutes.ifPresent(told -> Check.inRange("minutes", told, 0, 600));
  }
}
