package jugulum.core.runs;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * How fast sand goes over a machine: the one place for plan, advice and whatever else asks for time
 * at a machine.
 *
 * @param setUpMinutes to set it up for a cut and clean it out, in minutes, 0 to 1,000
 * @param kgPerHour sand it takes, in kg/h, from 0.01 to 10,000
 * @param byRecord whether that is the median of the machine's own runs, not what its sheet lets
 *     expect
 */
public record Pace(double setUpMinutes, double kgPerHour, boolean byRecord) {
  /**
   * A spoon a minute: ours.
   *
   * <p>Off by a half: the pace of what is fed by the spoon and has no record, in proportion.
   */
  private static final double SPOON_MINUTES = 1;

  /**
   * Sand over a machine whose sheet tells nothing: ours.
   *
   * <p>Off by a half: the hours planned for such a machine, in proportion.
   */
  private static final double UNTOLD_KG_PER_HOUR = 10;

  private static final double SLOWEST = 0.01;
  private static final double FASTEST = 10_000;

  /** Checks both values against their ranges. */
  public Pace {
    Check.inRange("setUpMinutes", setUpMinutes, 0, 1000);
    Check.inRange("kgPerHour", kgPerHour, SLOWEST, FASTEST);
  }

  /**
   * The pace of a machine: the median of its own runs that were timed, else by its sheet.
   *
   * @param runs of any machine; only its own count
   */
  public static Pace of(Gear gear, List<PastRun> runs) {
    double[] own = ownKgPerHour(gear, runs);
    return own.length > 0
        ? new Pace(gear.sheet().working().setUpMinutes(), new Median().evaluate(own), true)
        : usual(gear);
  }

  /** How fast sand went over it in each of its own runs that were timed, in kg/h. */
  public static double[] ownKgPerHour(Gear gear, List<PastRun> runs) {
    return runs.stream()
        .filter(
            run ->
                run.machine().equals(gear.machine())
                    && run.fedG().orElse(0) > 0
                    && run.minutes().orElse(0) > 0)
        .mapToDouble(run -> run.fedG().getAsDouble() / 1000 / run.minutes().getAsDouble() * 60)
        .map(pace -> Math.clamp(pace, SLOWEST, FASTEST))
        .toArray();
  }

  /** By its sheet, with the dials where it usually stands. */
  public static Pace usual(Gear gear) {
    return new Pace(
        gear.sheet().working().setUpMinutes(), Math.clamp(bySheet(gear), SLOWEST, FASTEST), false);
  }

  /** The same machine fed so fast. */
  public Pace at(double otherKgPerHour) {
    return new Pace(setUpMinutes, otherKgPerHour, byRecord && otherKgPerHour == kgPerHour);
  }

  /**
   * The bench time of so much sand, in minutes.
   *
   * @param grams 0 or more
   */
  public double minutes(double grams) {
    return setUpMinutes + Check.grams("grams", grams) / 1000 / kgPerHour * 60;
  }

  private static double bySheet(Gear gear) {
    OptionalDouble feed = usual(gear, "feed");
    OptionalDouble charge = usual(gear, "charge");
    OptionalDouble spoon = usual(gear, "spoon");
    if (feed.isPresent()) {
      return feed.getAsDouble();
    }
    if (charge.isPresent()) {
      return charge.getAsDouble()
          / 1000
          / usual(gear, "charge-time").orElse(gear.sheet().working().chargeMinutes())
          * 60;
    }
    return spoon.isPresent() ? spoon.getAsDouble() / 1000 / SPOON_MINUTES * 60 : UNTOLD_KG_PER_HOUR;
  }

  private static OptionalDouble usual(Gear gear, String dial) {
    return gear.sheet()
        .dial(dial)
        .flatMap(Dial::usual)
        .map(Band::usual)
        .map(OptionalDouble::of)
        .orElse(OptionalDouble.empty());
  }
}
