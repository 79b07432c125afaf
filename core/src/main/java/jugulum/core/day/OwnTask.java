package jugulum.core.day;

import java.util.OptionalInt;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.schedule.DayProblem;
import jugulum.core.schedule.DayTask.Hands;

/**
 * A task no batch asks for: noon, a customer, a pump to mend.
 *
 * @param id names it
 * @param what what is to be done
 * @param minutes how long it takes, in minutes, from 0.1 to 1,440
 * @param hands what hands it takes
 * @param at when it is to begin, in minutes from midnight; empty for whenever it fits
 */
public record OwnTask(String id, String what, Band minutes, Hands hands, OptionalInt at) {
  /** Checks the minutes. */
  public OwnTask {
    what = what.strip();
    Check.inRange("minutes", minutes.low(), 0.1, DayProblem.DAY);
    Check.inRange("minutes", minutes.high(), 0.1, DayProblem.DAY);
    at.ifPresent(minute -> Check.inRange("at", minute, 0, DayProblem.DAY));
  }
}
