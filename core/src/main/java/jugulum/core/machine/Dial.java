package jugulum.core.machine;

import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.check.Check;

/**
 * Something on a machine that is set and can be read off. What it does and how it is measured is
 * told in the window's texts under its name.
 *
 * @param id its name in texts and files, lower case with hyphens
 * @param unit what it is read in
 * @param low the least the machine takes
 * @param high the most it takes
 * @param usual from and to where one starts, with the middle; empty where there is no usual
 * @param lean where within the usual a coarser cut wants it
 */
public record Dial(String id, Unit unit, double low, double high, Optional<Band> usual, Lean lean) {
  /** Where within the usual a coarser cut wants it: common practice. */
  public enum Lean {
    NONE,
    MORE_WHEN_COARSER,
    LESS_WHEN_COARSER
  }

  /**
   * How far a target reaches to either side of its middle, as a share of the usual: an assumption
   * of ours.
   *
   * <p>Off by a half: how narrow the start on a sheet is told.
   */
  private static final double TARGET_REACH = 0.25;

  /** The units of dials. */
  public enum Unit {
    DEGREES,
    MILLIMETRES,
    LITRES_PER_MINUTE,
    GRAMS,
    PER_MINUTE,
    KG_PER_HOUR,
    MINUTES,
    /** Litres a minute for ten centimetres of width. */
    LITRES_PER_MINUTE_WIDE,
    /** Drops of wetting agent for ten litres. */
    DROPS,
    /** Measured under load. */
    VOLTS,
    WATTS,
    /** How many grains lie on each other. */
    GRAINS
  }

  /** Checks that the usual lies within what the machine takes. */
  public Dial {
    Check.inRange("low", low, 0, high);
    usual.ifPresent(band -> Check.inRange("usual", band.low(), low, high));
    usual.ifPresent(band -> Check.inRange("usual", band.high(), low, high));
  }

  /** A dial that usually stands between two values. */
  static Dial of(String id, Unit unit, double low, double high, double from, double to) {
    return new Dial(
        id, unit, low, high, Optional.of(new Band(from, (from + to) / 2, to)), Lean.NONE);
  }

  /** A dial of which nobody can say where it usually stands. */
  static Dial free(String id, Unit unit, double low, double high) {
    return new Dial(id, unit, low, high, Optional.empty(), Lean.NONE);
  }

  Dial leaning(Lean other) {
    return new Dial(id, unit, low, high, usual, other);
  }

  /** The same dial at a mark of one's own: of one cut, so that no other coarseness moves it. */
  Dial marked(Band own) {
    Dial moved = usually(own);
    return new Dial(id, unit, moved.low, moved.high, moved.usual, Lean.NONE);
  }

  /** The same dial on a machine that usually stands elsewhere. */
  Dial usually(Band own) {
    return new Dial(
        id, unit, Math.min(low, own.low()), Math.max(high, own.high()), Optional.of(own), lean);
  }

  /**
   * Where one starts with a cut: the usual, or the part of it that suits sizes so coarse. Even
   * steps of size, on a logarithmic scale, are even steps of the dial: ours.
   *
   * @param coarseness of the cut among the sizes the machine is good for, 0 for the finest to 1 for
   *     the coarsest
   */
  public Optional<Band> target(double coarseness) {
    Check.share("coarseness", coarseness);
    if (lean == Lean.NONE || usual.isEmpty()) {
      return usual;
    }
    Band band = usual.get();
    double width = band.high() - band.low();
    double middle =
        band.low() + width * (lean == Lean.MORE_WHEN_COARSER ? coarseness : 1 - coarseness);
    return Optional.of(
        new Band(
            Math.max(band.low(), middle - TARGET_REACH * width),
            middle,
            Math.min(band.high(), middle + TARGET_REACH * width)));
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
