package jugulum.core.machine;

import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.check.Check;

/**
 * Something on a machine that is set and can be read off. What it does and how it is measured is told in the window's texts under its name.
 *
 * @param id its name in texts and files, lower case with hyphens
 * @param unit what it is read in
 * @param low the least the machine takes
 * @param high the most it takes
 * @param usual from and to where one starts, with the middle; empty where there is no usual
 */
public record Dial(String id, Unit unit, double low, double high, Optional<Band> usual) {
  /** The units of dials. */
  public enum Unit {
    DEGREES,
    MILLIMETRES,
    LITRES_PER_MINUTE,
    GRAMS,
    PER_MINUTE,
    KG_PER_HOUR,
    MINUTES,
    /** Drops of wetting agent for ten litres. */
    DROPS
  }

  /** Checks that the usual lies within what the machine takes. */
  public Dial {
    Check.inRange("low", low, 0, high);
    usual.ifPresent(band -> Check.inRange("usual", band.low(), low, high));
    usual.ifPresent(band -> Check.inRange("usual", band.high(), low, high));
  }

  /** A dial that usually stands between two values. */
  static Dial of(String id, Unit unit, double low, double high, double from, double to) {
    return new Dial(id, unit, low, high, Optional.of(new Band(from, (from + to) / 2, to)));
  }

  /** Whether the machine takes a value; others can be recorded all the same, with a mark. */
  public boolean takes(double value) {
    return value >= low && value <= high;
  }

  /** Whether a value is where one starts; true where there is no usual. */
  public boolean isUsual(double value) {
    return usual.isEmpty() || value >= usual.get().low() && value <= usual.get().high();
  }
}
