package jugulum.core.day;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.check.Check;
import jugulum.core.handling.Evaporation;
import jugulum.core.schedule.DayProblem;

/**
 * What a day is worked with. Minutes count from midnight.
 *
 * @param from when work begins, 0 to 1,440
 * @param until when it ends at the latest, whatever the light, 0 to 1,440; empty for by the light
 * @param pairs pairs of hands, 1 to 20
 * @param trayM2 room to dry on, in m², 0 to 1,000
 * @param batteryWh what can be taken out of the battery, in Wh, 0 to 1,000,000; empty for mains
 * @param tankL water in the tank, in litres, 0 to 1,000,000; empty for as much as one likes
 * @param settleMinutes how long water that machines share stands until it is clear, 0 to 1,440; 0
 *     where each has its own
 * @param place where the shop is, for its light; empty where nobody said
 * @param air what sand dries in
 */
public record DaySetup(
    int from,
    OptionalInt until,
    int pairs,
    double trayM2,
    OptionalDouble batteryWh,
    OptionalDouble tankL,
    int settleMinutes,
    Optional<Place> place,
    Evaporation air) {
  private static final int DAY = DayProblem.DAY;

  /**
   * From eight to six, one pair of hands, mains and water: ours.
   *
   * <p>Off by a half: every hour of a day nobody set up.
   */
  public static final DaySetup USUAL =
      new DaySetup(
          480,
          OptionalInt.of(1080),
          1,
          1,
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          30,
          Optional.empty(),
          Evaporation.USUAL);

  /** Checks every value against its range. */
  public DaySetup {
    Check.inRange("from", from, 0, DAY);
    until.ifPresent(minute -> Check.inRange("until", minute, 0, DAY));
    Check.inRange("pairs", pairs, 1, 20);
    Check.inRange("trayM2", trayM2, 0, 1000);
    batteryWh.ifPresent(wh -> Check.inRange("batteryWh", wh, 0, 1e6));
    tankL.ifPresent(litres -> Check.inRange("tankL", litres, 0, 1e6));
    Check.inRange("settleMinutes", settleMinutes, 0, DAY);
  }

  /**
   * A place.
   *
   * @param name what it is called
   * @param at where it is
   */
  public record Place(String name, Daylight at) {}
}
