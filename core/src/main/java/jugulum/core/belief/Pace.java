package jugulum.core.belief;

import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;

/**
 * How fast sand of one cut goes over a machine: the one place for plan, advice, day and whatever
 * else asks for time at a machine.
 *
 * @param setUpMinutes to set it up for a cut and clean it out, in minutes, 0 to 1,000
 * @param kgPerHour sand it takes, in kg/h, from 0.01 to 10,000
 * @param logSd what is open of that for one more run, as a standard deviation of its logarithm, 0
 *     to 10
 * @param runs on how many of the machine's own timed runs it rests; 0 where it is that of its sheet
 * @param handsShare how much of the time it runs somebody has to be at it, 0 to 1
 */
public record Pace(
    double setUpMinutes, double kgPerHour, double logSd, int runs, double handsShare) {
  private static final double SLOWEST = 0.01;
  private static final double FASTEST = 10_000;

  /** Checks every value against its range. */
  public Pace {
    Check.inRange("setUpMinutes", setUpMinutes, 0, 1000);
    Check.inRange("kgPerHour", kgPerHour, SLOWEST, FASTEST);
    Check.inRange("logSd", logSd, 0, 10);
    Check.inRange("runs", runs, 0, Integer.MAX_VALUE);
    Check.share("handsShare", handsShare);
  }

  /** A rate that was measured, as near to it as a pace is told. */
  public static double clamped(double kgPerHour) {
    return Math.clamp(kgPerHour, SLOWEST, FASTEST);
  }

  /** By the machine's sheet, with the dials where it usually stands. */
  public static Pace usual(Gear gear, Cut cut) {
    return OwnPace.of(gear, List.of()).of(cut);
  }

  /** Whether it rests on the machine's own runs. */
  public boolean byRecord() {
    return runs > 0;
  }

  /** The same machine fed so fast: who says so knows it. */
  public Pace at(double otherKgPerHour) {
    return new Pace(setUpMinutes, otherKgPerHour, logSd, runs, handsShare);
  }

  /**
   * The time of so much sand, in minutes.
   *
   * @param grams 0 or more
   */
  public double minutes(double grams) {
    return setUpMinutes + running(grams);
  }

  /** Of that the time somebody has to be at it, in minutes. */
  public double handsMinutes(double grams) {
    return setUpMinutes + handsShare * running(grams);
  }

  /** The time, and between which two of three runs end: one standard deviation either way. */
  public Band likely(double grams) {
    double running = running(grams);
    double factor = Math.exp(logSd);
    return new Band(
        setUpMinutes + running / factor, setUpMinutes + running, setUpMinutes + running * factor);
  }

  private double running(double grams) {
    return Check.grams("grams", grams) / 1000 / kgPerHour * 60;
  }
}
