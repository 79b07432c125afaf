package jugulum.core.marks;

import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * One opening of a bowl's valve, left for two minutes, and what was seen then.
 *
 * @param isUp whether the valve was being opened; closed again, sand stops later than it began
 * @param turns how far the valve is open, in turns, 0 to 50
 * @param rimMm the water under the rim, in mm, 0 to 200, where it was measured
 * @param litresPerMinute what a bucket took of it, 0.05 to 1,000
 * @param saw the most that was seen
 */
public record MarkLook(
    boolean isUp, double turns, OptionalDouble rimMm, double litresPerMinute, Saw saw) {
  /** What leaves, from nothing to gold. */
  public enum Saw {
    NOTHING,
    /** First grains climb. */
    GRAINS,
    /** A steady thread of sand leaves. */
    THREAD,
    /** A speck lies in the catch. */
    SPECK
  }

  /** Checks every value against its range. */
  public MarkLook {
    Check.inRange("turns", turns, 0, 50);
    rimMm.ifPresent(mm -> Check.inRange("rimMm", mm, 0, 200));
    Check.inRange("litresPerMinute", litresPerMinute, 0.05, 1000);
  }
}
