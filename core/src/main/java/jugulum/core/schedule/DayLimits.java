package jugulum.core.schedule;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * What a day has to work with.
 *
 * @param pairs pairs of hands, 1 to 20
 * @param trayM2 room to dry on, in m², 0 to 1,000
 * @param batteryWh what can be taken out of the battery, in Wh, 0 to 1,000,000; empty for mains
 * @param tankL water in the tank, in litres, 0 to 1,000,000; empty for as much as one likes
 * @param settleMinutes how long muddy water stands until it is clear, in minutes, 0 to 1,440
 * @param out machines that cannot be used for a while
 */
public record DayLimits(
    int pairs,
    double trayM2,
    OptionalDouble batteryWh,
    OptionalDouble tankL,
    int settleMinutes,
    List<Out> out) {
  /**
   * One pair of hands, a square metre of trays, mains, water, and half an hour to settle: ours.
   *
   * <p>Off by a half: what fits into a day nobody set up.
   */
  public static final DayLimits USUAL =
      new DayLimits(1, 1, OptionalDouble.empty(), OptionalDouble.empty(), 30, List.of());

  /** Checks every value against its range and keeps its own copy. */
  public DayLimits {
    Check.inRange("pairs", pairs, 1, 20);
    Check.inRange("trayM2", trayM2, 0, 1000);
    batteryWh.ifPresent(wh -> Check.inRange("batteryWh", wh, 0, 1e6));
    tankL.ifPresent(litres -> Check.inRange("tankL", litres, 0, 1e6));
    Check.inRange("settleMinutes", settleMinutes, 0, DayProblem.DAY);
    out = List.copyOf(out);
  }

  /**
   * A machine that cannot be used for a while.
   *
   * @param machine which, by name
   * @param from from that minute of the day on
   * @param to until then
   */
  public record Out(String machine, int from, int to) {
    /** Checks both. */
    public Out {
      Check.inRange("from", from, 0, DayTask.LONGEST);
      Check.inRange("to", to, from, DayTask.LONGEST);
    }
  }

  /** The same with other machines out. */
  public DayLimits without(List<Out> other) {
    return new DayLimits(pairs, trayM2, batteryWh, tankL, settleMinutes, other);
  }
}
