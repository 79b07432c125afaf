package jugulum.core.trip;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * How far to pan down outdoors: to rough concentrate that home finishes, or further. Outdoors
 * gravel counts: what is not dug that day is lost to it. Own minutes and losses, each from a timed
 * hour with the tailings panned.
 *
 * @param minutes a pan takes, in minutes, 0.1 to 600
 * @param keptKg what is left of it to carry, in kg, 0 to 20
 * @param lost of its gold, 0 to 1
 */
public record PanDown(double minutes, double keptKg, double lost) {
  /** Checks the values. */
  public PanDown {
    Check.inRange("panMinutes", minutes, 0.1, 600);
    Check.inRange("keptKg", keptKg, 0, 20);
    Check.inRange("lost", lost, 0, 1);
  }

  /**
   * A day and what follows at home.
   *
   * @param workMinutes at the pan, in minutes, 1 to 1440
   * @param travelMinutes there and back, in minutes, 0 to 1440
   * @param mgPerPan gold in a pan of gravel, in mg, above 0
   * @param homeMinutesPerKg to finish a kilogram at home, in minutes, 0 to 10,000
   * @param homeWins of the gold that comes home, 0 to 1
   * @param mostKg what can be carried, in kg; empty where that is no limit
   */
  public record Day(
      double workMinutes,
      double travelMinutes,
      double mgPerPan,
      double homeMinutesPerKg,
      double homeWins,
      OptionalDouble mostKg) {
    /** Checks the values. */
    public Day {
      Check.inRange("workMinutes", workMinutes, 1, Trip.MOST_MINUTES);
      Check.inRange("travelMinutes", travelMinutes, 0, Trip.MOST_MINUTES);
      Check.inRange("mgPerPan", mgPerPan, 1e-6, 1e6);
      Check.inRange("homeMinutesPerKg", homeMinutesPerKg, 0, 10_000);
      Check.inRange("homeWins", homeWins, 0, 1);
      mostKg.ifPresent(kg -> Check.inRange("mostKg", kg, 0.01, 1000));
    }
  }

  /**
   * What a day comes to.
   *
   * @param pans how many, 0 or more
   * @param milligrams gold in hand at last, in mg
   * @param carriedKg home, in kg
   * @param hours at the pan, on the way and at home, in hours
   * @param isFull whether what can be carried ends the day
   */
  public record Gives(
      double pans, double milligrams, double carriedKg, double hours, boolean isFull) {
    /** Gold of a whole hour, in mg. */
    public double mgPerHour() {
      return milligrams / hours;
    }
  }

  /** What it comes to on such a day. */
  public Gives on(Day day) {
    double could = day.workMinutes() / minutes;
    double pans =
        day.mostKg().isPresent() && keptKg > 0
            ? Math.min(could, day.mostKg().getAsDouble() / keptKg)
            : could;
    double carried = pans * keptKg;
    return new Gives(
        pans,
        pans * day.mgPerPan() * (1 - lost) * day.homeWins(),
        carried,
        (pans * minutes + day.travelMinutes() + carried * day.homeMinutesPerKg()) / 60,
        pans < could);
  }

  /**
   * The minutes a kilogram takes at home from which the finer of two gives more gold of a whole
   * hour; below it the rougher does.
   *
   * @param rough what leaves more to carry
   * @param fine what leaves less
   * @param day its home minutes do not matter
   * @return empty where one of both is better at any pace
   */
  public static Optional<Double> even(PanDown rough, PanDown fine, Day day) {
    Gives one = rough.on(day);
    Gives two = fine.on(day);
    double outOne = one.hours() * 60 - one.carriedKg() * day.homeMinutesPerKg();
    double outTwo = two.hours() * 60 - two.carriedKg() * day.homeMinutesPerKg();
    double slope = two.milligrams() * one.carriedKg() - one.milligrams() * two.carriedKg();
    double even = (one.milligrams() * outTwo - two.milligrams() * outOne) / slope;
    return Double.isFinite(even) && even > 0 ? Optional.of(even) : Optional.empty();
  }
}
